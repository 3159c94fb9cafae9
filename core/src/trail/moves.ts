import { leftMethod, unknownAir } from '../clocks';
import type { Payload, Place } from '../record';
import type { RuleSet } from '../guidance';
import { withPartCook } from './cooking';
import { withCountsClosed, withDaysUsed } from './counts';
import { freeze, goTo, inTheCold, putInCold, unfreeze } from './placing';
import type { FoodState } from './state';
import { beginThaw } from './thawing';

/**
 * A food moved as it is: its clocks go by the place, what comes out of the freezer begins to thaw, what goes in stops
 * counting its days.
 *
 * @param at when it moved, epoch ms
 * @param how what is said of the way and the place
 */
export function movedTo(
  state: FoodState,
  place: Place,
  at: number,
  rules: RuleSet,
  how: Omit<Payload<'moved'>, 'place'> = {},
): FoodState {
  const out = outOfMethod(state, at);
  const before = inTheCold(place) ? withPartCook(out, at, rules) : out;
  const { container } = before;
  // What goes back into the cold as it was is as deep as it was.
  const moved =
    inTheCold(place) && !inTheCold(before.place) && container
      ? putInCold(before, at, place, container.depthM, rules)
      : goTo(before, place, at, rules, unknownAir(place, how, before, rules));
  if (place === 'freezer') return intoFreezer(moved, at, rules);
  if (state.stage !== 'frozen') return moved;
  if (place === 'heat') return unfreeze(moved, at);
  // Frozen food that leaves the freezer begins to thaw, whether or not anyone said so.
  return moved.cooked
    ? { ...unfreeze(moved, at), stage: 'stored' }
    : beginThaw(moved, { method: 'refrigerator' }, at);
}

/** It leaves the water or the microwave before anybody found it thawed. */
export const outOfMethod = (state: FoodState, at: number): FoodState =>
  state.thaw && state.stage === 'thawing' ? { ...state, thaw: leftMethod(state.thaw, at) } : state;

/** Into the freezer; raw food that was thawed goes back only as the school allows. */
export function intoFreezer(state: FoodState, at: number, rules: RuleSet): FoodState {
  const closed = withDaysUsed(withCountsClosed(state, at, rules), at, rules);
  const { afterRefrigerator, afterWaterOrMicrowave } = rules.refreezing;
  const rule = state.thaw?.method === 'refrigerator' ? afterRefrigerator : afterWaterOrMicrowave;
  const again = state.thaw !== null && !state.cooked && state.frozenSince === null && !rule.value.yes;
  const faults = again
    ? [...closed.faults, { kind: 'refrozen', at, certain: true, ruleId: rule.id } as const]
    : closed.faults;
  return freeze({ ...closed, faults }, at);
}
