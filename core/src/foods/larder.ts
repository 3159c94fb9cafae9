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
  ready('sardines-opened', 'Sardines, canned', ['canned fish'], [60, 24.5, 11.5, 0, 0, 4], {
    forms: ['can'],
    cookedStorage: 'openedCan',
  }),
  ready('canned-fish-opened', 'Tuna, canned', ['canned tuna'], [70, 25.5, 2.5, 0, 0, 2], {
    forms: ['can'],
    cookedStorage: 'openedCan',
  }),
  ready(
    'canned-vegetables-opened',
    'Vegetables, canned',
    ['canned beans', 'sweetcorn'],
    [82, 3, 0.8, 10, 3, 1.2],
    {
      forms: ['can'],
      cookedStorage: 'openedCan',
    },
  ),
  ready(
    'canned-tomatoes-opened',
    'Tomatoes, canned',
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
  ready('potato-salad', 'Potato salad', ['kartoffelsalat'], [72.2, 2, 9, 14, 1.5, 1.3], { forms: ['dish'] }),
  ready('egg-salad', 'Egg salad', ['egg mayonnaise'], [66.4, 10, 20, 2, 0.1, 1.5], { forms: ['dish'] }),
  ready('tuna-salad', 'Tuna salad', ['tuna mayonnaise'], [67, 15, 12, 4, 0.3, 1.7], { forms: ['dish'] }),
  ready('chicken-salad', 'Chicken salad', ['coronation chicken'], [66.1, 14, 13, 5, 0.5, 1.4], {
    forms: ['dish'],
  }),
  ready('pasta-salad', 'Pasta salad', ['macaroni salad'], [67, 4.5, 8, 18, 1.3, 1.2], { forms: ['dish'] }),
  ready('rice-salad', 'Rice salad', ['grain salad', 'tabbouleh'], [66.8, 3.5, 5, 22, 1.5, 1.2], {
    forms: ['dish'],
    cookedStorage: 'cookedRice',
  }),
  ready('hummus', 'Hummus', ['bean dip', 'tahini dip'], [61.2, 7, 14, 11, 5, 1.8], { forms: ['dish'] }),
  ready('cucumber-yoghurt', 'Yoghurt dip', ['tzatziki', 'raita'], [85.3, 3.5, 5, 4.5, 0.5, 1.2], {
    forms: ['dish'],
  }),
  ready('guacamole', 'Guacamole', ['avocado dip'], [74.5, 1.8, 13, 4, 5.5, 1.2], { forms: ['dish'] }),
  ready('cut-salad', 'Cut salad leaves', ['green salad', 'washed lettuce'], [94, 1.5, 0.3, 1.8, 1.6, 0.8], {
    forms: ['dish'],
    cookedStorage: 'cutFruit',
  }),
  ready('cut-melon', 'Cut melon', ['watermelon'], [90.6, 0.7, 0.2, 7.5, 0.6, 0.4], {
    forms: ['dish'],
    cookedStorage: 'cutFruit',
  }),
  ready('cut-vegetables', 'Cut vegetables', ['crudités', 'carrot sticks'], [89.5, 1.1, 0.3, 6, 2.4, 0.7], {
    forms: ['dish'],
    cookedStorage: 'cutFruit',
  }),
  ready('smoothie', 'Smoothie, fresh juice', ['fruit purée'], [85.6, 0.7, 0.3, 12, 1, 0.4], {
    forms: ['liquid'],
    cookedStorage: 'cutFruit',
  }),
  ready(
    'raw-sprouts',
    'Sprouts, raw',
    ['bean sprouts', 'alfalfa', 'cress'],
    [90.5, 3.2, 0.4, 3.5, 1.9, 0.5],
    { forms: ['flatPack'], cookedStorage: 'cutFruit', risk: 'rawSprouts' },
  ),
  ready('mayonnaise-fresh', 'Mayonnaise, home-made', ['aioli', 'hollandaise'], [20.8, 1.5, 75, 1.5, 0, 1.2], {
    forms: ['can'],
    risk: 'rawEgg',
  }),
  ready(
    'raw-egg-mousse',
    'Mousse with raw egg',
    ['tiramisu', 'chocolate mousse'],
    [47.3, 6, 20, 25, 0.8, 0.9],
    { forms: ['dish'], cookedStorage: 'creamDessert', risk: 'rawEgg' },
  ),
  ready('steak-tartare', 'Raw meat', ['tartare', 'carpaccio', 'mett'], [70, 20, 8, 0.5, 0, 1.5], {
    forms: ['dish'],
    cookedStorage: 'infantMeatEgg',
    risk: 'rawAnimal',
  }),
  ready('pate', 'Pâté', ['liver sausage', 'terrine sliced'], [56.8, 13, 25, 3, 0, 2.2], {
    forms: ['flatPack'],
    cookedStorage: 'slicedMeats',
  }),
  ready('dry-ham', 'Dry-cured ham, opened', ['prosciutto', 'serrano'], [53.7, 26, 14, 0.3, 0, 6], {
    forms: ['flatPack'],
    cookedStorage: 'slicedMeats',
  }),
  ready('salami', 'Salami, opened', ['pepperoni', 'saucisson'], [39.5, 22, 32, 1.5, 0, 5], {
    forms: ['flatPack'],
    cookedStorage: 'smokedSausage',
  }),
  ready(
    'canned-beans-opened',
    'Beans, canned',
    ['baked beans', 'chickpeas', 'kidney beans'],
    [73.8, 6, 1, 13, 5, 1.2],
    { forms: ['can'], cookedStorage: 'openedCan' },
  ),
  ready('canned-soup-opened', 'Soup, canned', ['tinned soup'], [86.7, 1.8, 2.5, 7, 0.8, 1.2], {
    forms: ['can'],
    cookedStorage: 'openedCan',
  }),
  ready('canned-meat-opened', 'Meat, canned', ['corned beef', 'luncheon meat'], [59.5, 18, 17, 2, 0, 3.5], {
    forms: ['can'],
    cookedStorage: 'openedCan',
  }),
  ready('canned-fruit-opened', 'Fruit, canned', ['peaches', 'pineapple'], [83.1, 0.5, 0.1, 15, 1, 0.3], {
    forms: ['can'],
    cookedStorage: 'openedCanAcid',
  }),
  ready('coconut-milk-opened', 'Coconut milk, canned', ['coconut cream'], [74.3, 2, 20, 3, 0, 0.7], {
    forms: ['can'],
    cookedStorage: 'openedCan',
  }),
  ready('tempeh', 'Tempeh, opened', ['seitan'], [58.5, 19, 9, 7, 5, 1.5], {
    forms: ['flatPack'],
    cookedStorage: 'tofu',
  }),
  ready('boiled-eggs', 'Hard-boiled eggs', ['boiled eggs', 'pickled egg'], [74.6, 12.6, 10.6, 1.1, 0, 1.1], {
    forms: ['pieces'],
    cookedStorage: 'eggsHardCooked',
  }),
  dairy('cottage-cheese', 'Cottage cheese', ['quark', 'fromage frais'], [79.5, 11.5, 4.5, 3, 0, 1.5], {
    forms: ['dish'],
  }),
  dairy('mozzarella', 'Mozzarella', ['burrata', 'paneer', 'feta'], [58.5, 18, 20, 1.5, 0, 2], {
    forms: ['flatPack'],
  }),
  dairy('blue-cheese', 'Blue cheese', ['gorgonzola', 'stilton'], [44.5, 21, 29, 1, 0, 4.5], {
    forms: ['flatPack'],
  }),
  dairy(
    'cream',
    'Cream, opened',
    ['double cream', 'crème fraîche', 'whipping cream'],
    [59.1, 2.4, 35, 3, 0, 0.5],
    { forms: ['liquid'], cookedStorage: 'milk' },
  ),
  dairy(
    'plant-milk',
    'Plant milk, opened',
    ['oat milk', 'soy milk', 'almond milk'],
    [91.2, 2, 1.8, 4, 0.5, 0.5],
    { forms: ['liquid'], cookedStorage: 'milk' },
  ),
  dairy('kefir', 'Kefir', ['buttermilk', 'lassi', 'ayran'], [88.9, 3.4, 2.5, 4.5, 0, 0.7], {
    forms: ['liquid'],
    cookedStorage: 'yoghurt',
  }),
  dairy('custard', 'Custard', ['crème anglaise', 'pastry cream'], [73.2, 4, 6, 16, 0, 0.8], {
    forms: ['liquid'],
    cookedStorage: 'creamDessert',
  }),
  dairy('cream-cake', 'Cake with cream', ['cheesecake', 'trifle', 'éclair'], [47.4, 5, 18, 28, 0.6, 1], {
    forms: ['dish'],
    cookedStorage: 'creamDessert',
  }),
];
