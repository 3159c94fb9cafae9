import fc from 'fast-check';
import { rulesFor, ruleSetIds, rulesOf, PLAIN_GUIDANCE } from '../guidance';
import { fromLitres, toLitres, type MeasureUnit } from '../units';
import { bleachFor, mixed, KitchenProblem, ppmWords, waterFor, type Fit } from '.';

const rules = rulesFor(PLAIN_GUIDANCE);
const { lowPpm, highPpm } = rules.keepingApart.sanitiser.value;
const measure = (amount: number, unit: MeasureUnit) => toLitres(amount, unit);
const percents = fc.double({ min: 0.5, max: 15, noNaN: true });
const volumes = fc.double({ min: 0.001, max: 1000, noNaN: true });
const maybe = fc.option(percents, { nil: null });

describe('what a mix is', () => {
  it.each<[string, number | null, [number, MeasureUnit], [number, MeasureUnit], number, number, Fit]>([
    ['a tablespoon in a gallon, 5.25 %', 5.25, [1, 'tbsp'], [1, 'gal'], 204, 204, 'rinse'],
    ['the same from 8.25 %', 8.25, [1, 'tbsp'], [1, 'gal'], 321, 321, 'rinse'],
    ['a teaspoon in a quart, 5.25 %', 5.25, [1, 'tsp'], [1, 'qt'], 272, 272, 'rinse'],
    ['a teaspoon in a gallon, 6 %', 6, [1, 'tsp'], [1, 'gal'], 78, 78, 'surfaces'],
    ['2 ml in a litre, 5 %', 5, [2, 'ml'], [1, 'l'], 100, 100, 'surfaces'],
    ['a third of a cup in a gallon, 8.25 %', 8.25, [1 / 3, 'cup'], [1, 'gal'], 1684, 1684, 'disinfects'],
    ['a drop in a bucket', 3, [1, 'ml'], [10, 'l'], 3, 3, 'tooWeak'],
    [
      'a tablespoon in a gallon, of a bottle nobody knows',
      null,
      [1, 'tbsp'],
      [1, 'gal'],
      117,
      321,
      'cannotTell',
    ],
    ['a cup in a gallon, of a bottle nobody knows', null, [1, 'cup'], [1, 'gal'], 1765, 4853, 'disinfects'],
    ['water', 5, [0, 'ml'], [1, 'l'], 0, 0, 'tooWeak'],
    ['bleach', 5, [1, 'l'], [0, 'l'], 50_000, 50_000, 'disinfects'],
  ])('%s', (_, percent, bleach, water, from, to, fit) => {
    const found = mixed({ percent, bleach: measure(...bleach), water: measure(...water) }, rules);
    expect([Math.round(found.ppm.from), Math.round(found.ppm.to), found.fit]).toEqual([from, to, fit]);
  });

  it('its limits are in what food may touch, and a hair past them is not', () => {
    // Ten thousandths of one part in a bottle of a hundredth each: x parts in ten thousand are x ppm.
    const at = (ppm: number) => mixed({ percent: 1, bleach: ppm, water: 10_000 - ppm }, rules).fit;
    expect([lowPpm, highPpm].map(at)).toEqual(['surfaces', 'surfaces']);
    expect([lowPpm - 0.01, highPpm + 0.01, 999.99, 1000].map(at)).toEqual([
      'tooWeak',
      'rinse',
      'rinse',
      'disinfects',
    ]);
  });

  it('is stronger for more bleach, less water and a stronger bottle, and never better known for a bottle nobody knows', () => {
    const more = fc.double({ min: 1, max: 10, noNaN: true });
    fc.assert(
      fc.property(percents, volumes, volumes, more, (percent, bleach, water, times) => {
        const of = (mix: object) => mixed({ percent, bleach, water, ...mix }, rules);
        const { from } = of({}).ppm;
        expect(of({ bleach: bleach * times }).ppm.from).toBeGreaterThanOrEqual(from);
        expect(of({ water: water * times }).ppm.from).toBeLessThanOrEqual(from);
        expect(of({ percent: Math.min(15, percent * times) }).ppm.from).toBeGreaterThanOrEqual(from);
        const unknown = of({ percent: null });
        const { low, high } = rules.keepingApart.bleach.value;
        if (percent >= low && percent <= high && unknown.fit !== 'cannotTell')
          expect(of({}).fit).toBe(unknown.fit);
      }),
    );
  });

  it('is the same in any unit', () => {
    fc.assert(
      fc.property(
        percents,
        volumes,
        volumes,
        fc.constantFrom<MeasureUnit>('ml', 'tsp', 'tbsp', 'cup', 'fl oz', 'qt', 'gal'),
        (percent, bleach, water, unit) => {
          const there = mixed(
            { percent, bleach: fromLitres(bleach, unit), water: fromLitres(water, unit) },
            rules,
          );
          expect(there.ppm.from / mixed({ percent, bleach, water }, rules).ppm.from).toBeCloseTo(1, 9);
        },
      ),
    );
  });

  it.each([
    { percent: 0 },
    { percent: -1 },
    { percent: 16 },
    { percent: Number.NaN },
    { bleach: -1 },
    { water: -1 },
    { bleach: 0, water: 0 },
    { water: Number.NaN },
    { water: Infinity },
  ])('%j is none', (slip) => {
    expect(() => mixed({ percent: 5, bleach: 1, water: 100, ...slip }, rules)).toThrow(KitchenProblem);
  });
});

describe('what is mixed', () => {
  it('serves at both of its ends, whatever the bottle, and at neither side of them', () => {
    fc.assert(
      fc.property(maybe, volumes, (percent, water) => {
        const found = bleachFor(water, percent, rules)!;
        const { low, high } = rules.keepingApart.bleach.value;
        const fits = (bleach: number, bottle: number) => mixed({ percent: bottle, bleach, water }, rules).fit;
        const inside = (found.from + found.to) / 2;
        for (const bottle of percent === null ? [low, 5.25, high] : [percent])
          expect(fits(inside, bottle)).toBe('surfaces');
        expect(fits(found.from * 0.999, percent ?? low)).toBe('tooWeak');
        expect(fits(found.to * 1.001, percent ?? high)).toBe('rinse');
      }),
    );
  });

  it('is the same there and back', () => {
    fc.assert(
      fc.property(maybe, volumes, (percent, water) => {
        const bleach = bleachFor(water, percent, rules)!;
        expect(waterFor(bleach.to, percent, rules)!.from / water).toBeCloseTo(1, 9);
        expect(waterFor(bleach.from, percent, rules)!.to / water).toBeCloseTo(1, 9);
      }),
    );
  });

  it('is not told of nothing, nor from a bottle that is hardly stronger than the mix', () => {
    expect(() => bleachFor(0, 5, rules)).toThrow(KitchenProblem);
    expect(() => waterFor(-1, 5, rules)).toThrow(KitchenProblem);
    expect(() => waterFor(1, 20, rules)).toThrow(KitchenProblem);
    expect(bleachFor(1, 0.02, rules)).toBeNull();
  });
});

it('a figure never rounds across a limit', () => {
  expect([49.6, 50, 200, 200.3, 204.3, 999.7, 1000].map((ppm) => ppmWords(ppm, rules))).toEqual([
    '49',
    '50',
    '200',
    '201',
    '204',
    '999',
    '1000',
  ]);
});

it('every school has figures for it', () => {
  for (const id of ruleSetIds)
    expect(mixed({ percent: 6, bleach: 1, water: 600 }, rulesOf(id)).fit).toBe('surfaces');
});
