import type { PassphraseChange } from '@omtel/core/door';
import type { Database } from '../db/connect';
import { inTransaction } from '../db/transaction';
import { hashOf } from '../hashOf';
import { passphraseHashOf, savePassphrase, type Whose } from '../repositories/people';
import { deleteCodes, insertCodes } from '../repositories/recoveryCodes';
import { deleteSessionsOf } from '../repositories/sessions';
import { newCodes } from './newCodes';
import { hashed, opens, refuseCommon } from './passphrases';
import { Refusal } from './refusal';
import { admit, cameIn, type Counted } from './throttle';

/**
 * Who is signed in shows that it is them, before what opens the door to them is changed: a phone may lie open on the counter.
 *
 * @throws Refusal when the passphrase is another one, or was tried too often
 */
export async function shows(db: Database, who: Whose, passphrase: string, now: number): Promise<void> {
  const counted: readonly Counted[] = [{ by: 'person', key: who.id }];
  await admit(db, counted, now);
  if (!(await opens(passphrase, await passphraseHashOf(db, who))))
    throw new Refusal(403, 'That is not your passphrase. Nothing was changed.');
  await cameIn(db, counted);
}

/**
 * Another passphrase. Their other devices are signed out: one may be why it is changed.
 *
 * @param tokenHash of the device it is changed on, which stays signed in
 * @throws Refusal for a wrong old one or a common new one
 */
export async function changePassphrase(
  db: Database,
  who: Whose & { readonly names: readonly string[] },
  { passphrase, next }: PassphraseChange,
  tokenHash: string,
  now: number,
): Promise<void> {
  refuseCommon(next, who.names);
  await shows(db, who, passphrase, now);
  const passphraseHash = await hashed(next);
  await inTransaction(db, async (trx) => {
    await savePassphrase(trx, who, passphraseHash);
    await deleteSessionsOf(trx, who, tokenHash);
  });
}

/**
 * Other codes; the ones before open nothing any more.
 *
 * @throws Refusal for a wrong passphrase
 */
export async function renewCodes(
  db: Database,
  who: Whose,
  passphrase: string,
  now: number,
): Promise<readonly string[]> {
  await shows(db, who, passphrase, now);
  const codes = newCodes();
  await inTransaction(db, async (trx) => {
    await deleteCodes(trx, who);
    await insertCodes(trx, who, codes.map(hashOf));
  });
  return codes;
}
