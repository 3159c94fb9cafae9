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
  lean('cod', 'Cod', ['haddock', 'pollock', 'white fish'], [81, 17.8, 0.2, 0, 0, 1], {
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
];
