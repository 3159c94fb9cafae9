import { readMass } from '@omtel/core/foods';
import {
  compareMethods,
  inMicrowave,
  type MethodPlan,
  type PlanInput,
  type RoastingTime,
} from '@omtel/core/plan';
import { printedEnd, usedBeforeFreezing } from '@omtel/core/clocks';
import { MINUTE_MS, type Problem } from '@omtel/core/units';
import { useMemo } from 'react';
import { useKitchen } from '../../store/useKitchen';
import { chartTime, readMinutes, readServeAt, sinceOf, type ChosenFood, type PlanDraft } from './draft';

/** What a field holds, read; or the sentence that belongs at it. */
type Read<Value> = Value | Problem;

/** All that a plan is made from, once every field can be read. */
export interface PlanInputs {
  readonly massKg: number;
  readonly serveAt: number;
  readonly cookFastMs: number;
  readonly cookSlowMs: number;
  readonly restMs: number;
  readonly since: number | null;
  readonly computedThaw: ComputedThaw;
}

/** Thawing times from heat transfer, by method; nothing while they are not known. */
export type ComputedThaw = PlanInput['computedThaw'];

/** What the fields of a draft say, each read by itself. */
export interface ReadDraft {
  readonly mass: Read<{ massKg: number }>;
  readonly serve: Read<{ serveAt: number }>;
  /** The cook's own time; null where the chart's is taken. */
  readonly ownCook: Read<{ ms: number }> | null;
  readonly rest: Read<{ ms: number }>;
  readonly chart: RoastingTime | null;
}

export interface Planning {
  /** The same while the draft is, whatever is computed beside it. */
  readonly read: ReadDraft;
  readonly inputs: PlanInputs | null;
  /** The ways compared, or null while a field is missing. */
  readonly plans: readonly MethodPlan[] | null;
}

/**
 * Reads a draft and compares the ways to the table that follow from it, going by the slower of rule and heat transfer.
 *
 * @param bought since when its days count, where that is not the draft's to say
 */
export function usePlanning(
  { food, parts, stored, guidedBy }: ChosenFood,
  draft: PlanDraft,
  computedThaw: ComputedThaw,
  bought?: number | null,
): Planning {
  const { now, zone, units, rules, settings } = useKitchen({ guidedBy });
  // The minute is fine enough: the comparison need not follow every tick of the clock.
  const minute = Math.floor(now / MINUTE_MS) * MINUTE_MS;

  const read = useMemo<ReadDraft>(() => {
    const mass = readMass(draft.mass, draft.massUnit, units);
    return {
      mass,
      serve: readServeAt(draft.daysAhead, draft.clock, minute, zone),
      rest: readMinutes(draft.restMinutes, 0),
      ownCook: draft.cookMinutes.trim() === '' ? null : readMinutes(draft.cookMinutes, 1),
      chart: chartTime(food, 'massKg' in mass ? mass.massKg : null, rules),
    };
  }, [food, draft, units, minute, zone, rules]);

  return useMemo(() => {
    const { mass, serve, rest, ownCook, chart } = read;
    const cook = ownCook
      ? 'ms' in ownCook && { fastMs: ownCook.ms, slowMs: ownCook.ms }
      : chart && { fastMs: chart.fastMs, slowMs: chart.slowMs };
    if ('problem' in mass || 'problem' in serve || 'problem' in rest || !cook)
      return { read, inputs: null, plans: null };

    const since = bought === undefined ? sinceOf(draft, stored, minute, zone) : bought;
    const { microwaveW } = settings.kitchen;
    const withOwn = microwaveW
      ? { ...computedThaw, microwave: inMicrowave(food, mass.massKg, rules, microwaveW) }
      : computedThaw;
    const shared = {
      massKg: mass.massKg,
      serveAt: serve.serveAt,
      restMs: rest.ms,
      since,
      computedThaw: withOwn,
    };
    const plans = compareMethods({
      ...shared,
      food,
      parts,
      usedMs: stored ? usedBeforeFreezing(stored) : 0,
      keptMs: stored?.thaw?.keptMs,
      useBy: stored && printedEnd(stored),
      form: draft.form,
      condition: draft.condition,
      cook,
      availability: settings.availability,
      now: minute,
      zone,
      rules,
    });
    return { read, plans, inputs: { ...shared, cookFastMs: cook.fastMs, cookSlowMs: cook.slowMs } };
  }, [food, parts, stored, draft, read, computedThaw, bought, minute, zone, rules, settings]);
}
