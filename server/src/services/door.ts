import { DEFAULT_SETTINGS } from '@omtel/core/household';
import { nameKey, readCode, type Founding, type Recovery, type SigningIn } from '@omtel/core/door';
import { NIL, v7 as uuid } from 'uuid';
import type { Database } from '../db/connect';
import { inTransaction } from '../db/transaction';
import { hashOf } from '../hashOf';
import { insertHousehold, type HouseholdRow } from '../repositories/households';
import { findPerson, insertPerson, savePassphrase, type Person } from '../repositories/people';
import { deletePasskeys } from '../repositories/passkeys';
import { insertCodes, useCode } from '../repositories/recoveryCodes';
import { deleteSessionsOf, type Visitor } from '../repositories/sessions';
import { newCodes } from './newCodes';
import { hashed, opens, refuseCommon } from './passphrases';
import { Refusal } from './refusal';
import { admit, cameIn, type Counted } from './throttle';

/** Who asks, by the wall clock, and from where. */
export interface AtTheDoor {
  readonly now: number;
  readonly address: string;
}

/** The same for every way not to come in, so that nobody learns who lives here. */
const shut = () => new Refusal(403, 'That opens no kitchen here. Look at each of them again, the names too.');

/**
 * A household of somebody's own, with its first cook, and the codes that open it should the passphrase be lost.
 *
 * @throws Refusal when there is one of that name, too many were made from there, or the passphrase is a common one
 */
export async function found(
  db: Database,
  said: Founding,
  { now, address }: AtTheDoor,
): Promise<{ readonly visitor: Visitor; readonly codes: readonly string[] }> {
  refuseCommon(said.passphrase, [said.household, said.person]);
  await admit(db, [{ by: 'founding', key: address }], now);
  const passphraseHash = await hashed(said.passphrase);
  const [householdId, id] = [uuid(), uuid()];
  const codes = newCodes();
  try {
    await inTransaction(db, async (trx) => {
      await insertHousehold(trx, newHousehold(householdId, said), nameKey(said.household));
      await insertPerson(trx, {
        householdId,
        id,
        name: said.person,
        role: 'cook',
        nameKey: nameKey(said.person),
        passphraseHash,
        since: now,
      });
      await insertCodes(trx, { householdId, id }, codes.map(hashOf));
    });
  } catch (error) {
    if ((error as { code?: string }).code !== 'ER_DUP_ENTRY') throw error;
    throw new Refusal(409, 'There is a household of that name here already. Add a word to yours.');
  }
  return { visitor: { householdId, person: { id, name: said.person, role: 'cook' } }, codes };
}

const newHousehold = (id: string, { household, person, zone }: Founding): HouseholdRow => ({
  id,
  name: household,
  settings: { ...DEFAULT_SETTINGS, zone, cooks: [{ id: 'cook', name: person, availability: null }] },
  demo: false,
  clockStartMs: 0,
  clockAheadMs: 0,
  lastSeq: 0,
  turn: 0,
  closesAt: null,
});

/** What is counted against who tries a name from an address. */
const against = ({ household, person }: SigningIn | Recovery, address: string): readonly Counted[] => [
  { by: 'person', key: `${nameKey(household)}\n${nameKey(person)}` },
  { by: 'address', key: address },
];

/** Whose the codes are that nobody has: a stranger is turned away by the same steps as a slip. */
const NOBODY = { householdId: NIL, id: NIL };

/** Looks at what was said by who says to be somebody; `holds` has the last word on whether they are. */
async function admitted(
  db: Database,
  said: SigningIn | Recovery,
  { now, address }: AtTheDoor,
  holds: (person: Person | null) => Promise<boolean>,
): Promise<Visitor> {
  const counted = against(said, address);
  await admit(db, counted, now);
  const person = await findPerson(
    db,
    { household: nameKey(said.household), person: nameKey(said.person) },
    now,
  );
  if (!(await holds(person)) || !person) throw shut();
  await cameIn(db, counted);
  return { householdId: person.householdId, person: { id: person.id, name: person.name, role: person.role } };
}

/** @throws Refusal, the same one whatever of it was wrong */
export const signIn = (db: Database, said: SigningIn, at: AtTheDoor): Promise<Visitor> =>
  admitted(db, said, at, async (person) => opens(said.passphrase, person?.passphraseHash ?? null));

/**
 * Gives who has a code a new passphrase, and shuts the door to all their other devices and passkeys: one may be in strange hands.
 *
 * @throws Refusal, the same one whatever of it was wrong, or for a common passphrase
 */
export async function recover(db: Database, said: Recovery, at: AtTheDoor): Promise<Visitor> {
  refuseCommon(said.passphrase, [said.household, said.person]);
  const code = readCode(said.code) ?? said.code;
  return admitted(db, said, at, async (known) => {
    const person = known ?? NOBODY;
    const passphraseHash = await hashed(said.passphrase);
    return inTransaction(db, async (trx) => {
      if (!(await useCode(trx, person, hashOf(code)))) return false;
      await savePassphrase(trx, person, passphraseHash);
      await deletePasskeys(trx, person);
      await deleteSessionsOf(trx, person, null);
      return true;
    });
  });
}
