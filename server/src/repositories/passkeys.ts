import type { Role } from '@omtel/core/roles';
import type { Database } from '../db/connect';
import { stillOpen } from './households';
import type { Whose } from './people';

interface Stored {
  household_id: string;
  person_id: string;
  id: string;
  credential_hash: string;
  credential_id: string;
  public_key: Buffer;
  counter: number;
  device: string;
  since: number;
  used_at: number | null;
}

/** A key a device holds, as the server knows it. */
export interface Passkey {
  readonly id: string;
  /** As the device calls it, base64url. */
  readonly credentialId: string;
  readonly publicKey: Uint8Array;
  /** How often it was used, where the device counts. */
  readonly counter: number;
  /** On which it was made, in words. */
  readonly device: string;
  /** When it was made and used, by the wall clock. */
  readonly since: number;
  readonly usedAt: number | null;
}

const of = ({ householdId, id }: Whose) => ({ household_id: householdId, person_id: id });

const read = (row: Stored): Passkey => ({
  id: row.id,
  credentialId: row.credential_id,
  publicKey: new Uint8Array(row.public_key),
  counter: Number(row.counter),
  device: row.device,
  since: Number(row.since),
  usedAt: row.used_at === null ? null : Number(row.used_at),
});

export async function insertPasskey(
  db: Database,
  person: Whose,
  key: Passkey & { readonly credentialHash: string },
): Promise<void> {
  await db<Stored>('passkeys').insert({
    ...of(person),
    id: key.id,
    credential_hash: key.credentialHash,
    credential_id: key.credentialId,
    public_key: Buffer.from(key.publicKey),
    counter: key.counter,
    device: key.device,
    since: key.since,
    used_at: key.usedAt,
  });
}

/** The keys of a person, the first first. */
export async function listPasskeys(db: Database, person: Whose): Promise<readonly Passkey[]> {
  return (await db<Stored>('passkeys').where(of(person)).orderBy('since').orderBy('id')).map(read);
}

/** A key and whose it is; null where nobody has it. */
export async function findPasskey(
  db: Database,
  credentialHash: string,
  now: number,
): Promise<{ readonly key: Passkey; readonly person: Whose & { name: string; role: Role } } | null> {
  const row = await db<Stored>('passkeys')
    .join('people', 'people.id', 'passkeys.person_id')
    .join('households', 'households.id', 'passkeys.household_id')
    .where({ credential_hash: credentialHash })
    .whereNull('people.left_at')
    .where(stillOpen(now))
    .first<(Stored & { name: string; role: Role }) | undefined>('passkeys.*', 'people.name', 'people.role');
  if (!row) return null;
  const { household_id: householdId, person_id: id, name, role } = row;
  return { key: read(row), person: { householdId, id, name, role } };
}

export async function savePasskeyUsed(
  db: Database,
  id: string,
  { counter, usedAt }: { readonly counter: number; readonly usedAt: number },
): Promise<void> {
  await db<Stored>('passkeys').where({ id }).update({ counter, used_at: usedAt });
}

export async function deletePasskey(db: Database, person: Whose, id: string): Promise<void> {
  await db<Stored>('passkeys')
    .where({ ...of(person), id })
    .delete();
}

export async function deletePasskeys(db: Database, person: Whose): Promise<void> {
  await db<Stored>('passkeys').where(of(person)).delete();
}
