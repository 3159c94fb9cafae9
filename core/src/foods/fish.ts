import { foodsOfKind } from './row';
import type { Food } from './schema';

const lean = foodsOfKind({
  cooking: 'fish',
  rawStorage: 'fishLean',
  cookedStorage: 'cookedMeat',
  afterThaw: 'delicate',
  shelf: 'wholeRaw',
  freezingPointC: -1.1,
});
const fatty = foodsOfKind({
  cooking: 'fish',
  rawStorage: 'fishFatty',
  cookedStorage: 'cookedMeat',
  afterThaw: 'delicate',
  shelf: 'wholeRaw',
  freezingPointC: -1.4,
});
const shell = foodsOfKind({
  cooking: 'fish',
  rawStorage: 'shellfish',
  cookedStorage: 'cookedMeat',
  afterThaw: 'delicate',
  shelf: 'wholeRaw',
  freezingPointC: -1.5,
});

/** Cooked, smoked, cured, or eaten raw. */
const asItIs = foodsOfKind({
  cooking: null,
  rawStorage: null,
  cookedStorage: 'slicedMeats',
  afterThaw: 'delicate',
  shelf: 'readyToEat',
  freezingPointC: -2,
});

export const fish: readonly Food[] = [
  fatty('trout-side', 'Trout, side', ['trout fillet', 'sea trout'], [71.5, 20, 7.3, 0, 0, 1.2], {
    forms: ['fillet'],
  }),
  fatty('trout-whole', 'Trout, whole', [], [71.5, 20, 7.3, 0, 0, 1.2], { forms: ['wholeFish'] }),
  fatty('salmon-side', 'Salmon, side or fillets', ['salmon fillet'], [65, 20.5, 13.3, 0, 0, 1.2], {
    forms: ['fillet', 'steak'],
  }),
  fatty('mackerel', 'Mackerel', [], [63.5, 18.6, 16.5, 0, 0, 1.4], { forms: ['wholeFish', 'fillet'] }),
  fatty('herring', 'Herring', ['sprats', 'sardines fresh'], [68, 18, 12.6, 0, 0, 1.4], {
    forms: ['wholeFish', 'fillet'],
  }),
  lean('cod', 'Cod', ['haddock', 'pollock', 'white fish', 'fish', 'fish fillets'], [81, 17.8, 0.2, 0, 0, 1], {
    forms: ['fillet', 'flatPack'],
  }),
  lean('hake', 'Hake', ['white fish'], [80, 17.9, 1, 0, 0, 1.1], { forms: ['fillet', 'wholeFish'] }),
  lean('plaice', 'Plaice', ['sole', 'flounder', 'flat fish'], [80, 17.4, 1.4, 0, 0, 1.2], {
    forms: ['fillet', 'wholeFish'],
  }),
  lean('sea-bass', 'Sea bass', ['bream'], [77, 19, 2.8, 0, 0, 1.2], { forms: ['fillet', 'wholeFish'] }),
  lean('tuna-steak', 'Tuna steaks', [], [72, 24.5, 2.1, 0, 0, 1.4], { forms: ['steak'] }),
  shell('shrimp', 'Shrimp', ['prawns'], [78.5, 19, 0.9, 0.2, 0, 1.4], { forms: ['flatPack'] }),
  shell('scallops', 'Scallops', [], [79.5, 15.5, 0.8, 2.7, 0, 1.5], { forms: ['flatPack'] }),
  shell('squid', 'Squid', ['calamari'], [79, 15.8, 1.4, 2.3, 0, 1.5], { forms: ['flatPack'] }),
  shell('mussels', 'Mussels', ['clams'], [80.6, 11.9, 2.2, 3.7, 0, 1.6], { forms: ['flatPack'] }),
  lean('haddock', 'Haddock', ['arbroath fresh'], [80.7, 17.5, 0.6, 0, 0, 1.2], { forms: ['fillet'] }),
  lean('pollock', 'Pollock', ['coley', 'saithe', 'whiting'], [79.4, 18.5, 0.9, 0, 0, 1.2], {
    forms: ['fillet'],
  }),
  lean('halibut', 'Halibut', ['turbot', 'brill'], [77.8, 19, 2, 0, 0, 1.2], { forms: ['fillet', 'steak'] }),
  lean('monkfish', 'Monkfish', ['tail', 'angler'], [82.3, 15.5, 1.2, 0, 0, 1], { forms: ['fillet'] }),
  lean('sole', 'Sole', ['lemon sole', 'flounder', 'dab'], [80.9, 16.5, 1.4, 0, 0, 1.2], {
    forms: ['wholeFish', 'fillet'],
  }),
  lean('sea-bream', 'Sea bream', ['dorade', 'porgy'], [76.3, 19.5, 3, 0, 0, 1.2], {
    forms: ['wholeFish', 'fillet'],
  }),
  lean('perch', 'Perch', ['zander', 'pike', 'freshwater fish'], [78.9, 19, 0.9, 0, 0, 1.2], {
    forms: ['wholeFish', 'fillet'],
  }),
  lean('tilapia', 'Tilapia', ['catfish', 'pangasius'], [77.3, 20, 1.7, 0, 0, 1], { forms: ['fillet'] }),
  lean('red-mullet', 'Red mullet', ['snapper', 'gurnard'], [76.2, 19, 3.5, 0, 0, 1.3], {
    forms: ['wholeFish', 'fillet'],
  }),
  lean('swordfish', 'Swordfish', ['shark', 'marlin'], [73.3, 19.5, 6, 0, 0, 1.2], { forms: ['steak'] }),
  lean('ground-fish', 'Minced fish', ['fish mince', 'fishcakes raw'], [74.2, 17, 3, 4, 0.3, 1.5], {
    cooking: 'groundFish',
    forms: ['ground'],
    shelf: 'groundRaw',
  }),
  lean(
    'fish-fingers',
    'Breaded fish, raw inside',
    ['fish sticks', 'scampi', 'fish fingers'],
    [60, 12.5, 8, 17, 1, 1.5],
    {
      forms: ['pieces'],
    },
  ),
  fatty('sardines-fresh', 'Sardines, fresh', ['pilchards'], [69.2, 20, 9, 0, 0, 1.8], {
    forms: ['wholeFish'],
  }),
  fatty('anchovies-fresh', 'Anchovies, fresh', ['whitebait', 'sprats'], [73.2, 20, 5, 0, 0, 1.8], {
    forms: ['wholeFish'],
  }),
  fatty('carp', 'Carp', ['barbel'], [75.4, 17.8, 5.6, 0, 0, 1.2], { forms: ['wholeFish', 'fillet'] }),
  fatty('eel', 'Eel', ['elver'], [68.7, 18, 12, 0, 0, 1.3], { forms: ['pieces'] }),
  fatty('char', 'Arctic char', ['char fillet'], [70.8, 20, 8, 0, 0, 1.2], { forms: ['fillet'] }),
  lean('smoked-haddock', 'Smoked haddock, uncooked', ['finnan', 'undyed fish'], [75, 21, 0.8, 0, 0, 3.2], {
    risk: 'coldSmokedFish',
    forms: ['fillet'],
  }),
  shell('crab', 'Crab', ['brown crab', 'crab meat raw'], [78.3, 18, 1.5, 0.2, 0, 2], { forms: ['pieces'] }),
  shell('lobster', 'Lobster', ['langoustine', 'crayfish'], [78.3, 18.8, 0.9, 0, 0, 2], { forms: ['pieces'] }),
  shell('clams', 'Clams', ['cockles', 'razor clams'], [81.6, 12.8, 1, 2.6, 0, 2], { forms: ['pieces'] }),
  shell('oysters', 'Oysters, raw', ['rock oysters'], [83.3, 9, 2, 3.9, 0, 1.8], {
    forms: ['pieces'],
    risk: 'rawAnimal',
  }),
  shell('octopus', 'Octopus', ['baby octopus'], [80.2, 15, 1, 2.2, 0, 1.6], { forms: ['pieces'] }),
  shell('mixed-seafood', 'Mixed seafood', ['frutti di mare'], [80.9, 15, 1.5, 1, 0, 1.6], {
    forms: ['pieces'],
  }),
  asItIs(
    'smoked-salmon',
    'Smoked salmon',
    ['cold-smoked salmon', 'lox', 'smoked trout'],
    [66.2, 22.5, 7.5, 0.3, 0, 3.5],
    { packed: 'pack', forms: ['flatPack'], risk: 'coldSmokedFish' },
  ),
  asItIs('gravlax', 'Cured salmon', ['gravlax', 'gravadlax'], [64, 21, 10, 1.5, 0, 3.5], {
    packed: 'pack',
    forms: ['flatPack'],
    risk: 'coldSmokedFish',
  }),
  asItIs('smoked-mackerel', 'Smoked mackerel', ['hot-smoked fish', 'buckling'], [53.5, 19, 24, 0.5, 0, 3], {
    plantPacked: true,
    packed: 'pack',
    forms: ['fillet', 'flatPack'],
  }),
  asItIs('raw-fish-dish', 'Raw fish', ['sashimi', 'ceviche', 'tartare of fish'], [68, 15, 5, 10, 0.5, 1.5], {
    cookedStorage: 'fishLean',
    shelf: 'wholeRaw',
    forms: ['dish'],
    risk: 'rawAnimal',
  }),
  asItIs('cooked-prawns', 'Prawns, cooked', ['shrimp cocktail', 'cooked shrimp'], [76, 20, 1, 0.5, 0, 2.5], {
    cookedStorage: 'cookedMeat',
    forms: ['pieces'],
  }),
  asItIs('fish-roe', 'Fish roe, opened', ['caviar', 'taramasalata'], [60, 20, 12, 4, 0, 4], {
    forms: ['dish'],
    cookedStorage: 'fishLean',
    risk: 'rawAnimal',
    freezingPointC: -4,
  }),
  fatty('kippers', 'Kippers, uncooked', ['cold-smoked herring', 'bloater'], [64, 20, 13, 0, 0, 3], {
    forms: ['fillet', 'wholeFish'],
    risk: 'coldSmokedFish',
  }),
  asItIs('sushi', 'Sushi', ['maki', 'nigiri', 'poke bowl'], [63.0, 8, 3, 24, 0.5, 1.5], {
    forms: ['dish'],
    risk: 'rawAnimal',
    cookedStorage: 'fishLean',
    alsoKeepsAs: 'cookedRice',
    shelf: 'wholeRaw',
  }),
  lean('fish-stuffed', 'Fish, stuffed', ['stuffed trout', 'paupiette'], [73.3, 16, 5, 4, 0.4, 1.3], {
    forms: ['wholeFish', 'fillet'],
    stuffed: true,
    cooking: 'poultry',
  }),
  lean('fishcakes-raw', 'Fishcakes, raw', ['fish patties', 'fish cakes'], [67.6, 13, 5, 12, 1, 1.4], {
    forms: ['pieces'],
    cooking: 'groundFish',
    shelf: 'groundRaw',
  }),
  asItIs('cooked-crab', 'Crab, cooked', ['dressed crab', 'crab meat'], [76.5, 19, 1.8, 0.5, 0, 2.2], {
    forms: ['dish', 'pieces'],
    cookedStorage: 'cookedMeat',
  }),
  asItIs(
    'cooked-lobster',
    'Lobster, cooked',
    ['langoustine cooked', 'crayfish cooked'],
    [77.0, 19.5, 1, 0.5, 0, 2],
    { forms: ['pieces'], cookedStorage: 'cookedMeat' },
  ),
  asItIs('cooked-mussels', 'Mussels, cooked', ['clams cooked', 'whelks'], [72.3, 17.5, 3.5, 4.5, 0, 2.2], {
    forms: ['dish'],
    cookedStorage: 'cookedMeat',
  }),
  asItIs('surimi', 'Crab sticks', ['surimi', 'seafood sticks'], [74.5, 8, 1, 14, 0.3, 2.2], {
    forms: ['pieces'],
    plantPacked: true,
    packed: 'pack',
  }),
  asItIs('pickled-herring', 'Herring, pickled', ['rollmops', 'soused herring'], [58.5, 14, 15, 9, 0, 3.5], {
    forms: ['dish'],
    cookedStorage: 'smokedSausage',
    freezingPointC: -4,
  }),
];
