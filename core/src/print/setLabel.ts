import type { Label } from '../label';
import type { Mark, Measure } from './mark';
import type { LabelSheet } from './papers';
import { heightOf, setLines, wrapped, type Type } from './wrap';

const PAD_MM = 2;
const GAP_MM = 1.5;
/** As large as a name is set on the largest label, and as small as a freezer pen's reader still reads (6 points), mm. */
const LARGEST_MM = 5;
const SMALLEST_MM = 2.1;
const STEP = 0.93;
/** Sides of a code, rim included, mm: at the smallest a phone still reads the address of a food. */
const CODES_MM = [22, 19, 16] as const;

/**
 * A label in its rectangle, from its top left corner: what counts is largest. Where all does not fit, what may be looked up by the code
 * goes first, then the code; contents, date and what some cannot eat are always there.
 *
 * @param code what the label's code says; null for a label without one
 */
export function setLabel(
  label: Label,
  { labelWidthMm: width, labelHeightMm: height }: Pick<LabelSheet, 'labelWidthMm' | 'labelHeightMm'>,
  code: string | null,
  measure: Measure,
): readonly Mark[] {
  const whole = { width: width - 2 * PAD_MM, height: height - 2 * PAD_MM };
  const lines = linesOf(label);
  for (let kept = lines.length; code !== null && kept >= BESIDE_CODE; kept--)
    for (const side of CODES_MM) {
      const beside = { ...whole, width: whole.width - side - GAP_MM };
      const set = side <= whole.height ? setIn(lines.slice(0, kept), beside, measure) : null;
      const at = { x: width - PAD_MM - side, y: (height - side) / 2 };
      if (set) return [...set, { kind: 'code', ...at, side, text: code }];
    }
  for (let kept = lines.length; kept >= NEEDED; kept--) {
    const set = setIn(lines.slice(0, kept), whole, measure);
    if (set) return set;
  }
  return setIn(lines.slice(0, NEEDED), whole, measure, 0)!;
}

interface Line {
  readonly text: string;
  readonly strong: boolean;
}

/** What may never be left out; and what no code makes up for: since when, and whether it was heated again. */
const NEEDED = 3;
const BESIDE_CODE = NEEDED + 2;

/** What stands on it, what counts most first. */
function linesOf({ contents, date, contains, since, heated, aim, by, replaces }: Label): readonly Line[] {
  const needed = [
    { text: contents, strong: true },
    { text: date, strong: true },
    { text: contains ?? '', strong: true },
  ];
  const others = [since, heated, replaces, aim, by].filter((text) => text !== null);
  return [...needed, ...others.map((text) => ({ text, strong: false }))];
}

/** Lines as large as they fit; null where the smallest do not. */
function setIn(
  lines: readonly Line[],
  { width, height }: { readonly width: number; readonly height: number },
  measure: Measure,
  smallest = SMALLEST_MM,
): readonly Mark[] | null {
  for (let size = LARGEST_MM; size >= smallest; size *= STEP) {
    const marks: Mark[] = [];
    let y = 0;
    for (const { text, strong } of lines) {
      const type: Type = {
        size: strong ? size : Math.max(smallest, size * 0.82),
        face: strong ? 'strong' : 'text',
      };
      const set = wrapped(text, width, type, measure);
      marks.push(...setLines(set, PAD_MM, PAD_MM + y, type));
      y += heightOf(set.length, type);
    }
    if (y <= height) return marks;
  }
  return null;
}
