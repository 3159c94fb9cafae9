import type { Members } from '@omtel/core/door';
import { whyNot, type Role } from '@omtel/core/roles';
import type { Database } from '../db/connect';
import { inTransaction } from '../db/transaction';
import { lockHousehold } from '../repositories/households';
import { deleteInvitationsBy, listInvitations } from '../repositories/invitations';
import { listPeople, savePersonLeft, saveRole, type Whose } from '../repositories/people';
import { deletePasskeys } from '../repositories/passkeys';
import { deleteCodes } from '../repositories/recoveryCodes';
import { deleteSessionsOf } from '../repositories/sessions';
import { Refusal } from './refusal';
import { shows } from './renewal';

/** Who belongs to a household, as one of them sees it. */
export async function membersOf(db: Database, { householdId, id: me }: Whose, now: number): Promise<Members> {
  const people = await listPeople(db, householdId);
  const invitations = await listInvitations(db, householdId, now);
  return {
    people: people.map((person) => ({ ...person, me: person.id === me })),
    invitations: invitations.map(({ id, by, role, until }) => ({ id, by, role, until })),
  };
}

const inCharge = (role: Role): boolean => whyNot(role, 'people') === null;

/**
 * Changes who somebody is to their household. Whoever changes it has the household alone: of two cooks who make helpers of each other
 * one stays a cook.
 *
 * @throws Refusal when there is nobody of that id, or nobody would be left who may do everything
 */
async function changeMember(
  db: Database,
  whose: Whose,
  staysInCharge: boolean,
  change: (trx: Database) => Promise<void>,
): Promise<void> {
  await inTransaction(db, async (trx) => {
    await lockHousehold(trx, whose.householdId);
    const people = await listPeople(trx, whose.householdId);
    if (!people.some(({ id }) => id === whose.id))
      throw new Refusal(404, 'There is nobody like that in this kitchen.');
    if (!staysInCharge && !people.some(({ id, role }) => id !== whose.id && inCharge(role)))
      throw new Refusal(
        409,
        'A kitchen needs a cook. Make somebody else one first, or delete it as a whole.',
      );
    await change(trx);
  });
}

export const changeRole = (db: Database, whose: Whose, role: Role): Promise<void> =>
  changeMember(db, whose, inCharge(role), (trx) => saveRole(trx, whose, role));

/** Somebody belongs to the household no more: their devices are out, and their name stays with what they entered. */
export const removePerson = (db: Database, whose: Whose, now: number): Promise<void> =>
  changeMember(db, whose, false, async (trx) => {
    await deleteSessionsOf(trx, whose, null);
    await deleteCodes(trx, whose);
    await deletePasskeys(trx, whose);
    await deleteInvitationsBy(trx, whose);
    await savePersonLeft(trx, whose, now);
  });

/** @throws Refusal for a wrong passphrase, or the last cook */
export async function leave(db: Database, who: Whose, passphrase: string, now: number): Promise<void> {
  await shows(db, who, passphrase, now);
  await removePerson(db, who, now);
}
