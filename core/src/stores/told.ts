import type { PowerCut, StoreId, StoreReading } from '../api/stores';
import { isStoreRight } from '../clocks';
import type { RuleSet } from '../guidance';
import type { EventType, FoodEvent, Payload } from '../record';
import { inTheCold, type FoodState } from '../trail';

/** What a food learns of the store it is in, which did not happen to it alone; who tells it gives it an id. */
export type Told = {
  readonly [Type in 'storeWarm' | 'storeRight' | 'powerOff' | 'powerOn']: {
    readonly at: number;
    readonly type: Type;
    readonly payload: Payload<Type>;
  };
}['storeWarm' | 'storeRight' | 'powerOff' | 'powerOn'];

/** What can put food into a store. */
export const ENTRIES: readonly EventType[] = ['added', 'moved', 'putAway', 'thawStarted'];

/** The store an event puts its food into, if any. */
export function storeOf({ type, payload }: FoodEvent): StoreId | null {
  const place =
    type === 'moved' || type === 'putAway' || type === 'added'
      ? payload.place
      : type === 'thawStarted' && payload.method === 'refrigerator'
        ? 'refrigerator'
        : null;
  return place === 'refrigerator' || place === 'freezer' ? place : null;
}

/** A power cut, and when it ended; null while it lasts. */
export interface CutSpan extends Pick<PowerCut, 'offAt' | 'freezer'> {
  readonly onAt: number | null;
}

/** Whether a moment lies in a power cut, its first instant included. */
export const liesIn = (at: number, { offAt, onAt }: Pick<CutSpan, 'offAt' | 'onAt'>): boolean =>
  offAt <= at && (onAt === null || onAt > at);

/**
 * What food learns that goes into a store that cannot be relied on: its air was last read too warm, or its power was off then.
 *
 * @param last what the air of that store read last before; nothing where nobody read it
 * @param cut the power cut it came in, if any
 */
export function toldOnEntry(
  { at: cameAt }: FoodEvent,
  store: StoreId,
  last: Pick<StoreReading, 'temperature'> | null | undefined,
  cut: CutSpan | undefined,
  rules: RuleSet,
): Told[] {
  const at = cameAt + 1;
  const told: Told[] = [];
  if (last && !isStoreRight(store, last.temperature, rules))
    told.push({ at, type: 'storeWarm', payload: { since: cameAt } });
  if (!cut) return told;
  const { offAt: since, freezer, onAt } = cut;
  // To put it there, somebody opened the door.
  told.push({ at, type: 'powerOff', payload: { since, freezer, opened: [store] } });
  if (onAt !== null) told.push({ at: onAt, type: 'powerOn', payload: {} });
  return told;
}

/**
 * What a food at hand learns of a power cut: it was so since then for what was in its store, and since it came there for what
 * came later.
 *
 * @param againAt where it was known and something more of it is said: when that was
 */
export function toldOfPowerCut(
  { place, placeSince }: Pick<FoodState, 'place' | 'placeSince'>,
  { offAt, freezer, opened }: Omit<PowerCut, 'id'>,
  againAt?: number,
): Told {
  const later = inTheCold(place) && placeSince > offAt;
  return {
    at: againAt ?? (later ? placeSince : offAt),
    type: 'powerOff',
    payload: {
      since: offAt,
      freezer,
      // To put it there, somebody opened the door.
      opened: later && inTheCold(place) ? [...new Set([...opened, place])] : opened,
    },
  };
}

/**
 * What the foods in a store learn by a reading of its air that turns it too warm, or right again; nothing where it stays as it was.
 *
 * @param before what was read of that store before it, the newest first
 */
export function toldOfAir(
  { store, at, temperature }: Omit<StoreReading, 'id'>,
  before: readonly Pick<StoreReading, 'at' | 'temperature'>[],
  rules: RuleSet,
): Told | null {
  const right = (read: Pick<StoreReading, 'temperature'>) => isStoreRight(store, read.temperature, rules);
  const wasRight = before[0] === undefined || right(before[0]);
  if (right({ temperature }) === wasRight) return null;
  if (!wasRight) return { at, type: 'storeRight', payload: {} };
  return { at, type: 'storeWarm', payload: { since: before.find(right)?.at ?? at } };
}
