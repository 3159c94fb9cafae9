import { foodsOfKind } from './row';
import type { Food } from './schema';

/** Food that is eaten as it is, or needs no more than warming. */
const ready = foodsOfKind({
  cooking: null,
  rawStorage: null,
  cookedStorage: 'mixedSalads',
  afterThaw: 'delicate',
  shelf: 'readyToEat',
  freezingPointC: -1.2,
});
const dairy = foodsOfKind({
  cooking: null,
  rawStorage: null,
  cookedStorage: 'softCheese',
  afterThaw: 'delicate',
  shelf: 'produceDairy',
  freezingPointC: -1.2,
});

export const larder: readonly Food[] = [
  ready('sliced-meats', 'Sliced cooked meats, opened', ['cold cuts', 'deli'], [70, 18, 7.5, 1.5, 0, 3], {
    forms: ['flatPack'],
    cookedStorage: 'slicedMeats',
  }),
  ready('hot-dogs', 'Hot dogs, opened', ['frankfurters'], [55, 12, 27, 3, 0, 3], {
    forms: ['pieces'],
    cookedStorage: 'hotDogs',
  }),
  ready('smoked-sausage', 'Smoked sausage', ['chorizo', 'kielbasa'], [50, 16, 29, 2, 0, 3], {
    forms: ['pieces'],
    cookedStorage: 'smokedSausage',
  }),
  ready('sardines-opened', 'Sardines, opened can', ['canned fish'], [60, 24.5, 11.5, 0, 0, 4], {
    forms: ['can'],
    cookedStorage: 'openedCan',
  }),
  ready('canned-fish-opened', 'Tuna, opened can', ['canned tuna'], [70, 25.5, 2.5, 0, 0, 2], {
    forms: ['can'],
    cookedStorage: 'openedCan',
  }),
  ready(
    'canned-vegetables-opened',
    'Vegetables, opened can',
    ['canned beans', 'sweetcorn'],
    [82, 3, 0.8, 10, 3, 1.2],
    {
      forms: ['can'],
      cookedStorage: 'openedCan',
    },
  ),
  ready(
    'canned-tomatoes-opened',
    'Tomatoes, opened can',
    ['high-acid can', 'canned fruit'],
    [93.5, 1.2, 0.2, 3.3, 1, 0.8],
    {
      forms: ['can'],
      cookedStorage: 'openedCanAcid',
    },
  ),
  ready(
    'mixed-salad',
    'Egg, chicken, tuna or pasta salad',
    ['mayonnaise salad', 'coleslaw'],
    [66, 9.5, 14.5, 7.5, 0.8, 1.7],
    {
      forms: ['dish'],
    },
  ),
  ready('cut-fruit', 'Cut fruit', ['melon', 'fruit salad'], [88, 0.8, 0.2, 9.2, 1.3, 0.5], {
    forms: ['dish'],
    cookedStorage: 'cutFruit',
  }),
  ready('tofu', 'Tofu, opened', ['bean curd'], [77, 12.5, 7, 1.5, 1, 1], {
    forms: ['flatPack'],
    cookedStorage: 'tofu',
  }),
  ready('infant-puree-meat', 'Infant purée with meat or egg', ['baby food'], [82, 4.5, 3.5, 8, 1.3, 0.7], {
    forms: ['can'],
    cookedStorage: 'infantMeatEgg',
  }),
  ready('infant-puree', 'Infant purée', ['baby food'], [86, 0.8, 0.5, 10.7, 1.5, 0.5], {
    forms: ['can'],
    cookedStorage: 'infantOther',
  }),
  dairy('milk', 'Milk, opened', [], [88, 3.4, 3.6, 4.3, 0, 0.7], {
    forms: ['liquid'],
    cookedStorage: 'milk',
    freezingPointC: -0.55,
  }),
  dairy('soft-cheese', 'Soft cheese', ['brie', 'ricotta', 'cream cheese'], [52, 18, 26, 1.5, 0, 2.5], {
    forms: ['flatPack'],
  }),
  dairy('hard-cheese', 'Hard cheese, opened', ['cheddar', 'block cheese'], [38, 25, 32, 1.3, 0, 3.7], {
    forms: ['flatPack'],
    cookedStorage: 'hardCheese',
    freezingPointC: -6,
  }),
  dairy('yoghurt', 'Yoghurt', ['yogurt', 'curd'], [86, 4.5, 3.5, 5.2, 0, 0.8], {
    forms: ['liquid'],
    cookedStorage: 'yoghurt',
  }),
  dairy('cream-dessert', 'Cream dessert', ['custard', 'panna cotta', 'trifle'], [68, 4, 12, 15, 0.2, 0.8], {
    forms: ['dish'],
    cookedStorage: 'creamDessert',
  }),
  dairy('eggs-in-shell', 'Eggs in shell', ['hen eggs'], [76, 12.6, 9.6, 0.8, 0, 1], {
    forms: ['pieces'],
    cooking: 'egg',
    rawStorage: 'eggsInShell',
    cookedStorage: 'eggsHardCooked',
    freezingPointC: -0.5,
  }),
  dairy('egg-whites-yolks', 'Raw yolks or whites', ['egg white', 'yolk'], [80, 12, 6.3, 0.8, 0, 0.9], {
    forms: ['liquid'],
    cooking: 'egg',
    rawStorage: 'eggsRawParts',
    cookedStorage: 'eggDishes',
    freezingPointC: -0.5,
  }),
];
