import type { Database } from '../db/connect';

interface Stored {
  challenge_hash: string;
  person_id: string | null;
  until: number;
}

/** What a device is asked to sign until a moment; by a person who is signed in, or by whoever comes. */
export interface Challenge {
  readonly challengeHash: string;
  readonly personId: string | null;
}

export async function insertChallenge(
  db: Database,
  { challengeHash, personId }: Challenge,
  until: number,
): Promise<void> {
  await db<Stored>('challenges').insert({ challenge_hash: challengeHash, person_id: personId, until });
}

/** Uses a challenge up; whether it was one that was still to be signed. */
export async function useChallenge(
  db: Database,
  { challengeHash, personId }: Challenge,
  now: number,
): Promise<boolean> {
  const known = { challenge_hash: challengeHash, person_id: personId };
  return (await db<Stored>('challenges').where(known).where('until', '>', now).delete()) > 0;
}

export async function forgetChallenges(db: Database, now: number): Promise<void> {
  await db<Stored>('challenges').where('until', '<=', now).delete();
}
