import type { Food } from '../foods';
import type { RoastTable, RuleSet, Span } from '../guidance';
import { fromKilograms, MINUTE_MS } from '../units';

export interface RoastingTime extends Span {
  readonly ruleId: string;
  /** The chart does not reach this weight; the time is carried on from its nearest row. */
  readonly outsideChart: boolean;
}

/**
 * The roasting chart's time for a food of a weight, or null when no chart has it.
 *
 * On a boundary between rows the slower row counts. Lighter than the chart: the first row's whole time, which is too
 * long rather than too short. Heavier, or between rows: the nearest lighter row carried on by weight.
 *
 * @param massKg weight in kg
 * @returns span in ms with the rule it comes from
 */
export function roastingTime(food: Food, massKg: number, rules: RuleSet): RoastingTime | null {
  if (!food.roast) return null;
  const rule = rules.roasting[food.roast];
  const lb = fromKilograms(massKg, 'lb');
  const fitting = rule.value.rows
    .filter(({ fromLb, toLb }) => fromLb <= lb && lb <= toLb)
    .map((row) => minutesFor(row, lb));
  const [low, high] = fitting.length ? slowest(fitting) : carriedOn(rule.value, lb);
  return {
    fastMs: low * MINUTE_MS,
    slowMs: high * MINUTE_MS,
    ruleId: rule.id,
    outsideChart: fitting.length === 0,
  };
}

type Row = RoastTable['rows'][number];
type Minutes = [low: number, high: number];

const minutesFor = ({ per, lowMin, highMin }: Row, lb: number): Minutes =>
  per === 'lb' ? [Math.round(lowMin * lb), Math.round(highMin * lb)] : [lowMin, highMin];

const slowest = (found: Minutes[]): Minutes => found.reduce((a, b) => (b[1] > a[1] ? b : a));

function carriedOn({ rows }: RoastTable, lb: number): Minutes {
  const lighter = rows.filter(({ toLb }) => toLb < lb).at(-1);
  if (!lighter) return minutesFor(rows[0]!, rows[0]!.fromLb);
  const [low, high] = minutesFor(lighter, lighter.toLb);
  const scale = lb / lighter.toLb;
  return [Math.round(low * scale), Math.round(high * scale)];
}
