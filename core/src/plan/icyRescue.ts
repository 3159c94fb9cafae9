import type { Food, FormId } from '../foods';
import { thawLeft, type ThawPlace } from '../forecast/thaw';
import type { Tweaks } from '../forecast/tweaks';
import type { RuleSet } from '../guidance';
import { cookSpan, thawSpan } from './spans';

/** A food found icy in the middle when it should go on, and the meal it is for. */
export interface Icy extends Tweaks {
  readonly food: Food;
  readonly form: FormId;
  readonly massKg: number;
  /** Where it has been thawing. */
  readonly place: ThawPlace;
  readonly thickestM?: number;
  /** How long it has been thawing, ms. */
  readonly thawedForMs: number;
  /** What its centre reads, °C. */
  readonly coreC: number;
  readonly serveAt: number;
  readonly cookSlowMs: number;
  readonly restMs: number;
  readonly now: number;
  readonly freezerC: number;
  readonly rules: RuleSet;
}

/** One way on from an icy middle. */
export interface IcyWay {
  readonly kind: 'stay' | 'coldWater' | 'cookNow';
  /** Until it is thawed, at the slow end; nothing for a cook that starts icy. */
  readonly thawMs: number;
  /** How long it then cooks. */
  readonly cookMs: number;
  readonly serveAt: number;
  readonly lateMs: number;
}

/**
 * What can still be done with a food whose middle is icy: let it lie, finish it in cold water, or cook it as it is and
 * longer, by the rule for frozen food. Never the counter. Every time is the slow end. Where it lies on, it is given no
 * less than the rule of thumb for its weight still asks for; in water, what its reading leaves to be thawed: longer there
 * would be no safer, and whether it is thawed is felt in either case.
 *
 * @returns the ways, the one that gets dinner on the table soonest first; of equals the gentler first
 * @throws SizeProblem for a centre colder than the freezer
 */
export function icyRescue(icy: Icy): readonly IcyWay[] {
  const { food, form, massKg, place, thickestM, coreC, cookSlowMs, restMs, now, freezerC, rules } = icy;
  const byRuleMs = thawSpan(place, { food, form, massKg, rules })!.slowMs - icy.thawedForMs;
  const { hTimes, fat } = icy;
  const thaw = { food, form, massKg, place, thickestM, hTimes, fat, startC: Math.min(freezerC, coreC) };
  const way = (kind: IcyWay['kind'], thawMs: number, cookMs: number): IcyWay => {
    const serveAt = Math.max(icy.serveAt, now + thawMs + cookMs + restMs);
    return { kind, thawMs, cookMs, serveAt, lateMs: serveAt - icy.serveAt };
  };
  const inWaterMs = place === 'coldWater' ? 0 : thawLeft(thaw, coreC, 'coldWater').slowMs;
  const fromFrozen = cookSpan('fromFrozen', { fastMs: cookSlowMs, slowMs: cookSlowMs }, rules).slowMs;
  return [
    way('stay', Math.max(thawLeft(thaw, coreC, place).slowMs, byRuleMs), cookSlowMs),
    ...(place === 'coldWater' || inWaterMs > rules.thawing.waterMost.value.ms
      ? []
      : [way('coldWater', inWaterMs, cookSlowMs)]),
    way('cookNow', 0, fromFrozen),
  ].sort((a, b) => a.serveAt - b.serveAt);
}
