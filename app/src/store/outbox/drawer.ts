import { DEMO_HOUSEHOLD_ID } from '@omtel/core/api';
import type { KitchenEvent } from '@omtel/core/record';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** A change that is no entry: of the settings, or of what is known of a store. */
export interface Change {
  /** UUID v7: when it was made. */
  readonly id: string;
  readonly path: string;
  readonly method: string;
  readonly body?: unknown;
}

/** All that waits to be sent of a household, each in the order it was made in. */
export interface Waiting {
  readonly events: readonly KitchenEvent[];
  readonly changes: readonly Change[];
}

/** An entry or a change the server understood and would not take, with its sentence why. */
export type Refused = { readonly id: string; readonly sentence: string } & (
  | { readonly event: KitchenEvent; readonly change?: never }
  | { readonly change: Change; readonly event?: never }
);

interface OutboxSchema extends DBSchema {
  events: { key: string; value: KitchenEvent };
  changes: { key: string; value: Change };
  refused: { key: string; value: Refused };
}

const opened = new Map<string, Promise<IDBPDatabase<OutboxSchema>>>();

/** The demo was there before there were households: what waits in its drawer was laid there by this name. */
const nameOf = (householdId: string): string =>
  householdId === DEMO_HOUSEHOLD_ID ? 'omtel-outbox' : `omtel-outbox.${householdId}`;

/**
 * Where a household's entries lie until the server has them: they survive a reload and a crash of the browser. Each household has its
 * own on a device, so that whatever waits is sent for the one it was recorded for, and for no other.
 */
function drawer(householdId: string): Promise<IDBPDatabase<OutboxSchema>> {
  const known = opened.get(householdId);
  if (known) return known;
  const opening = openDB<OutboxSchema>(nameOf(householdId), 2, {
    upgrade: (db, from) => {
      if (from < 1) {
        db.createObjectStore('events', { keyPath: 'id' });
        db.createObjectStore('refused', { keyPath: 'id' });
      }
      db.createObjectStore('changes', { keyPath: 'id' });
    },
    // A newer page, in another tab, wants to open it in its own way.
    blocking: () => void opening.then((db) => db.close()).then(() => opened.delete(householdId)),
  });
  opened.set(householdId, opening);
  return opening;
}

export async function putEvents(householdId: string, events: readonly KitchenEvent[]): Promise<void> {
  const tx = (await drawer(householdId)).transaction('events', 'readwrite');
  await Promise.all([...events.map((event) => tx.store.put(event)), tx.done]);
}

export async function putChange(householdId: string, change: Change): Promise<void> {
  await (await drawer(householdId)).put('changes', change);
}

/** All that waits to be sent, oldest first: ids are UUID v7, so their order is the order they were made in. */
export async function allWaiting(householdId: string): Promise<Waiting> {
  const tx = (await drawer(householdId)).transaction(['events', 'changes']);
  const [events, changes] = await Promise.all([
    tx.objectStore('events').getAll(),
    tx.objectStore('changes').getAll(),
  ]);
  return { events, changes };
}

export async function takeOut(householdId: string, ids: readonly string[]): Promise<void> {
  const tx = (await drawer(householdId)).transaction(['events', 'changes'], 'readwrite');
  await Promise.all([
    ...ids.flatMap((id) => [tx.objectStore('events').delete(id), tx.objectStore('changes').delete(id)]),
    tx.done,
  ]);
}

/** Lays aside what was refused: it is not sent again, and not lost until somebody drops it. */
export async function layAside(householdId: string, refused: Refused): Promise<void> {
  const tx = (await drawer(householdId)).transaction(['events', 'changes', 'refused'], 'readwrite');
  await Promise.all([
    tx.objectStore('refused').put(refused),
    tx.objectStore('events').delete(refused.id),
    tx.objectStore('changes').delete(refused.id),
    tx.done,
  ]);
}

export async function allRefused(householdId: string): Promise<Refused[]> {
  return (await drawer(householdId)).getAll('refused');
}

/** Lets what was laid aside wait to be sent again. */
export async function takeUpAgain(householdId: string, id: string): Promise<void> {
  const tx = (await drawer(householdId)).transaction(['events', 'changes', 'refused'], 'readwrite');
  const laid = await tx.objectStore('refused').get(id);
  if (laid?.event) await tx.objectStore('events').put(laid.event);
  if (laid?.change) await tx.objectStore('changes').put(laid.change);
  await tx.objectStore('refused').delete(id);
  await tx.done;
}

export async function dropRefused(householdId: string, id: string): Promise<void> {
  await (await drawer(householdId)).delete('refused', id);
}
