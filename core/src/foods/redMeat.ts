import { foodsOfKind } from './row';
import type { Food } from './schema';

const joint = foodsOfKind({
  cooking: 'roast',
  rawStorage: 'roasts',
  cookedStorage: 'cookedMeat',
  afterThaw: 'redMeatCut',
  shelf: 'wholeRaw',
  freezingPointC: -1.6,
});
const cut = foodsOfKind({
  cooking: 'wholeCut',
  rawStorage: 'steaks',
  cookedStorage: 'cookedMeat',
  afterThaw: 'redMeatCut',
  shelf: 'wholeRaw',
  freezingPointC: -1.6,
});
const ground = foodsOfKind({
  cooking: 'groundMeat',
  rawStorage: 'groundMeat',
  cookedStorage: 'cookedMeat',
  afterThaw: 'delicate',
  shelf: 'groundRaw',
  freezingPointC: -1.6,
});
const cured = foodsOfKind({
  cooking: 'hamCooked',
  rawStorage: 'hamWhole',
  cookedStorage: 'hamSlices',
  afterThaw: 'redMeatCut',
  shelf: 'readyToEat',
  freezingPointC: -2.2,
});

/** Compositions are typical of lean-and-fat cuts as sold, after national food-composition tables. */
export const redMeat: readonly Food[] = [
  joint('lamb-shoulder-bone-in', 'Lamb shoulder, bone in', ['mutton shoulder'], [64.5, 17.5, 17, 0, 0, 1], {
    forms: ['boneInJoint'],
    roast: 'lambShoulder',
  }),
  joint('lamb-shoulder-boneless', 'Lamb shoulder, boneless', ['rolled lamb'], [64.5, 17.5, 17, 0, 0, 1], {
    forms: ['bonelessJoint'],
  }),
  joint('lamb-leg-bone-in', 'Lamb leg, bone in', ['gigot'], [68, 19, 12, 0, 0, 1], {
    forms: ['boneInJoint'],
    roast: 'lambLeg',
  }),
  joint('beef-rib-bone-in', 'Beef rib, bone in', ['standing rib', 'roast beef'], [60, 18, 21, 0, 0, 1], {
    forms: ['boneInJoint'],
    roast: 'beefRib',
  }),
  joint(
    'beef-roast-boneless',
    'Beef roast, boneless',
    ['topside', 'sirloin joint', 'roast beef'],
    [69, 21.5, 8.5, 0, 0, 1],
    {
      forms: ['bonelessJoint'],
    },
  ),
  joint('beef-brisket', 'Beef brisket', ['salt beef', 'pot roast'], [62, 18.5, 18.5, 0, 0, 1], {
    forms: ['bonelessJoint'],
  }),
  joint('pork-loin', 'Pork loin', ['loin roast'], [69, 21, 9, 0, 0, 1], {
    forms: ['bonelessJoint'],
    roast: 'porkLoin',
  }),
  joint('pork-shoulder', 'Pork shoulder', ['butt', 'pulled pork'], [64, 17.5, 17.5, 0, 0, 1], {
    forms: ['boneInJoint', 'bonelessJoint'],
    roast: 'porkShoulder',
  }),
  joint('fresh-ham-leg', 'Fresh ham, leg', ['pork leg', 'uncured ham'], [66, 19, 14, 0, 0, 1], {
    forms: ['boneInJoint'],
    roast: 'freshHam',
  }),
  joint('veal-roast', 'Veal roast', [], [73, 20, 6, 0, 0, 1], { forms: ['bonelessJoint'] }),
  cut('beef-steak', 'Beef steaks', ['rump', 'sirloin', 'entrecote'], [68, 21.5, 9.5, 0, 0, 1], {
    forms: ['steak'],
  }),
  cut('lamb-chops', 'Lamb chops', ['cutlets'], [63, 18, 18, 0, 0, 1], {
    forms: ['steak'],
    rawStorage: 'chops',
  }),
  cut('pork-chops', 'Pork chops', ['pork steaks'], [68, 21, 10, 0, 0, 1], {
    forms: ['steak'],
    rawStorage: 'chops',
  }),
  cut('veal-cutlets', 'Veal cutlets', ['escalope', 'schnitzel'], [74, 21, 4, 0, 0, 1], {
    forms: ['steak'],
    rawStorage: 'chops',
  }),
  ground('ground-beef', 'Ground beef', ['mince', 'hamburger', 'burgers'], [64.5, 19.5, 15, 0, 0, 1], {
    forms: ['ground', 'flatPack'],
  }),
  ground('ground-lamb', 'Ground lamb', ['lamb mince', 'kofta'], [60, 17, 22, 0, 0, 1], {
    forms: ['ground', 'flatPack'],
  }),
  ground('ground-pork', 'Ground pork', ['pork mince', 'meatballs'], [61, 17.5, 20.5, 0, 0, 1], {
    forms: ['ground', 'flatPack'],
  }),
  ground('raw-sausages', 'Raw sausages', ['bangers', 'merguez', 'chipolatas'], [56, 15, 25, 1.5, 0, 2.5], {
    forms: ['pieces'],
    rawStorage: 'rawSausage',
  }),
  ground('stewing-meat', 'Stewing meat, diced', ['casserole meat', 'goulash'], [70, 21, 8, 0, 0, 1], {
    forms: ['pieces', 'flatPack'],
    cooking: 'wholeCut',
  }),
  ground('liver', 'Liver', ['variety meat', 'kidneys', 'offal'], [71, 20, 4, 3.5, 0, 1.5], {
    forms: ['pieces'],
    cooking: 'organMeat',
    rawStorage: 'varietyMeat',
  }),
  ground('rabbit', 'Rabbit', ['game', 'hare'], [73, 20, 6, 0, 0, 1], {
    forms: ['pieces'],
    cooking: 'game',
    rawStorage: 'poultryParts',
  }),
  cut('venison', 'Venison', ['deer', 'game'], [74, 22.5, 2.5, 0, 0, 1], {
    forms: ['steak', 'bonelessJoint'],
    cooking: 'game',
    rawStorage: 'roasts',
  }),
  cured('ham-cooked', 'Ham, fully cooked', ['gammon cooked', 'baked ham'], [70, 19, 6.5, 1, 0, 3.5], {
    forms: ['bonelessJoint', 'boneInJoint'],
  }),
  cured('ham-uncooked', 'Ham, cook before eating', ['gammon', 'bacon joint'], [69, 19, 8.5, 0, 0, 3.5], {
    forms: ['bonelessJoint'],
    cooking: 'hamOther',
  }),
  cured('bacon', 'Bacon', ['rashers', 'lardons', 'pancetta'], [48, 14, 35, 0.5, 0, 2.5], {
    forms: ['flatPack'],
    cooking: 'wholeCut',
    rawStorage: 'bacon',
    cookedStorage: 'cookedMeat',
  }),
];
