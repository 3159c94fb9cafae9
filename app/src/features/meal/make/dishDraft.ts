import { isHeated } from '@omtel/core/clocks';
import { foodById, LONGEST_NAME, readMass } from '@omtel/core/foods';
import type { RuleSet } from '@omtel/core/guidance';
import { compareMethods, ovenOf, type Method } from '@omtel/core/plan';
import {
  MOST_BOUGHT,
  shopShelves,
  type HeldPlace,
  type PlannedDish,
  type ShopShelf,
} from '@omtel/core/record';
import { atClock } from '@omtel/core/time';
import type { FoodState } from '@omtel/core/trail';
import {
  HOUR_MS,
  inUnit,
  MINUTE_MS,
  orProblem,
  parseNumber,
  toCelsius,
  type MassUnit,
  type UnitSystem,
} from '@omtel/core/units';
import type { Settings } from '@omtel/core/api';
import { printedEnd, usedBeforeFreezing } from '@omtel/core/clocks';
import { chartTime, draftFor, readMinutes, sinceOf, type ChosenFood, type PlanDraft } from '../../plan';

export type HeatedAt = Extract<PlannedDish, { heating: object }>['heating']['at'];

/** How long after the rest a dish can come, min. */
export const COURSES = ['0', '5', '10'] as const;

/** What is typed into the form of a dish, as text. */
export interface DishFields extends PlanDraft {
  /** The way it is thawed; the first that will do where nobody chose. */
  readonly method: Method | '';
  readonly at: HeatedAt;
  /** What its oven is set to, in the household's degrees. */
  readonly degrees: string;
  /** Hours in a marinade or a brine; none where nothing is typed. */
  readonly marinateHours: string;
  readonly prepareMinutes: string;
  readonly finishMinutes: string;
  readonly waitsMinutes: string;
  /** Stirred or turned so often; never where nothing is typed. */
  readonly everyMinutes: string;
  /** Where it is kept hot for the table. */
  readonly heldAt: HeldPlace | 'out';
  /** It comes so long after the rest. */
  readonly afterMinutes: (typeof COURSES)[number];
  readonly keeps: boolean;
  /** What is bought for it besides, shelf by shelf, each thing after a comma. */
  readonly buys: Readonly<Record<ShopShelf, string>>;
  /** Those at the table who leave it, by their ids. */
  readonly without?: readonly string[];
}

/** A dish of a meal that is being planned. */
export interface DishDraft {
  readonly id: string;
  readonly name: string;
  /** Its food: one of the stores, or one that is to come; none of what nobody logs. */
  readonly foodId: string | null;
  /** What it is by the catalogue; none of a dish that is only called something. */
  readonly kinds: readonly string[];
  readonly kind: PlannedDish['kind'];
  readonly comes?: 'shop' | 'guest';
  /** The meal of which it is left over. */
  readonly leftFrom?: string;
  readonly fields: DishFields;
}

export interface DishContext {
  /** Those it goes by. */
  readonly rules: RuleSet;
  /** What goes before the household's guidance, as that of a food. */
  readonly guidedBy: FoodState['guidedBy'];
  readonly units: UnitSystem;
  readonly zone: string;
  readonly now: number;
  readonly availability: Settings['availability'];
  readonly serveAt: number;
}

/** What an oven is set to for what no chart speaks of, and how far either way a dish bears, °C. */
const USUAL_OVEN_C = 200;
const ABOVE_K = 10;
/** Below what was set raw food would take longer than its chart says. */
const belowK = ({ kind }: Pick<DishDraft, 'kind'>): number => (kind === 'cooked' ? 0 : 10);
const HALF_HOUR = '30';

/** The food behind a dish, as a plan of one food knows it. */
export const chosenOf = (
  { name, kinds: [foodKey, ...parts] }: DishDraft,
  stored: FoodState | null,
  guidedBy = stored?.guidedBy ?? null,
): ChosenFood => ({
  name,
  food: foodById(foodKey ?? 'cooked-vegetables'),
  parts,
  stored,
  guidedBy,
});

/** The fields of a dish as they are proposed. */
export function proposedFields(
  dish: Omit<DishDraft, 'fields'>,
  stored: FoodState | null,
  massUnit: MassUnit,
  { rules, units }: Pick<DishContext, 'rules' | 'units'>,
): DishFields {
  const chosen = chosenOf({ ...dish, fields: {} as DishFields }, stored);
  const plan = draftFor(chosen, massUnit, rules);
  const roasts = dish.kind === 'cooked' && chosen.food.roast !== undefined;
  const oven = roasts ? ovenOf({ foodKey: chosen.food.id, massKg: stored?.massKg ?? 0 }, rules) : null;
  const inUnits = inUnit(oven ?? { value: USUAL_OVEN_C, unit: 'C' }, units.temperature).value;
  const liquid = stored?.form === 'liquid';
  return {
    ...plan,
    cookMinutes: dish.kind === 'cooked' || dish.kind === 'cold' ? '' : liquid ? '20' : HALF_HOUR,
    method: '',
    at: dish.kind === 'cooked' ? (roasts ? 'oven' : 'hob') : dish.kind === 'plain' || liquid ? 'hob' : 'oven',
    degrees: String(Math.round(inUnits / 5) * 5),
    marinateHours: '',
    prepareMinutes: dish.kind === 'reheated' ? '0' : '15',
    finishMinutes: roasts ? '10' : '0',
    waitsMinutes: dish.kind === 'cold' ? '60' : '20',
    everyMinutes: '',
    heldAt: 'out',
    afterMinutes: '0',
    // What was heated once already is not kept again.
    keeps: dish.kind === 'cooked' || dish.kind === 'plain',
    buys: onShelves(() => []),
  };
}

const onShelves = (names: (shelf: ShopShelf) => readonly string[]): DishFields['buys'] =>
  Object.fromEntries(shopShelves.map((shelf) => [shelf, names(shelf).join(', ')])) as DishFields['buys'];

/** Whether food of the stores is likelier heated again, or eaten cold. */
export const kindOfStored = (food: FoodState): PlannedDish['kind'] =>
  !food.cooked ? 'cooked' : isHeated(food) ? 'reheated' : 'cold';

/** A dish read from its fields, or the sentences at those that cannot be read. */
export type ReadDish =
  { readonly dish: PlannedDish } | { readonly problems: Partial<Record<keyof DishFields, string>> };

export function readDish(draft: DishDraft, stored: FoodState | null, context: DishContext): ReadDish {
  const { fields, kind } = draft;
  const problems: Partial<Record<keyof DishFields, string>> = {};
  const minutes = (field: 'prepareMinutes' | 'finishMinutes' | 'waitsMinutes' | 'restMinutes'): number => {
    const read = readMinutes(fields[field], 0);
    if ('ms' in read) return read.ms;
    problems[field] = read.problem;
    return 0;
  };
  const common = {
    id: draft.id,
    name: draft.name,
    foodId: draft.foodId,
    prepareMs: minutes('prepareMinutes'),
    finishMs: minutes('finishMinutes'),
    waitsMs: minutes('waitsMinutes'),
    ...(fields.heldAt !== 'out' && kind !== 'cold' && { heldAt: fields.heldAt }),
    ...(fields.afterMinutes !== '0' && { afterMs: Number(fields.afterMinutes) * MINUTE_MS }),
    keeps: fields.keeps,
    ...(draft.comes && { comes: draft.comes }),
    ...(draft.leftFrom !== undefined && { leftFrom: draft.leftFrom }),
    ...readBuys(fields.buys, problems),
    ...(fields.without?.length && { without: [...fields.without] }),
  };
  if (kind === 'cold') return done({ kind, ...common });
  const heating = readHeating(draft, stored, context, problems);
  if (kind !== 'cooked') return done({ kind, ...common, heating });
  const cooked = readCooked(draft, stored, context, problems, heating);
  const marinateMs = readMarinade(fields.marinateHours, problems);
  return done({ ...common, ...cooked, ...(marinateMs && { marinateMs }), restMs: minutes('restMinutes') });

  function done(dish: PlannedDish): ReadDish {
    return Object.keys(problems).length ? { problems } : { dish };
  }
}

type Problems = Partial<Record<keyof DishFields, string>>;
type Heating = Extract<PlannedDish, { heating: object }>['heating'];

function readBuys(typed: DishFields['buys'], problems: Problems): Pick<PlannedDish, 'buys'> {
  const buys = shopShelves.flatMap((shelf) =>
    [...new Set(typed[shelf].split(',').map((name) => name.trim()))]
      .filter((name) => name !== '')
      .map((name) => ({ name, shelf })),
  );
  if (buys.length > MOST_BOUGHT) problems.buys = `No more than ${MOST_BOUGHT} things for one dish.`;
  else if (buys.some(({ name }) => name.length > LONGEST_NAME))
    problems.buys = `No more than ${LONGEST_NAME} letters each, with commas between.`;
  return buys.length ? { buys } : {};
}

/** Longer than this nothing raw lies in anything. */
const LONGEST_MARINADE_H = 72;

function readMarinade(typed: string, problems: Problems): number | null {
  if (typed.trim() === '') return null;
  const read = orProblem(() => ({ hours: parseNumber(typed) }));
  if ('problem' in read) problems.marinateHours = read.problem;
  else if (read.hours < 0 || read.hours > LONGEST_MARINADE_H)
    problems.marinateHours = `From 0 to ${LONGEST_MARINADE_H} hours.`;
  else return Math.round(read.hours * HOUR_MS);
  return null;
}

function readHeating(
  draft: DishDraft,
  stored: FoodState | null,
  context: DishContext,
  problems: Problems,
): Heating {
  const { fields, kind } = draft;
  const { units, rules } = context;
  const mass = readMass(fields.mass, fields.massUnit, units);
  const chart =
    kind === 'cooked'
      ? chartTime(chosenOf(draft, stored).food, 'massKg' in mass ? mass.massKg : null, rules)
      : null;
  const typed = fields.cookMinutes.trim();
  const own = typed === '' ? null : readMinutes(typed, 1);
  if (own && 'problem' in own) problems.cookMinutes = own.problem;
  if (!own && !chart) problems.cookMinutes = 'How many minutes is it on the heat?';
  const span = own && 'ms' in own ? { fastMs: own.ms, slowMs: own.ms } : chart;
  const every = fields.everyMinutes.trim() === '' ? null : readMinutes(fields.everyMinutes, 1);
  if (every && 'problem' in every) problems.everyMinutes = every.problem;
  return {
    at: fields.at,
    fastMs: Math.round(span?.fastMs ?? MINUTE_MS),
    slowMs: Math.round(span?.slowMs ?? MINUTE_MS),
    ...(fields.at === 'oven' && { celsius: readOven(draft, units, problems) }),
    ...(every && 'ms' in every && { everyMs: every.ms }),
  };
}

const [COOLEST_C, HOTTEST_C] = [60, 285];

/** What a dish bears around what its oven is set to. */
function readOven(draft: DishDraft, { temperature }: UnitSystem, problems: Problems): [number, number] {
  const read = orProblem(() => ({
    celsius: toCelsius({ value: parseNumber(draft.fields.degrees), unit: temperature }),
  }));
  const problem =
    'problem' in read
      ? read.problem
      : read.celsius < COOLEST_C || read.celsius > HOTTEST_C
        ? 'Hotter or cooler than ovens are.'
        : null;
  if (problem) problems.degrees = problem;
  const set = 'celsius' in read ? read.celsius : USUAL_OVEN_C;
  return [Math.max(0, set - belowK(draft)), Math.min(HOTTEST_C + ABOVE_K, set + ABOVE_K)];
}

function readCooked(
  draft: DishDraft,
  stored: FoodState | null,
  { rules, units, zone, now, availability, serveAt }: DishContext,
  problems: Problems,
  heating: Heating,
): Omit<
  Extract<PlannedDish, { kind: 'cooked' }>,
  'id' | 'name' | 'prepareMs' | 'finishMs' | 'waitsMs' | 'keeps' | 'restMs'
> {
  const { fields } = draft;
  const { food, parts } = chosenOf(draft, stored);
  const mass = readMass(fields.mass, fields.massUnit, units);
  if ('problem' in mass) problems.mass = mass.problem;
  const massKg = 'massKg' in mass ? mass.massKg : 1;
  const since = sinceOfDish(draft, stored, { now, zone, serveAt });
  const { form, condition } = fields;
  const plans = compareMethods({
    food,
    parts,
    form,
    massKg,
    condition,
    since,
    usedMs: stored ? usedBeforeFreezing(stored) : 0,
    keptMs: stored?.thaw?.keptMs,
    useBy: stored && printedEnd(stored),
    serveAt,
    cook: heating,
    restMs: 0,
    availability,
    now,
    zone,
    rules,
  });
  const method = fields.method || (plans.find(({ feasible }) => feasible) ?? plans[0]!).method;
  return {
    kind: 'cooked',
    foodId: draft.foodId!,
    foodKey: food.id,
    parts: [...parts],
    form,
    massKg,
    condition,
    since: since === null ? null : Math.round(since),
    method: plans.some((plan) => plan.method === method) ? method : plans[0]!.method,
    heating,
  };
}

/** Since when its days count; what is still to be bought is bought fresh on the day, or now. */
export function sinceOfDish(
  { fields, comes }: DishDraft,
  stored: FoodState | null,
  { now, zone, serveAt }: Pick<DishContext, 'now' | 'zone' | 'serveAt'>,
): number | null {
  const toBuy = comes === 'shop' && !stored && fields.condition !== 'frozen';
  if (toBuy) return Math.max(now, atClock(serveAt, 0, { hour: 0, minute: 0 }, zone));
  return sinceOf(fields, stored, now, zone);
}

/** The fields of a dish as they were planned, to be changed. */
export function fieldsOfDish(dish: PlannedDish, proposed: DishFields, units: UnitSystem): DishFields {
  const min = (ms: number) => String(Math.round(ms / MINUTE_MS));
  const heating = 'heating' in dish ? dish.heating : null;
  const set = heating?.celsius ? heating.celsius[0] + belowK(dish) : null;
  return {
    ...proposed,
    prepareMinutes: min(dish.prepareMs),
    finishMinutes: min(dish.finishMs),
    waitsMinutes: min(dish.waitsMs),
    heldAt: dish.heldAt ?? 'out',
    afterMinutes: COURSES.find((after) => Number(after) * MINUTE_MS >= (dish.afterMs ?? 0)) ?? '10',
    keeps: dish.keeps,
    ...(dish.without && { without: dish.without }),
    buys: onShelves((shelf) =>
      (dish.buys ?? []).filter((each) => each.shelf === shelf).map(({ name }) => name),
    ),
    ...(heating && {
      at: heating.at,
      ...(heating.fastMs === heating.slowMs && { cookMinutes: min(heating.slowMs) }),
      ...(heating.everyMs !== undefined && { everyMinutes: min(heating.everyMs) }),
    }),
    ...(set !== null && {
      degrees: String(Math.round(inUnit({ value: set, unit: 'C' }, units.temperature).value)),
    }),
    ...(dish.kind === 'cooked' && {
      method: dish.method,
      form: dish.form,
      condition: dish.condition,
      restMinutes: min(dish.restMs),
      marinateHours: dish.marinateMs ? String(Number((dish.marinateMs / HOUR_MS).toFixed(2))) : '',
    }),
  };
}
