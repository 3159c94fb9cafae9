import type { RuleSet } from '../../guidance';
import { mindsTheBand } from '../../clocks';
import { movedTo } from '../moves';
import type { FoodState } from '../state';
import { worseChill } from './chills';
import { worseDays } from './days';
import { earliest, latest } from './either';
import { pastSinceOf, worseExposures } from './exposures';
import { moreDoubtful, worseRead } from './readings';
import { firstThawed, worseThaw } from './thaws';

/**
 * Two foods put together: from here on it is as the worse of both in everything, and of every kind and part of both. Raw in
 * cooked makes the whole raw (guidance §11.24).
 *
 * @param other the food that is put to `state`, as it was
 * @param at epoch ms
 */
export function worseOfBoth(state: FoodState, other: FoodState, at: number, rules: RuleSet): FoodState {
  // Where it is already, whatever runs there runs on.
  const moved = other.place === state.place ? other : movedTo(other, state.place, at, rules);
  const raw = [state, moved].find(({ cooked }) => !cooked);
  const carried = raw ? raw.cook : state.cook;
  const parts = [...new Set([...state.parts, moved.foodKey, ...moved.parts])];
  return {
    ...state,
    massKg: state.massKg + moved.massKg,
    parts: parts.filter((kind) => kind !== state.foodKey),
    cooked: raw === undefined,
    withCooked: raw !== undefined && [state, moved].some(({ cooked, withCooked }) => cooked || withCooked),
    stage: raw?.stage ?? state.stage,
    cameAt: Math.min(state.cameAt, moved.cameAt),
    unopened: false,
    heatFirst: state.heatFirst || moved.heatFirst,
    through: state.through && moved.through,
    outUnknown: state.outUnknown || moved.outUnknown,
    withoutAir: state.withoutAir || moved.withoutAir,
    doubtful: moreDoubtful(state.doubtful, moved.doubtful),
    ...worseDays(state, moved, at),
    thaw: worseThaw(state, moved, rules),
    firstThawedKg: firstThawed([state, moved]),
    partFresh: state.partFresh || moved.partFresh || (state.thaw === null) !== (moved.thaw === null),
    cook: carried,
    exposures: worseExposures(state, moved, at),
    pastSince: earliest([state, moved].map((each) => pastSinceOf(each, at, rules))),
    faults: eachOnce([...state.faults, ...moved.faults, ...brokenOff([state, moved], carried, at, rules)]),
    closedCounts: eachOnce([...state.closedCounts, ...moved.closedCounts]),
    chill: worseChill(state.chill, moved.chill, at, rules),
    coolingSince: latest([state.coolingSince, moved.coolingSince]),
    cooledAt:
      state.coolingSince === null ? moved.cooledAt : moved.coolingSince === null ? state.cooledAt : null,
    // A place of the one is none of both.
    held: null,
    spell: state.spell ?? moved.spell,
    ...worseRead(state, moved),
    rescues: Math.max(state.rescues, moved.rescues),
    reheats: Math.max(state.reheats, moved.reheats),
    container: state.container &&
      moved.container && {
        portions: state.container.portions + moved.container.portions,
        depthM: Math.max(state.container.depthM, moved.container.depthM),
      },
    labelled: false,
    labelSays: null,
    allergens: [...new Set([...state.allergens, ...moved.allergens])],
  };
}

/** A reheat that had not reached its mark, and is no more: never heated through (guidance §11.26). */
function brokenOff(
  foods: readonly FoodState[],
  carried: FoodState['cook'],
  at: number,
  { reheating }: RuleSet,
): FoodState['faults'] {
  return foods
    .filter((food) => food.cook && food.cook !== carried && food.cook.kind !== 'cook')
    .filter((food) => food.cook!.metAt === null && mindsTheBand(food))
    .map(() => ({ kind: 'notReheated', at, certain: true, ruleId: reheating.within.id }));
}

/** What both have from the same whole counts once. */
const eachOnce = <Fact>(facts: readonly Fact[]): readonly Fact[] => [
  ...new Map(facts.map((fact) => [JSON.stringify(fact), fact])).values(),
];
