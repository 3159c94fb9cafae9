import fc from 'fast-check';
import { CODE_BYTES, codeOf, nameKey, plainPassphrase, readCode } from '.';

const bytes = fc.uint8Array({ minLength: CODE_BYTES, maxLength: CODE_BYTES });

describe('a recovery code', () => {
  it('is read as it was printed, in small letters, with blanks, and with letters for digits', () => {
    fc.assert(
      fc.property(bytes, (random) => {
        const code = codeOf(random);
        expect(code).toMatch(/^([0-9A-HJKMNP-TV-Z]{4}-){3}[0-9A-HJKMNP-TV-Z]{4}$/);
        for (const typed of [
          code,
          ` ${code.toLowerCase().replaceAll('-', ' ')} `,
          code.replaceAll('0', 'o').replaceAll('1', 'l'),
        ])
          expect(readCode(typed)).toBe(code);
      }),
    );
  });

  it('is another for other bytes', () => {
    fc.assert(
      fc.property(bytes, bytes, (one, other) => {
        expect(codeOf(one) === codeOf(other)).toBe(one.every((byte, i) => byte === other[i]));
      }),
    );
  });

  it.each(['', '0000', '0000-0000-0000-000', '0000-0000-0000-00000', 'UUUU-0000-0000-0000', 'ÄÖ'])(
    '%p is none',
    (typed) => expect(readCode(typed)).toBeNull(),
  );
});

it('names and passphrases are the same however a keyboard composes them', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme' }), (typed) => {
      expect(nameKey(`  ${typed.normalize('NFD')} `)).toBe(nameKey(typed));
      expect(nameKey(nameKey(typed))).toBe(nameKey(typed));
      expect(plainPassphrase(` ${typed.normalize('NFD')}\t`)).toBe(plainPassphrase(typed));
    }),
  );
  expect(nameKey('Harbour\u00a0 HOUSE')).toBe('harbour house');
  expect(plainPassphrase('Tar  and Rope')).toBe('Tar  and Rope');
});
