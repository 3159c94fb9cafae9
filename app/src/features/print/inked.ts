import type { Mark, Page } from '@omtel/core/print';
import { useEffect, useState } from 'react';
import type { Code } from '../../ui/code/code';

/** What painters draw: as the core sets it, with codes worked out into their dark runs. */
export type InkedMark =
  | Exclude<Mark, { readonly kind: 'code' }>
  | (Code & { readonly kind: 'runs'; readonly x: number; readonly y: number; readonly module: number });

export interface InkedPage extends Omit<Page, 'marks'> {
  readonly marks: readonly InkedMark[];
}

const NONE: readonly InkedPage[] = [];
const hasCode = ({ marks }: Page): boolean => marks.some(({ kind }) => kind === 'code');

/** Pages as painters draw them; what works codes out is fetched for the first page that has one, none until then. */
export function useInked(pages: readonly Page[]): readonly InkedPage[] {
  const coded = pages.some(hasCode);
  const [ink, setInk] = useState<{ readonly of: readonly Page[]; readonly pages: readonly InkedPage[] }>();
  useEffect(() => {
    if (!coded) return;
    let wanted = true;
    void import('../../ui/code/code').then(
      ({ codeOf }) => wanted && setInk({ of: pages, pages: pages.map((page) => inked(page, codeOf)) }),
    );
    return () => {
      wanted = false;
    };
  }, [coded, pages]);
  if (!coded) return pages as readonly InkedPage[];
  return ink?.of === pages ? ink.pages : NONE;
}

const inked = (page: Page, codeOf: (text: string) => Code): InkedPage => ({
  ...page,
  marks: page.marks.map((mark) => {
    if (mark.kind !== 'code') return mark;
    const code = codeOf(mark.text);
    return { ...code, kind: 'runs', x: mark.x, y: mark.y, module: mark.side / code.size };
  }),
});
