import type { RuleSet } from '../guidance';
import { storageOf, type Kinds } from './foodRules';
import type { ThawState } from './thaw';

/** What a food was through that freezing it again is asked of. */
interface Kept extends Kinds {
  readonly cooked: boolean;
  readonly reheats: number;
  readonly lastThawedAt: number | null;
  readonly thaw: ThawState | null;
}

/** Whether freezing is offered: where the school allows it, and it is no leftover that was heated or frozen before. */
export function mayFreeze(state: Kept, rules: RuleSet): boolean {
  const { afterRefrigerator, afterWaterOrMicrowave } = rules.refreezing;
  if (state.reheats > 0 || storageOf(state, rules)?.freezer.value.range === null) return false;
  if (state.cooked) return state.lastThawedAt === null || afterRefrigerator.value.yes;
  if (!state.thaw) return true;
  return (state.thaw.atOnceFrom === null ? afterRefrigerator : afterWaterOrMicrowave).value.yes;
}
