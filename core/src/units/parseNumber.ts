import { TypedProblem } from './typed';

/**
 * Reads a number as cooks type it: a decimal comma or point, spaces around, a minus sign of any kind.
 *
 * @param text what was typed
 * @throws TypedProblem when nothing was typed or the text is not one plain number
 * @example parseNumber(' 2,4 ') // 2.4
 */
export function parseNumber(text: string): number {
  const cleaned = text
    .trim()
    .replace(/^[-−–—‐‑]\s*/, '-')
    .replace(',', '.');
  if (cleaned === '') throw new TypedProblem('Type a number.', text);
  if (!/^-?\d{1,9}(\.\d{1,6})?$/.test(cleaned)) {
    throw new TypedProblem('Digits only, such as 2.4.', text);
  }
  return Number(cleaned);
}
