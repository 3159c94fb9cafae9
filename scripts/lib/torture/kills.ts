import { setTimeout as pause } from 'node:timers/promises';
import { connect } from '../../../server/src/db/connect';
import { verifyLedger } from '../../../server/src/services/verify';
import type { Chance } from '@omtel/core/chance';
import { foodLife, oneOf } from '../inventedUse';
import type { Arena } from './arena';
import { Device, signIn } from './device';
import { Listener } from './listener';

/** What came of killing parts while devices sent. */
export interface Survived {
  readonly rounds: number;
  readonly acknowledged: number;
  readonly batchesSentAgain: number;
  readonly longestPauseMs: number;
  /** Acknowledged entries that are not there. */
  readonly lost: number;
  /** Entries that are there more than once. */
  readonly doubled: number;
  /** Foods whose stored state is not what their history folds to. */
  readonly differing: number;
  readonly gaps: number;
  /** Entries that a device which listens was not told exactly once and in order. */
  readonly untold: number;
}

const DAY_MS = 24 * 60 * 60 * 1000;

/** Two devices send and one listens without a pause, while parts are killed at moments nobody chose, n times. */
export async function killAtRandom(arena: Arena, rounds: number, chance: Chance): Promise<Survived> {
  const { cookie, now } = await signIn(arena.addresses[0]!);
  const devices = [new Device(arena.addresses, cookie), new Device(arena.addresses, cookie)];
  const listener = await Listener.begin([...arena.addresses].reverse(), cookie);
  let going = true;
  const sending = devices.map(async (device) => {
    while (going) {
      const life = foodLife(now - (5 + chance() * 30) * DAY_MS, chance);
      // Some in one batch, some entry by entry.
      const most = oneOf([1, 3, life.length], chance);
      for (let i = 0; i < life.length; i += most) await device.send(life.slice(i, i + most));
    }
  });
  for (let round = 0; round < rounds; round++) {
    await pause(100 + chance() * 400);
    await arena.kill(oneOf(arena.targets, chance));
  }
  going = false;
  await Promise.all(sending);

  const acknowledged = devices.flatMap((device) => [...device.acknowledged]);
  const found = await Promise.all(arena.databaseUrls.map((url) => heldAt(url, acknowledged)));
  const worst = (count: keyof Held) => Math.max(...found.map((held) => held[count]));
  return {
    rounds,
    acknowledged: acknowledged.length,
    batchesSentAgain: devices.reduce((sum, { again }) => sum + again, 0),
    longestPauseMs: Math.round(Math.max(...devices.map(({ longestMs }) => longestMs))),
    lost: worst('lost'),
    doubled: worst('doubled'),
    differing: worst('differing'),
    gaps: worst('gaps'),
    untold: await listener.untold(),
  };
}

type Held = Pick<Survived, 'lost' | 'doubled' | 'differing' | 'gaps'>;

/** What a place holds of all that was acknowledged, and whether it agrees with itself. */
async function heldAt(databaseUrl: string, acknowledged: readonly string[]): Promise<Held> {
  const db = connect(databaseUrl);
  try {
    const kept: string[] = await db('events').pluck('id');
    const there = new Set(kept);
    const { differing, gaps } = await verifyLedger(db);
    return {
      lost: acknowledged.filter((id) => !there.has(id)).length,
      doubled: kept.length - there.size,
      differing: differing.length,
      gaps: gaps.length,
    };
  } finally {
    await db.destroy();
  }
}
