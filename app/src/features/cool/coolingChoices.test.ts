import { containerById, containerWords, type Container } from '@omtel/core/forecast';
import type { FoodState } from '@omtel/core/trail';
import { toCelsius, type Temperature, type UnitSystem } from '@omtel/core/units';
import { METRIC } from '../../../test/story';
import {
  choicesFor,
  OWN,
  readContainer,
  readStart,
  STAYS,
  WHERE_WORDS,
  type CoolingChoices,
} from './coolingChoices';

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

describe('what the form begins with', () => {
  const begins = (
    cooling: FoodState['cooling'],
    lastReading: FoodState['lastReading'],
    units: UnitSystem,
  ) => {
    const begun = choicesFor({ cooling, lastReading }, units);
    return { begun, start: readStart(begun.start, units), container: readContainer(begun, units) };
  };
  const read = (temperature: Temperature) => ({ temperature }) as FoodState['lastReading'];

  it('is as warm in one unit as in the other, and never colder than it was read', () => {
    expect(begins(null, null, METRIC).start).toEqual({ startC: 90 });
    expect(begins(null, null, IMPERIAL).begun.start).toBe('194');
    for (const value of [96, 71.3, 40.05, 12])
      for (const units of [METRIC, IMPERIAL])
        for (const temperature of [
          { value, unit: 'C' },
          { value: value + 60, unit: 'F' },
        ] as const) {
          const { start } = begins(null, read(temperature), units);
          const { startC } = start as { startC: number };
          expect(startC).toBeGreaterThanOrEqual(toCelsius(temperature) - 1e-6);
          expect(startC).toBeLessThan(toCelsius(temperature) + 1);
        }
  });

  it('is the plan under way, in either unit', () => {
    const base = { kind: 'square', lengthM: 0.25, widthM: 0.1 } as const;
    const container = { ...containerById('tub'), id: OWN, label: 'Own', base };
    const plan = { startC: 71.11, container, count: 3, lid: false, stirred: true, stays: STAYS.iceFirst };
    const cooling = { plan } as unknown as FoodState['cooling'];
    for (const units of [METRIC, IMPERIAL]) {
      const { begun, start, container: into } = begins(cooling, null, units);
      expect(begun).toMatchObject({ count: 3, lid: false, stirred: true, where: 'iceFirst' });
      expect((start as { startC: number }).startC).toBeCloseTo(71.11, 1);
      const { lengthM, widthM } = (into as Container).base as typeof base;
      expect([lengthM, widthM]).toEqual([expect.closeTo(0.25, 3), expect.closeTo(0.1, 3)]);
    }
  });
});
