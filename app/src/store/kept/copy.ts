import { API_VERSION, type FoodTrail } from '@omtel/core/api';
import { DAY_MS } from '@omtel/core/units';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** What the server told at an address, and when that was by this device's clock. */
export interface KeptAnswer {
  readonly path: string;
  readonly data: unknown;
  readonly at: number;
}

interface CopySchema extends DBSchema {
  answers: { key: string; value: KeptAnswer };
}

/** Whoever was not heard of for so long is signed out; their copy opens no longer either. */
const OPENS_FOR_MS = 30 * DAY_MS;
const OPEN_HERE = 'omtel.open';

const nameOf = (householdId: string): string => `omtel-kept.${householdId}`;

const opened = new Map<string, Promise<IDBPDatabase<CopySchema>>>();

/**
 * A household's copy on this device: what the server told last, by its address. It is opened with where the server cannot be reached.
 * A device keeps one of the household it is signed in to, and none of any other.
 */
function copyOf(householdId: string): Promise<IDBPDatabase<CopySchema>> {
  const known = opened.get(householdId);
  if (known) return known;
  const opening = openDB<CopySchema>(nameOf(householdId), API_VERSION, {
    // What was told to a page of another version may lack what this one reads: it is asked for anew.
    upgrade: (db) => {
      if (db.objectStoreNames.contains('answers')) db.deleteObjectStore('answers');
      db.createObjectStore('answers', { keyPath: 'path' });
    },
    // Another tab signs out: what it deletes is not held on to.
    blocking: () => void opening.then((db) => db.close()).then(() => opened.delete(householdId)),
  });
  opened.set(householdId, opening);
  return opening;
}

/** The household this device is signed in to, as far as it knows without asking; null where there is none. */
export function openHere(): string | null {
  try {
    return localStorage.getItem(OPEN_HERE);
  } catch {
    return null;
  }
}

/** Notes which household is open on this device now; what was kept of another is forgotten. */
export function opensHere(householdId: string): void {
  const before = openHere();
  if (before === householdId) return;
  try {
    localStorage.setItem(OPEN_HERE, householdId);
  } catch {
    // A device without room for it asks the server each time.
  }
  if (before) void forget(before);
}

/**
 * Nobody is signed in here any more: nothing of the household stays on the device but what waits to be sent.
 *
 * @param householdId where it is known, only that one is closed: another may have been opened in another tab
 */
export async function closesHere(householdId?: string): Promise<void> {
  const before = openHere();
  if (!before || (householdId !== undefined && householdId !== before)) return;
  try {
    localStorage.removeItem(OPEN_HERE);
  } catch {
    // Then nothing was noted there either.
  }
  await forget(before);
}

async function forget(householdId: string): Promise<void> {
  try {
    await (await copyOf(householdId)).clear('answers');
  } catch {
    // A device that keeps nothing has nothing to forget.
  }
}

/** Keeps what the server told just now. A device without room for it keeps nothing, and works on. */
export async function keepAnswer(householdId: string, path: string, data: unknown): Promise<void> {
  // It was told late, when nobody was signed in any more.
  if (openHere() !== householdId) return;
  try {
    await (await copyOf(householdId)).put('answers', { path, data, at: Date.now() });
  } catch {
    // The same.
  }
}

/** What the server told at an address last; nothing where that is not known, or too long ago. */
export async function keptAnswer<Told>(
  householdId: string,
  path: string,
): Promise<{ readonly data: Told; readonly at: number } | null> {
  try {
    const kept = await (await copyOf(householdId)).get('answers', path);
    return kept && Date.now() - kept.at < OPENS_FOR_MS ? { data: kept.data as Told, at: kept.at } : null;
  } catch {
    return null;
  }
}

/** All addresses of which something is kept, and when it was. */
export async function keptPaths(householdId: string): Promise<readonly string[]> {
  return (await copyOf(householdId)).getAllKeys('answers');
}

export async function dropKept(householdId: string, paths: readonly string[]): Promise<void> {
  const tx = (await copyOf(householdId)).transaction('answers', 'readwrite');
  await Promise.all([...paths.map((path) => tx.store.delete(path)), tx.done]);
}

/** The trails of foods that are kept. */
export async function keptTrails(householdId: string): Promise<readonly FoodTrail[]> {
  const range = IDBKeyRange.bound('/foods/0', '/foods/g');
  const kept = await (await copyOf(householdId)).getAll('answers', range);
  return kept.map(({ data }) => data as FoodTrail);
}
