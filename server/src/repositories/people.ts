import type { Database } from '../db/connect';

interface Stored {
  household_id: string;
  id: string;
  name: string;
  name_key: string;
  passphrase_hash: string;
  since: number;
}

/** Somebody of a household, and the hash of what opens the door to them. */
export interface Person {
  readonly householdId: string;
  readonly id: string;
  readonly name: string;
  readonly passphraseHash: string;
}

export async function insertPerson(
  db: Database,
  person: Person & { readonly nameKey: string; readonly since: number },
): Promise<void> {
  await db<Stored>('people').insert({
    household_id: person.householdId,
    id: person.id,
    name: person.name,
    name_key: person.nameKey,
    passphrase_hash: person.passphraseHash,
    since: person.since,
  });
}

/** Who is meant by two names, a household's and their own; null where nobody is. */
export async function findPerson(
  db: Database,
  keys: { readonly household: string; readonly person: string },
): Promise<Person | null> {
  const row = await db<Stored>('people')
    .join('households', 'households.id', 'people.household_id')
    .where({ 'households.name_key': keys.household, 'people.name_key': keys.person })
    .first<Stored | undefined>('people.*');
  return row
    ? { householdId: row.household_id, id: row.id, name: row.name, passphraseHash: row.passphrase_hash }
    : null;
}

export async function savePassphrase(
  db: Database,
  { householdId, id }: Pick<Person, 'householdId' | 'id'>,
  passphraseHash: string,
): Promise<void> {
  await db<Stored>('people')
    .where({ household_id: householdId, id })
    .update({ passphrase_hash: passphraseHash });
}

/** Null where there is nobody of that id. */
export async function passphraseHashOf(
  db: Database,
  { householdId, id }: Pick<Person, 'householdId' | 'id'>,
): Promise<string | null> {
  const row = await db<Stored>('people').where({ household_id: householdId, id }).first('passphrase_hash');
  return row?.passphrase_hash ?? null;
}
