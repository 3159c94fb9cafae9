import { randomBytes } from 'node:crypto';
import { nameKey, type InvitationKey, type Invited, type Joining } from '@omtel/core/door';
import type { Role } from '@omtel/core/roles';
import { DAY_MS } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';
import type { Database } from '../db/connect';
import { inTransaction } from '../db/transaction';
import { hashOf } from '../hashOf';
import { lockHousehold } from '../repositories/households';
import {
  deleteInvitation,
  deleteStaleInvitations,
  insertInvitation,
  invitationOfKey,
  listInvitations,
  type Invitation,
} from '../repositories/invitations';
import { insertPerson, listPeople, type Whose } from '../repositories/people';
import { insertCodes } from '../repositories/recoveryCodes';
import type { Visitor } from '../repositories/sessions';
import type { AtTheDoor } from './door';
import { getHousehold } from './household';
import { newCodes } from './newCodes';
import { hashed, refuseCommon } from './passphrases';
import { Refusal } from './refusal';
import { admit, cameIn, type Counted } from './throttle';

/** Long enough to be read on Sunday what was sent on Thursday. */
const OPEN_MS = 3 * DAY_MS;
/** More than any home invites, or has people. */
const MOST_INVITATIONS = 12;
const MOST_PEOPLE = 24;
const KEY_BYTES = 16;

const refused = () =>
  new Refusal(403, 'This invitation opens nothing any more: it was used, taken back, or is too old.');

/**
 * An invitation into a household, once, for three days.
 *
 * @throws Refusal when too many are open already
 */
export async function invite(db: Database, by: Whose, role: Role, now: number): Promise<InvitationKey> {
  const { householdId } = by;
  const key = randomBytes(KEY_BYTES).toString('base64url');
  const until = now + OPEN_MS;
  await inTransaction(db, async (trx) => {
    await lockHousehold(trx, householdId);
    await deleteStaleInvitations(trx, householdId, now);
    if ((await listInvitations(trx, householdId, now)).length >= MOST_INVITATIONS)
      throw new Refusal(409, 'There are many invitations open already. Take one back first.');
    const invitation = { householdId, id: uuid(), role, until };
    await insertInvitation(trx, invitation, { id: by.id, keyHash: hashOf(key) });
  });
  return { key, until };
}

/** Looks for what a key opens; tries in vain are counted by the address they come from. */
async function opened(db: Database, key: string, { now, address }: AtTheDoor): Promise<Invitation> {
  const counted: readonly Counted[] = [{ by: 'address', key: address }];
  await admit(db, counted, now);
  const invitation = await invitationOfKey(db, hashOf(key), now);
  if (!invitation) throw refused();
  await cameIn(db, counted);
  return invitation;
}

/** @throws Refusal when it opens nothing */
export async function lookAtInvitation(db: Database, key: string, at: AtTheDoor): Promise<Invited> {
  const { householdId, by, role } = await opened(db, key, at);
  const { name } = await getHousehold(db, householdId);
  return { household: name, by, role };
}

/**
 * Comes into a household by an invitation, which is used up by it, with codes to keep.
 *
 * @throws Refusal when it opens nothing, somebody of that name is there, or the passphrase is a common one
 */
export async function join(
  db: Database,
  { key, person, passphrase }: Joining,
  at: AtTheDoor,
): Promise<{ readonly visitor: Visitor; readonly codes: readonly string[] }> {
  const invitation = await opened(db, key, at);
  const { householdId, role } = invitation;
  const { name } = await getHousehold(db, householdId);
  refuseCommon(passphrase, [name, person]);
  const passphraseHash = await hashed(passphrase);
  const id = uuid();
  const codes = newCodes();
  await inTransaction(db, async (trx) => {
    await lockHousehold(trx, householdId);
    // Of two who come by it at once one is too late.
    if (!(await deleteInvitation(trx, invitation))) throw refused();
    const people = await listPeople(trx, householdId);
    if (people.some((other) => nameKey(other.name) === nameKey(person)))
      throw new Refusal(409, 'Somebody of that name is in this kitchen already. Add a letter to yours.');
    if (people.length >= MOST_PEOPLE) throw new Refusal(409, 'There are too many people in this kitchen.');
    await insertPerson(trx, {
      householdId,
      id,
      name: person,
      nameKey: nameKey(person),
      role,
      passphraseHash,
      since: at.now,
    });
    await insertCodes(trx, { householdId, id }, codes.map(hashOf));
  });
  return { visitor: { householdId, person: { id, name: person, role } }, codes };
}
