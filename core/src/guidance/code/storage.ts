import type { StorageCategory } from '../../foods';
import { DAY_MS, HOUR_MS } from '../../units';
import type { OwnWords } from '../borrowed';
import type { Draft, RuleSet } from '../schema';

const DAYS = 7;

/** Ready-to-eat food that needs the cold; hard cheese and cultured dairy are exempt, raw food is not spoken of. */
const DATE_MARKED: readonly StorageCategory[] = [
  'smokedSausage',
  'hotDogs',
  'slicedMeats',
  'hamSlices',
  'hamWhole',
  'eggsHardCooked',
  'eggDishes',
  'gravyBroth',
  'soupsStews',
  'cookedMeat',
  'pizza',
  'stuffing',
  'cookedRice',
  'cookedGrains',
  'cookedVegetables',
  'cutFruit',
  'mixedSalads',
  'openedCan',
  'milk',
  'softCheese',
  'creamDessert',
  'tofu',
  'sandwiches',
  'freshPasta',
];

const dateMarked = {
  refrigerator: {
    // Seven calendar days are at most this long: an hour more where the clocks go back among them.
    value: {
      kind: 'durations',
      lowMs: (DAYS - 1) * DAY_MS,
      highMs: DAYS * DAY_MS + HOUR_MS,
      calendarDays: DAYS,
    },
    source: 'food-code',
    note: 'The day it was made or opened is day 1; at 41 °F or colder.',
  },
} as const;

export const storage: OwnWords<Draft<RuleSet['storage']>> = Object.fromEntries(
  DATE_MARKED.map((category) => [category, dateMarked]),
);
