import { allergenIds, containsWords } from '../foods';
import type { Label } from '../label';
import { LABEL_SHEETS, labelSheetIds, setLabel, type Mark, type Measure } from '.';

const even =
  (em: number): Measure =>
  (text) =>
    [...text].length * em;
const CODE = 'https://kitchen.example:8443/food/01976d1e-5b2c-7000-8000-000000000001';

const PLAIN: Label = {
  contents: 'Lamb shoulder, 5 portions',
  since: 'Cooked Fri 12 June 2026, 17:00',
  date: 'Use by Tue 16 June 2026, 17:00',
  aim: 'Best by Mon 15 June 2026',
  heated: 'Not heated again',
  contains: null,
  by: 'By Ines',
  replaces: null,
};
const FULL: Label = {
  ...PLAIN,
  contents: `${'W'.repeat(80)}, 99 portions`,
  contains: containsWords(allergenIds),
  replaces: 'In place of “Use by Wed 30 September 2026, 12:59 pm”',
  by: `By ${'W'.repeat(40)}`,
};
const textsOf = (marks: readonly Mark[]) => marks.filter((mark) => mark.kind === 'text');
const joined = (marks: readonly Mark[]) =>
  textsOf(marks)
    .map(({ text }) => text)
    .join(' ')
    .replace(/\s/g, '');

describe('a label in its rectangle', () => {
  it.each(labelSheetIds)('%s: everything usual is on it, with a code, inside its edges', (id) => {
    const sheet = LABEL_SHEETS[id];
    const measure = even(0.5);
    const marks = setLabel(PLAIN, sheet, CODE, measure);
    for (const said of Object.values(PLAIN))
      if (said) expect(joined(marks)).toContain(said.replace(/\s/g, ''));
    const code = marks.find((mark) => mark.kind === 'code');
    expect(code).toMatchObject({ text: CODE });
    for (const { x, y, text, face, size } of textsOf(marks)) {
      expect(x + measure(text, face) * size).toBeLessThanOrEqual(code!.x + 1e-6);
      expect(y).toBeLessThanOrEqual(sheet.labelHeightMm - 1.5);
      expect(size).toBeGreaterThanOrEqual(2.1);
    }
  });

  it('printed anew says so, beside its code, down to the label of a roll', () => {
    const anew = { ...PLAIN, by: null, replaces: 'In place of “Use by Wed 30 September 2026, 17:00”' };
    for (const id of labelSheetIds) {
      const marks = setLabel(anew, LABEL_SHEETS[id], CODE, even(0.5));
      expect(joined(marks)).toContain(anew.replaces.replace(/\s/g, ''));
      expect(marks.some(({ kind }) => kind === 'code')).toBe(true);
    }
  });

  it.each(labelSheetIds)(
    '%s: however much there is, contents, date and what some cannot eat stand there whole',
    (id) => {
      const sheet = LABEL_SHEETS[id];
      const measure = even(0.62);
      const marks = setLabel(FULL, sheet, CODE, measure);
      for (const said of [FULL.contents, FULL.date, FULL.contains!])
        expect(joined(marks)).toContain(said.replace(/\s/g, ''));
      for (const { x, y, text, face, size } of textsOf(marks)) {
        expect(x + measure(text, face) * size).toBeLessThanOrEqual(sheet.labelWidthMm - 1.99);
        expect(y).toBeLessThanOrEqual(sheet.labelHeightMm - 1.5);
      }
    },
  );

  it('without a code has the whole width', () =>
    expect(setLabel(PLAIN, LABEL_SHEETS.roll, null, even(0.5)).every(({ kind }) => kind === 'text')).toBe(
      true,
    ));
});
