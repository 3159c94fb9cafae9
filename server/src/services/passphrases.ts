import { hash, verify } from '@node-rs/argon2';
import { plainPassphrase } from '@omtel/core/door';
import { strengthOf } from '@omtel/core/strength';
import { Refusal } from './refusal';

/** Argon2id as OWASP’s Password Storage Cheat Sheet has it: 19 MiB, two passes, one lane. */
const HARD = { memoryCost: 19 * 1024, timeCost: 2, parallelism: 1 } as const;

/** One at a time: each takes a core and 19 MiB, and whoever cooks meanwhile needs the others. */
let last: Promise<unknown> = Promise.resolve();
function inTurn<Result>(work: () => Promise<Result>): Promise<Result> {
  const mine = last.then(work);
  last = mine.catch(() => undefined);
  return mine;
}

export const hashed = (passphrase: string): Promise<string> =>
  inTurn(() => hash(plainPassphrase(passphrase), HARD));

/** What nobody's passphrase hashes to, so that it takes as long to turn away a stranger as to turn away a slip. */
let nobodys: Promise<string> | null = null;

/**
 * Whether a passphrase is the one that was hashed; with no hash to compare with it takes as long, and is not.
 *
 * @param kept null where there is nobody of that name
 */
export async function opens(passphrase: string, kept: string | null): Promise<boolean> {
  nobodys ??= hashed('');
  const against = kept ?? (await nobodys);
  const same = await inTurn(() => verify(against, plainPassphrase(passphrase)));
  return kept !== null && same;
}

/**
 * @param names what whoever tries knows already
 * @throws Refusal for a passphrase that is among the first anybody would try
 */
export function refuseCommon(passphrase: string, names: readonly string[]): void {
  if (strengthOf(plainPassphrase(passphrase), names) === 'common')
    throw new Refusal(422, 'That passphrase is one of the first anybody would try. Take other words.');
}
