/**
 * How a name is told from others: whoever types it another way, in capitals or with a second blank, means the same.
 *
 * @example nameKey('  Harbour  House ') // 'harbour house'
 */
export const nameKey = (name: string): string =>
  name.normalize('NFKC').replace(/\s+/gu, ' ').trim().toLowerCase();

/**
 * A passphrase as it is kept and compared: keyboards differ in how they compose a letter, and some add a blank at the end.
 *
 * @example plainPassphrase('cafe\u0301 au lait ') // 'café au lait'
 */
export const plainPassphrase = (typed: string): string => typed.normalize('NFKC').trim();
