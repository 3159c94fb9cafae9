/** Digits and capitals without those that are read for others (Crockford’s base 32). */
const LETTERS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
const READ_AS: Readonly<Record<string, string>> = { O: '0', I: '1', L: '1' };
const GROUP = 4;

/** How many random bytes a code is made from: eighty bits, which nobody guesses. */
export const CODE_BYTES = 10;
const CODE_LETTERS = (CODE_BYTES * 8) / 5;

/**
 * A code as it is printed, four groups of four.
 *
 * @param bytes `CODE_BYTES` random ones
 * @example codeOf(new Uint8Array(10)) // '0000-0000-0000-0000'
 */
export function codeOf(bytes: Uint8Array): string {
  const bits = [...bytes].map((byte) => byte.toString(2).padStart(8, '0')).join('');
  const letters = Array.from(
    { length: CODE_LETTERS },
    (_, i) => LETTERS[parseInt(bits.slice(i * 5, i * 5 + 5), 2)],
  ).join('');
  return letters.match(new RegExp(`.{${GROUP}}`, 'g'))!.join('-');
}

/**
 * A code as it was copied by hand: small letters, blanks for dashes, O for 0, I and L for 1.
 *
 * @returns as it was printed; null where it is none
 * @example readCode('0oiL 0000 0000 0000') // '0011-0000-0000-0000'
 */
export function readCode(typed: string): string | null {
  const letters = typed
    .toUpperCase()
    .replace(/[^A-Z0-9]/g, '')
    .replace(/[OIL]/g, (letter) => READ_AS[letter]!);
  if (letters.length !== CODE_LETTERS || [...letters].some((letter) => !LETTERS.includes(letter)))
    return null;
  return letters.match(new RegExp(`.{${GROUP}}`, 'g'))!.join('-');
}
