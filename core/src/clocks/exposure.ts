import { compareTemperatures, toCelsius, type Temperature } from '../units';
import type { Place } from '../record';
import type { TrailReading } from './reading';

/** The two ledgers of band time: raw (shop to cook) and cooked (first full cook to eaten). */
export type Ledger = 'raw' | 'cooked';

/** The ledger on which time in the band is counted at present. */
export const ledgerOf = ({ cooked }: { readonly cooked: boolean }): Ledger => (cooked ? 'cooked' : 'raw');

/** A stretch of time in the growth band, or one that must be taken for it. */
export interface Exposure {
  readonly ledger: Ledger;
  readonly from: number;
  /** null while it runs. */
  readonly to: number | null;
  /** How often each minute counts: twice in warm air. */
  readonly factor: number;
  readonly place: Place;
  /** Whether the food came into the band from above or from below. */
  readonly side: 'hot' | 'cold';
  /** It came out of the cold, even if it had not cooled there yet. */
  readonly fromCold?: true;
  /** Once a reading inside the band has fixed the start, no later reading moves it. */
  readonly startFixed: boolean;
  /** False where only a missing fact makes it count: "cannot tell", until the question has stood for too long. */
  readonly certain: boolean;
  /** Since when the log has known that it is not certain. */
  readonly asked: number;
  /** Too late to go back into the cold: it counts until the food is used, wherever it is put. */
  readonly runsOn?: true;
  /** The food was read warm in the cold: only a cold reading says that it is better for being put back. */
  readonly readWarm?: true;
  /** It runs because the store cannot be relied on, its air or its power; the food itself has not been read. */
  readonly spell?: 'air' | 'power';
  /** While it was carried in an insulated bag, which may have kept it cold. */
  readonly bag?: true;
  /** Kept hot, or on ice, and not read: it may be so yet. */
  readonly unread?: true;
}

export interface BandTime {
  readonly certainMs: number;
  readonly allMs: number;
  /** How often a minute counts at present; null when no clock runs. */
  readonly runningFactor: number | null;
}

/**
 * Adds up a ledger at a moment. Minutes in warm air count by the rule's factor; stretches that overlap count once, by the
 * greater factor (guidance §11.29).
 *
 * @param now epoch ms; stretches still running are counted up to it
 */
export function bandTime(exposures: readonly Exposure[], ledger: Ledger, now: number): BandTime {
  const own = exposures.filter((each) => each.ledger === ledger);
  const running = own.filter(({ to }) => to === null).map(({ factor }) => factor);
  return {
    certainMs: covered(
      own.filter(({ certain }) => certain),
      now,
    ),
    allMs: covered(own, now),
    runningFactor: running.length ? Math.max(...running) : null,
  };
}

/** The time that stretches cover together up to a moment, each minute once by the greatest of its factors, ms. */
function covered(exposures: readonly Exposure[], now: number): number {
  if (exposures.every(({ factor }) => factor === 1)) return union(exposures, now);
  let total = 0;
  let below = 0;
  // A minute that counts twice is one that counts once and once more: a union for each step of the factor.
  for (const level of [...new Set(exposures.map(({ factor }) => factor))].sort((a, b) => a - b)) {
    const asMuch = exposures.filter(({ factor }) => factor >= level);
    total += (level - below) * union(asMuch, now);
    below = level;
  }
  return total;
}

function union(exposures: readonly Exposure[], now: number): number {
  let total = 0;
  let until = -Infinity;
  for (const each of inOrder(exposures)) {
    const to = Math.min(endOf(each), now);
    if (to <= Math.max(until, each.from)) continue;
    total += to - Math.max(until, each.from);
    until = to;
  }
  return total;
}

/** By their beginning, as they nearly always stand already. */
function inOrder(exposures: readonly Exposure[]): readonly Exposure[] {
  const stand = exposures.every(({ from }, i) => i === 0 || exposures[i - 1]!.from <= from);
  return stand ? exposures : [...exposures].sort((a, b) => a.from - b.from);
}

/**
 * When a ledger comes to a time, in the past or if nothing changes; null when it never does.
 *
 * @returns epoch ms
 */
export function reachedAt(exposures: readonly Exposure[], ledger: Ledger, ms: number): number | null {
  const own = exposures.filter((each) => each.ledger === ledger);
  const edges = [...new Set(own.flatMap((each) => [each.from, endOf(each)]))].sort((a, b) => a - b);
  let left = ms;
  for (const [i, from] of edges.entries()) {
    const factors = own.filter((each) => each.from <= from && endOf(each) > from).map(({ factor }) => factor);
    if (!factors.length) continue;
    const rate = Math.max(...factors);
    const most = rate * (edges[i + 1]! - from);
    if (left <= most) return from + Math.floor(left / rate);
    left -= most;
  }
  return null;
}

/**
 * When a ledger runs out if nothing changes, or null while no clock runs on it.
 *
 * @returns epoch ms; in the past when it has run out
 */
export function bandEndsAt(exposures: readonly Exposure[], ledger: Ledger, limitMs: number): number | null {
  const runs = exposures.some((each) => each.ledger === ledger && each.to === null);
  return runs ? reachedAt(exposures, ledger, limitMs) : null;
}

const endOf = ({ to }: Exposure): number => to ?? Infinity;

/**
 * Why the stretches that run come to an end: the food went into the cold, it is known to be out of the growth band, or it
 * was used. What is too late to chill runs on until it is used; what was read warm in the cold until it is read cold.
 */
export type Ending = 'chilled' | 'settled' | 'used';

/** Ends the stretches that run, as far as the ending goes. What would have begun later never does. */
export function closeExposure(
  exposures: readonly Exposure[],
  at: number,
  ending: Ending,
): readonly Exposure[] {
  // Most of what happens ends nothing.
  if (exposures.every(({ to }) => to !== null && to <= at)) return exposures;
  const goesOn = ({ to, runsOn, readWarm }: Exposure) =>
    to === null && ending !== 'used' && (runsOn || (readWarm && ending === 'chilled'));
  return exposures
    .filter(({ bag, from }) => !bag || from <= at)
    .map((each) =>
      (each.to ?? Infinity) > at && !goesOn(each) ? { ...each, to: Math.max(at, each.from) } : each,
    );
}

/** The stretch that runs, if one does; of several the one that is certain. */
export function runningExposure(exposures: readonly Exposure[]): Exposure | undefined {
  const running = exposures.filter(({ to }) => to === null);
  return running.find(({ certain }) => certain) ?? running[0];
}

/** Moves the start of the stretch that runs, for good when a reading inside the band has fixed it. */
export function restartExposure(
  exposures: readonly Exposure[],
  from: number,
  startFixed: boolean,
): readonly Exposure[] {
  return exposures.map((exposure) =>
    exposure.to === null && !exposure.startFixed ? { ...exposure, from, startFixed } : exposure,
  );
}

/**
 * Leaves out the stretches that led to a moment without a break and that no reading has fixed: what came from the cold and
 * is cold yet was so all the way. A gap nobody can account for stays, since it may have been warm and chilled again.
 */
export function withoutWayHere(exposures: readonly Exposure[], from: number): readonly Exposure[] {
  const before = exposures.find(
    ({ to, side, startFixed, certain, bag }) =>
      to === from && side === 'cold' && !startFixed && (certain || bag),
  );
  return before
    ? withoutWayHere(
        exposures.filter((each) => each !== before),
        before.from,
      )
    : exposures;
}

/** Leaves out the stretches of a place in which nobody read the food, once a reading says how it was there. */
export const withoutUnread = (exposures: readonly Exposure[], there: Place): readonly Exposure[] =>
  exposures.some(({ unread }) => unread)
    ? exposures.filter(({ unread, place }) => !unread || place !== there)
    : exposures;

/** Begins a stretch. */
export function openExposure(
  exposures: readonly Exposure[],
  start: Pick<Exposure, 'ledger' | 'from' | 'place' | 'side'> & Partial<Exposure>,
): readonly Exposure[] {
  return [
    ...exposures,
    { to: null, factor: 1, startFixed: false, certain: true, asked: start.from, ...start },
  ];
}

/**
 * When food crossed a limit between two readings: by a straight line between them when they are no further apart than
 * the rule's own limit, otherwise at the earlier, good one (guidance §11.3).
 *
 * @param good the last reading on the safe side
 * @param now the first reading on the other side
 */
export function crossing(
  good: TrailReading,
  now: TrailReading,
  limit: Temperature,
  withinMs: number,
): number {
  if (now.at - good.at > withinMs || compareTemperatures(good.temperature, now.temperature) === 0)
    return good.at;
  const [a, b, c] = [good.temperature, now.temperature, limit].map(toCelsius) as [number, number, number];
  const share = Math.min(1, Math.max(0, (c - a) / (b - a)));
  return Math.floor(good.at + share * (now.at - good.at));
}

/**
 * Since when the log has known that a ledger may be past a time: by what was certain, or by what it had asked about by then.
 * What is asked later never moves it on.
 *
 * @returns epoch ms, in the past or if nothing changes; null when it never is
 */
export function knownPast(exposures: readonly Exposure[], ledger: Ledger, ms: number): number | null {
  const own = exposures.filter((each) => each.ledger === ledger);
  const asks = [...new Set(own.map(({ certain, asked }) => (certain ? -Infinity : asked)))];
  const known = asks.flatMap((by) => {
    const reached = reachedAt(
      own.filter(({ certain, asked }) => certain || asked <= by),
      ledger,
      ms,
    );
    return reached === null ? [] : [Math.max(reached, by)];
  });
  return known.length ? Math.min(...known) : null;
}
