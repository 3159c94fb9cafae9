import { foodById } from '../foods';
import { widened, type RuleSet, type Span } from '../guidance';
import { bandEndsAt, bandLimit, chillLimit, targetOf, waterDueAt } from '../clocks';
import type { FoodState } from '../trail';
import { isAtLeast, MINUTE_MS, toKilograms, type Temperature } from '../units';
import type { PlanInput } from './input';
import { cookSpan, thawSpan } from './spans';

export const stepKinds = [
  'startThaw',
  'changeWater',
  'checkThawed',
  'ovenOn',
  'startCooking',
  'read',
  'offHeat',
  'serve',
  'putAway',
] as const;
export type StepKind = (typeof stepKinds)[number];

/** One thing to do, in the order it is done. */
export interface Step {
  readonly kind: StepKind;
  /** When it is due: the clock time to show. */
  readonly at: number;
  /** The earliest it makes sense, where it has a window. */
  readonly from: number | null;
  readonly doneAt: number | null;
}

export interface Schedule {
  readonly steps: readonly Step[];
  /** The first step not done. */
  readonly next: Step | null;
  /** When the meal will be ready, going by what has happened so far and the slow end of what is to come. */
  readonly serveAt: number;
  /** How much later than planned that is; 0 when on time. */
  readonly lateMs: number;
}

/**
 * The steps of a food's accepted plan, as they stand now: done ones by what happened, the rest moved by it. A step
 * ticked late, or not yet, moves all that follows.
 *
 * @returns null for a food without a plan
 */
export function scheduleOf(state: FoodState, now: number, rules: RuleSet): Schedule | null {
  const { plan } = state;
  if (!plan) return null;
  const food = foodById(state.foodKey);
  const cook = cookSpan(plan.method, { fastMs: plan.cookFastMs, slowMs: plan.cookSlowMs }, rules);
  const thaw = thawOf(state, plan, rules);
  const started = state.cook;

  const thawStartAt = state.thaw?.startedAt ?? Math.max(plan.startBy, now);
  const thawedAt =
    !thaw || started ? null : (state.thaw?.thawedAt ?? Math.max(thawStartAt + thaw.slowMs, now));
  const plannedCookAt = plan.serveAt - plan.restMs - cook.slowMs;
  const cookAt = started?.startedAt ?? Math.max(plannedCookAt, thawedAt ?? 0, now);
  const doneAt = started?.metAt ?? Math.max(cookAt + cook.slowMs, now);
  const offHeatAt = started?.offHeatAt ?? doneAt;
  const restedAt = offHeatAt + Math.max(plan.restMs, safetyRest(state, rules));
  const serveAt = state.servedAt ?? Math.max(plan.serveAt, restedAt, now);

  const steps: Step[] = [];
  const add = (kind: StepKind, at: number, done: number | null, from: number | null = null) =>
    steps.push({ kind, at, from, doneAt: done });
  if (thaw) {
    const begun = state.thaw?.startedAt ?? null;
    add('startThaw', plan.startBy, begun, plan.startFrom);
    const waterAt = waterDueAt(state, rules);
    if (waterAt !== null && state.stage === 'thawing' && waterAt < thawStartAt + thaw.slowMs)
      add('changeWater', waterAt, null);
    // What is thawed in water early lies there until it is nearly time: out of it, it is cooked at once.
    const outAt = plan.method === 'coldWater' ? cookAt - rules.thawing.cookAtOnce.value.ms : 0;
    add(
      'checkThawed',
      thawStartAt + thaw.slowMs,
      state.thaw?.thawedAt ?? started?.startedAt ?? null,
      Math.max(thawStartAt + thaw.fastMs, outAt),
    );
  }
  if (food.roast)
    add('ovenOn', cookAt - rules.cooking.preheat.value.ms, state.ovenOnAt ?? started?.startedAt ?? null);
  add('startCooking', cookAt, started?.startedAt ?? null);
  add('read', cookAt + cook.fastMs, started?.metAt ?? null);
  add('offHeat', doneAt, started?.offHeatAt ?? state.servedAt);
  add('serve', serveAt, state.servedAt);
  const keptMs = leftOutMs(state, rules);
  add('putAway', bandEndsAt(state.exposures, 'cooked', keptMs) ?? offHeatAt + keptMs, null);

  return {
    steps,
    next: steps.find((step) => step.doneAt === null) ?? null,
    serveAt,
    lateMs: Math.max(0, serveAt - plan.serveAt),
  };
}

/** How long the plan's thaw takes: from what an icy middle read, else the rule's span widened by heat transfer. */
function thawOf(
  { foodKey, form, massKg }: FoodState,
  { method, computedThaw, thawLeftMs }: NonNullable<FoodState['plan']>,
  rules: RuleSet,
): Span | null {
  if (thawLeftMs !== undefined) return { fastMs: 0, slowMs: thawLeftMs };
  const byRule = thawSpan(method, { food: foodById(foodKey), form, massKg, rules });
  const computed: PlanInput['computedThaw'] = computedThaw;
  return byRule && widened(byRule, computed?.[method]);
}

/** How long it may be off the heat so that what is left can be kept: by the clock, and by the first cooling mark. */
export function leftOutMs(state: Parameters<typeof chillLimit>[0], rules: RuleSet): number {
  const chill = chillLimit({ ...state, cooked: true }, rules);
  const mark = rules.cooling.marksBind.value.yes ? rules.cooling.firstMark.value.withinMs : Infinity;
  const ms = Math.min(bandLimit(state, rules).value.ms, chill.ms, mark);
  return chill.inclusive || chill.ms > ms ? ms : ms - MINUTE_MS;
}

/** How hot the oven is set: as its chart says, and as hot as held temperatures of a roast want it. */
export function ovenOf(state: Pick<FoodState, 'foodKey' | 'massKg'>, rules: RuleSet): Temperature | null {
  const { roast, cooking } = foodById(state.foodKey);
  if (!roast) return null;
  const chart = rules.roasting[roast].value.oven;
  if (cooking !== 'roast' && cooking !== 'porkRoast') return chart;
  const { heavyFrom, light, heavy } = rules.cooking.roastOven.value;
  const { still } = state.massKg >= toKilograms(heavyFrom) ? heavy : light;
  return isAtLeast(chart, still) ? chart : still;
}

function safetyRest(state: FoodState, rules: RuleSet): number {
  return targetOf(state, rules)?.value.restMs ?? 0;
}
