import fc from 'fast-check';
import { DEFAULT_SETTINGS, type Settings, type SettingsPatch } from './household';
import { ChangedElsewhere, mergeSettings } from './merge';

const HOME: Settings = {
  ...DEFAULT_SETTINGS,
  zone: 'Europe/Vienna',
  table: [
    { id: 'a', name: 'Ines', small: false, care: null },
    { id: 'b', name: 'Jori', small: false, care: null },
  ],
};
const [ines, jori] = HOME.table as [Settings['table'][number], Settings['table'][number]];
const rona = { ...ines, id: 'c', name: 'Rona' };

/** What two devices make of it that both knew `HOME`: the second is sent after the first was taken. */
function after(first: SettingsPatch, second: SettingsPatch): Settings {
  const now = { ...HOME, ...first };
  return { ...now, ...mergeSettings(now, HOME, second) };
}

/** Changes of one thing each, no two of them of the same. */
const APART: readonly SettingsPatch[] = [
  { theme: 'dark' },
  { altitudeM: 900 },
  { units: { ...HOME.units, temperature: 'F' } },
  { units: { ...HOME.units, mass: 'imperial' } },
  { kitchen: { ...HOME.kitchen, rings: 2 } },
  { kitchen: { ...HOME.kitchen, potLitres: 8 } },
  { table: [{ ...ines, name: 'Inés' }, jori] },
  { table: [ines, { ...jori, care: 'pregnancy' }] },
  { table: [...HOME.table, rona] },
  { guidance: { ...HOME.guidance, extraCare: true } },
  { warmMonths: [1, 2] },
  { availability: { ...HOME.availability, 6: [] } },
];

describe('settings that two devices changed', () => {
  it('are as both said, in either order, where they changed different things', () => {
    fc.assert(
      fc.property(fc.nat(APART.length - 1), fc.nat(APART.length - 1), (one, other) => {
        fc.pre(one !== other);
        expect(after(APART[one]!, APART[other]!)).toEqual(after(APART[other]!, APART[one]!));
        const both = after(APART[one]!, APART[other]!);
        // Each said again changes nothing: what was sent twice is taken once.
        expect({ ...both, ...mergeSettings(both, HOME, APART[one]!) }).toEqual(both);
      }),
    );
  });

  it('are not changed by who said nothing new', () => {
    const now = { ...HOME, altitudeM: 900, table: [ines] };
    expect(mergeSettings(now, HOME, { altitudeM: HOME.altitudeM, table: HOME.table })).toEqual({
      altitudeM: 900,
      table: [ines],
    });
  });

  it('keep whom another device put at the table, and let go whom it took away', () => {
    expect(after({ table: [...HOME.table, rona] }, { table: [ines] }).table).toEqual([ines, rona]);
    expect(after({ table: [jori] }, { table: [...HOME.table, rona] }).table).toEqual([jori, rona]);
  });

  it.each<[string, SettingsPatch, SettingsPatch]>([
    ['altitudeM', { altitudeM: 900 }, { altitudeM: 1200 }],
    ['table', { table: [ines] }, { table: [ines, { ...jori, name: 'Joris' }] }],
    ['table', { table: [...HOME.table, rona] }, { table: [...HOME.table, { ...rona, name: 'Ronja' }] }],
    ['warmMonths', { warmMonths: [1] }, { warmMonths: [2] }],
  ])('are refused where both changed %s to something else', (what, first, second) => {
    expect(() => after(first, second)).toThrow(new ChangedElsewhere(what as never));
  });

  it('are as said where nobody knows what they were', () => {
    expect(mergeSettings({ ...HOME, altitudeM: 900 }, {}, { altitudeM: 1200 })).toEqual({ altitudeM: 1200 });
  });
});
