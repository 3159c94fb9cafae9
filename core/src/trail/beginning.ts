import { foodById } from '../foods';
import type { RuleSet } from '../guidance';
import { openInAir, unknownAir } from './air';
import { beginChill } from './chill';
import type { FoodEvent } from './events';
import type { FoodState } from './state';

/** The state of a food as it comes into the household's hands. */
export function newFood({ foodId, at, payload }: FoodEvent<'added'>, rules: RuleSet): FoodState {
  const { foodKey, parts = [], name, massKg, form, condition, place, since, reheatedBefore } = payload;
  const food = foodById(foodKey);
  const cooked = condition === 'cooked' || food.cooking === null;
  const frozen = condition === 'frozen' || place === 'freezer';
  return {
    foodId,
    foodKey,
    parts,
    name,
    massKg,
    form,
    // What was heated again before it came is eaten while it is hot.
    stage: frozen
      ? 'frozen'
      : cooked && reheatedBefore && place === 'counter'
        ? 'serving'
        : cooked
          ? 'stored'
          : condition === 'thawed'
            ? 'thawed'
            : 'raw',
    place,
    placeSince: at,
    shelf: null,
    covered: false,
    sealed: place === 'cupboard',
    labelled: false,
    dividedFrom: null,
    cooked,
    // Raw food that came frozen has used no day yet, whenever it was bought.
    daysFrom: since ?? (condition === 'frozen' && !cooked ? at : null),
    pauses: [],
    // Food bought frozen has used none of its days; food frozen at home has used those up to now.
    frozenSince: frozen ? (condition === 'frozen' && !cooked ? (since ?? at) : at) : null,
    thaw:
      condition === 'thawed'
        ? {
            method: 'refrigerator',
            startedAt: since ?? at,
            lastChangeAt: at,
            changes: 0,
            usedMs: 0,
            thawedAt: since,
          }
        : null,
    cook: null,
    exposures:
      place === 'counter' || place === 'car'
        ? openInAir(
            [],
            {
              ledger: cooked ? 'cooked' : 'raw',
              from: at,
              place,
              side: cooked && place === 'counter' ? 'hot' : 'cold',
            },
            unknownAir(place, payload, null, rules),
            rules,
          )
        : [],
    faults: [],
    closedCounts: [],
    // Cooked food that comes in and stands out is taken for hot.
    chill: cooked && place === 'counter' ? beginChill(at) : null,
    rescues: 0,
    guidedBy: null,
    coolingSince: null,
    cooledAt: null,
    container: null,
    cooling: null,
    reheats: reheatedBefore ? 1 : 0,
    ovenOnAt: null,
    servedAt: null,
    spell: null,
    lastReading: null,
    lastGood: null,
    plan: null,
    lastAt: at,
  };
}

/** A portion has all that happened to its food before, and its own name, weight and way from there. */
export function dividedFrom(whole: FoodState, begin: FoodEvent<'portioned'>): FoodState {
  const { name, massKg, portions } = begin.payload;
  return {
    ...whole,
    foodId: begin.foodId,
    name,
    massKg,
    container: whole.container && { ...whole.container, portions: portions ?? whole.container.portions },
    plan: null,
    cooling: null,
    labelled: false,
    dividedFrom: whole.foodId,
    lastAt: begin.at,
  };
}
