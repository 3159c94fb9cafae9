import { containerById, containerWords } from '@omtel/core/forecast';
import { METRIC } from '../../../test/story';
import { OWN, readContainer, STAYS, WHERE_WORDS, type CoolingChoices } from './coolingChoices';

const IMPERIAL = { temperature: 'F', mass: 'imperial' } as const;
const choices: CoolingChoices = {
  containerId: 'tub',
  ownLength: '20',
  ownWidth: '15',
  count: 1,
  lid: false,
  stirred: false,
  where: 'refrigerator',
  start: '90',
};
const own = (ownLength: string, ownWidth: string) => ({ ...choices, containerId: OWN, ownLength, ownWidth });

it.each([
  ['tub', 'Plastic tub, 21 × 15 cm', 'Plastic tub, 8.3 × 5.9 in'],
  ['pot', 'The pot, 24 cm', 'The pot, 9.4 in'],
])('%s is told with its size in the household’s units', (id, metric, imperial) => {
  const into = containerById(id);
  expect([METRIC, IMPERIAL].map((units) => containerWords(into, units))).toEqual([metric, imperial]);
});

describe('the container chosen', () => {
  it('is one of the common ones by its id', () =>
    expect(readContainer(choices, METRIC)).toMatchObject({
      id: 'tub',
      label: expect.stringContaining('tub'),
    }));

  it('or one of the cook’s own, in the household’s units', () => {
    expect(readContainer(own('20', '15,5'), METRIC)).toMatchObject({
      base: { kind: 'square', lengthM: 0.2, widthM: 0.155 },
    });
    expect(readContainer(own('10', '5'), IMPERIAL)).toMatchObject({
      base: { kind: 'square', lengthM: 0.254, widthM: 0.127 },
    });
  });

  it.each([
    ['', '15', 'Type a number.'],
    ['wide', '15', 'Digits only, such as 2.4.'],
    ['0', '15', 'A container is wider than nothing and fits on a shelf.'],
    ['20', '300', 'A container is wider than nothing and fits on a shelf.'],
  ])('%j by %j is a sentence', (length, width, problem) =>
    expect(readContainer(own(length, width), METRIC)).toEqual({ problem }),
  );
});

it('has words and stays for every place, the last of which holds for ever', () => {
  expect(Object.keys(WHERE_WORDS)).toEqual(Object.keys(STAYS));
  for (const stays of Object.values(STAYS)) expect(stays.at(-1)!.forS).toBe(0);
});
