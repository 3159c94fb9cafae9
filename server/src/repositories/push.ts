import type { Heard } from '@omtel/core/api';
import type { PushSubscription } from '@omtel/core/reminders';
import type { Database } from '../db/connect';
import { stillOpen } from './households';

interface Stored {
  token_hash: string;
  household_id: string;
  endpoint: string;
  p256dh: string;
  auth: string;
}

/** By what all servers of a database are known to push services (RFC 8292), base64url. */
export interface Writer {
  readonly publicKey: string;
  readonly privateKey: string;
}

/** A device that is reminded, by the hash of its session's token. */
export interface Subscribed {
  readonly tokenHash: string;
  readonly subscription: PushSubscription;
}

/** The one writer of a database; the first that is asked for stays. */
export async function pushWriter(db: Database, make: () => Writer): Promise<Writer> {
  const found = () =>
    db<{ public_key: string; private_key: string }>('push_writer')
      .first()
      .then((row) => row && { publicKey: row.public_key, privateKey: row.private_key });
  const before = await found();
  if (before) return before;
  const { publicKey, privateKey } = make();
  await db('push_writer')
    .insert({ id: 1, public_key: publicKey, private_key: privateKey })
    .onConflict('id')
    .ignore();
  return (await found())!;
}

export async function saveSubscription(
  db: Database,
  { tokenHash, householdId }: { readonly tokenHash: string; readonly householdId: string },
  { endpoint, keys: { p256dh, auth } }: PushSubscription,
): Promise<void> {
  await db<Stored>('push_subscriptions')
    .insert({ token_hash: tokenHash, household_id: householdId, endpoint, p256dh, auth })
    .onConflict('token_hash')
    .merge(['endpoint', 'p256dh', 'auth']);
}

export async function deleteSubscription(db: Database, tokenHash: string): Promise<void> {
  await db<Stored>('push_subscriptions').where({ token_hash: tokenHash }).delete();
}

/** Where a device that is signed in is reminded; null where it is not. */
export async function subscriptionOf(db: Database, tokenHash: string): Promise<Subscribed | null> {
  const row = await db<Stored>('push_subscriptions').where({ token_hash: tokenHash }).first();
  return row ? read(row) : null;
}

/** The devices of a household that are signed in and reminded. */
export async function subscriptionsOf(
  db: Database,
  householdId: string,
  now: number,
): Promise<readonly Subscribed[]> {
  const rows = await db<Stored>('push_subscriptions')
    .join('sessions', 'sessions.token_hash', 'push_subscriptions.token_hash')
    .where({ 'push_subscriptions.household_id': householdId })
    .where('sessions.expires_at', '>', now)
    .select<Stored[]>('push_subscriptions.*');
  return rows.map(read);
}

const read = ({ token_hash, endpoint, p256dh, auth }: Stored): Subscribed => ({
  tokenHash: token_hash,
  subscription: { endpoint, keys: { p256dh, auth } },
});

/** The households in which a device is reminded, with how far they have come. */
export async function remindedHouseholds(db: Database, now: number): Promise<ReadonlyMap<string, Heard>> {
  const rows = await db('households')
    .whereIn('id', db<Stored>('push_subscriptions').select('household_id'))
    .where(stillOpen(now))
    .select<{ id: string; last_seq: number; turn: number }[]>('id', 'last_seq', 'turn');
  return new Map(rows.map(({ id, last_seq, turn }) => [id, { seq: Number(last_seq), turn: Number(turn) }]));
}

/** What is told of, and when. */
interface Told {
  readonly householdId: string;
  readonly keyHash: string;
  readonly at: number;
}

/**
 * Takes it upon this server to tell of something.
 *
 * @param againMs what is due so much later than it was told of is told of again
 * @returns false where it was told of already, or another server does
 */
export async function claimReminder(
  db: Database,
  { householdId, keyHash, at }: Told,
  againMs: number,
): Promise<boolean> {
  const key = { household_id: householdId, key_hash: keyHash };
  const [{ affectedRows: fresh }] = (await db.raw(
    'INSERT IGNORE INTO reminded (household_id, key_hash, at) VALUES (:household_id, :key_hash, :at)',
    { ...key, at },
  )) as [{ affectedRows: number }];
  if (fresh === 1) return true;
  return (
    (await db('reminded')
      .where(key)
      .where('at', '<=', at - againMs)
      .update({ at })) === 1
  );
}

/** Forgets what was told of before a moment, or at all. */
export async function forgetReminded(db: Database, householdId: string, before?: number): Promise<void> {
  const theirs = db('reminded').where({ household_id: householdId });
  await (before === undefined ? theirs : theirs.where('at', '<', before)).delete();
}
