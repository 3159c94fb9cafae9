import { stretchesOf } from './air';
import type { Read } from './thin';

/** An even part of a time, with how low, how high and how warm in the mean it was. */
export interface Part {
  /** Its middle. */
  readonly at: number;
  readonly lowC: number;
  readonly highC: number;
  readonly meanC: number;
}

/**
 * A time in even parts, for drawing: what lies between readings is on the straight line between them; where nobody looked there is no
 * part.
 *
 * @param readings in the order of time
 */
export function partsOf(
  readings: readonly Read[],
  { from, to }: { readonly from: number; readonly to: number },
  parts: number,
): Part[] {
  const width = (to - from) / parts;
  return stretchesOf(readings).flatMap((stretch) => {
    const first = Math.max(0, Math.floor((stretch[0]!.at - from) / width));
    const last = Math.min(parts - 1, Math.floor((stretch.at(-1)!.at - from) / width));
    let next = 0;
    return Array.from({ length: Math.max(0, last - first + 1) }, (_, i): Part => {
      const begins = from + (first + i) * width;
      while (next < stretch.length && stretch[next]!.at < begins) next += 1;
      const inside: Read[] = [];
      for (let k = next; k < stretch.length && stretch[k]!.at < begins + width; k++) inside.push(stretch[k]!);
      const after = stretch[next + inside.length];
      const values = [
        ...(next > 0 && stretch[next] ? [between(stretch[next - 1]!, stretch[next]!, begins)] : []),
        ...inside.map(({ celsius }) => celsius),
        ...(after && next + inside.length > 0
          ? [between(stretch[next + inside.length - 1]!, after, begins + width)]
          : []),
      ];
      return {
        at: begins + width / 2,
        lowC: Math.min(...values),
        highC: Math.max(...values),
        meanC: values.reduce((sum, value) => sum + value, 0) / values.length,
      };
    });
  });
}

const between = (a: Read, b: Read, at: number): number =>
  a.celsius + ((at - a.at) / (b.at - a.at)) * (b.celsius - a.celsius);
