import { visit } from 'jsonc-parser';
import type { z } from 'zod';
import {
  portableHeadSchema,
  portableSections,
  SECTIONS,
  type Portable,
  type PortableHead,
  type Section,
} from './schema';

/** What is wrong with a file, and in which of its lines. */
export class PortableProblem extends Error {
  constructor(
    readonly line: number,
    readonly why: string,
  ) {
    super(`Line ${line}: ${why}`);
  }
}

/** A file whose head is understood; the members of its lists are looked at one by one. */
export interface PortableFile {
  readonly text: string;
  readonly head: PortableHead;
  readonly lists: Readonly<Record<Section, readonly unknown[]>>;
}

/**
 * Opens a file.
 *
 * @throws PortableProblem where it is no such file
 */
export function openPortable(text: string): PortableFile {
  let all: unknown;
  try {
    all = JSON.parse(text);
  } catch {
    throw new PortableProblem(lineOfError(text), 'The file is cut off or damaged there: it is no JSON.');
  }
  if (typeof all !== 'object' || all === null)
    throw new PortableProblem(1, 'This is no file of a household from Omtel.');
  const head = portableHeadSchema.safeParse(all);
  if (!head.success) throw problemAt(text, [], head.error);
  const lists = Object.fromEntries(
    SECTIONS.map((section) => {
      const list: unknown = (all as Record<string, unknown>)[section] ?? [];
      if (!Array.isArray(list)) throw new PortableProblem(lineOf(text, [section]), `${section} is no list.`);
      return [section, list];
    }),
  ) as Record<Section, unknown[]>;
  return { text, head: head.data, lists };
}

/**
 * One member of a list.
 *
 * @throws PortableProblem where it is none, with its line
 */
export function memberIn<Name extends Section>(
  { text, lists }: PortableFile,
  section: Name,
  index: number,
): Portable<Name> {
  const member = portableSections[section].safeParse(lists[section][index]);
  if (!member.success) throw problemAt(text, [section, index], member.error);
  return member.data as Portable<Name>;
}

/** Where a member of a list stands in its file, first line 1. */
export const lineOfMember = ({ text }: PortableFile, section: Section, index: number): number =>
  lineOf(text, [section, index]);

type Path = readonly (string | number)[];

function problemAt(text: string, path: Path, { issues }: z.ZodError): PortableProblem {
  const [{ path: within, message }] = issues as [z.core.$ZodIssue];
  const where = within.map(String).join('.');
  const line = lineOf(text, path.length ? path : (within as Path));
  return new PortableProblem(line, where && path.length ? `${where}: ${message}` : message);
}

/** The line in which what is named begins; the last above it that can be found. */
function lineOf(text: string, path: Path): number {
  let line = 1;
  let deepest = -1;
  const look = (at: Path, startLine: number) => {
    if (at.length <= deepest || at.some((part, depth) => part !== path[depth])) return;
    deepest = at.length;
    line = startLine + 1;
  };
  visit(text, {
    onObjectBegin: (_offset, _length, startLine, _character, at) => look(at(), startLine),
    onArrayBegin: (_offset, _length, startLine, _character, at) => look(at(), startLine),
    onLiteralValue: (_value, _offset, _length, startLine, _character, at) => look(at(), startLine),
  });
  return line;
}

function lineOfError(text: string): number {
  let line: number | null = null;
  visit(
    text,
    { onError: (_error, _offset, _length, startLine) => void (line ??= startLine + 1) },
    { disallowComments: true },
  );
  return line ?? text.split('\n').length;
}
