import { foodsOfKind } from './row';
import type { Food } from './schema';

const dish = foodsOfKind({
  cooking: 'casserole',
  rawStorage: null,
  cookedStorage: 'soupsStews',
  afterThaw: 'delicate',
  shelf: 'readyToEat',
  freezingPointC: -0.9,
});
const plain = foodsOfKind({
  cooking: 'vegetable',
  rawStorage: null,
  cookedStorage: 'cookedGrains',
  afterThaw: 'delicate',
  shelf: 'readyToEat',
  freezingPointC: -0.8,
});

export const dishes: readonly Food[] = [
  dish('lentil-soup', 'Red lentil soup', ['dal', 'dhal', 'pulse soup'], [80, 5.5, 2.5, 9.2, 1.8, 1], {
    forms: ['liquid'],
  }),
  dish('vegetable-soup', 'Vegetable soup', ['minestrone'], [88, 1.6, 1.8, 6, 1.6, 1], { forms: ['liquid'] }),
  dish('chicken-soup', 'Chicken soup', ['broth with meat'], [88, 5, 2, 3.5, 0.5, 1], { forms: ['liquid'] }),
  dish('fish-soup', 'Fish soup', ['chowder', 'bouillabaisse'], [84, 6.5, 4, 4, 0.5, 1], {
    forms: ['liquid'],
  }),
  dish('beef-stew', 'Beef stew', ['goulash', 'casserole', 'ragout'], [77, 10, 5.5, 5.4, 0.9, 1.2], {
    forms: ['liquid', 'dish'],
  }),
  dish('lamb-stew', 'Lamb stew', ['tagine', 'navarin'], [76, 10, 7, 5, 0.8, 1.2], {
    forms: ['liquid', 'dish'],
  }),
  dish('bean-stew', 'Bean stew', ['baked beans', 'cassoulet'], [73, 6.5, 3, 11.5, 4.6, 1.4], {
    forms: ['liquid', 'dish'],
  }),
  dish('chilli', 'Chilli', ['chili con carne'], [74, 9, 6, 7, 2.6, 1.4], { forms: ['liquid'] }),
  dish('curry', 'Curry', ['korma', 'masala'], [74, 9, 8.5, 5.5, 1.5, 1.5], { forms: ['liquid', 'dish'] }),
  dish('meat-sauce', 'Meat sauce', ['ragù', 'bolognese'], [74, 9, 9, 5.3, 1.2, 1.5], {
    forms: ['liquid', 'flatPack'],
  }),
  dish('fish-pie', 'Fish pie', ['seafood bake'], [73, 7.5, 7, 10.5, 0.8, 1.2], { forms: ['dish'] }),
  dish('aubergine-bake', 'Aubergine bake', ['eggplant', 'moussaka', 'parmigiana'], [77, 4.5, 9, 6, 2, 1.5], {
    forms: ['dish'],
  }),
  dish('lasagne', 'Lasagne', ['lasagna', 'pasta bake'], [67, 8.5, 8, 13.8, 1.2, 1.5], { forms: ['dish'] }),
  dish('quiche', 'Quiche', ['egg tart', 'egg dish', 'frittata'], [54, 9.5, 19, 15.2, 0.8, 1.5], {
    forms: ['dish'],
    cooking: 'egg',
    cookedStorage: 'eggDishes',
  }),
  dish('pizza', 'Pizza', [], [47, 11, 10, 28, 2, 2], { forms: ['dish'], cookedStorage: 'pizza' }),
  dish('bread-stuffing', 'Stuffing', ['dressing'], [58, 5.5, 9, 24, 2, 1.5], {
    forms: ['dish'],
    cookedStorage: 'stuffing',
    cooking: 'poultry',
  }),
  dish('gravy', 'Gravy', ['sauce', 'jus'], [86, 2.5, 5, 5, 0.2, 1.3], {
    forms: ['liquid'],
    cookedStorage: 'gravyBroth',
  }),
  dish('stock', 'Broth or stock', ['bouillon', 'bone broth'], [96.5, 1.5, 0.5, 0.7, 0, 0.8], {
    forms: ['liquid'],
    cookedStorage: 'gravyBroth',
  }),
  plain('cooked-rice', 'Cooked rice', ['saffron rice', 'pilaf', 'pilau'], [68.5, 2.7, 0.5, 27.5, 0.4, 0.4], {
    forms: ['dish', 'flatPack'],
    cookedStorage: 'cookedRice',
  }),
  plain('cooked-pasta', 'Cooked pasta', ['noodles', 'macaroni'], [62, 5.8, 1, 29, 1.8, 0.4], {
    forms: ['dish', 'flatPack'],
  }),
  plain(
    'cooked-grains',
    'Cooked grains',
    ['bulgur', 'quinoa', 'couscous', 'barley'],
    [72.5, 3.8, 1, 19.5, 2.6, 0.6],
    {
      forms: ['dish', 'flatPack'],
    },
  ),
  plain('cooked-pulses', 'Cooked pulses', ['beans', 'chickpeas', 'lentils'], [66, 8.8, 1.2, 15, 7.8, 1.2], {
    forms: ['dish', 'liquid'],
  }),
  plain(
    'cooked-vegetables',
    'Cooked vegetables',
    ['greens', 'roast vegetables'],
    [87, 2.3, 1.5, 5.7, 2.7, 0.8],
    {
      forms: ['dish'],
      cookedStorage: 'cookedVegetables',
    },
  ),
  plain('cooked-potatoes', 'Cooked potatoes', ['mash', 'mashed potato'], [77, 2, 2.5, 16, 1.6, 0.9], {
    forms: ['dish'],
    cookedStorage: 'cookedVegetables',
  }),
];
