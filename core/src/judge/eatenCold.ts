import { isHeated, kindsOf } from '../clocks';
import { inTheCold, rulesOfFood, type FoodState } from '../trail';
import type { JudgeContext } from './finding';
import { judge } from './judge';
import { severity } from './ruling';

/** Whether cooked food may be eaten as it comes from the cold, and why not. */
export interface EatenCold {
  readonly may: boolean;
  readonly says: string;
}

/**
 * Whether a cooked food may be eaten cold: one that was cooked here and chilled in time may, those apart that have to be heated
 * through first.
 *
 * @returns null for what is not cooked, does not lie in the refrigerator, or is never eaten hot
 */
export function eatenCold(state: FoodState, context: JudgeContext): EatenCold | null {
  if (!state.cooked || !inTheCold(state.place) || state.place === 'freezer' || !isHeated(state)) return null;
  const ruling = judge(state, context);
  if (!ruling) return null;
  if (severity(ruling.verdict) >= severity('cannotTell')) return { may: false, says: ruling.headline };
  const { heatedFirst } = rulesOfFood(state, context.guidance);
  const named = kindsOf(state).some(({ risk }) => risk && heatedFirst.value.risks.includes(risk));
  if (named && !state.through)
    return { may: false, says: 'Not cold: those who need extra care eat it only heated through.' };
  if (state.heatFirst && state.reheats === 0)
    return { may: false, says: 'Not cold: it came from elsewhere, and is heated through first.' };
  if (ruling.action.kind === 'heat') return { may: false, says: ruling.headline };
  return { may: true, says: 'It may be eaten cold too, straight from the refrigerator.' };
}
