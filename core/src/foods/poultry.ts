import { foodsOfKind } from './row';
import type { Food } from './schema';

const bird = foodsOfKind({
  cooking: 'poultry',
  rawStorage: 'poultryWhole',
  cookedStorage: 'cookedMeat',
  afterThaw: 'delicate',
  shelf: 'poultryRaw',
  freezingPointC: -1.2,
});
const parts = foodsOfKind({
  cooking: 'poultry',
  rawStorage: 'poultryParts',
  cookedStorage: 'cookedMeat',
  afterThaw: 'delicate',
  shelf: 'poultryRaw',
  freezingPointC: -1.2,
});

export const poultry: readonly Food[] = [
  bird('turkey-whole', 'Turkey, whole', ['bird'], [70.5, 20.5, 8, 0, 0, 1], {
    forms: ['wholeBird'],
    roast: 'turkeyWhole',
  }),
  bird('turkey-stuffed', 'Turkey, whole, stuffed', ['bird'], [67, 18, 8.5, 5, 0.3, 1.2], {
    stuffed: true,
    forms: ['wholeBird'],
    roast: 'turkeyStuffed',
  }),
  bird('chicken-whole', 'Chicken, whole', ['roast chicken', 'hen', 'bird'], [66, 18.5, 14.5, 0, 0, 1], {
    forms: ['wholeBird'],
    roast: 'chickenWhole',
  }),
  bird('duck-whole', 'Duck, whole', ['bird'], [48.5, 11.5, 39.3, 0, 0, 0.7], {
    forms: ['wholeBird'],
    roast: 'duck',
  }),
  bird('goose-whole', 'Goose, whole', ['bird'], [50, 16, 33.1, 0, 0, 0.9], {
    forms: ['wholeBird'],
    roast: 'goose',
  }),
  parts('turkey-breast', 'Turkey breast', ['crown'], [74, 23, 2, 0, 0, 1], {
    forms: ['boneInJoint'],
    roast: 'turkeyBreast',
  }),
  parts('chicken-breast-bone-in', 'Chicken breasts, bone in', ['breast on the bone'], [70, 21, 8, 0, 0, 1], {
    forms: ['pieces'],
    roast: 'chickenBreastBoneIn',
  }),
  parts(
    'chicken-breast-boneless',
    'Chicken breasts, boneless',
    ['chicken fillet'],
    [75, 22.5, 1.5, 0, 0, 1],
    {
      forms: ['pieces'],
      roast: 'chickenBreastBoneless',
    },
  ),
  parts('chicken-thighs', 'Chicken thighs', ['chicken legs', 'drumsticks'], [70, 18, 11, 0, 0, 1], {
    forms: ['pieces'],
    roast: 'chickenLegs',
  }),
  parts(
    'ground-poultry',
    'Ground chicken or turkey',
    ['turkey mince', 'chicken mince', 'turkey burgers', 'chicken burgers'],
    [72.5, 18.5, 8, 0, 0, 1],
    {
      forms: ['ground', 'flatPack'],
      rawStorage: 'groundMeat',
    },
  ),
  parts('poultry-sausage', 'Poultry sausages', ['chicken sausage'], [66, 17, 13, 1.5, 0, 2.5], {
    forms: ['pieces'],
    cooking: 'giblets',
    rawStorage: 'rawSausage',
  }),
  parts('giblets', 'Giblets', ['neck', 'gizzard', 'liver', 'chicken livers'], [75, 18.5, 4.5, 1, 0, 1], {
    forms: ['pieces'],
    cooking: 'giblets',
    rawStorage: 'giblets',
  }),
  parts(
    'chicken-drumsticks',
    'Chicken drumsticks',
    ['drumsticks', 'chicken legs'],
    [72, 18.5, 8.5, 0, 0, 1],
    {
      forms: ['pieces'],
      roast: 'chickenLegs',
    },
  ),
  parts('chicken-wings', 'Chicken wings', ['buffalo wings'], [66.6, 17.5, 15, 0, 0, 0.9], {
    forms: ['pieces'],
  }),
  parts('chicken-quarters', 'Chicken leg quarters', ['leg and thigh'], [68.6, 17.5, 13, 0, 0, 0.9], {
    forms: ['pieces'],
    roast: 'chickenLegs',
  }),
  parts(
    'chicken-breaded',
    'Breaded chicken, raw inside',
    ['nuggets', 'kiev', 'goujons'],
    [55.5, 15, 12, 15, 1, 1.5],
    { forms: ['pieces'] },
  ),
  parts('chicken-stuffed-breast', 'Chicken breasts, stuffed', ['cordon bleu'], [68.3, 19, 8, 3, 0.3, 1.4], {
    stuffed: true,
    forms: ['pieces'],
  }),
  parts('turkey-legs', 'Turkey legs', ['turkey thighs', 'drumsticks'], [72.5, 19.5, 7, 0, 0, 1], {
    forms: ['pieces'],
  }),
  parts('turkey-escalopes', 'Turkey escalopes', ['turkey steaks', 'cutlets'], [73.4, 24, 1.5, 0, 0, 1.1], {
    forms: ['steak'],
  }),
  parts('duck-breast', 'Duck breasts', ['magret'], [65.5, 18.5, 15, 0, 0, 1], { forms: ['pieces'] }),
  parts('duck-legs', 'Duck legs', ['for confit'], [61.6, 17.5, 20, 0, 0, 0.9], { forms: ['pieces'] }),
  bird('poussin', 'Poussin', ['spring chicken', 'cornish hen'], [68.6, 17.5, 13, 0, 0, 0.9], {
    forms: ['wholeBird'],
  }),
  bird('capon', 'Capon', ['large chicken'], [65.6, 18.5, 15, 0, 0, 0.9], {
    forms: ['wholeBird'],
    roast: 'chickenWhole',
  }),
  bird('guinea-fowl', 'Guinea fowl', ['pintade'], [72.4, 20.5, 6, 0, 0, 1.1], { forms: ['wholeBird'] }),
  bird('quail', 'Quail', ['small birds'], [69.5, 19.5, 10, 0, 0, 1], { forms: ['wholeBird'] }),
  bird('pigeon', 'Pigeon', ['squab', 'wood pigeon'], [56.5, 18.5, 23.8, 0, 0, 1.2], { forms: ['wholeBird'] }),
  bird('pheasant', 'Pheasant', ['partridge', 'grouse'], [70.3, 23, 5.5, 0, 0, 1.2], {
    forms: ['wholeBird'],
  }),
  bird('half-chicken', 'Chicken, half', ['half bird', 'spatchcock half'], [66.0, 18.5, 14.5, 0, 0, 1], {
    forms: ['halfBird'],
  }),
  bird('chicken-stuffed', 'Chicken, whole, stuffed', ['stuffed bird'], [64.5, 17, 13, 4, 0.3, 1.2], {
    forms: ['wholeBird'],
    stuffed: true,
    roast: 'chickenWhole',
  }),
  parts(
    'turkey-breast-boneless',
    'Turkey breast, boneless',
    ['turkey roll', 'turkey joint'],
    [74.0, 23.5, 1.5, 0, 0, 1],
    { forms: ['bonelessJoint'] },
  ),
  bird('partridge', 'Partridge', ['grouse', 'game bird'], [71.8, 22, 5, 0, 0, 1.2], { forms: ['wholeBird'] }),
  parts(
    'game-bird-breasts',
    'Game bird breasts',
    ['pheasant breast', 'duck wild breast'],
    [71.8, 23, 4, 0, 0, 1.2],
    { forms: ['pieces'] },
  ),
  parts('poultry-kebab', 'Chicken skewers, raw', ['kebab raw', 'satay raw'], [70.8, 19, 7, 1.5, 0.3, 1.4], {
    forms: ['pieces'],
  }),
];
