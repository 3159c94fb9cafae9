import type { Face, Mark, Measure } from './mark';

/** A text as it is set: how large (mm), in which face. */
export interface Type {
  readonly size: number;
  readonly face: Face;
}

/** Letters stand so far below the top of their line, and lines so far apart, in units of their size. */
const ASCENT = 0.95;
const LINE = 1.28;

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
  for (const word of text
    .split(/\s+/)
    .filter(Boolean)
    .flatMap((each) => pieces(each, fits))) {
    const longer = line ? `${line} ${word}` : word;
    if (line && !fits(longer)) {
      lines.push(line);
      line = word;
    } else line = longer;
  }
  return line ? [...lines, line] : lines;
}

function pieces(word: string, fits: (text: string) => boolean): readonly string[] {
  if (fits(word)) return [word];
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
