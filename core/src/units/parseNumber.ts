/** What a text field holds is not a number, or not one in the range asked for. The message is for the cook. */
export class NumberProblem extends Error {
  constructor(
    message: string,
    readonly text: string,
  ) {
    super(message);
    this.name = 'NumberProblem';
  }
}

/**
 * Reads a number as cooks type it: a decimal comma or point, spaces around, a minus sign of either kind.
 *
 * @param text what was typed
 * @throws NumberProblem when nothing was typed or the text is not one plain number
 * @example parseNumber(' 2,4 ') // 2.4
 */
export function parseNumber(text: string): number {
  const cleaned = text.trim().replace('−', '-').replace(',', '.');
  if (cleaned === '') throw new NumberProblem('Type a number.', text);
  if (!/^-?\d{1,9}(\.\d{1,6})?$/.test(cleaned)) {
    throw new NumberProblem('Digits only, such as 2.4.', text);
  }
  return Number(cleaned);
}
