import type { Read } from '@omtel/core/devices';
import type { Database } from '../db/connect';
import type { ChannelRow } from './devices';

interface Stored {
  channel_id: number;
  at: number;
  centi_c: number;
}

/** The channel of a household whose readings these are. */
type Channel = Pick<ChannelRow, 'id'>;

const HUNDREDTHS = 100;
/** So many rows a statement. */
const AT_ONCE = 1000;

const inBatches = <Each>(all: readonly Each[]): (readonly Each[])[] =>
  Array.from({ length: Math.ceil(all.length / AT_ONCE) }, (_, i) =>
    all.slice(i * AT_ONCE, (i + 1) * AT_ONCE),
  );

/** Keeps readings; of one moment the first that came stays. */
export async function insertReadings(
  db: Database,
  { id }: Channel,
  readings: readonly Read[],
): Promise<void> {
  for (const batch of inBatches(readings))
    await db<Stored>('device_readings')
      .insert(
        batch.map(({ at, celsius }) => ({
          channel_id: id,
          at,
          centi_c: Math.round(celsius * HUNDREDTHS),
        })),
      )
      // Says nothing of other errors, which an insert that ignores would swallow.
      .onConflict()
      .merge({ channel_id: db.raw('channel_id') } as never);
}

/** What a channel read in a time, both ends included, in order. */
export async function readingsBetween(
  db: Database,
  { id }: Channel,
  [from, to]: readonly [from: number, to: number],
): Promise<Read[]> {
  const rows = await db<Stored>('device_readings')
    .where({ channel_id: id })
    .whereBetween('at', [from, to])
    .orderBy('at')
    .select('at', 'centi_c');
  return rows.map(({ at, centi_c }) => ({ at: Number(at), celsius: centi_c / HUNDREDTHS }));
}

/** Whether a channel read more than so many times in a time. */
export async function isMoreThan(
  db: Database,
  { id }: Channel,
  [from, to]: readonly [from: number, to: number],
  most: number,
): Promise<boolean> {
  const next = await db<Stored>('device_readings')
    .where({ channel_id: id })
    .whereBetween('at', [from, to])
    .orderBy('at')
    .offset(most)
    .limit(1)
    .select('at');
  return next.length > 0;
}

/** The lowest and the highest of each even part of a time in which anything was read. */
export async function extremesBetween(
  db: Database,
  { id }: Channel,
  [from, to]: readonly [from: number, to: number],
  parts: number,
): Promise<readonly { readonly at: number; readonly lowC: number; readonly highC: number }[]> {
  const width = Math.max(1, Math.ceil((to - from + 1) / parts));
  const rows = (await db<Stored>('device_readings')
    .where({ channel_id: id })
    .whereBetween('at', [from, to])
    .select(
      db.raw('(at - ?) DIV ? AS part', [from, width]),
      db.raw('MIN(centi_c) AS low'),
      db.raw('MAX(centi_c) AS high'),
    )
    .groupBy('part')
    .orderBy('part')) as unknown as { part: number; low: number; high: number }[];
  return rows.map(({ part, low, high }) => ({
    at: from + (Number(part) + 0.5) * width,
    lowC: low / HUNDREDTHS,
    highC: high / HUNDREDTHS,
  }));
}

export async function deleteReadings(
  db: Database,
  { id }: Channel,
  moments: readonly number[],
): Promise<void> {
  for (const batch of inBatches(moments))
    await db<Stored>('device_readings').where({ channel_id: id }).whereIn('at', batch).delete();
}
