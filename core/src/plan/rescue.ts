import { foodById } from '../foods';
import type { RuleSet } from '../guidance';
import { usedBeforeFreezing } from '../clocks';
import type { FoodState } from '../trail';
import type { Availability } from '../time';
import { compareMethods, type MethodPlan } from './compareMethods';
import { scheduleOf } from './schedule';

export interface Rescue {
  /** When the meal would be ready if all goes on as it is. */
  readonly serveAt: number;
  readonly lateMs: number;
  /** Other ways that still make the planned time, in the order of preference. */
  readonly ways: readonly MethodPlan[];
}

/**
 * Whether a plan can still be kept, and what else would. Food that has begun to thaw is taken for wholly frozen, which
 * can only make the times longer.
 *
 * @returns null while the plan is on time, or once cooking has begun
 */
export function rescueOf(
  state: FoodState,
  {
    now,
    zone,
    rules,
    availability,
  }: { now: number; zone: string; rules: RuleSet; availability: Availability },
): Rescue | null {
  const schedule = scheduleOf(state, now, rules);
  const { plan } = state;
  if (!schedule || !plan || schedule.lateMs === 0 || state.cook) return null;
  const ways =
    plan.serveAt > now && (state.stage === 'frozen' || state.stage === 'thawing')
      ? compareMethods({
          food: foodById(state.foodKey),
          parts: state.parts,
          usedMs: usedBeforeFreezing(state),
          keptMs: state.thaw?.keptMs,
          form: state.form,
          massKg: state.massKg,
          condition: 'frozen',
          since: null,
          serveAt: plan.serveAt,
          cook: { fastMs: plan.cookFastMs, slowMs: plan.cookSlowMs },
          restMs: plan.restMs,
          computedThaw: plan.computedThaw,
          availability,
          now,
          zone,
          rules,
        })
      : [];
  return {
    serveAt: schedule.serveAt,
    lateMs: schedule.lateMs,
    ways: ways.filter(({ feasible, method }) => feasible && method !== plan.method),
  };
}
