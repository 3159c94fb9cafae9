import type { Series } from '@omtel/core/thermal';
import type { ForecastCurve } from './ForecastDrawing';

/** The middle of a food as a forecast has it: a line in the field between the slow and the fast end. */
export function coreBand(
  label: string,
  line: Series,
  { slow, fast }: { slow: Series; fast: Series },
): ForecastCurve {
  const edge = ({ timeS, coreC }: Series) => ({ timeS, temperatureC: coreC });
  return { label, ...edge(line), field: [edge(slow), edge(fast)] };
}
