import { foodsOfKind } from './row';
import type { Food } from './schema';

/** Food that does not mind the growth band as it comes; cooked, what is cooked of it does. */
const keeps = foodsOfKind({
  cooking: null,
  rawStorage: null,
  cookedStorage: null,
  afterThaw: 'delicate',
  shelf: 'produceDairy',
  freezingPointC: -0.8,
});
/** Whole vegetables, raw. */
const whole = foodsOfKind({
  cooking: 'vegetable',
  rawStorage: null,
  cookedStorage: 'cookedVegetables',
  afterThaw: 'delicate',
  shelf: 'produceDairy',
  freezingPointC: -0.8,
});
/** Opened jars and bottles that keep in the cold. */
const jar = foodsOfKind({
  cooking: null,
  rawStorage: null,
  cookedStorage: 'mayonnaise',
  afterThaw: 'delicate',
  shelf: 'readyToEat',
  freezingPointC: -3,
});
/** Ready to eat, and minds the time out of the cold like any cooked food. */
const ready = foodsOfKind({
  cooking: null,
  rawStorage: null,
  cookedStorage: 'sandwiches',
  afterThaw: 'delicate',
  shelf: 'readyToEat',
  freezingPointC: -1.5,
});

export const pantry: readonly Food[] = [
  keeps('butter', 'Butter', ['ghee', 'spread'], [15.9, 0.9, 81, 0.6, 0, 1.6], {
    forms: ['flatPack'],
    cookedStorage: 'butter',
    freezingPointC: -5,
    keepsWarm: true,
    packed: 'pack',
  }),
  keeps(
    'bread',
    'Bread',
    ['rolls', 'baguette', 'toast', 'pitta', 'tortilla plain', 'bagels', 'croissants', 'naan'],
    [37.0, 8.5, 2.5, 47, 3, 2],
    { forms: ['pieces'], porosity: 0.7, freezingPointC: -5, keepsWarm: true },
  ),
  keeps(
    'plain-cake',
    'Cake, plain',
    ['sponge', 'pound cake', 'muffins', 'biscuits', 'cookies', 'brownies'],
    [25.0, 5.5, 17, 50, 1.2, 1.3],
    { forms: ['dish'], porosity: 0.5, freezingPointC: -8, keepsWarm: true },
  ),
  keeps('jam', 'Jam', ['marmalade', 'jelly'], [32.1, 0.4, 0.1, 66, 1.1, 0.3], {
    forms: ['liquid'],
    freezingPointC: -12,
    keepsWarm: true,
  }),
  keeps('honey', 'Honey', ['syrup', 'treacle'], [17.3, 0.3, 0.05, 82, 0.15, 0.2], {
    forms: ['liquid'],
    freezingPointC: -20,
    keepsWarm: true,
  }),
  keeps('ketchup', 'Ketchup', ['tomato ketchup', 'brown sauce'], [68.7, 1.2, 0.2, 26, 0.6, 3.3], {
    forms: ['liquid'],
    freezingPointC: -6,
    keepsWarm: true,
  }),
  keeps('mustard', 'Mustard', ['dijon'], [75.0, 5, 6, 5, 3.5, 5.5], {
    forms: ['liquid'],
    freezingPointC: -5,
    keepsWarm: true,
  }),
  keeps(
    'vinegar-sauce',
    'Vinegar and soy sauces',
    ['soy sauce', 'fish sauce', 'hot sauce', 'vinegar'],
    [76.4, 5, 0.2, 6, 0.4, 12],
    { forms: ['liquid'], freezingPointC: -12, keepsWarm: true },
  ),
  keeps('pickles', 'Pickles', ['gherkins', 'olives', 'chutney', 'sauerkraut'], [88.4, 0.8, 1, 5, 1.6, 3.2], {
    forms: ['dish'],
    freezingPointC: -3,
    keepsWarm: true,
  }),
  keeps('nut-butter', 'Nut butter', ['peanut butter', 'tahini'], [2, 24, 50, 14, 7, 3], {
    forms: ['liquid'],
    freezingPointC: -15,
    keepsWarm: true,
  }),
  keeps(
    'dry-goods',
    'Dry goods',
    ['flour', 'rice uncooked', 'pasta dried', 'oats', 'sugar', 'cereal'],
    [10.8, 10, 2, 72, 4, 1.2],
    { forms: ['dish'], freezingPointC: -20, keepsWarm: true },
  ),
  keeps('nuts', 'Nuts and seeds', ['almonds', 'walnuts'], [4, 18, 53, 14, 8, 3], {
    forms: ['dish'],
    freezingPointC: -20,
    keepsWarm: true,
  }),
  keeps('crisps', 'Crisps and crackers', ['chips', 'crispbread', 'popcorn'], [2, 7, 25, 58, 5, 3], {
    forms: ['dish'],
    porosity: 0.8,
    freezingPointC: -20,
    keepsWarm: true,
  }),
  keeps('chocolate', 'Chocolate', ['sweets'], [1.5, 6, 32, 54, 5, 1.5], {
    forms: ['flatPack'],
    freezingPointC: -20,
    keepsWarm: true,
  }),
  keeps('cooking-oil', 'Oil and fats', ['olive oil', 'lard', 'dripping'], [0.3, 0, 99.4, 0.2, 0, 0.1], {
    forms: ['liquid'],
    freezingPointC: -8,
    keepsWarm: true,
  }),
  keeps('dried-fruit', 'Dried fruit', ['raisins', 'apricots dried', 'dates'], [16.9, 2.5, 0.6, 72, 6, 2], {
    forms: ['dish'],
    freezingPointC: -15,
    keepsWarm: true,
  }),
  keeps(
    'whole-fruit',
    'Whole fruit',
    [
      'apples',
      'pears',
      'oranges',
      'bananas',
      'grapes',
      'berries',
      'peaches',
      'melon whole',
      'strawberries',
      'raspberries',
      'blueberries',
      'cherries',
      'plums',
      'mango',
      'kiwi',
      'lemons',
      'limes',
    ],
    [83.7, 0.6, 0.3, 13, 2, 0.4],
    { forms: ['pieces'], freezingPointC: -1.5, keepsWarm: true },
  ),
  keeps('lemons', 'Lemons and limes', ['citrus'], [88.8, 1, 0.3, 7, 2.5, 0.4], {
    forms: ['pieces'],
    freezingPointC: -1.4,
    keepsWarm: true,
  }),
  keeps('avocado', 'Avocados, whole', ['alligator pear'], [73.0, 2, 15, 1.8, 6.7, 1.5], {
    forms: ['pieces'],
    freezingPointC: -0.5,
    keepsWarm: true,
  }),
  keeps(
    'leafy-greens',
    'Leafy greens, whole',
    ['lettuce whole', 'spinach raw', 'kale raw'],
    [92.5, 2, 0.4, 1.8, 2, 1.3],
    { forms: ['dish'], freezingPointC: -0.4, keepsWarm: true },
  ),
  keeps('herbs', 'Herbs, fresh', ['parsley', 'basil', 'coriander'], [88.1, 3, 0.7, 3, 3.2, 2], {
    forms: ['dish'],
    freezingPointC: -0.9,
    keepsWarm: true,
  }),
  keeps('cucumber', 'Cucumbers', ['gherkin fresh'], [96.2, 0.7, 0.1, 2, 0.6, 0.4], {
    forms: ['pieces'],
    freezingPointC: -0.5,
    keepsWarm: true,
  }),
  keeps('tomatoes', 'Tomatoes, whole', ['cherry tomatoes'], [94.5, 0.9, 0.2, 2.7, 1.2, 0.5], {
    forms: ['pieces'],
    freezingPointC: -0.7,
    keepsWarm: true,
  }),
  keeps(
    'soft-drinks',
    'Drinks, acid or sweet',
    ['juice in cartons', 'cordial', 'lemonade'],
    [88.6, 0.3, 0.1, 10.5, 0.2, 0.3],
    { forms: ['liquid'], freezingPointC: -1.2, keepsWarm: true },
  ),
  whole('potatoes', 'Potatoes, raw', ['new potatoes', 'baking potatoes'], [77.8, 2, 0.1, 17, 2.1, 1], {
    forms: ['pieces'],
    keepsWarm: true,
  }),
  whole('sweet-potatoes', 'Sweet potatoes, raw', ['yams'], [76.8, 1.6, 0.1, 17.5, 3, 1], {
    forms: ['pieces'],
    keepsWarm: true,
  }),
  whole('onions', 'Onions, raw', ['shallots', 'leeks', 'garlic whole'], [88.8, 1.2, 0.1, 7.8, 1.7, 0.4], {
    forms: ['pieces'],
    keepsWarm: true,
  }),
  whole(
    'carrots',
    'Carrots and roots, raw',
    ['parsnips', 'beetroot', 'turnips', 'swede'],
    [87.7, 0.9, 0.2, 7.5, 2.8, 0.9],
    { forms: ['pieces'], keepsWarm: true },
  ),
  whole('mushrooms', 'Mushrooms, raw', ['champignons', 'ceps'], [92.4, 3.1, 0.3, 2.3, 1, 0.9], {
    forms: ['dish'],
    keepsWarm: true,
  }),
  whole(
    'courgettes',
    'Courgettes, raw',
    ['zucchini', 'marrow', 'squash summer'],
    [94.8, 1.2, 0.3, 2.1, 1, 0.6],
    { forms: ['pieces'], keepsWarm: true },
  ),
  whole('aubergines', 'Aubergines, raw', ['eggplant raw'], [92.2, 1, 0.2, 2.9, 3, 0.7], {
    forms: ['pieces'],
    keepsWarm: true,
  }),
  whole('peppers', 'Peppers, raw', ['capsicum', 'chillies'], [92.3, 0.9, 0.3, 4.2, 1.8, 0.5], {
    forms: ['pieces'],
    keepsWarm: true,
  }),
  whole(
    'brassicas',
    'Cabbage, cauliflower, broccoli, raw',
    ['sprouts vegetable', 'pak choi'],
    [90.3, 2.4, 0.3, 3.7, 2.5, 0.8],
    { forms: ['pieces'], keepsWarm: true },
  ),
  whole('squash', 'Squash and pumpkin, raw', ['butternut'], [86.6, 1, 0.1, 9.5, 2, 0.8], {
    forms: ['pieces'],
    keepsWarm: true,
  }),
  whole(
    'green-beans',
    'Beans and peas in the pod, raw',
    ['mangetout', 'runner beans'],
    [90.1, 2, 0.2, 4.2, 2.8, 0.7],
    { forms: ['dish'], keepsWarm: true },
  ),
  whole('sweetcorn', 'Sweetcorn on the cob, raw', ['corn'], [76.2, 3.3, 1.4, 16.5, 2, 0.6], {
    forms: ['pieces'],
    keepsWarm: true,
  }),
  whole('asparagus', 'Asparagus, raw', ['artichokes', 'celery', 'fennel'], [93.1, 2.2, 0.1, 1.9, 2.1, 0.6], {
    forms: ['pieces'],
    keepsWarm: true,
  }),
  jar(
    'mayonnaise-shop',
    'Mayonnaise from the shop, opened',
    ['salad cream', 'tartare sauce'],
    [19.5, 1, 75, 2.5, 0, 2],
    { forms: ['liquid'], packed: 'pack' },
  ),
  jar('dressing', 'Salad dressing, opened', ['vinaigrette', 'caesar dressing'], [53.2, 1, 35, 8, 0.3, 2.5], {
    forms: ['liquid'],
    packed: 'pack',
  }),
  jar('pesto', 'Pesto, opened', ['tapenade'], [41, 5, 43, 6, 2, 3], {
    forms: ['dish'],
    cookedStorage: 'openedCanAcid',
    packed: 'pack',
  }),
  jar(
    'garlic-in-oil',
    'Garlic or herbs in oil',
    ['chilli oil home-made', 'confit garlic'],
    [25.0, 2.5, 60, 10, 1.5, 1],
    { forms: ['dish'], cookedStorage: 'herbsInOil' },
  ),
  ready(
    'sandwiches',
    'Sandwiches, filled',
    ['wraps filled', 'rolls filled', 'canapés', 'sandwich'],
    [47.2, 11, 10, 28, 2, 1.8],
    { forms: ['pieces'], porosity: 0.35 },
  ),
  ready('ice-cream', 'Ice cream', ['gelato', 'sorbet', 'frozen yoghurt'], [59.9, 3.5, 11, 24, 0.7, 0.9], {
    forms: ['liquid'],
    cookedStorage: 'creamDessert',
    porosity: 0.4,
    freezingPointC: -2.8,
    packed: 'pack',
  }),
  ready('fruit-pie', 'Fruit pie', ['apple pie', 'tart', 'galette'], [46.5, 2.8, 12, 36, 1.8, 0.9], {
    forms: ['dish'],
    cookedStorage: 'fruitPie',
    warmed: true,
  }),
  ready('cream-cheese-dip', 'Sour cream dips', ['soured cream dip', 'labneh'], [73.6, 4, 16, 5, 0.2, 1.2], {
    forms: ['dish'],
    cookedStorage: 'mixedSalads',
    packed: 'pack',
  }),
  ready(
    'cooked-ham-slices',
    'Cooked ham, sliced, opened',
    ['boiled ham', 'breakfast ham', 'ham', 'deli ham'],
    [71.3, 19, 5, 1.5, 0, 3.2],
    {
      forms: ['flatPack'],
      cookedStorage: 'hamSlices',
      risk: 'coldCut',
      plantPacked: true,
      warmed: true,
      packed: 'pack',
    },
  ),
  ready(
    'infant-formula',
    'Infant formula, mixed',
    ['baby milk', 'follow-on milk'],
    [87.5, 1.3, 3.5, 7.3, 0.1, 0.3],
    { forms: ['liquid'], cookedStorage: 'infantFormula', infantMilk: true, freezingPointC: -0.5 },
  ),
  ready(
    'breast-milk',
    'Milk of one’s own for an infant',
    ['expressed milk', 'breast milk'],
    [87.7, 1.1, 4, 7, 0, 0.2],
    { forms: ['liquid'], cookedStorage: 'breastMilk', infantMilk: true, freezingPointC: -0.5 },
  ),
  whole(
    'dough',
    'Dough, raw',
    ['bread dough', 'pizza dough', 'pastry', 'cookie dough'],
    [33.5, 7, 8, 48, 2, 1.5],
    {
      forms: ['flatPack'],
      rawStorage: 'dough',
      cookedStorage: 'cookedGrains',
      cooking: 'egg',
      freezingPointC: -4,
      risk: 'rawEgg',
    },
  ),
  whole('fresh-pasta', 'Fresh pasta, raw', ['tagliatelle fresh', 'gnocchi'], [33.5, 10, 3, 50, 2.5, 1], {
    forms: ['flatPack'],
    rawStorage: 'freshPasta',
    cookedStorage: 'cookedGrains',
    freezingPointC: -3,
    packed: 'pack',
  }),
];
