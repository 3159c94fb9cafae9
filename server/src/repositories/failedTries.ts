import type { Database } from '../db/connect';

interface Stored {
  key_hash: string;
  failures: number;
  last_at: number;
}

/** How often something was tried in vain, and when last, ms. */
export interface Failures {
  readonly failures: number;
  readonly lastAt: number;
}

const key = (keyHash: string) => ({ key_hash: keyHash });

/** What was tried so far, which nobody else counts until this transaction ends. */
export async function failuresLocked(trx: Database, keyHash: string, now: number): Promise<Failures> {
  await trx<Stored>('failed_tries')
    .insert({ ...key(keyHash), failures: 0, last_at: now })
    .onConflict('key_hash')
    .ignore();
  const row = await trx<Stored>('failed_tries').where(key(keyHash)).forUpdate().first();
  return { failures: row!.failures, lastAt: Number(row!.last_at) };
}

export async function saveFailures(
  db: Database,
  keyHash: string,
  { failures, lastAt }: Failures,
): Promise<void> {
  await db<Stored>('failed_tries').where(key(keyHash)).update({ failures, last_at: lastAt });
}

/** One of them was none. */
export async function takeBackFailure(db: Database, keyHash: string): Promise<void> {
  await db<Stored>('failed_tries').where(key(keyHash)).where('failures', '>', 0).decrement('failures', 1);
}

export async function forgetFailures(db: Database, before: number): Promise<void> {
  await db<Stored>('failed_tries').where('last_at', '<', before).delete();
}
