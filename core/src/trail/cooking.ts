import type { CookTarget, RuleSet } from '../guidance';
import { isAtLeast } from '../units';
import type { FoodState, TrailReading } from './state';

/**
 * When a run of readings met a target: reached one of its temperatures and stayed at or above it for its full time. A
 * lower reading starts the time anew; options are not mixed (guidance §11.15).
 *
 * @param readings in order of time
 * @returns epoch ms, or null while no option is met
 */
export function metAt(readings: readonly TrailReading[], { options }: CookTarget): number | null {
  const moments = options.flatMap(({ at, heldMs }) => {
    let since: number | null = null;
    for (const reading of readings) {
      if (!isAtLeast(reading.temperature, at)) since = null;
      else {
        since ??= reading.at;
        if (reading.at - since >= heldMs) return [reading.at];
      }
    }
    return [];
  });
  return moments.length ? Math.min(...moments) : null;
}

/** Notes a fault when food goes into the cold with its cook not done, or not known to be: it is not kept to be finished. */
export function withPartCook(state: FoodState, at: number, rules: RuleSet): FoodState {
  const { cook, cooked, faults } = state;
  if (!cook || cooked || cook.metAt !== null) return state;
  const certain = cook.readings.length > 0;
  return {
    ...state,
    faults: [...faults, { kind: 'partCooked', at, certain, ruleId: rules.cooking.interrupting.id }],
  };
}
