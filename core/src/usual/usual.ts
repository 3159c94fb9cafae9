import { monthsLater } from '../time';
import type { Payload } from '../record';
import { DAY_MS } from '../units';

/** A food that came into a household's hands, as it was said then. */
export interface Arrival {
  readonly at: number;
  readonly added: Payload<'added'>;
}

/** What a household is likely to be putting in, each as it came last. */
export interface Usual {
  /** Of the last months, the latest first. */
  readonly lately: readonly Payload<'added'>[];
  /** Of this time of earlier years, and not of late: what came most often first. */
  readonly season: readonly Payload<'added'>[];
}

/** What is offered is what a thumb can choose from: so many of each place, and of the season. */
const MOST_OFFERED = 8;
const LATELY_DAYS = 90;
const AROUND_DAYS = 31;
const EARLIER_YEARS = [1, 2];

/**
 * The spans of time in which what came is looked at, the latest first: the last months, and this time of the last two years.
 *
 * @param zone in which a year ago is the same day of the calendar
 */
export function spansAskedFor(now: number, zone: string): readonly (readonly [from: number, to: number])[] {
  return [
    [now - LATELY_DAYS * DAY_MS, now],
    ...EARLIER_YEARS.map((years) => {
      const then = monthsLater(now, -12 * years, zone);
      return [then - AROUND_DAYS * DAY_MS, then + AROUND_DAYS * DAY_MS] as const;
    }),
  ];
}

/** What these foods' coming says that the household will be putting in again; foods of one name and the same kinds are one. */
export function usualOf(arrivals: readonly Arrival[], now: number, zone: string): Usual {
  const [late, ...seasons] = spansAskedFor(now, zone);
  const within = ([from, to]: readonly [number, number]) =>
    arrivals.filter(({ at }) => at >= from && at <= to);
  const lately = eachOnce(within(late!));
  const known = new Set(lately.map(({ key }) => key));
  const season = eachOnce(seasons.flatMap(within)).filter(({ key }) => !known.has(key));
  return {
    lately: mostOfEachPlace(lately.map(({ added }) => added)),
    season: season
      .sort((a, b) => b.times - a.times)
      .slice(0, MOST_OFFERED)
      .map(({ added }) => added),
  };
}

/** Each food as it came last, the latest first, with how often it came. */
function eachOnce(arrivals: readonly Arrival[]) {
  const each = new Map<string, { readonly key: string; readonly added: Payload<'added'>; times: number }>();
  for (const { added } of [...arrivals].sort((a, b) => b.at - a.at)) {
    const key = JSON.stringify([added.name.toLowerCase(), added.foodKey, added.parts]);
    const before = each.get(key);
    if (before) before.times += 1;
    else each.set(key, { key, added, times: 1 });
  }
  return [...each.values()];
}

function mostOfEachPlace(foods: readonly Payload<'added'>[]): readonly Payload<'added'>[] {
  const offered = new Map<string, number>();
  return foods.filter(({ place }) => {
    const before = offered.get(place) ?? 0;
    offered.set(place, before + 1);
    return before < MOST_OFFERED;
  });
}
