import type { FoodEvent } from '@omtel/core/trail';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

interface OutboxSchema extends DBSchema {
  events: { key: string; value: FoodEvent };
}

let opened: Promise<IDBPDatabase<OutboxSchema>> | null = null;

/** Where entries lie until the server has them: they survive a reload and a crash of the browser. */
function drawer(): Promise<IDBPDatabase<OutboxSchema>> {
  opened ??= openDB<OutboxSchema>('omtel-outbox', 1, {
    upgrade: (db) => void db.createObjectStore('events', { keyPath: 'id' }),
  });
  return opened;
}

export async function putEvents(events: readonly FoodEvent[]): Promise<void> {
  const tx = (await drawer()).transaction('events', 'readwrite');
  await Promise.all([...events.map((event) => tx.store.put(event)), tx.done]);
}

/** All entries, oldest first: ids are UUID v7, so their order is the order they were made in. */
export async function allEvents(): Promise<FoodEvent[]> {
  return (await drawer()).getAll('events');
}

export async function takeOut(ids: readonly string[]): Promise<void> {
  const tx = (await drawer()).transaction('events', 'readwrite');
  await Promise.all([...ids.map((id) => tx.store.delete(id)), tx.done]);
}
