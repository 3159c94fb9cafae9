import fc from 'fast-check';
import { foodById, formIds } from '../foods';
import { forecast, materialOfFood, crossingS } from '../thermal';
import { bodyOf, thawBand, thawedAtC, thawLeft, usualThickness, type ThawInput } from '.';

const lamb = foodById('lamb-shoulder-bone-in');
const { densityKgM3 } = materialOfFood(lamb);
const between = (min: number, max: number) =>
  fc.double({ min: Math.log(min), max: Math.log(max), noNaN: true }).map((log) => Math.exp(log));
/** From a morsel to the largest roast, as thin as a rasher and as thick as a block. */
const thaws: fc.Arbitrary<ThawInput> = fc.record({
  food: fc.constant(lamb),
  form: fc.constantFrom(...formIds),
  massKg: between(0.02, 15),
  thickestM: fc.option(between(0.003, 0.4), { nil: undefined }),
  place: fc.constantFrom('refrigerator', 'coldWater'),
  startC: fc.double({ min: -25, max: -8, noNaN: true }),
});
const more = fc.double({ min: 1, max: 1.6, noNaN: true });
/** Two forecasts on grids of their own may differ by this much and still say the same. */
const ALIKE = 0.99;
/** Times are shown in whole minutes. */
const HALF_A_MINUTE_S = 30;
const RUNS = { numRuns: 12, endOnFailure: true };

const notSooner = (one: ThawInput, other: ThawInput) => {
  const [usual, longer] = [thawBand(one), thawBand(other)];
  expect(longer.slowMs).toBeGreaterThanOrEqual(ALIKE * usual.slowMs);
  expect(longer.fastMs).toBeGreaterThanOrEqual(ALIKE * usual.fastMs);
};

describe('a thaw, of any form and size', () => {
  it('is never sooner for being heavier, thicker, or colder', () => {
    fc.assert(
      fc.property(thaws, more, fc.constantFrom('massKg', 'thickestM', 'startC'), (input, times, what) => {
        const thickestM = input.thickestM ?? usualThickness(input.form, input.massKg / densityKgM3);
        const base = what === 'thickestM' ? { ...input, thickestM } : input;
        const value = base[what]!;
        notSooner(base, { ...base, [what]: value * times });
      }),
      RUNS,
    );
  });

  it('has no less than nothing left, and in water no more than in the refrigerator', () => {
    fc.assert(
      fc.property(thaws, fc.double({ min: 0, max: 1, noNaN: true }), (input, share) => {
        const inside = { ...input, place: 'refrigerator' } as const;
        const coreC = input.startC + share * (thawedAtC(lamb) - input.startC);
        const [staying, water] = (['refrigerator', 'coldWater'] as const).map((to) =>
          thawLeft(inside, coreC, to),
        ) as [ReturnType<typeof thawLeft>, ReturnType<typeof thawLeft>];
        expect(water.fastMs).toBeGreaterThanOrEqual(0);
        expect(staying.fastMs).toBeGreaterThanOrEqual(0);
        expect(water.slowMs).toBeLessThanOrEqual(staying.slowMs);
      }),
      RUNS,
    );
  });

  it('is within 1 % of a grid twice as fine, or within the minute it is shown in', () => {
    fc.assert(
      fc.property(thaws, ({ form, massKg, thickestM, place, startC }) => {
        const volume = massKg / densityKgM3;
        const [h, temperatureC] = place === 'refrigerator' ? [6, 4] : [100, 12];
        const thawed = (resolution: 'usual' | 'fine') => {
          const { timeS, coldestC } = forecast({
            material: materialOfFood(lamb),
            shape: bodyOf(form, volume, thickestM),
            startC,
            segments: [{ untilS: Infinity, rest: { temperatureC, h } }],
            untilS: 365 * 24 * 3600,
            resolution,
            until: ({ coldestC: coldest }) => coldest > thawedAtC(lamb),
          });
          return crossingS(timeS, coldestC, thawedAtC(lamb), true)!;
        };
        const fineS = thawed('fine');
        expect(Math.abs(thawed('usual') - fineS)).toBeLessThanOrEqual(
          Math.max(0.01 * fineS, HALF_A_MINUTE_S),
        );
      }),
      { ...RUNS, numRuns: 16 },
    );
  });

  it('shows a middle without a jump as its last ice melts, and no point colder than the coldest', () => {
    fc.assert(
      fc.property(thaws, (input) => {
        for (const { coreC, coldestC } of [thawBand(input).slow]) {
          for (let i = 1; i < coreC.length; i++) expect(coreC[i]!).toBeGreaterThan(coreC[i - 1]! - 0.05);
          coldestC.forEach((coldest, i) => expect(coldest).toBeLessThanOrEqual(coreC[i]! + 0.05));
        }
      }),
      RUNS,
    );
  });
});
