import type { Read } from '../devices';
import { eventWords, subjectOf, type KitchenEvent } from '../record';
import type { FoodState } from '../trail';
import type { Thermometer } from '../thermometers';
import { DateTime } from '../time/luxon';
import { inUnit, type Temperature } from '../units';

/** A row of a table, by the names of its columns. */
export type TableRow = Readonly<Record<string, string | number>>;

/** A moment as files write it: ISO 8601 with the offset of the zone, which is told beside. */
const momentIn = (at: number, zone: string) => ({ time: DateTime.fromMillis(at, { zone }).toISO()!, zone });

const figure = ({ value, unit }: Temperature) => ({ value: Math.round(value * 100) / 100, unit: `°${unit}` });

/** What a channel of a device read. */
export const channelRows = (
  device: string,
  channel: string,
  readings: readonly Read[],
  zone: string,
): TableRow[] =>
  readings.map(({ at, celsius }) => ({
    ...momentIn(at, zone),
    device,
    channel,
    ...figure({ value: celsius, unit: 'C' }),
  }));

/** What the air of stores read, as it was noted. */
export const storeRows = (
  readings: readonly { readonly at: number; readonly store: string; readonly temperature: Temperature }[],
  zone: string,
): TableRow[] =>
  readings.map(({ at, store, temperature }) => ({ ...momentIn(at, zone), store, ...figure(temperature) }));

/** What happened to thermometers: their checks with what they read and should have read, and their mishaps. */
export const checkRows = (thermometers: readonly Thermometer[], zone: string): TableRow[] =>
  thermometers.flatMap(({ name, kind, log }) =>
    log.map((entry): TableRow => {
      const common = { ...momentIn(entry.at, zone), thermometer: name, kind, what: entry.what };
      if (entry.what !== 'checked') return common;
      const { point, read, expectedC } = entry;
      const expected = inUnit({ value: expectedC, unit: 'C' }, read.unit);
      return { ...common, point, ...figure(read), expected: figure(expected).value };
    }),
  );

/** Foods as they stand: what each is, where, since when, and how much. */
export const foodRows = (foods: readonly FoodState[], zone: string): TableRow[] =>
  foods.map(({ foodId, name, foodKey, place, placeSince, massKg }) => ({
    ...momentIn(placeSince, zone),
    food: foodId,
    name,
    kind: foodKey ?? '',
    place,
    kg: massKg,
  }));

/** What happened, in words and as it was recorded. */
export const eventRows = (
  entries: readonly { readonly event: KitchenEvent; readonly name: string; readonly by?: string }[],
  zone: string,
): TableRow[] =>
  entries.map(({ event, name, by }) => ({
    ...momentIn(event.at, zone),
    of: subjectOf(event),
    name,
    type: event.type,
    words: eventWords(event, { units: { temperature: 'C', mass: 'metric' }, zone }),
    by: by ?? '',
    said: JSON.stringify(event.payload),
  }));
