import { foodById, type Food } from '../foods';
import { PLAIN_GUIDANCE, type Guidance, type RuleSetId } from '../guidance';
import type { EventType, FoodEvent, Payload } from '../record';
import { type JudgeContext, judge } from '../judge';
import { placesOf } from '../clocks';
import { foldTrail, type FoodState } from '../trail';
import type { PlanInput } from '../plan';
import { DAY_MS, MINUTE_MS, SECOND_MS } from '../units';

/** A round moment to count test stories from: Friday 12 June 2026, 17:00 UTC. */
export const START = Date.UTC(2026, 5, 12, 17);
export const METRIC = { temperature: 'C', mass: 'metric' } as const;
export const FOOD_ID = '01900000-0000-7000-8000-000000000000';
export const minutes = (n: number): number => START + n * MINUTE_MS;
export const hours = (n: number): number => minutes(60 * n);
export const days = (n: number): number => hours(24 * n);

export const at = (now: number, over: Partial<JudgeContext> = {}): JudgeContext => ({
  now,
  zone: 'UTC',
  units: METRIC,
  guidance: PLAIN_GUIDANCE,
  ...over,
});

let serial = 0;
/** An event of the one food of a test's story. Ids grow, as UUID v7 do. */
export function happened<Type extends EventType>(
  when: number,
  type: Type,
  payload?: Payload<Type>,
): FoodEvent {
  serial += 1;
  const id = `01900000-0000-7000-8000-${serial.toString(16).padStart(12, '0')}`;
  return { id, foodId: FOOD_ID, at: when, type, payload: payload ?? {} } as FoodEvent;
}

export const read = (
  when: number,
  value: number,
  unit: 'C' | 'F' = 'F',
  more: Partial<Payload<'reading'>> = {},
): FoodEvent => happened(when, 'reading', { temperature: { value, unit }, ...more });

/** The same reading in two places, as birds, heavy joints and several pieces want it. */
/** Readings hot at both ends of the longest hold there is, in every place of a food, the last at the time given. */
export const readHot = (until: number, food: Pick<FoodState, 'foodKey' | 'form'>): FoodEvent[] =>
  [10, 5, 0].flatMap((before) =>
    placesOf({ ...food, parts: [] }).map((place) =>
      happened(until - before * MINUTE_MS, 'reading', {
        temperature: { value: 215, unit: 'F' },
        place,
        watchedMs: 15 * SECOND_MS,
      }),
    ),
  );

export const readTwice = (when: number, value: number, unit: 'C' | 'F' = 'F'): FoodEvent[] => [
  read(when, value, unit),
  read(when, value, unit, { place: 'edge' }),
];

/** What is bought to be cooked. */
const isRawAtFirst = ({ cooking, rawStorage, keepsWarm }: Food): boolean =>
  cooking !== null && (rawStorage !== null || keepsWarm === true);

/** A food of the catalogue comes into the refrigerator, as it is usually bought, or whatever else is said of it. */
export const comes = (foodKey: string, over: Partial<Payload<'added'>> = {}, when = START): FoodEvent =>
  happened(when, 'added', {
    foodKey,
    name: 'It',
    massKg: 1,
    form: foodById(foodKey).forms[0]!,
    condition: isRawAtFirst(foodById(foodKey)) ? 'fresh' : 'cooked',
    place: 'refrigerator',
    since: when,
    ...over,
  });

/** Raw chicken bought at a moment, or whatever else is said of it. */
export const raw = (over: Partial<Payload<'added'>> = {}, when = START): FoodEvent =>
  comes('chicken-thighs', { form: 'pieces', condition: 'fresh', ...over }, when);

/** A food comes in as a plan for it begins: frozen for a day, or into the refrigerator. */
export const cameFor = (
  {
    food,
    form,
    massKg,
    condition,
    since,
  }: Pick<PlanInput, 'food' | 'form' | 'massKg' | 'condition' | 'since'>,
  now: number,
): FoodEvent => {
  const frozen = condition === 'frozen';
  const at = frozen ? now - DAY_MS : now;
  return comes(
    food.id,
    { massKg, form, condition, place: frozen ? 'freezer' : 'refrigerator', since: frozen ? at : since },
    at,
  );
};

export const moved = (
  when: number,
  place: Payload<'moved'>['place'],
  how: Partial<Payload<'moved'>> = {},
): FoodEvent => happened(when, 'moved', { place, ...how });

export const putAway = (when: number, depthM = 0.03, over: Partial<Payload<'putAway'>> = {}): FoodEvent =>
  happened(when, 'putAway', { place: 'refrigerator', portions: 2, depthM, ...over });

export const frozenLamb = (when = START, foodKey = 'lamb-shoulder-bone-in', massKg = 2.4): FoodEvent =>
  happened(when, 'added', {
    foodKey,
    name: 'Lamb shoulder',
    massKg,
    form: 'boneInJoint',
    condition: 'frozen',
    place: 'freezer',
    since: null,
  });

export const leftovers = (since: number | null, foodKey = 'lentil-soup', when = START): FoodEvent =>
  happened(when, 'added', {
    foodKey,
    name: 'Soup',
    massKg: 1,
    form: 'liquid',
    condition: 'cooked',
    place: 'refrigerator',
    since,
  });

/** A plan for that lamb, made in the first hour: on the table at fifty. */
export const planned = (
  method: 'refrigerator' | 'coldWater' = 'refrigerator',
  startBy = hours(14),
): FoodEvent =>
  happened(hours(1), 'planned', {
    method,
    serveAt: hours(50),
    cookFastMs: 160 * MINUTE_MS,
    cookSlowMs: 185 * MINUTE_MS,
    restMs: 20 * MINUTE_MS,
    startFrom: hours(1),
    startBy,
  });

/** Frozen lamb, thawed in the refrigerator, put on the heat, read at `degreesF` and taken off at `offAt`. */
export const cookedLamb = (offAt: number, degreesF = 150): FoodEvent[] => [
  frozenLamb(offAt - 60 * 60 * MINUTE_MS),
  happened(offAt - 40 * 60 * MINUTE_MS, 'thawStarted', { method: 'refrigerator' }),
  happened(offAt - 4 * 60 * MINUTE_MS, 'thawed'),
  happened(offAt - 3 * 60 * MINUTE_MS, 'cookingStarted'),
  ...readTwice(offAt, degreesF),
  happened(offAt, 'offHeat'),
];

export const stateOf = (events: readonly FoodEvent[], guidance: Guidance = PLAIN_GUIDANCE) =>
  foldTrail(events, guidance)!;
export const rule = (events: readonly FoodEvent[], now: number, over: Partial<JudgeContext> = {}) =>
  judge(stateOf(events, over.guidance), at(now, over))!;
export const verdict = (events: readonly FoodEvent[], now: number, over: Partial<JudgeContext> = {}) =>
  rule(events, now, over).verdict;

/** Every guidance a household can follow as it is: the schools, and extra care. */
export const GUIDANCES: Record<RuleSetId, Guidance> = {
  home: PLAIN_GUIDANCE,
  code: { ...PLAIN_GUIDANCE, school: 'code' },
  chain: { ...PLAIN_GUIDANCE, school: 'chain' },
  care: { ...PLAIN_GUIDANCE, extraCare: true },
};
