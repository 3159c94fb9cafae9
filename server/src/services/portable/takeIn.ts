import { setImmediate as othersTurn } from 'node:timers/promises';
import { DEMO_HOUSEHOLD_ID } from '@omtel/core/api';
import {
  lineOfMember,
  memberIn,
  openPortable,
  PortableProblem,
  SECTIONS,
  type Portable,
  type PortableFile,
  type Section,
  type Taken,
} from '@omtel/core/portable';
import { latestPast } from '@omtel/core/record';
import { v5 as uuidFrom } from 'uuid';
import type { WallClock } from '../../clock';
import type { Database } from '../../db/connect';
import { inTransaction } from '../../db/transaction';
import { lockHousehold, saveSettings, type HouseholdRow } from '../../repositories/households';
import { listPeople } from '../../repositories/people';
import {
  channelKey,
  inParts,
  insertChannels,
  insertDeviceReadings,
  insertDevices,
  insertEvents,
  insertFormerPeople,
  insertPowerCuts,
  insertStoreReadings,
  knownIds,
  saveLastReadings,
  saveLastSeq,
} from '../../repositories/portable/write';
import { householdNow } from '../householdClock';
import { AHEAD_MS } from '../recordEvents';
import { Refusal } from '../refusal';
import { foldAnew } from './foldAnew';

/** So many members of a list are looked at before others have their turn. */
const AT_ONCE = 200;

export interface TakingInAs {
  /** Says what would come of it, and changes nothing. */
  readonly dry: boolean;
  /** Takes the settings of the file as well. */
  readonly settings: boolean;
  /** How far it is. */
  readonly onProgress: (what: string, done: number, of: number) => void;
}

/** Thrown at the end of a dry run, so that all of it was done and nothing of it stays. */
class OnlyTried extends Error {
  constructor(readonly taken: Taken) {
    super('a dry run');
  }
}

/**
 * Takes a household's file into a household: all of it, or nothing. What is known by its id stands as it was first recorded, so that
 * the same file again changes nothing. Whoever entered something there is a name in the log here.
 *
 * @returns what was taken, or would be
 * @throws Refusal with the line of what is wrong with the file, and where it may not come in
 */
export async function takeInHousehold(
  db: Database,
  householdId: string,
  text: string,
  as: TakingInAs,
  wall: WallClock,
): Promise<Taken> {
  try {
    const file = openPortable(text);
    if (file.head.household.id === DEMO_HOUSEHOLD_ID)
      throw new Refusal(422, 'This file is the demo’s: what never was comes into no kitchen.');
    const read = await readAll(file, as);
    return await inTransaction(db, async (trx) => {
      const household = await lockHousehold(trx, householdId);
      if (!household) throw new Refusal(401, 'Sign in first.');
      if (household.demo)
        throw new Refusal(403, 'The demo takes in nothing. Open a kitchen of your own first.');
      const taken = await takeAll(trx, household, file, read, as, wall);
      if (as.dry) throw new OnlyTried(taken);
      return taken;
    });
  } catch (error) {
    if (error instanceof OnlyTried) return error.taken;
    if (error instanceof PortableProblem) throw new Refusal(422, error.message);
    throw error;
  }
}

type Read = { readonly [Name in Section]: readonly Portable<Name>[] };

/** @throws PortableProblem for the first member that is none */
async function readAll(file: PortableFile, { onProgress }: TakingInAs): Promise<Read> {
  const of = SECTIONS.reduce((sum, section) => sum + file.lists[section].length, 0);
  let done = 0;
  const read: Record<string, unknown[]> = {};
  for (const section of SECTIONS) {
    read[section] = [];
    for (let index = 0; index < file.lists[section].length; index++) {
      read[section].push(memberIn(file, section, index));
      if (++done % AT_ONCE) continue;
      onProgress('read', done, of);
      await othersTurn();
    }
  }
  return read as never;
}

async function takeAll(
  trx: Database,
  household: HouseholdRow,
  file: PortableFile,
  read: Read,
  as: TakingInAs,
  wall: WallClock,
): Promise<Taken> {
  const { id } = household;
  const now = Math.round(householdNow(household, wall));
  const counts = {} as Record<Section, { fresh: number; known: number }>;
  const count = (section: Section, fresh: number, all = read[section].length) =>
    void (counts[section] = { fresh, known: all - fresh });

  // Under another guidance, and for others at the table, what is folded below amounts to something else.
  const settings = as.settings ? file.head.household.settings : household.settings;
  if (as.settings) await saveSettings(trx, id, settings);

  const people = await peopleHere(trx, id, read.people);
  await insertFormerPeople(trx, id, people.fresh, now);
  count('people', people.fresh.length);

  const freshOf = async <Name extends 'powerCuts' | 'devices' | 'storeReadings'>(
    section: Name,
    table: 'power_cuts' | 'devices' | 'store_readings',
  ) => {
    const members = read[section] as readonly (Portable<Name> & { readonly id: string })[];
    const known = await knownIds(
      trx,
      id,
      table,
      members.map((member) => member.id),
    );
    const fresh = members.filter((member) => !known.has(member.id));
    count(section, fresh.length);
    return fresh;
  };
  await insertPowerCuts(trx, id, await freshOf('powerCuts', 'power_cuts'));
  await insertDevices(trx, id, await freshOf('devices', 'devices'));
  const channels = await insertChannels(trx, id, read.channels);
  count('channels', channels.fresh);
  const channelOf = (device: string, name: string) => channels.numbers.get(channelKey(device, name)) ?? null;
  await insertStoreReadings(
    trx,
    id,
    (await freshOf('storeReadings', 'store_readings')).map((reading) => ({
      ...reading,
      channelId: reading.channel ? channelOf(reading.channel.device, reading.channel.name) : null,
    })),
  );
  await takeDeviceReadings(trx, read.deviceReadings, channelOf, count, as);

  const fresh = await takeEvents(
    trx,
    household,
    { file, events: read.events, nameOf: people.idHere, now },
    as,
  );
  count('events', fresh.length);
  const { foods, meals } = await foldAnew(trx, { id, settings }, fresh, as.settings, as.onProgress);
  return { dry: as.dry, from: file.head.household.name, lists: counts, foods, meals, settings: as.settings };
}

const NAMESPACE = '0b7c0d7e-0f5a-4f0e-8a55-6d3a7f0f3c41';

/** Who entered something in the file, as they are called by id here: somebody of this household is themselves. */
async function peopleHere(trx: Database, householdId: string, people: Read['people']) {
  const here = new Set((await listPeople(trx, householdId)).map(({ id }) => id));
  const former: string[] = await trx('people').where({ household_id: householdId }).pluck('id');
  const idHere = (id: string) =>
    here.has(id) || former.includes(id) ? id : uuidFrom(`${householdId} ${id}`, NAMESPACE);
  const known = new Set([...here, ...former]);
  const fresh = people.map(({ id, name }) => ({ id: idHere(id), name })).filter(({ id }) => !known.has(id));
  return { idHere, fresh };
}

async function takeDeviceReadings(
  trx: Database,
  all: Read['deviceReadings'],
  channelOf: (device: string, name: string) => number | null,
  count: (section: Section, fresh: number, all: number) => void,
  { onProgress }: TakingInAs,
): Promise<void> {
  const total = all.reduce((sum, { readings }) => sum + readings.length, 0);
  let [fresh, done] = [0, 0];
  const touched = new Set<number>();
  for (const { device, channel, readings } of all) {
    const channelId = channelOf(device, channel);
    if (channelId === null)
      throw new Refusal(422, `A channel “${channel}” has readings and is none of the channels of the file.`);
    const taken = await insertDeviceReadings(trx, channelId, readings);
    if (taken) touched.add(channelId);
    fresh += taken;
    done += readings.length;
    onProgress('readings', done, total);
  }
  await saveLastReadings(trx, [...touched]);
  count('deviceReadings', fresh, total);
}

interface ToTake {
  readonly file: PortableFile;
  readonly events: Read['events'];
  readonly nameOf: (personId: string) => string;
  readonly now: number;
}

/** Appends the events that are not known yet, in the order of the file. */
async function takeEvents(
  trx: Database,
  { id, lastSeq }: HouseholdRow,
  { file, events, nameOf, now }: ToTake,
  { onProgress }: TakingInAs,
): Promise<readonly Portable<'events'>['event'][]> {
  const known = new Set(
    await knownIds(
      trx,
      id,
      'events',
      events.map(({ event }) => event.id),
    ),
  );
  const fresh = events.filter(({ event }, index) => {
    if (known.has(event.id)) return false;
    known.add(event.id);
    if (latestPast(event) > now + AHEAD_MS)
      throw new PortableProblem(lineOfMember(file, 'events', index), 'That has not happened yet.');
    return true;
  });
  let seq = lastSeq;
  for (const part of inParts(fresh)) {
    await insertEvents(
      trx,
      id,
      part.map((entry) => ({
        ...entry,
        recordedAt: Math.min(entry.recordedAt, now),
        by: entry.by && nameOf(entry.by),
        seq: ++seq,
      })),
    );
    onProgress('written', seq - lastSeq, fresh.length);
  }
  if (seq > lastSeq) await saveLastSeq(trx, id, seq);
  return fresh.map(({ event }) => event);
}
