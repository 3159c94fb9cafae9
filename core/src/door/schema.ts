import { z } from 'zod';
import { nameKey, plainPassphrase } from './names';
import { isZone } from '../time';

export const SHORTEST_PASSPHRASE = 12;
export const LONGEST_PASSPHRASE = 200;

/** As long as a name can be when it is told from others. */
const LONGEST_KEY = 120;

/** A name somebody can be called by. */
export const doorName = z
  .string()
  .trim()
  .max(40, { message: 'At most 40 letters.' })
  .regex(/[\p{L}\p{N}]/u, { message: 'A name with letters or digits in it.' })
  // A single sign may stand for many letters.
  .refine((name) => nameKey(name).length <= LONGEST_KEY, { message: 'At most 40 letters.' });

export const passphrase = z
  .string()
  .max(LONGEST_PASSPHRASE, { message: `At most ${LONGEST_PASSPHRASE} letters.` })
  .refine((typed) => [...plainPassphrase(typed)].length >= SHORTEST_PASSPHRASE, {
    message: `At least ${SHORTEST_PASSPHRASE} letters: three or four words serve well.`,
  });

/** What a household is founded with. */
export const foundingSchema = z
  .object({
    household: doorName,
    person: doorName,
    passphrase,
    zone: z.string().refine(isZone, { message: 'No such time zone.' }),
  })
  .strict();
export type Founding = z.infer<typeof foundingSchema>;

/** What was typed at the door: whatever it is, it is read, so that no answer tells what is known here. */
export const said = z.string().max(400);

export const signingInSchema = z.object({ household: said, person: said, passphrase: said }).strict();
export type SigningIn = z.infer<typeof signingInSchema>;

/** Another passphrase for who is signed in, and has to show the one before. */
export const passphraseChangeSchema = z.object({ passphrase: said, next: passphrase }).strict();
export type PassphraseChange = z.infer<typeof passphraseChangeSchema>;

/** A new passphrase for who has lost theirs, by one of the codes they were given. */
export const recoverySchema = z.object({ household: said, person: said, code: said, passphrase }).strict();
export type Recovery = z.infer<typeof recoverySchema>;
