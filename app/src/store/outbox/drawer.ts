import { DEMO_HOUSEHOLD_ID } from '@omtel/core/api';
import type { KitchenEvent } from '@omtel/core/record';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** An entry the server understood and would not take, with its sentence why. */
export interface RefusedEvent {
  readonly id: string;
  readonly event: KitchenEvent;
  readonly sentence: string;
}

interface OutboxSchema extends DBSchema {
  events: { key: string; value: KitchenEvent };
  refused: { key: string; value: RefusedEvent };
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
  const opening = openDB<OutboxSchema>(nameOf(householdId), 1, {
    upgrade: (db) => {
      db.createObjectStore('events', { keyPath: 'id' });
      db.createObjectStore('refused', { keyPath: 'id' });
    },
  });
  opened.set(householdId, opening);
  return opening;
}

export async function putEvents(householdId: string, events: readonly KitchenEvent[]): Promise<void> {
  const tx = (await drawer(householdId)).transaction('events', 'readwrite');
  await Promise.all([...events.map((event) => tx.store.put(event)), tx.done]);
}

/** All entries to be sent, oldest first: ids are UUID v7, so their order is the order they were made in. */
export async function allEvents(householdId: string): Promise<KitchenEvent[]> {
  return (await drawer(householdId)).getAll('events');
}

export async function takeOut(householdId: string, ids: readonly string[]): Promise<void> {
  const tx = (await drawer(householdId)).transaction('events', 'readwrite');
  await Promise.all([...ids.map((id) => tx.store.delete(id)), tx.done]);
}

/** Lays a refused entry aside: it is not sent again, and not lost until somebody drops it. */
export async function layAside(householdId: string, event: KitchenEvent, sentence: string): Promise<void> {
  const tx = (await drawer(householdId)).transaction(['events', 'refused'], 'readwrite');
  await Promise.all([
    tx.objectStore('refused').put({ id: event.id, event, sentence }),
    tx.objectStore('events').delete(event.id),
    tx.done,
  ]);
}

export async function allRefused(householdId: string): Promise<RefusedEvent[]> {
  return (await drawer(householdId)).getAll('refused');
}

/** Lets an entry that was laid aside wait to be sent again. */
export async function takeUpAgain(householdId: string, id: string): Promise<void> {
  const tx = (await drawer(householdId)).transaction(['events', 'refused'], 'readwrite');
  const laid = await tx.objectStore('refused').get(id);
  if (laid) await tx.objectStore('events').put(laid.event);
  await tx.objectStore('refused').delete(id);
  await tx.done;
}

export async function dropRefused(householdId: string, id: string): Promise<void> {
  await (await drawer(householdId)).delete('refused', id);
}
