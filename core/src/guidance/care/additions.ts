import {
  cookingCategories,
  storageCategories,
  type CookingCategory,
  type StorageCategory,
} from '../../foods/categories';
import { celsius, DAY_MS, fahrenheit, MINUTE_MS } from '../../units';
import type { OwnWords } from '../borrowed';
import type { CookTarget, Draft, RuleSet } from '../schema';

const source = 'higher-risk';
const LEFTOVER_DAYS = 2;

/** Through and through: no pink whole cuts, and no equivalents below 70 °C. */
const through: CookTarget = {
  kind: 'cookTarget',
  options: [
    { at: celsius(75), heldMs: 0 },
    { at: celsius(70), heldMs: 2 * MINUTE_MS },
  ],
  restMs: 0,
};
const animal = cookingCategories.filter((category) => category !== 'vegetable' && category !== 'kidneyBeans');
const cooked = (category: CookingCategory) => [category, { value: through, source }] as const;

/** What is kept as leftovers are. */
export const LEFTOVERS: readonly StorageCategory[] = [
  'eggDishes',
  'gravyBroth',
  'soupsStews',
  'cookedMeat',
  'pizza',
  'stuffing',
  'cookedRice',
  'cookedGrains',
  'cookedVegetables',
  'mixedSalads',
  'openedCan',
  'openedCanAcid',
];
const twoDays = (category: StorageCategory) =>
  [
    category,
    {
      refrigerator: {
        value: { kind: 'durations', lowMs: LEFTOVER_DAYS * DAY_MS, highMs: LEFTOVER_DAYS * DAY_MS },
        source,
        note: 'Then the freezer or the bin.',
      },
    },
  ] as const;

const noRefreezing = {
  value: { kind: 'allowed', yes: false, instead: 'cook it first' },
  source,
} as const;

/** What those who need extra care are advised beyond the strictest of all schools. */
export const additions: OwnWords<Draft<RuleSet>> = {
  cooking: { targets: Object.fromEntries(animal.map(cooked)) },
  storage: Object.fromEntries(storageCategories.filter((each) => LEFTOVERS.includes(each)).map(twoDays)),
  refreezing: { afterRefrigerator: noRefreezing },
  avoided: {
    value: {
      kind: 'avoided',
      risks: ['rawSprouts', 'rawEgg', 'coldSmokedFish', 'rawAnimal', 'rawMilk', 'softCheese', 'pate'],
    },
    source,
  },
  heatedFirst: { value: { kind: 'avoided', risks: ['coldCut'] }, source },
  reheating: {
    plantPacked: {
      value: { kind: 'cookTarget', options: [{ at: fahrenheit(165), heldMs: 0 }], restMs: 0 },
      source,
    },
  },
};
