import fc from 'fast-check';
import { DAY_MS } from '../units';
import { chainRules, codeRules, homeRules, type RuleSet } from '../guidance';
import { inTubs, keptFor, KitchenProblem, tubsOf } from '.';

it.each([
  // portions, at a meal, every n days, keeps n days → keep, freeze, meals
  [10, 2, 1, 3, 6, 4, 3],
  [4, 2, 1, 4, 4, 0, 2],
  [5, 2, 1, 4, 5, 0, 3],
  [8, 4, 2, 3, 4, 4, 1],
  [6, 2, 2, 1, 0, 6, 0],
])(
  '%d portions, %d at a meal every %d d, kept %d d',
  (portions, aMeal, every, keeps, keep, freeze, meals) => {
    const found = tubsOf({ portions, aMeal, everyMs: every * DAY_MS, keepsMs: keeps * DAY_MS });
    expect([found.keep, found.freeze, found.meals.length]).toEqual([keep, freeze, meals]);
  },
);

const few = fc.integer({ min: 1, max: 60 });
it('loses no portion, plans no meal past its days, and keeps no more where it keeps shorter', () =>
  fc.assert(
    fc.property(
      few,
      few,
      fc.integer({ min: 1, max: 7 }),
      fc.integer({ min: 0, max: 7 }),
      (portions, aMeal, every, keeps) => {
        const batch = { portions, aMeal, everyMs: every * DAY_MS, keepsMs: keeps * DAY_MS };
        const { keep, freeze, meals } = tubsOf(batch);
        expect(keep + freeze).toBe(portions);
        expect(meals.reduce((sum, meal) => sum + meal.portions, 0)).toBe(keep);
        expect(meals.every(({ afterMs }) => afterMs <= batch.keepsMs)).toBe(true);
        expect(tubsOf({ ...batch, keepsMs: batch.keepsMs / 2 }).keep).toBeLessThanOrEqual(keep);
      },
    ),
  ));

it('keeps by each school: days by the clock, or to the end of the last calendar day', () => {
  const soup = (rules: RuleSet) => keptFor(rules.storage.soupsStews.refrigerator.value) / DAY_MS;
  expect([homeRules, codeRules, chainRules].map(soup)).toEqual([4, 6, 2]);
});

it('fills tubs, the last with what is left', () => {
  expect(inTubs(7, 3)).toEqual({ tubs: 3, last: 1 });
  expect(inTubs(6, 3)).toEqual({ tubs: 2, last: 3 });
  expect(inTubs(0, 3)).toEqual({ tubs: 0, last: 0 });
});

it.each([0, -1, 1000, NaN])('%d portions are refused', (portions) =>
  expect(() => tubsOf({ portions, aMeal: 2, everyMs: DAY_MS, keepsMs: DAY_MS })).toThrow(KitchenProblem),
);
