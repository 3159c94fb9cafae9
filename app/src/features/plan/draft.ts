import { foodById, type Food, type FormId, type OwnFood } from '@omtel/core/foods';
import type { RuleSet } from '@omtel/core/guidance';
import { roastingTime, type Condition, type RoastingTime } from '@omtel/core/plan';
import { atClock, clockOf, clockTimeWords, daysBetween, parseClockTime } from '@omtel/core/time';
import type { FoodState } from '@omtel/core/trail';
import type { Payload } from '@omtel/core/record';
import {
  formatLength,
  fromKilograms,
  lengthUnitOf,
  MINUTE_MS,
  orProblem,
  parseNumber,
  toMetres,
  type MassUnit,
  type UnitSystem,
  type Problem,
} from '@omtel/core/units';

/** What is typed into the form of a new plan, as text. */
export interface PlanDraft {
  readonly mass: string;
  readonly massUnit: MassUnit;
  /** The thickest part, where somebody measured it. */
  readonly thickest: string;
  readonly form: FormId;
  readonly condition: Condition;
  /** Bought or thawed how many days ago, or 'unknown'; asked of food that is not in the stores. */
  readonly sinceDaysAgo: string;
  readonly daysAhead: string;
  readonly clock: string;
  readonly cookMinutes: string;
  readonly restMinutes: string;
}

/** The food chosen: one in the stores, or one of the catalogue or of the household's own still to be fetched. */
export interface ChosenFood {
  readonly name: string;
  readonly food: Food;
  /** The kinds a mixed dish is ruled as besides. */
  readonly parts: readonly string[];
  readonly stored: FoodState | null;
  /** What goes before the household's guidance: what was chosen for it, or who eats it. */
  readonly guidedBy: FoodState['guidedBy'];
}

export const chosenFromStores = (stored: FoodState): ChosenFood => ({
  name: stored.name,
  food: foodById(stored.foodKey),
  parts: stored.parts,
  stored,
  guidedBy: stored.guidedBy,
});

/** A kind of the catalogue, or a food of the household's own. */
export const chosenToFetch = ({
  name,
  kinds: [foodKey, ...parts],
}: Pick<OwnFood, 'name' | 'kinds'>): ChosenFood => ({
  name,
  food: foodById(foodKey!),
  parts,
  stored: null,
  guidedBy: null,
});

const SUPPER = { hour: 19, minute: 0 };

/** A draft for a food: its own weight and state where it is in the stores, the usual otherwise. */
export function draftFor({ food, stored }: ChosenFood, massUnit: MassUnit, rules: RuleSet): PlanDraft {
  const rest = food.roast ? rules.cooking.jointRest.value.lowMs / MINUTE_MS : 5;
  return {
    mass: stored ? String(Number(fromKilograms(stored.massKg, massUnit).toFixed(2))) : '',
    massUnit,
    thickest: '',
    form: stored?.form ?? food.forms[0]!,
    condition: stored ? conditionOf(stored) : 'frozen',
    sinceDaysAgo: '0',
    daysAhead: '1',
    clock: clockTimeWords(SUPPER),
    cookMinutes: '',
    restMinutes: String(rest),
  };
}

/** What a plan that is made says in the form, to be changed. */
export function fieldsOf(
  { serveAt, cookFastMs, cookSlowMs, restMs }: Payload<'planned'>,
  now: number,
  zone: string,
): Partial<PlanDraft> {
  return {
    daysAhead: String(Math.max(0, daysBetween(now, serveAt, zone))),
    clock: clockOf(serveAt, zone),
    // A span is the chart's; one time is the cook's own.
    ...(cookFastMs === cookSlowMs && { cookMinutes: String(Math.round(cookFastMs / MINUTE_MS)) }),
    restMinutes: String(Math.round(restMs / MINUTE_MS)),
  };
}

/** What was filled in, over what was proposed. */
export const filledOver = (proposed: PlanDraft, draft: PlanDraft): Partial<PlanDraft> =>
  Object.fromEntries(
    Object.entries(draft).filter(([field, value]) => value !== proposed[field as keyof PlanDraft]),
  );

function conditionOf({ stage, thaw }: FoodState): Condition {
  if (stage === 'frozen' || stage === 'thawing') return 'frozen';
  return thaw ? 'thawed' : 'fresh';
}

const THICKEST_M = 0.4;

/** The thickest part typed, in m; nothing where nobody measured; or a sentence for its field. */
export function readThickest(text: string, units: UnitSystem): { thickestM: number | undefined } | Problem {
  if (text.trim() === '') return { thickestM: undefined };
  const parsed = orProblem(() => ({ value: parseNumber(text) }));
  if ('problem' in parsed) return parsed;
  const thickestM = toMetres({ value: parsed.value, unit: lengthUnitOf(units) });
  return thickestM > 0 && thickestM <= THICKEST_M
    ? { thickestM }
    : { problem: `More than nothing, at most ${formatLength(THICKEST_M, units)}.` };
}

/** The serve time typed, or a sentence for its field. */
export function readServeAt(
  daysAhead: string,
  clock: string,
  now: number,
  zone: string,
): { serveAt: number } | Problem {
  const parsed = orProblem(() => ({ value: parseClockTime(clock) }));
  if ('problem' in parsed) return parsed;
  const serveAt = atClock(now, Number(daysAhead), parsed.value, zone);
  return serveAt > now ? { serveAt } : { problem: 'That time has passed. Choose a later one.' };
}

/**
 * Since when the days of a food count: its own record, or what was said of one that is not in the stores. A day alone
 * counts from its first minute, the safe side.
 */
export function sinceOf(
  { condition, sinceDaysAgo }: Pick<PlanDraft, 'condition' | 'sinceDaysAgo'>,
  stored: FoodState | null,
  now: number,
  zone: string,
): number | null {
  if (stored) return condition === 'thawed' ? (stored.thaw?.thawedAt ?? null) : stored.daysFrom;
  if (condition === 'frozen') return Math.round(now);
  return sinceDaysAgo === 'unknown'
    ? null
    : atClock(now, -Number(sinceDaysAgo), { hour: 0, minute: 0 }, zone);
}

const LONGEST_MIN = 24 * 60;

/** Minutes typed, in ms, or a sentence for their field. */
export function readMinutes(text: string, least: number): { ms: number } | Problem {
  const parsed = orProblem(() => ({ value: parseNumber(text) }));
  if ('problem' in parsed) return parsed;
  if (parsed.value < least || parsed.value > LONGEST_MIN)
    return { problem: `From ${least} to ${LONGEST_MIN} minutes.` };
  return { ms: Math.round(parsed.value * MINUTE_MS) };
}

/** The chart's cooking time, where a chart has the food and a weight is known. */
export function chartTime(food: Food, massKg: number | null, rules: RuleSet): RoastingTime | null {
  return massKg === null ? null : roastingTime(food, massKg, rules);
}
