import type { Role } from '@omtel/core/roles';
import type { Database } from '../db/connect';

interface Stored {
  household_id: string;
  id: string;
  key_hash: string;
  role: Role;
  invited_by: string;
  until: number;
}

/** An invitation nobody has come by yet. */
export interface Invitation {
  readonly householdId: string;
  readonly id: string;
  readonly role: Role;
  /** Who invited, by name. */
  readonly by: string;
  readonly until: number;
}

interface Named extends Stored {
  name: string;
}

const read = (row: Named): Invitation => ({
  householdId: row.household_id,
  id: row.id,
  role: row.role,
  by: row.name,
  until: Number(row.until),
});

const withNames = (db: Database) =>
  db<Stored>('invitations').join('people', 'people.id', 'invitations.invited_by').orderBy('until', 'desc');

export async function insertInvitation(
  db: Database,
  { householdId, id, role, until }: Omit<Invitation, 'by'>,
  by: { readonly id: string; readonly keyHash: string },
): Promise<void> {
  await db<Stored>('invitations').insert({
    household_id: householdId,
    id,
    key_hash: by.keyHash,
    role,
    invited_by: by.id,
    until,
  });
}

/** Those of a household that still open. */
export async function listInvitations(
  db: Database,
  householdId: string,
  now: number,
): Promise<readonly Invitation[]> {
  const rows = await withNames(db)
    .where({ 'invitations.household_id': householdId })
    .where('until', '>', now)
    .select<Named[]>('invitations.*', 'people.name');
  return rows.map(read);
}

/** The one a key opens; null where it opens none any more. */
export async function invitationOfKey(
  db: Database,
  keyHash: string,
  now: number,
): Promise<Invitation | null> {
  const row = await withNames(db)
    .where({ key_hash: keyHash })
    .where('until', '>', now)
    .first<Named | undefined>('invitations.*', 'people.name');
  return row ? read(row) : null;
}

/** Takes an invitation away, used or not wanted any more; whether it was there. */
export async function deleteInvitation(
  db: Database,
  { householdId, id }: Pick<Invitation, 'householdId' | 'id'>,
): Promise<boolean> {
  return (await db<Stored>('invitations').where({ household_id: householdId, id }).delete()) > 0;
}

/** Forgets those of a household that have run out. */
export async function deleteStaleInvitations(db: Database, householdId: string, now: number): Promise<void> {
  await db<Stored>('invitations').where({ household_id: householdId }).where('until', '<=', now).delete();
}

export async function deleteInvitationsBy(
  db: Database,
  { householdId, id }: { readonly householdId: string; readonly id: string },
): Promise<void> {
  await db<Stored>('invitations').where({ household_id: householdId, invited_by: id }).delete();
}
