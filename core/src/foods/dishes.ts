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
  dish(
    'curry',
    'Curry',
    ['korma', 'masala', 'chicken curry', 'tikka masala', 'beef curry'],
    [74, 9, 8.5, 5.5, 1.5, 1.5],
    { forms: ['liquid', 'dish'] },
  ),
  dish('meat-sauce', 'Meat sauce', ['ragù', 'bolognese'], [74, 9, 9, 5.3, 1.2, 1.5], {
    forms: ['liquid', 'flatPack'],
  }),
  dish('fish-pie', 'Fish pie', ['seafood bake'], [73, 7.5, 7, 10.5, 0.8, 1.2], { forms: ['dish'] }),
  dish('aubergine-bake', 'Aubergine bake', ['moussaka', 'parmigiana'], [77, 4.5, 9, 6, 2, 1.5], {
    forms: ['dish'],
  }),
  dish('lasagne', 'Lasagne', ['lasagna', 'pasta bake'], [67, 8.5, 8, 13.8, 1.2, 1.5], { forms: ['dish'] }),
  dish('quiche', 'Quiche', ['egg tart', 'egg dish', 'frittata'], [54, 9.5, 19, 15.2, 0.8, 1.5], {
    forms: ['dish'],
    cooking: 'egg',
    cookedStorage: 'eggDishes',
  }),
  dish('pizza', 'Pizza', [], [47, 11, 10, 28, 2, 2], {
    porosity: 0.35,
    forms: ['dish'],
    cookedStorage: 'pizza',
  }),
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
    ['bulgur', 'quinoa', 'couscous', 'barley', 'porridge', 'oatmeal', 'grits'],
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
  dish('tomato-soup', 'Tomato soup', ['gazpacho hot'], [88.3, 1.2, 2.5, 6, 1, 1], { forms: ['liquid'] }),
  dish('pea-soup', 'Pea soup', ['split pea', 'ham and pea'], [77.5, 6.5, 2, 10, 3, 1], { forms: ['liquid'] }),
  dish('mushroom-soup', 'Cream of mushroom soup', ['cream soup'], [87, 2, 5, 4.5, 0.5, 1], {
    forms: ['liquid'],
  }),
  dish('noodle-soup', 'Noodle soup', ['ramen', 'pho', 'laksa'], [82, 4.5, 2.5, 9, 0.6, 1.4], {
    forms: ['liquid'],
  }),
  dish('ratatouille', 'Ratatouille', ['vegetable stew', 'caponata'], [86.3, 1.2, 4.5, 5, 2, 1], {
    forms: ['liquid', 'dish'],
  }),
  dish('chicken-stew', 'Chicken stew', ['coq au vin', 'fricassee'], [77, 11, 5.5, 4.5, 0.8, 1.2], {
    forms: ['liquid', 'dish'],
  }),
  dish('pork-stew', 'Pork stew', ['cassoeula', 'adobo'], [75.1, 11, 8, 4, 0.7, 1.2], {
    forms: ['liquid', 'dish'],
  }),
  dish('fish-stew', 'Fish stew', ['cioppino', 'moqueca'], [80.9, 9, 4, 4, 0.8, 1.3], {
    forms: ['liquid', 'dish'],
  }),
  dish('tagine', 'Vegetable tagine', ['chickpea stew'], [74.7, 4.5, 4, 12, 3.5, 1.3], {
    forms: ['liquid', 'dish'],
  }),
  dish('dal', 'Dal', ['dahl', 'tarka', 'lentil curry'], [73.2, 6.5, 4, 12, 3, 1.3], {
    forms: ['liquid', 'dish'],
  }),
  dish('tomato-sauce', 'Tomato sauce', ['marinara', 'sugo'], [85, 1.6, 3.5, 7, 1.6, 1.3], {
    forms: ['liquid', 'flatPack'],
  }),
  dish('cheese-sauce', 'Cheese sauce', ['béchamel', 'white sauce'], [70.5, 6.5, 12, 9, 0.2, 1.8], {
    forms: ['liquid'],
  }),
  dish('cottage-pie', 'Cottage pie', ['shepherd’s pie'], [71.9, 7.5, 7, 11, 1.3, 1.3], { forms: ['dish'] }),
  dish('moussaka', 'Moussaka', ['pastitsio'], [72.1, 7.5, 10, 7.5, 1.5, 1.4], { forms: ['dish'] }),
  dish('macaroni-cheese', 'Macaroni cheese', ['pasta bake', 'mac and cheese'], [60.5, 8, 10, 19, 1, 1.5], {
    forms: ['dish'],
  }),
  dish('cauliflower-cheese', 'Cauliflower cheese', ['gratin'], [79.4, 5, 8, 5, 1.3, 1.3], {
    forms: ['dish'],
  }),
  dish('potato-gratin', 'Potato gratin', ['dauphinoise'], [72.5, 3, 9, 13, 1.3, 1.2], { forms: ['dish'] }),
  dish('stuffed-peppers', 'Stuffed vegetables', ['dolma', 'stuffed peppers'], [77, 6, 6, 8, 1.8, 1.2], {
    alsoKeepsAs: 'cookedRice',
    forms: ['dish'],
  }),
  dish(
    'meat-pie',
    'Meat pie',
    ['pasty', 'sausage roll', 'empanada', 'chicken pie', 'pot pie', 'steak pie'],
    [50.3, 9, 16, 22, 1.2, 1.5],
    {
      forms: ['dish'],
    },
  ),
  dish('stir-fry', 'Stir-fry', ['wok dish', 'chow mein'], [74.7, 9, 6, 7, 1.8, 1.5], { forms: ['dish'] }),
  dish('paella', 'Paella', ['jambalaya'], [64.6, 8, 5, 20, 1, 1.4], {
    forms: ['dish'],
    cookedStorage: 'cookedRice',
  }),
  dish('risotto', 'Risotto', ['rice pudding savoury'], [68.1, 4, 6, 20, 0.6, 1.3], {
    forms: ['dish'],
    cookedStorage: 'cookedRice',
  }),
  dish('biryani', 'Biryani', ['pilaf with meat', 'plov'], [64.2, 7.5, 6, 20, 1, 1.3], {
    forms: ['dish'],
    cookedStorage: 'cookedRice',
  }),
  dish('fried-rice', 'Fried rice', ['nasi goreng', 'egg fried rice'], [61.1, 5.5, 6, 25, 1, 1.4], {
    forms: ['dish'],
    cookedStorage: 'cookedRice',
  }),
  dish(
    'dumplings',
    'Filled pasta and dumplings',
    ['ravioli', 'pierogi', 'gyoza', 'tortellini'],
    [54.8, 9, 6, 27, 1.8, 1.4],
    { forms: ['pieces'] },
  ),
  dish(
    'spring-rolls',
    'Spring rolls and samosas',
    ['pakora', 'bhaji', 'falafel'],
    [55.4, 6, 12, 22, 3, 1.6],
    { forms: ['pieces'] },
  ),
  dish('burrito', 'Filled wraps', ['burrito', 'quesadilla', 'enchiladas'], [56.8, 9, 9, 21, 2.5, 1.7], {
    alsoKeepsAs: 'cookedRice',
    forms: ['pieces'],
  }),
  dish('omelette', 'Omelette', ['frittata', 'tortilla', 'scrambled eggs'], [74, 11, 12, 1.5, 0.2, 1.3], {
    forms: ['dish'],
    cooking: 'egg',
    cookedStorage: 'eggDishes',
  }),
  dish('pancakes', 'Pancakes', ['crêpes', 'Yorkshire pudding'], [54.7, 7, 8, 28, 1, 1.3], {
    porosity: 0.3,
    forms: ['dish'],
    cooking: 'egg',
    cookedStorage: 'eggDishes',
  }),
  dish('bread-pudding', 'Bread pudding', ['baked custard', 'clafoutis'], [59.2, 6, 7, 26, 0.8, 1], {
    forms: ['dish'],
    cooking: 'egg',
    cookedStorage: 'eggDishes',
  }),
  dish(
    'cooked-chicken',
    'Chicken, cooked',
    ['roast chicken leftover', 'pulled chicken', 'turkey leftover', 'fried chicken'],
    [65.9, 25, 8, 0, 0, 1.1],
    { forms: ['pieces', 'dish'], cookedStorage: 'cookedMeat' },
  ),
  dish('cooked-beef', 'Beef, cooked', ['roast beef leftover', 'brisket cooked'], [59.9, 27, 12, 0, 0, 1.1], {
    forms: ['pieces', 'dish'],
    cookedStorage: 'cookedMeat',
  }),
  dish('cooked-pork', 'Pork, cooked', ['pulled pork', 'roast pork leftover'], [59.9, 25, 14, 0, 0, 1.1], {
    forms: ['pieces', 'dish'],
    cookedStorage: 'cookedMeat',
  }),
  dish('cooked-fish', 'Fish, cooked', ['poached salmon', 'baked fish'], [68.6, 23, 7, 0, 0, 1.4], {
    forms: ['pieces', 'dish'],
    cookedStorage: 'cookedMeat',
  }),
  dish('meatloaf', 'Meatloaf', ['terrine', 'meatballs cooked'], [59.6, 17, 15, 6, 0.6, 1.8], {
    forms: ['dish'],
    cookedStorage: 'cookedMeat',
  }),
  dish(
    'takeaway',
    'Takeaway, mixed',
    ['delivered food', 'restaurant leftovers', 'doggy bag'],
    [64, 9, 9, 15, 1.5, 1.5],
    { forms: ['dish'] },
  ),
  plain('couscous', 'Couscous', ['bulgur', 'freekeh'], [70, 4, 1, 23, 1.6, 0.4], { forms: ['dish'] }),
  plain('polenta', 'Polenta', ['grits', 'porridge'], [79.7, 2, 1.5, 15, 1.2, 0.6], { forms: ['dish'] }),
  plain('quinoa', 'Quinoa', ['millet', 'buckwheat'], [71.6, 4.4, 1.9, 18.5, 2.8, 0.8], { forms: ['dish'] }),
  plain('noodles', 'Noodles, cooked', ['rice noodles', 'udon'], [69.5, 3.5, 1.5, 24, 1.2, 0.3], {
    forms: ['dish'],
  }),
  plain('mashed-potatoes', 'Mashed potatoes', ['potato purée'], [76.5, 2, 4, 15, 1.5, 1], {
    forms: ['dish'],
    cookedStorage: 'cookedVegetables',
  }),
  plain(
    'roast-vegetables',
    'Roast vegetables',
    ['grilled peppers', 'roast roots'],
    [80.4, 1.8, 4, 10, 2.8, 1],
    { forms: ['dish'], cookedStorage: 'cookedVegetables' },
  ),
  plain(
    'cooked-greens',
    'Greens, cooked',
    ['spinach', 'kale', 'cabbage', 'chard'],
    [89, 2.8, 2, 2.5, 2.5, 1.2],
    { forms: ['dish'], cookedStorage: 'cookedVegetables' },
  ),
  plain(
    'frozen-vegetables',
    'Frozen vegetables',
    ['frozen peas', 'frozen spinach', 'frozen beans'],
    [82.8, 4, 0.5, 8, 4, 0.7],
    {
      forms: ['flatPack'],
      rawStorage: 'cookedVegetables',
      cookedStorage: 'cookedVegetables',
      shelf: 'produceDairy',
    },
  ),
  dish(
    'rotisserie-chicken',
    'Rotisserie chicken',
    ['spit-roast chicken', 'ready roast chicken'],
    [62.3, 23, 13, 0.3, 0, 1.4],
    { forms: ['pieces', 'wholeBird'], cookedStorage: 'cookedMeat' },
  ),
  dish(
    'cooked-sausages',
    'Sausages, cooked',
    ['grilled sausages', 'bangers cooked', 'black pudding'],
    [54.1, 15, 25, 3, 0.3, 2.6],
    { forms: ['pieces'], cookedStorage: 'cookedMeat' },
  ),
  dish('cooked-lamb', 'Lamb, cooked', ['roast lamb leftover', 'cold lamb'], [58.3, 25.5, 15, 0, 0, 1.2], {
    forms: ['pieces', 'dish'],
    cookedStorage: 'cookedMeat',
  }),
  dish('cooked-turkey', 'Turkey, cooked', ['roast turkey leftover'], [64.8, 28, 6, 0, 0, 1.2], {
    forms: ['pieces', 'dish'],
    cookedStorage: 'cookedMeat',
  }),
  dish('kebab', 'Kebab, cooked', ['doner', 'gyros', 'shawarma'], [59.2, 17, 17, 4, 0.6, 2.2], {
    forms: ['dish'],
    cookedStorage: 'cookedMeat',
  }),
  dish('tacos', 'Tacos', ['fajitas', 'tostadas'], [56.2, 10, 11, 18, 3, 1.8], { forms: ['pieces'] }),
  plain('vegetable-mince', 'Vegetable mince', ['soy mince', 'meat-free mince'], [68.4, 15, 3, 6, 6, 1.6], {
    forms: ['dish', 'flatPack'],
    rawStorage: 'tofu',
  }),
  plain(
    'kidney-beans-dried',
    'Kidney beans, dried',
    ['red beans', 'pinto', 'dried beans'],
    [12.8, 22.5, 1, 35, 25, 3.7],
    { forms: ['dish'], cooking: 'kidneyBeans', keepsWarm: true },
  ),
  plain(
    'pulses-dried',
    'Pulses, dried',
    ['lentils dried', 'chickpeas dried', 'split peas dried'],
    [11.7, 24, 1.5, 48, 12, 2.8],
    { forms: ['dish'], keepsWarm: true },
  ),
  dish('rice-pudding', 'Rice pudding', ['arroz con leche', 'kheer'], [72.6, 3.5, 3, 20, 0.2, 0.7], {
    forms: ['dish', 'liquid'],
    alsoKeepsAs: 'cookedRice',
    cookedStorage: 'creamDessert',
  }),
  dish(
    'stuffed-vine-leaves',
    'Stuffed vine leaves',
    ['dolmades', 'stuffed cabbage'],
    [67.4, 3.5, 7, 18, 2.5, 1.6],
    { forms: ['dish'], alsoKeepsAs: 'cookedRice' },
  ),
  dish('bolognese-pasta', 'Pasta with meat sauce', ['spaghetti bolognese'], [64.8, 7.5, 5, 20, 1.6, 1.1], {
    forms: ['dish'],
  }),
  dish('beef-curry-rice', 'Curry with rice', ['rice bowl', 'bibimbap'], [66.6, 7, 5, 19, 1.2, 1.2], {
    forms: ['dish'],
    alsoKeepsAs: 'cookedRice',
  }),
  dish('hot-pot', 'Hotpot and braises', ['pot-au-feu', 'bollito'], [76.8, 9.5, 6.5, 5, 1, 1.2], {
    forms: ['liquid', 'dish'],
  }),
  dish('toasties', 'Toasted sandwiches', ['croque', 'panini'], [43.4, 12, 14, 27, 1.6, 2], {
    forms: ['pieces'],
    porosity: 0.35,
  }),
  dish('apple-crumble', 'Crumble and cooked fruit', ['cobbler', 'compote'], [54.9, 2.5, 7, 33, 2, 0.6], {
    forms: ['dish'],
    cooking: 'vegetable',
    cookedStorage: 'fruitPie',
  }),
];
