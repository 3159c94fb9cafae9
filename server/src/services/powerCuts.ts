import type { PowerCut } from '@omtel/core/api';
import type { FoodEvent } from '@omtel/core/record';
import { ENTRIES, toldOfPowerCut } from '@omtel/core/stores';
import { v7 as uuid } from 'uuid';
import type { WallClock } from '../clock';
import type { Database } from '../db/connect';
import { inTransaction } from '../db/transaction';
import { listFoods } from '../repositories/foods';
import { eventsBetween } from '../repositories/events';
import { lockHousehold, type HouseholdRow } from '../repositories/households';
import {
  deletePowerCut,
  findPowerCut,
  lastingPowerCut,
  powerCutAfter,
  powerCutsIn,
  savePowerCut,
  type PowerCutRow,
} from '../repositories/powerCuts';
import { householdNow } from './householdClock';
import { intoUnsureStore } from './intoUnsureStore';
import { AHEAD_MS, recordEvents } from './recordEvents';
import { Refusal } from './refusal';
import { toldInstead } from './told';

/**
 * Records that the power is off, and tells every food at hand: it was so since then for what was in its store, and since it
 * came there for what came later. Said again, it adds what was opened meanwhile; what was said once stands.
 *
 * @throws Refusal for one that lies in the future or in another, or is over
 */
export async function recordPowerCut(
  db: Database,
  householdId: string,
  cut: PowerCut,
  wall: WallClock,
): Promise<void> {
  await inTransaction(db, async (trx) => {
    const now = await nowOf(trx, householdId, cut.offAt, wall);
    const known = await findPowerCut(trx, householdId, cut.id);
    if (known?.onAt) throw new Refusal(422, 'The power is back already.');
    const other = known
      ? null
      : ((await lastingPowerCut(trx, householdId)) ??
        (await powerCutsIn(trx, householdId, [cut.offAt, cut.offAt]))[0]);
    if (other) throw new Refusal(422, 'The power was off then already.');
    const { offAt, freezer } = known ?? cut;
    const opened = [...new Set([...(known?.opened ?? []), ...cut.opened])];
    if (known && opened.length === known.opened.length) return;
    await savePowerCut(trx, householdId, { id: cut.id, offAt, freezer, opened, onAt: null });
    const events = (await listFoods(trx, householdId)).map(({ state }): FoodEvent => ({
      id: uuid(),
      foodId: state.foodId,
      ...toldOfPowerCut(state, { offAt, freezer, opened }, known ? now : undefined),
    }));
    if (events.length) await recordEvents(trx, householdId, events, wall);
  });
}

/**
 * Records that the power is back, and tells every food at hand. Saying it again is harmless.
 *
 * @throws Refusal for a moment in the future or before it went off, and where no such cut is known
 */
export async function endPowerCut(
  db: Database,
  householdId: string,
  id: string,
  onAt: number,
  wall: WallClock,
): Promise<void> {
  await inTransaction(db, async (trx) => {
    await nowOf(trx, householdId, onAt, wall);
    const cut = await findPowerCut(trx, householdId, id);
    if (!cut) throw new Refusal(422, 'No such power cut is known here.');
    if (cut.onAt !== null) return;
    if (onAt < cut.offAt) throw new Refusal(422, 'The power went off after that.');
    await savePowerCut(trx, householdId, { ...cut, onAt });
    const events = (await listFoods(trx, householdId)).map(({ state: { foodId } }): FoodEvent => ({
      id: uuid(),
      foodId,
      at: onAt,
      type: 'powerOn',
      payload: {},
    }));
    if (events.length) await recordEvents(trx, householdId, events, wall);
  });
}

/**
 * Takes a power cut back: it never was. Every food told of it forgets it. Taking it back again is harmless.
 */
export async function takeBackPowerCut(
  db: Database,
  householdId: string,
  id: string,
  wall: WallClock,
): Promise<void> {
  await inTransaction(db, async (trx) => {
    const { now } = await lockedNow(trx, householdId, wall);
    const cut = await findPowerCut(trx, householdId, id);
    if (!cut) return;
    await deletePowerCut(trx, householdId, id);
    await forget(trx, householdId, await toldOf(trx, householdId, cut), now, wall);
  });
}

/**
 * Takes back that the power is back: it is off still, for what came meanwhile too. Taking it back again is harmless.
 *
 * @throws Refusal where the power went off again since
 */
export async function takeBackPowerBack(
  db: Database,
  householdId: string,
  id: string,
  wall: WallClock,
): Promise<void> {
  await inTransaction(db, async (trx) => {
    const { household, now } = await lockedNow(trx, householdId, wall);
    const cut = await findPowerCut(trx, householdId, id);
    if (cut?.onAt === null) return;
    if (!cut) throw new Refusal(422, 'No such power cut is known here.');
    if (await powerCutAfter(trx, householdId, cut.offAt))
      throw new Refusal(422, 'The power went off again since. Take that back first.');
    const told = await toldOf(trx, householdId, cut);
    await savePowerCut(trx, householdId, { ...cut, onAt: null });
    await forget(
      trx,
      householdId,
      told.filter(({ type }) => type === 'powerOn'),
      now,
      wall,
    );
    const since = await eventsBetween(trx, householdId, ENTRIES, [cut.onAt, now]);
    const events = (await intoUnsureStore(trx, household, since)).filter(({ type }) => type === 'powerOff');
    if (events.length) await recordEvents(trx, householdId, events, wall);
  });
}

/** What foods were told of a power cut. */
async function toldOf(trx: Database, householdId: string, cut: PowerCutRow): Promise<readonly FoodEvent[]> {
  const last = cut.onAt ?? Number.MAX_SAFE_INTEGER;
  return (await eventsBetween(trx, householdId, ['powerOff', 'powerOn'], [cut.offAt, last])).filter(
    ({ type, payload, at }) =>
      (type === 'powerOff' && payload.since === cut.offAt) || (type === 'powerOn' && at === cut.onAt),
  );
}

async function forget(
  trx: Database,
  householdId: string,
  told: readonly FoodEvent[],
  now: number,
  wall: WallClock,
): Promise<void> {
  const events = await toldInstead(trx, householdId, now, told, []);
  if (events.length) await recordEvents(trx, householdId, events, wall);
}

/** The household, taken for this transaction alone, and its present moment. */
async function lockedNow(
  trx: Database,
  householdId: string,
  wall: WallClock,
): Promise<{ household: HouseholdRow; now: number }> {
  const household = await lockHousehold(trx, householdId);
  if (!household) throw new Refusal(401, 'Sign in first.');
  return { household, now: Math.round(householdNow(household, wall)) };
}

/** The same moment, where what is said of another does not lie ahead of it. */
async function nowOf(trx: Database, householdId: string, at: number, wall: WallClock): Promise<number> {
  const { now } = await lockedNow(trx, householdId, wall);
  if (at > now + AHEAD_MS) throw new Refusal(422, 'That has not happened yet. Check the time.');
  return now;
}
