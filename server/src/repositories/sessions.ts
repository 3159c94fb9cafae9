import type { Database } from '../db/connect';

interface Stored {
  token_hash: string;
  household_id: string;
  expires_at: number;
}

/** More devices than any home has; the oldest sessions make room, so that nobody can fill the database by signing in. */
const MOST_OF_A_HOUSEHOLD = 500;

/** Notes that a device is signed in, and forgets the household's sessions that have run out. */
export async function insertSession(
  db: Database,
  session: { readonly tokenHash: string; readonly householdId: string; readonly expiresAt: number },
  now: number,
): Promise<void> {
  const { tokenHash, householdId, expiresAt } = session;
  await db<Stored>('sessions').where({ household_id: householdId }).where('expires_at', '<=', now).delete();
  await db<Stored>('sessions').insert({
    token_hash: tokenHash,
    household_id: householdId,
    expires_at: expiresAt,
  });
  const tooOld = await db<Stored>('sessions')
    .where({ household_id: householdId })
    .orderBy('expires_at', 'desc')
    .offset(MOST_OF_A_HOUSEHOLD)
    .limit(1)
    .pluck('expires_at');
  if (tooOld.length)
    await db<Stored>('sessions')
      .where({ household_id: householdId })
      .where('expires_at', '<=', tooOld[0]!)
      .delete();
}

/** The household a device is signed in to; null where it never was, no more, or for too long. */
export async function householdOfSession(
  db: Database,
  tokenHash: string,
  now: number,
): Promise<string | null> {
  const row = await db<Stored>('sessions')
    .where({ token_hash: tokenHash })
    .where('expires_at', '>', now)
    .first('household_id');
  return row?.household_id ?? null;
}

export async function deleteSession(db: Database, tokenHash: string): Promise<void> {
  await db<Stored>('sessions').where({ token_hash: tokenHash }).delete();
}
