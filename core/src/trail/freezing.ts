import type { RuleSet } from '../guidance';
import { storageOf } from './foodRules';
import type { FoodState } from './state';

/** Whether freezing is offered: where the school allows it, and it is no leftover that was heated or frozen before. */
export function mayFreeze(state: FoodState, rules: RuleSet): boolean {
  const { afterRefrigerator, afterWaterOrMicrowave } = rules.refreezing;
  if (state.reheats > 0 || storageOf(state, rules)?.freezer.value.range === null) return false;
  if (state.cooked) return state.pauses.length === 0 || afterRefrigerator.value.yes;
  if (!state.thaw) return true;
  return (state.thaw.atOnceFrom === null ? afterRefrigerator : afterWaterOrMicrowave).value.yes;
}
