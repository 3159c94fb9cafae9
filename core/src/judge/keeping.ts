import { aimOf, endOf, type Life, livesOf, printedEnd, storageOf } from '../clocks';
import { monthsLater } from '../time';
import { inTheCold, rulesOfFood, type FoodState } from '../trail';
import { zonesOf, type JudgeContext } from './finding';

/** How far a food that lies in the cold is through the time it keeps. */
export interface Keeping {
  /** Days in the refrigerator are a deadline; months in the freezer are for taste. */
  readonly for: 'safety' | 'taste';
  readonly from: number;
  /** When it is best used by, where that is earlier than its end. */
  readonly aimAt: number | null;
  readonly to: number;
}

/**
 * The count that ends first, by which a food in the refrigerator is used; for one in the freezer the months of its chart.
 *
 * @returns null where nothing is counted, or nobody knows since when
 */
export function keepingOf(state: FoodState, context: JudgeContext): Keeping | null {
  if (!inTheCold(state.place) || state.sealed) return null;
  const rules = rulesOfFood(state, context.guidance);
  if (state.place === 'freezer') {
    const range = storageOf(state, rules)?.freezer.value.range;
    const from = state.frozenSince;
    if (!range || from === null) return null;
    const [aimAt, to] = [range.low, range.high].map((months) => monthsLater(from, months, context.zone));
    return { for: 'taste', from, aimAt: aimAt! < to! ? aimAt! : null, to: to! };
  }
  const zones = zonesOf(context);
  const counts = livesOf(state, rules).flatMap((life) => counted(life, zones));
  const printed = printedEnd(state);
  const [first] = counts.sort((one, other) => one.to - other.to);
  if (!first) return null;
  return printed !== null && printed < first.to ? { ...first, aimAt: null, to: printed } : first;
}

function counted(life: Life, zones: readonly string[]): Keeping[] {
  const to = endOf(life, zones);
  if (life.startedAt === null || to === null) return [];
  const aimAt = aimOf(life, to)!;
  return [{ for: 'safety', from: life.startedAt, aimAt: aimAt < to ? aimAt : null, to }];
}
