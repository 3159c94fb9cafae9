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

const porkJoint = foodsOfKind({
  cooking: 'porkRoast',
  rawStorage: 'roasts',
  cookedStorage: 'cookedMeat',
  afterThaw: 'redMeatCut',
  shelf: 'wholeRaw',
  freezingPointC: -1.6,
});
const porkCut = foodsOfKind({
  cooking: 'porkCut',
  rawStorage: 'chops',
  cookedStorage: 'cookedMeat',
  afterThaw: 'redMeatCut',
  shelf: 'wholeRaw',
  freezingPointC: -1.6,
});
const stewing = foodsOfKind({
  cooking: 'wholeCut',
  rawStorage: 'groundMeat',
  cookedStorage: 'cookedMeat',
  afterThaw: 'delicate',
  shelf: 'wholeRaw',
  freezingPointC: -1.6,
});
const offal = foodsOfKind({
  cooking: 'organMeat',
  rawStorage: 'varietyMeat',
  cookedStorage: 'cookedMeat',
  afterThaw: 'delicate',
  shelf: 'wholeRaw',
  freezingPointC: -1.5,
});
const game = foodsOfKind({
  cooking: 'game',
  rawStorage: 'roasts',
  cookedStorage: 'cookedMeat',
  afterThaw: 'redMeatCut',
  shelf: 'wholeRaw',
  freezingPointC: -1.6,
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
    ['topside', 'sirloin joint', 'roast beef', 'beef joint', 'joint', 'rump roast', 'top round'],
    [69, 21.5, 8.5, 0, 0, 1],
    {
      forms: ['bonelessJoint'],
    },
  ),
  joint('beef-brisket', 'Beef brisket', ['salt beef', 'pot roast'], [62, 18.5, 18.5, 0, 0, 1], {
    forms: ['bonelessJoint'],
  }),
  porkJoint('pork-loin', 'Pork loin', ['loin roast'], [69, 21, 9, 0, 0, 1], {
    forms: ['bonelessJoint'],
    roast: 'porkLoin',
  }),
  porkJoint('pork-shoulder', 'Pork shoulder', ['butt', 'pulled pork'], [64, 17.5, 17.5, 0, 0, 1], {
    forms: ['boneInJoint', 'bonelessJoint'],
    roast: 'porkShoulder',
  }),
  porkJoint('fresh-ham-leg', 'Fresh ham, leg', ['pork leg', 'uncured ham'], [66, 19, 14, 0, 0, 1], {
    forms: ['boneInJoint'],
    roast: 'freshHam',
  }),
  joint('veal-roast', 'Veal roast', [], [73, 20, 6, 0, 0, 1], { forms: ['bonelessJoint'] }),
  cut(
    'beef-steak',
    'Beef steaks',
    [
      'rump',
      'sirloin',
      'entrecote',
      'steak',
      'rib eye',
      'ribeye',
      'T-bone',
      'flank',
      'bavette',
      'minute steak',
      'strip',
      'top sirloin',
    ],
    [68, 21.5, 9.5, 0, 0, 1],
    {
      forms: ['steak'],
    },
  ),
  cut('lamb-chops', 'Lamb chops', ['cutlets'], [63, 18, 18, 0, 0, 1], {
    forms: ['steak'],
    rawStorage: 'chops',
  }),
  porkCut('pork-chops', 'Pork chops', ['pork steaks'], [68, 21, 10, 0, 0, 1], {
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
  ground(
    'raw-sausages',
    'Raw sausages',
    ['bangers', 'merguez', 'chipolatas', 'sausages'],
    [56, 15, 25, 1.5, 0, 2.5],
    {
      forms: ['pieces'],
      rawStorage: 'rawSausage',
    },
  ),
  ground(
    'stewing-meat',
    'Stewing meat, diced',
    ['casserole meat', 'goulash', 'stewing beef', 'diced beef', 'braising steak', 'beef cubes'],
    [70, 21, 8, 0, 0, 1],
    {
      forms: ['pieces', 'flatPack'],
      cooking: 'wholeCut',
    },
  ),
  ground('liver', 'Liver', ['variety meat', 'kidneys', 'offal'], [71, 20, 4, 3.5, 0, 1.5], {
    forms: ['pieces'],
    cooking: 'organMeat',
    rawStorage: 'varietyMeat',
  }),
  ground('rabbit', 'Rabbit', ['game', 'bunny'], [73, 20, 6, 0, 0, 1], {
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
    plantPacked: true,
    packed: 'pack',
    forms: ['bonelessJoint', 'boneInJoint'],
  }),
  cured('ham-uncooked', 'Ham, cook before eating', ['gammon', 'bacon joint'], [69, 19, 8.5, 0, 0, 3.5], {
    shelf: 'wholeRaw',
    forms: ['bonelessJoint'],
    cooking: 'hamOther',
  }),
  cured('bacon', 'Bacon', ['rashers', 'lardons', 'pancetta'], [48, 14, 35, 0.5, 0, 2.5], {
    shelf: 'wholeRaw',
    forms: ['flatPack'],
    cooking: 'porkCut',
    rawStorage: 'bacon',
    cookedStorage: 'cookedMeat',
  }),
  joint('beef-fillet', 'Beef fillet, whole', ['tenderloin', 'chateaubriand'], [70.5, 21, 7.5, 0, 0, 1], {
    forms: ['bonelessJoint'],
  }),
  joint('beef-silverside', 'Beef silverside', ['round', 'rump roast', 'pot roast'], [70, 22, 7, 0, 0, 1], {
    forms: ['bonelessJoint'],
  }),
  joint(
    'beef-chuck',
    'Beef chuck, whole',
    ['blade', 'feather blade', 'braising joint'],
    [65.5, 19.5, 14, 0, 0, 1],
    { forms: ['bonelessJoint'] },
  ),
  joint('lamb-rack', 'Rack of lamb', ['lamb best end'], [61, 18, 20, 0, 0, 1], { forms: ['boneInJoint'] }),
  joint('lamb-breast', 'Lamb breast, rolled', ['lamb belly'], [58, 16, 25, 0, 0, 1], {
    forms: ['bonelessJoint'],
  }),
  joint('goat-leg', 'Goat leg, bone in', ['kid', 'chevon'], [73.9, 20.5, 4.5, 0, 0, 1.1], {
    forms: ['boneInJoint'],
  }),
  porkJoint('pork-belly', 'Pork belly', ['side of pork'], [37.0, 9.3, 53, 0, 0, 0.7], {
    forms: ['bonelessJoint'],
  }),
  porkJoint('pork-ham-rolled', 'Pork leg, boneless', ['rolled pork'], [67.5, 20.5, 11, 0, 0, 1], {
    forms: ['bonelessJoint'],
  }),
  porkCut('pork-tenderloin', 'Pork tenderloin', ['pork fillet'], [73.4, 22, 3.5, 0, 0, 1.1], {
    forms: ['steak'],
  }),
  porkCut('pork-ribs', 'Pork ribs', ['spare ribs', 'baby back ribs'], [59.6, 16.5, 23, 0, 0, 0.9], {
    forms: ['pieces'],
  }),
  porkCut('pork-escalopes', 'Pork escalopes', ['schnitzel', 'pork leg steaks'], [71.9, 22, 5, 0, 0, 1.1], {
    forms: ['steak'],
  }),
  cut('short-ribs', 'Beef short ribs', ['jacob’s ladder'], [48.6, 14.4, 36.2, 0, 0, 0.8], {
    forms: ['pieces'],
  }),
  cut('beef-skirt', 'Beef skirt', ['flank steak', 'bavette', 'hanger'], [69, 20.5, 9.5, 0, 0, 1], {
    forms: ['steak'],
  }),
  cut('lamb-shanks', 'Lamb shanks', ['lamb knuckle'], [68, 19, 12, 0, 0, 1], { forms: ['pieces'] }),
  cut('lamb-steaks', 'Lamb leg steaks', ['lamb rump'], [70, 20, 9, 0, 0, 1], { forms: ['steak'] }),
  cut('veal-shanks', 'Veal shanks', ['osso buco'], [74.5, 20.5, 4, 0, 0, 1], { forms: ['pieces'] }),
  cut(
    'tenderised-steak',
    'Steak, tenderised or injected',
    ['minute steak', 'cube steak', 'bladed steak'],
    [71.5, 21.5, 6, 0, 0, 1],
    { forms: ['steak'], cooking: 'groundMeat' },
  ),
  ground('beef-burgers', 'Burgers, raw', ['hamburger patties'], [60.5, 17, 20, 1, 0, 1.5], {
    forms: ['pieces'],
  }),
  ground('meatballs-raw', 'Meatballs, raw', ['kofta', 'köfte'], [60.5, 16.5, 16, 5, 0.5, 1.5], {
    forms: ['pieces'],
  }),
  ground('ground-veal', 'Ground veal', ['veal mince'], [72.5, 19.5, 7, 0, 0, 1], {
    forms: ['ground', 'flatPack'],
  }),
  ground(
    'fresh-chorizo',
    'Fresh chorizo',
    ['merguez', 'bratwurst', 'spiced sausage'],
    [53.3, 16, 26, 2, 0.2, 2.5],
    { forms: ['pieces'], rawStorage: 'rawSausage' },
  ),
  stewing('oxtail', 'Oxtail', ['ox tail'], [66.5, 18.5, 14, 0, 0, 1], { forms: ['pieces'] }),
  stewing('beef-shin', 'Beef shin', ['shank', 'osso'], [72, 21, 6, 0, 0, 1], { forms: ['pieces'] }),
  stewing('lamb-neck', 'Lamb neck', ['scrag', 'middle neck'], [63.5, 17.5, 18, 0, 0, 1], {
    forms: ['pieces'],
  }),
  stewing('goat-stewing', 'Goat for stewing', ['diced goat', 'mutton pieces'], [74.4, 20.5, 4, 0, 0, 1.1], {
    forms: ['pieces'],
  }),
  offal('kidneys', 'Kidneys', ['lamb kidney', 'ox kidney'], [78.2, 16.5, 3, 1, 0, 1.3], {
    forms: ['pieces'],
  }),
  offal('heart', 'Heart', ['ox heart', 'lamb heart'], [76.2, 17.5, 5, 0.2, 0, 1.1], { forms: ['pieces'] }),
  offal('tongue', 'Tongue', ['ox tongue'], [65.6, 16, 17, 0.5, 0, 0.9], { forms: ['bonelessJoint'] }),
  offal('tripe', 'Tripe', ['honeycomb'], [83.4, 12.5, 3.5, 0, 0, 0.6], { forms: ['pieces'] }),
  game('wild-boar', 'Wild boar', ['boar joint'], [73.9, 21.5, 3.5, 0, 0, 1.1], { forms: ['bonelessJoint'] }),
  game('hare', 'Hare', ['jugged hare'], [74.5, 21.8, 2.5, 0, 0, 1.2], {
    forms: ['pieces'],
    rawStorage: 'poultryParts',
    afterThaw: 'delicate',
  }),
  game('ground-venison', 'Ground venison', ['venison mince', 'deer mince'], [70.4, 21.5, 7, 0, 0, 1.1], {
    forms: ['ground'],
    rawStorage: 'groundMeat',
    shelf: 'groundRaw',
  }),
  cured('gammon-steak', 'Gammon steaks, uncooked', ['ham steak', 'cured pork'], [68.5, 19, 8, 0.5, 0, 4], {
    shelf: 'wholeRaw',
    forms: ['steak'],
    cooking: 'hamOther',
    rawStorage: 'hamSlices',
  }),
  cured('pancetta', 'Pancetta, raw', ['lardons', 'bacon cubes'], [43.5, 15, 37, 0.5, 0, 4], {
    shelf: 'wholeRaw',
    forms: ['flatPack'],
    cooking: 'porkCut',
    rawStorage: 'bacon',
    cookedStorage: 'cookedMeat',
  }),
  porkCut('pork-diced', 'Pork, diced', ['stewing pork', 'pork goulash meat'], [71.5, 20.5, 7, 0, 0, 1], {
    forms: ['pieces', 'flatPack'],
    rawStorage: 'groundMeat',
    afterThaw: 'delicate',
  }),
  porkJoint(
    'pork-stuffed',
    'Pork joint, stuffed',
    ['stuffed loin', 'rolled with stuffing'],
    [62.4, 17, 14, 5, 0.4, 1.2],
    {
      forms: ['bonelessJoint'],
      stuffed: true,
      cooking: 'poultry',
      afterThaw: 'delicate',
      rawStorage: 'groundMeat',
    },
  ),
  joint(
    'beef-stuffed',
    'Beef or lamb joint, stuffed',
    ['stuffed breast of lamb', 'beef olives'],
    [62.9, 17.5, 14, 4, 0.4, 1.2],
    {
      forms: ['bonelessJoint'],
      stuffed: true,
      cooking: 'poultry',
      afterThaw: 'delicate',
      rawStorage: 'groundMeat',
    },
  ),
  ground('kebab-raw', 'Kebab of minced meat, raw', ['adana', 'cevapcici'], [59.5, 17, 20, 1.5, 0.3, 1.7], {
    forms: ['ground'],
  }),
  cut('beef-skewers', 'Meat skewers, raw', ['kebab raw', 'souvlaki raw'], [70.2, 20, 8, 0.5, 0.1, 1.2], {
    forms: ['pieces'],
    cooking: 'porkCut',
    rawStorage: 'groundMeat',
    afterThaw: 'delicate',
  }),
];
