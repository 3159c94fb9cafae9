import type { FoodState } from '../trail';
import type { Place } from '../record';
import { HOUR_MS, MINUTE_MS, toCelsius, type Temperature } from '../units';

/** A temperature that is likelier a slip: what to ask, and what was likelier meant, if anything was. */
export interface TemperatureSlip {
  readonly question: string;
  readonly meant: Temperature | null;
}

/** From the coldest to the hottest that is to be believed, °C. */
type Span = readonly [low: number, high: number];

const AIR: Span = [-30, 50];
/** What is read of a place itself. */
const SPANS = {
  air: AIR,
  car: [-30, 75],
  refrigerator: [-8, 25],
  freezer: [-45, 12],
  oven: [40, 290],
  water: [0, 60],
  room: [0, 45],
} as const satisfies Record<string, Span>;
export type ReadPlace = keyof typeof SPANS;

/** Frozen through in any freezer; no food of water gets hotter inside than that boils. */
const COLDEST = -30;
const HOTTEST = 105;
/** Warmer, food that lay in the cold for a while would not be in a refrigerator. */
const WARM_IN_COLD = 30;
const HOURS_TO_COOL = 6;

/** What is read of a food somewhere, °C. */
function spanOf({ place, placeSince, cooled, cooked }: FoodThere, at: number): Span {
  const justPut = at - placeSince < HOURS_TO_COOL * HOUR_MS;
  const spans: Record<Place, Span> = {
    heat: [COLDEST, HOTTEST],
    refrigerator: [-6, justPut && !cooled ? HOTTEST : WARM_IN_COLD],
    freezer: [-45, justPut && !cooled ? HOTTEST : 10],
    cupboard: [-5, 45],
    water: [COLDEST, 40],
    counter: [COLDEST, cooked ? HOTTEST : 60],
    table: [COLDEST, cooked ? HOTTEST : 60],
    ice: [COLDEST, cooked ? HOTTEST : 60],
    car: [COLDEST, cooked ? HOTTEST : 60],
    outdoors: [COLDEST, cooked ? HOTTEST : 60],
    gone: [COLDEST, HOTTEST],
  };
  return spans[place];
}

interface FoodThere extends Pick<FoodState, 'place' | 'placeSince' | 'cooked'> {
  readonly cooled: boolean;
}

/** A fall on the heat, K, that is likelier the other unit than the food. */
const LARGE_FALL = 15;
const RECENT_MS = 90 * MINUTE_MS;

/**
 * What to ask before a reading of a food is kept; null where it is to be believed.
 *
 * @param at when it was read, epoch ms
 */
export function readingSlip(state: FoodState, typed: Temperature, at: number): TemperatureSlip | null {
  const food = { ...state, cooled: state.cooledAt !== null || state.coolingSince === null };
  const outside = outOf(typed, spanOf(food, at));
  if (outside) return outside;
  const last = state.lastReading;
  if (state.place !== 'heat' || !last || last.at < state.placeSince || at - last.at > RECENT_MS) return null;
  const before = toCelsius(last.temperature);
  const other = inOther(typed);
  const fell = toCelsius(typed) < before - LARGE_FALL;
  return fell && toCelsius(other) >= before - LARGE_FALL && toCelsius(other) <= HOTTEST
    ? { question: questionOf(typed, other), meant: other }
    : null;
}

/**
 * What to ask of a figure that was typed in one unit and converted to another: it may have been read in the other all along.
 *
 * @param before the figure as it was typed, in the unit chosen since
 */
export function convertedSlip(
  state: FoodState,
  converted: Temperature,
  before: Temperature,
  at: number,
): TemperatureSlip | null {
  const slip = readingSlip(state, converted, at);
  return slip && readingSlip(state, before, at) === null
    ? { question: questionOf(converted, before), meant: before }
    : slip;
}

/** What to ask before the temperature of a place is kept; null where it is to be believed. */
export function placeSlip(place: ReadPlace, typed: Temperature): TemperatureSlip | null {
  return outOf(typed, SPANS[place]);
}

function outOf(typed: Temperature, [low, high]: Span): TemperatureSlip | null {
  const within = (temperature: Temperature) =>
    toCelsius(temperature) >= low && toCelsius(temperature) <= high;
  if (within(typed)) return null;
  const other = inOther(typed);
  const meant = within(other) ? other : null;
  return { question: questionOf(typed, meant), meant };
}

/** The same figure in the other degrees. */
const inOther = ({ value, unit }: Temperature): Temperature => ({ value, unit: unit === 'C' ? 'F' : 'C' });

function questionOf(typed: Temperature, meant: Temperature | null): string {
  return meant
    ? `${written(typed)}? Did you mean ${written(meant)}?`
    : `${written(typed)}? That is hardly possible here.`;
}

/** As it was typed. */
export const written = ({ value, unit }: Temperature): string =>
  `${String(value).replace('-', '−')} °${unit}`;
