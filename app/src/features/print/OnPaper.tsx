import { createPortal } from 'react-dom';
import { print } from '../../ui/tokens';
import type { InkedPage } from './inked';
import { Sheet } from './Sheet';

/** Only the sheets are printed, each on a page of its own size, whatever the screen shows. */
const css = ({ widthMm, heightMm }: InkedPage): string => `
@page { size: ${widthMm}mm ${heightMm}mm; margin: 0; }
@media screen { #on-paper { display: none; } }
@media print {
  html, body { height: auto !important; overflow: visible !important; background: ${print.paper}; }
  body > *:not(#on-paper) { display: none !important; }
  #on-paper > svg { display: block; }
  #on-paper > svg:not(:last-child) { break-after: page; }
}`;

/** What a browser prints of this page: its sheets, and nothing around them. */
export function OnPaper({ pages }: { readonly pages: readonly InkedPage[] }) {
  const [first] = pages;
  if (!first) return null;
  return createPortal(
    <div id="on-paper" aria-hidden>
      <style>{css(first)}</style>
      {pages.map((page, i) => (
        <Sheet key={i} page={page} width={`${page.widthMm}mm`} height={`${page.heightMm}mm`} />
      ))}
    </div>,
    document.body,
  );
}
