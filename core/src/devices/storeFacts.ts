import { warmestAir } from '../clocks';
import type { RuleSet } from '../guidance';
import { DAY_MS, MINUTE_MS, toCelsius } from '../units';
import { stretchesOf, airTurns, type AirTurn } from './air';
import type { Read } from './thin';

/** What the record of a store amounts to. */
export interface StoreFacts {
  /** Over the time that was read, °C. */
  readonly meanC: number;
  readonly lowest: Read;
  readonly highest: Read;
  /** How long somebody looked, and how long of that the air itself was warmer than such a store is to be, ms. */
  readonly readMs: number;
  readonly aboveMs: number;
  /** The spells in which it was too warm by its mean; one that goes on has no end. */
  readonly spells: readonly { readonly from: number; readonly to: number | null }[];
  /** When the door was opened, as far as the air tells. */
  readonly doors: readonly number[];
  /** One step of its thermostat that would do it good. */
  readonly set: 'colder' | 'warmer' | null;
  readonly trend: FreezerTrend | null;
}

/** A freezer that grows warmer day by day. */
export interface FreezerTrend {
  readonly perDayK: number;
  /** When it is no longer as cold as a freezer is to be, and no longer cold at all, if it goes on like this. */
  readonly passesAt: number;
  readonly warmAt: number;
}

type Store = 'refrigerator' | 'freezer';

/** Air that rises so much, so soon, came in by the door: no compressor's rest does that. */
const [DOOR_K, DOOR_MS] = [1.5, 5 * MINUTE_MS];
/** What is opened again at once was one opening. */
const DOOR_REST_MS = 10 * MINUTE_MS;
/** A refrigerator this near to its rule passes it whenever somebody cooks. */
const ROOM_K = 0.5;
/** Colder, and what stands at the back freezes. */
const FREEZES_C = 0.5;
/** Less than so many days are the weather of a kitchen, and less than so much a day is as well. */
const [TREND_DAYS, TREND_K] = [3, 0.25];
/** How much of the rise a straight line must explain. */
const STRAIGHT = 0.7;

/**
 * What a store's record says over the time it was read: time-weighted, by straight lines between readings that lie near enough.
 *
 * @param readings in the order of time
 * @returns null where there is no time between readings to speak of
 */
export function storeFacts(store: Store, readings: readonly Read[], rules: RuleSet): StoreFacts | null {
  const limitC = toCelsius(warmestAir(store, rules));
  const stretches = stretchesOf(readings);
  const pieces = stretches.flatMap((stretch) =>
    stretch.slice(1).map((b, i) => ({ a: stretch[i]!, b, ms: b.at - stretch[i]!.at })),
  );
  const readMs = sumOf(pieces, ({ ms }) => ms);
  if (readMs === 0) return null;
  const meanC = sumOf(pieces, ({ a, b, ms }) => (ms * (a.celsius + b.celsius)) / 2) / readMs;
  const turns = airTurns(readings, (celsius) => celsius <= limitC);
  return {
    meanC,
    lowest: readings.reduce((least, each) => (each.celsius < least.celsius ? each : least)),
    highest: readings.reduce((most, each) => (each.celsius > most.celsius ? each : most)),
    readMs,
    aboveMs: sumOf(pieces, (piece) => piece.ms * shareAbove(piece, toCelsius(rules.bands[store].value.at))),
    spells: spellsOf(turns),
    doors: stretches.flatMap(doorsOf),
    set: store === 'refrigerator' ? stepFor(meanC, turns, limitC) : null,
    trend: store === 'freezer' ? trendOf(readings, { limitC, rules }) : null,
  };
}

const sumOf = <Each>(all: readonly Each[], of: (each: Each) => number): number =>
  all.reduce((sum, each) => sum + of(each), 0);

/** The share of a straight piece that lies above a limit. */
function shareAbove({ a, b }: { readonly a: Read; readonly b: Read }, limitC: number): number {
  const [low, high] = [Math.min(a.celsius, b.celsius), Math.max(a.celsius, b.celsius)];
  if (high <= limitC) return 0;
  return low > limitC ? 1 : (high - limitC) / (high - low);
}

function spellsOf(turns: readonly AirTurn[]): { from: number; to: number | null }[] {
  const spells: { from: number; to: number | null }[] = [];
  let since: number | null = null;
  turns.forEach(({ at, right }, i) => {
    if (right && since !== null) {
      spells.push({ from: since, to: at });
      since = null;
    }
    if (!right) since ??= turns[i - 1]?.at ?? at;
  });
  return since === null ? spells : [...spells, { from: since, to: null }];
}

function doorsOf(stretch: readonly Read[]): number[] {
  const doors: number[] = [];
  let first = 0;
  stretch.forEach(({ at, celsius }, i) => {
    while (stretch[first]!.at < at - DOOR_MS) first += 1;
    const lowest = stretch.slice(first, i + 1).reduce((a, b) => (b.celsius <= a.celsius ? b : a));
    if (celsius - lowest.celsius < DOOR_K) return;
    if (lowest.at - (doors.at(-1) ?? -Infinity) > DOOR_REST_MS) doors.push(lowest.at);
  });
  return doors;
}

function stepFor(meanC: number, turns: readonly AirTurn[], limitC: number): StoreFacts['set'] {
  if (meanC < FREEZES_C) return 'warmer';
  const warm = turns.filter(({ right }) => !right).length;
  // One warm spell was a door or a pot; what comes again and again, or is never far off, is its setting.
  return meanC > limitC - ROOM_K || warm > 2 ? 'colder' : null;
}

/** A straight line through the means of days, where it rises and explains them. */
function trendOf(
  readings: readonly Read[],
  { limitC, rules }: { readonly limitC: number; readonly rules: RuleSet },
): FreezerTrend | null {
  const days = new Map<number, Read[]>();
  for (const reading of readings) {
    const day = Math.floor(reading.at / DAY_MS);
    days.set(day, [...(days.get(day) ?? []), reading]);
  }
  const means = [...days.values()].map((each) => ({
    at: sumOf(each, ({ at }) => at) / each.length,
    celsius: sumOf(each, ({ celsius }) => celsius) / each.length,
  }));
  if (means.length < TREND_DAYS) return null;
  const [at, celsius] = [sumOf(means, (m) => m.at), sumOf(means, (m) => m.celsius)].map(
    (sum) => sum / means.length,
  ) as [number, number];
  const spread = sumOf(means, (m) => (m.at - at) ** 2);
  const slope = sumOf(means, (m) => (m.at - at) * (m.celsius - celsius)) / spread;
  const all = sumOf(means, (m) => (m.celsius - celsius) ** 2);
  const perDayK = slope * DAY_MS;
  if (perDayK < TREND_K || (slope ** 2 * spread) / all < STRAIGHT) return null;
  const reaches = (c: number) => Math.max(readings.at(-1)!.at, at + (c - celsius) / slope);
  return {
    perDayK,
    passesAt: reaches(toCelsius(rules.bands.freezer.value.at)),
    warmAt: reaches(limitC),
  };
}
