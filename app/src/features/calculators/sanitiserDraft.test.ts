import { PLAIN_GUIDANCE, rulesFor } from '@omtel/core/guidance';
import { mixed } from '@omtel/core/kitchen';
import { toLitres } from '@omtel/core/units';
import { freshMix, rangeWords, readMix, type SanitiserDraft } from './sanitiserDraft';

const rules = rulesFor(PLAIN_GUIDANCE);
const draft = (over: Partial<SanitiserDraft>): SanitiserDraft => ({
  ...freshMix({ temperature: 'F', mass: 'imperial' }),
  percent: '5.25',
  ...over,
});

it('reads spoons and gallons, with a comma too', () => {
  const { mix, problems } = readMix(draft({ bleach: '1', bleachUnit: 'tbsp', percent: '5,25' }), rules);
  expect(problems).toEqual({});
  expect(mix).toMatchObject({ fit: 'rinse' });
});

it('says both ways what would serve, in the measures chosen', () => {
  const { bleach, water } = readMix(draft({}), rules);
  expect(rangeWords(bleach!, 'tsp')).toBe('0.8 to 2.9 tsp');
  expect(rangeWords(water!, 'gal')).toBe('0.4 to 1.3 gal');
  for (const tsp of [0.8, 2.9])
    expect(mixed({ percent: 5.25, bleach: toLitres(tsp, 'tsp'), water: toLitres(1, 'gal') }, rules).fit).toBe(
      'surfaces',
    );
});

it('finds what serves any bottle', () => {
  const { mix, bleach } = readMix(draft({ bottle: 'unknown', percent: 'x', bleach: '1' }), rules);
  expect(mix!.fit).toBe('cannotTell');
  expect(rangeWords(bleach!, 'tsp')).toBe('1.29 to 1.86 tsp');
});

it.each<[Partial<SanitiserDraft>, Record<string, string>]>([
  [{ percent: '' }, { percent: 'Type a number.' }],
  [{ percent: '16' }, { percent: 'Bleach for a household has more than 0 and at most 15 %.' }],
  [{ percent: '0' }, { percent: 'Bleach for a household has more than 0 and at most 15 %.' }],
  [{ bleach: 'two' }, { bleach: 'Digits only, such as 2.4.' }],
  [{ bleach: '-1' }, { bleach: 'Not less than nothing.' }],
  [{ water: '0' }, { water: 'More than nothing.' }],
])('%j is told at its field, and nothing is worked out', (over, problems) => {
  const read = readMix(draft(over), rules);
  expect(read.problems).toEqual(problems);
  expect(read.mix).toBeNull();
});
