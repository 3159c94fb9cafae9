import type { Database } from '../db/connect';

interface Stored {
  household_id: string;
  token_hash: string;
  since: number;
}

/** Since when a household has an address for its calendar; null where it has none. */
export async function feedSince(db: Database, householdId: string): Promise<number | null> {
  const row = await db<Stored>('calendar_feeds').where({ household_id: householdId }).first('since');
  return row ? Number(row.since) : null;
}

/** Gives a household an address; one it had before opens nothing any more. */
export async function saveFeed(
  db: Database,
  householdId: string,
  tokenHash: string,
  since: number,
): Promise<void> {
  await db<Stored>('calendar_feeds')
    .insert({ household_id: householdId, token_hash: tokenHash, since })
    .onConflict('household_id')
    .merge(['token_hash', 'since']);
}

export async function deleteFeed(db: Database, householdId: string): Promise<void> {
  await db<Stored>('calendar_feeds').where({ household_id: householdId }).delete();
}

export async function householdOfFeed(db: Database, tokenHash: string): Promise<string | null> {
  const row = await db<Stored>('calendar_feeds').where({ token_hash: tokenHash }).first('household_id');
  return row?.household_id ?? null;
}
