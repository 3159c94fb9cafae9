import type { Face, Mark, Measure } from './mark';

/** A text as it is set: how large (mm), in which face. */
export interface Type {
  readonly size: number;
  readonly face: Face;
}

/** Letters stand so far below the top of their line, and lines so far apart, in units of their size. */
const ASCENT = 0.95;
const LINE = 1.28;

/** A figure and its unit are one word: "3 min" is never "3" at the end of a line. */
const GLUE = '\u00a0';
const OF_FIGURE = /(\d) (?=°[CF]|(?:k?g|lb|oz|min|[hsdl]|cm|mm|in|days?|months?)(?![\p{L}\p{N}]))/gu;

/** The lines of a text in a column. A word wider than the column is broken where it must. */
export function wrapped(
  text: string,
  width: number,
  { size, face }: Type,
  measure: Measure,
): readonly string[] {
  const fits = (line: string) => measure(line, face) * size <= width;
  const lines: string[] = [];
  let line = '';
  const words = text.replace(OF_FIGURE, `$1${GLUE}`).split(/[^\S\u00a0]+/);
  for (const word of words.filter(Boolean).flatMap((each) => pieces(each, fits))) {
    const longer = line ? `${line} ${word}` : word;
    if (line && !fits(longer)) {
      lines.push(line);
      line = word;
    } else line = longer;
  }
  return (line ? [...lines, line] : lines).map((each) => each.replaceAll(GLUE, ' '));
}

function pieces(word: string, fits: (text: string) => boolean): readonly string[] {
  if (fits(word)) return [word];
  if (word.includes(GLUE)) return word.split(GLUE).flatMap((each) => pieces(each, fits));
  const letters = [...word];
  const parts: string[] = [];
  let part = '';
  for (const letter of letters) {
    if (part && !fits(part + letter)) {
      parts.push(part);
      part = letter;
    } else part += letter;
  }
  return [...parts, part];
}

/** How high so many lines are. */
export const heightOf = (lines: number, { size }: Type): number => lines * size * LINE;

/** Lines below one another, from the top left corner of their column; each as far right as `indent` says. */
export const setLines = (
  lines: readonly string[],
  x: number,
  y: number,
  { size, face }: Type,
  indent: (line: string) => number = () => 0,
): readonly Mark[] =>
  lines.map((text, i) => ({
    kind: 'text',
    x: x + indent(text),
    y: y + i * size * LINE + size * ASCENT,
    size,
    face,
    text,
  }));
