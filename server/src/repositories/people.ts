import type { Role } from '@omtel/core/roles';
import type { Database } from '../db/connect';
import { stillOpen } from './households';

interface Stored {
  household_id: string;
  id: string;
  name: string;
  /** None of who has left. */
  name_key: string | null;
  passphrase_hash: string;
  role: Role;
  since: number;
  left_at: number | null;
}

/** Somebody of a household, and the hash of what opens the door to them. */
export interface Person {
  readonly householdId: string;
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  readonly passphraseHash: string;
}

/** Whose a person is, and which. */
export type Whose = Pick<Person, 'householdId' | 'id'>;

const of = ({ householdId, id }: Whose) => ({ household_id: householdId, id });

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
    role: person.role,
    since: person.since,
  });
}

/** Who is meant by two names, a household's and their own; null where nobody is. */
export async function findPerson(
  db: Database,
  keys: { readonly household: string; readonly person: string },
  now: number,
): Promise<Person | null> {
  const row = await db<Stored>('people')
    .join('households', 'households.id', 'people.household_id')
    .where({ 'households.name_key': keys.household, 'people.name_key': keys.person })
    .where(stillOpen(now))
    .first<Stored | undefined>('people.*');
  return row
    ? {
        householdId: row.household_id,
        id: row.id,
        name: row.name,
        role: row.role,
        passphraseHash: row.passphrase_hash,
      }
    : null;
}

/** Those of a household who have not left, who came first first. */
export async function listPeople(
  db: Database,
  householdId: string,
): Promise<readonly (Pick<Person, 'id' | 'name' | 'role'> & { readonly since: number })[]> {
  const rows = await db<Stored>('people')
    .where({ household_id: householdId, left_at: null })
    .orderBy('since')
    .orderBy('id');
  return rows.map(({ id, name, role, since }) => ({ id, name, role, since: Number(since) }));
}

/** What everybody of a household is called by their id, who has left as well. */
export async function peopleNames(db: Database, householdId: string): Promise<ReadonlyMap<string, string>> {
  const rows = await db<Stored>('people').where({ household_id: householdId }).select('id', 'name');
  return new Map(rows.map(({ id, name }) => [id, name]));
}

export async function saveRole(db: Database, person: Whose, role: Role): Promise<void> {
  await db<Stored>('people').where(of(person)).update({ role });
}

/** Who leaves keeps their name in the log; nothing opens the door to them any more. */
export async function savePersonLeft(db: Database, person: Whose, now: number): Promise<void> {
  await db<Stored>('people').where(of(person)).update({ name_key: null, passphrase_hash: '', left_at: now });
}

export async function savePassphrase(db: Database, person: Whose, passphraseHash: string): Promise<void> {
  await db<Stored>('people').where(of(person)).update({ passphrase_hash: passphraseHash });
}

/** Null where there is nobody of that id. */
export async function passphraseHashOf(db: Database, person: Whose): Promise<string | null> {
  const row = await db<Stored>('people').where(of(person)).first('passphrase_hash');
  return row?.passphrase_hash ?? null;
}
