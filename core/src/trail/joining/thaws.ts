import { lifeAfterThaw, thawedAt, type ThawState } from '../../clocks';
import type { RuleSet } from '../../guidance';
import type { FoodState } from '../state';
import { warmer } from './either';

/** Of two thaws what is worse of either: cooked at once from the earlier moment, the earlier thaw, the days used. */
export function worseThaw(a: FoodState, b: FoodState, rules: RuleSet): ThawState | null {
  const [one, other] = [a.thaw, b.thaw];
  if (!one || !other) return one ?? other;
  const left = (food: FoodState) => {
    const { highMs } = lifeAfterThaw(food, food.thaw!, rules);
    // Nobody knows since when: worse than any day that is known.
    if (thawedAt(food, rules) === null) return -Infinity;
    return (food.thaw!.thawedAt ?? food.thaw!.startedAt) + highMs;
  };
  const worse = left(a) <= left(b) ? one : other;
  const atOnce = [one.atOnceFrom, other.atOnceFrom].filter((from) => from !== null);
  const water = one.water && other.water ? warmer(one.water, other.water) : null;
  return {
    ...worse,
    usedMs: Math.max(one.usedMs, other.usedMs),
    keptMs: Math.max(one.keptMs, other.keptMs),
    water: water ?? one.water ?? other.water,
    atOnceFrom: atOnce.length ? Math.min(...atOnce) : null,
  };
}

/** What thaws goes on as fast as it did, and what is frozen will, however much is put to it. */
export function firstThawed(foods: readonly FoodState[]): number | null {
  const icy = foods.filter(({ thaw, frozenSince }) => thaw || frozenSince !== null);
  return icy.length ? Math.min(...icy.map(({ firstThawedKg, massKg }) => firstThawedKg ?? massKg)) : null;
}
