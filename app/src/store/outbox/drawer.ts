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

let opened: Promise<IDBPDatabase<OutboxSchema>> | null = null;

/** Where entries lie until the server has them: they survive a reload and a crash of the browser. */
function drawer(): Promise<IDBPDatabase<OutboxSchema>> {
  opened ??= openDB<OutboxSchema>('omtel-outbox', 1, {
    upgrade: (db) => {
      db.createObjectStore('events', { keyPath: 'id' });
      db.createObjectStore('refused', { keyPath: 'id' });
    },
  });
  return opened;
}

export async function putEvents(events: readonly KitchenEvent[]): Promise<void> {
  const tx = (await drawer()).transaction('events', 'readwrite');
  await Promise.all([...events.map((event) => tx.store.put(event)), tx.done]);
}

/** All entries to be sent, oldest first: ids are UUID v7, so their order is the order they were made in. */
export async function allEvents(): Promise<KitchenEvent[]> {
  return (await drawer()).getAll('events');
}

export async function takeOut(ids: readonly string[]): Promise<void> {
  const tx = (await drawer()).transaction('events', 'readwrite');
  await Promise.all([...ids.map((id) => tx.store.delete(id)), tx.done]);
}

/** Lays a refused entry aside: it is not sent again, and not lost until somebody drops it. */
export async function layAside(event: KitchenEvent, sentence: string): Promise<void> {
  const tx = (await drawer()).transaction(['events', 'refused'], 'readwrite');
  await Promise.all([
    tx.objectStore('refused').put({ id: event.id, event, sentence }),
    tx.objectStore('events').delete(event.id),
    tx.done,
  ]);
}

export async function allRefused(): Promise<RefusedEvent[]> {
  return (await drawer()).getAll('refused');
}

/** Lets an entry that was laid aside wait to be sent again. */
export async function takeUpAgain(id: string): Promise<void> {
  const tx = (await drawer()).transaction(['events', 'refused'], 'readwrite');
  const laid = await tx.objectStore('refused').get(id);
  if (laid) await tx.objectStore('events').put(laid.event);
  await tx.objectStore('refused').delete(id);
  await tx.done;
}

export async function dropRefused(id: string): Promise<void> {
  await (await drawer()).delete('refused', id);
}
