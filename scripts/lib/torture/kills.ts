import { setTimeout as pause } from 'node:timers/promises';
import { connect } from '../../../server/src/db/connect';
import { verifyLedger } from '../../../server/src/services/verify';
import { foodLife, oneOf, type Chance } from '../inventedUse';
import type { Arena } from './arena';
import { Device, signIn } from './device';

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
}

const DAY_MS = 24 * 60 * 60 * 1000;
const TARGETS = [['server'], ['database'], ['server', 'database']] as const;

/** Two devices send without a pause, while the server or the database is killed at a moment nobody chose, n times. */
export async function killAtRandom(arena: Arena, rounds: number, chance: Chance): Promise<Survived> {
  const { cookie, now } = await signIn(arena.address);
  const devices = [new Device(arena.address, cookie), new Device(arena.address, cookie)];
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
    await arena.kill(oneOf(TARGETS, chance));
  }
  going = false;
  await Promise.all(sending);

  const db = connect(arena.databaseUrl);
  try {
    const kept: string[] = await db('events').pluck('id');
    const there = new Set(kept);
    const { differing, gaps } = await verifyLedger(db);
    const acknowledged = devices.flatMap((device) => [...device.acknowledged]);
    return {
      rounds,
      acknowledged: acknowledged.length,
      batchesSentAgain: devices.reduce((sum, { again }) => sum + again, 0),
      longestPauseMs: Math.round(Math.max(...devices.map(({ longestMs }) => longestMs))),
      lost: acknowledged.filter((id) => !there.has(id)).length,
      doubled: kept.length - there.size,
      differing: differing.length,
      gaps: gaps.length,
    };
  } finally {
    await db.destroy();
  }
}
