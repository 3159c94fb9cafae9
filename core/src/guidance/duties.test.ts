import { describeValue, ruleAt, ruleSetIds, rulesOf } from '.';

const METRIC = { temperature: 'C', mass: 'metric' } as const;
const IMPERIAL = { temperature: 'F', mass: 'imperial' } as const;

/**
 * What the guidance says in figures, sentence by sentence: in the home chart, the service code, the metric chain and under
 * extra care. A star marks what a school borrows.
 */
const DUTIES: [sentence: string, path: string, values: readonly [string, string, string, string]][] = [
  [
    '§1 the growth band',
    'bands.growth',
    ['40 °F to 140 °F', '41 °F to 135 °F', '5 °C to 60 °C', '40 °F to 140 °F'],
  ],
  [
    '§1 the refrigerator',
    'bands.refrigerator',
    ['at most 40 °F', 'at most 41 °F', 'at most 5 °C', 'at most 40 °F'],
  ],
  ['§1 the freezer', 'bands.freezer', ['at most 0 °F', 'frozen solid', 'at most −15 °C', 'at most 0 °F']],
  [
    '§1 hot holding',
    'bands.hotHolding',
    ['at least 140 °F', 'at least 135 °F', 'at least 63 °C', 'at least 146 °F'],
  ],
  ['§1 hot food is checked', 'holding.hotCheck', ['2 h', '2 h*', '2 h*', '2 h']],
  ['§1 cold food is checked', 'holding.coldCheck', ['4 h', '4 h*', '4 h*', '4 h']],
  ['§1 total time in the band', 'bandTime.limit', ['2 h', '4 h', '4 h', '2 h']],
  [
    '§1 use or chill again',
    'bandTime.chillAgain',
    [
      '2 h',
      '4 h; cold food put out to eat, never',
      'under 2 h',
      'under 2 h; cold food put out to eat, never',
    ],
  ],
  [
    '§1 air above 90 °F',
    'bandTime.warmAir',
    ['at most 90 °F', 'at most 90 °F*', 'at most 32 °C*', 'at most 90 °F'],
  ],
  ['§1 each minute above it counts double', 'bandTime.warmAirFactor', ['× 2', '× 2*', '× 2*', '× 2']],
  [
    '§2 in the refrigerator',
    'thawing.refrigerator',
    [
      '24 h per 5 lb, plan with 24 h per 4 lb, at least 24 h',
      '24 h per 5 lb, plan with 24 h per 4 lb, at least 24 h*',
      '10 h per 1 kg, plan with 12 h per 1 kg',
      '10 h per 2 lb 3 oz, plan with 24 h per 4 lb, at least 24 h',
    ],
  ],
  [
    '§2 whole birds in water',
    'thawing.waterBird',
    [
      '30 min per 1 lb, at least 1 h',
      '30 min per 1 lb, at least 1 h*',
      '30 min per 454 g, at least 1 h*',
      '30 min per 1 lb, at least 1 h',
    ],
  ],
  [
    '§2 packs in water',
    'thawing.waterPack',
    [
      '2 h per 4 lb, plan with 45 min per 1 lb, at least 1 h',
      '2 h per 4 lb, plan with 45 min per 1 lb, at least 1 h*',
      '2 h per 1.81 kg, plan with 45 min per 454 g, at least 1 h*',
      '2 h per 4 lb, plan with 45 min per 1 lb, at least 1 h',
    ],
  ],
  ['§2 water changed every 30 min', 'thawing.waterChange', ['30 min', '30 min*', '30 min*', '30 min']],
  [
    '§2 how warm the water',
    'thawing.waterTemperature',
    ['at most 70 °F', 'at most 70 °F', 'at most 15 °C', 'at most 59 °F'],
  ],
  ['§2 how long in it', 'thawing.waterMost', ['12 h', '4 h', '1 h 30 min', '1 h 30 min']],
  ['§2 running water', 'thawing.waterRunning', ['no', 'yes', 'yes', 'yes']],
  ['§2 its minutes count', 'thawing.waterCounts', ['no', 'yes', 'no*', 'yes']],
  ['§2 about 1.5 × the cooking time', 'thawing.fromFrozen', ['× 1.5', '× 1.5*', '× 1.5*', '× 1.5']],
  ['§2 small, thin items', 'thawing.fromFrozenThin', ['no', 'no*', 'yes', 'yes']],
  [
    '§2 a bird sold frozen and stuffed',
    'thawing.soldStuffed',
    [
      'no: cook it from frozen, by its label',
      'no: cook it from frozen, by its label*',
      'no: cook it from frozen, by its label*',
      'no: cook it from frozen, by its label',
    ],
  ],
  [
    '§2 fish in a pack without air',
    'thawing.withoutAir',
    [
      'no: open the pack before it thaws in the refrigerator, and before or at once after water',
      'no: open the pack before it thaws in the refrigerator, and before or at once after water',
      'no: open the pack before it thaws in the refrigerator, and before or at once after water*',
      'no: open the pack before it thaws in the refrigerator, and before or at once after water',
    ],
  ],
  [
    '§2 never on the counter',
    'thawing.onCounter',
    [
      'no: refrigerator, cold water, microwave, or cook from frozen',
      'no: refrigerator, cold water, microwave, or cook from frozen*',
      'no: refrigerator, cold water, microwave, or cook from frozen*',
      'no: refrigerator, cold water, microwave, or cook from frozen',
    ],
  ],
  [
    '§2 poultry, ground meat, stew meat, fish after thawing',
    'afterThaw.delicate',
    ['1–2 days', '1–2 days*', '1 day', '1 day'],
  ],
  ['§2 red-meat cuts after thawing', 'afterThaw.redMeatCut', ['3–5 days', '3–5 days*', '1 day', '1 day']],
  [
    '§2 refreeze raw after the refrigerator',
    'refreezing.afterRefrigerator',
    ['yes', 'yes*', 'no: cook it, then freeze it once', 'no: cook it, then freeze it once'],
  ],
  [
    '§2 refreeze raw after water or microwave',
    'refreezing.afterWaterOrMicrowave',
    ['no: cook it first', 'no: cook it first*', 'no: cook it first*', 'no: cook it first'],
  ],
  [
    '§3 poultry, stuffing, stuffed food',
    'cooking.targets.poultry',
    [
      '165 °F',
      '165 °F',
      '75 °C or 80 °C held 6 s or 70 °C held 2 min or 65 °C held 10 min or 60 °C held 45 min',
      '167 °F',
    ],
  ],
  [
    '§3 ground meat',
    'cooking.targets.groundMeat',
    [
      '160 °F',
      '155 °F held 17 s or 150 °F held 1 min or 145 °F held 3 min or 158 °F',
      '75 °C or 80 °C held 6 s or 70 °C held 2 min or 65 °C held 10 min or 60 °C held 45 min',
      '167 °F',
    ],
  ],
  [
    '§3 steaks, chops, whole cuts',
    'cooking.targets.wholeCut',
    [
      '145 °F, then rest 3 min',
      '145 °F held 15 s or 158 °F',
      '63 °C',
      '167 °F or 158 °F held 2 min, then rest 3 min',
    ],
  ],
  [
    '§3 whole-muscle roasts',
    'cooking.targets.roast',
    [
      '145 °F, then rest 3 min',
      '145 °F held 4 min or 130 °F held 1 h 52 min or 131 °F held 1 h 29 min or 133 °F held 56 min or 135 °F held 36 min or 136 °F held 28 min or 138 °F held 18 min or 140 °F held 12 min or 142 °F held 8 min or 144 °F held 5 min or 147 °F held 2 min 14 s or 149 °F held 1 min 25 s or 151 °F held 54 s or 153 °F held 34 s or 155 °F held 22 s or 157 °F held 14 s or 158 °F',
      '63 °C',
      '167 °F or 158 °F held 2 min, then rest 3 min',
    ],
  ],
  [
    '§3 pork',
    'cooking.targets.porkCut',
    [
      '145 °F, then rest 3 min',
      '145 °F held 15 s or 158 °F',
      '75 °C or 80 °C held 6 s or 70 °C held 2 min or 65 °C held 10 min or 60 °C held 45 min',
      '167 °F, then rest 3 min',
    ],
  ],
  [
    '§3 fish and shellfish',
    'cooking.targets.fish',
    [
      '145 °F, or opaque and flaking, shells open',
      '145 °F held 15 s or 158 °F',
      '63 °C, or opaque',
      '167 °F or 158 °F held 2 min',
    ],
  ],
  [
    '§3 eggs and egg dishes',
    'cooking.targets.egg',
    [
      '160 °F, or firm yolk and white',
      '155 °F held 17 s or 150 °F held 1 min or 145 °F held 3 min or 158 °F',
      '75 °C, or firm',
      '167 °F',
    ],
  ],
  ['§3 casseroles', 'cooking.targets.casserole', ['165 °F', '165 °F', '75 °C', '167 °F']],
  ['§3 vegetables, grains', 'cooking.targets.vegetable', ['140 °F', '135 °F', '60 °C', '140 °F']],
  [
    '§3 organ meats',
    'cooking.targets.organMeat',
    ['160 °F', '145 °F held 15 s or 158 °F', '75 °C or 70 °C held 2 min', '167 °F'],
  ],
  ['§3 giblets', 'cooking.targets.giblets', ['165 °F', '165 °F', '75 °C', '167 °F']],
  ['§3 game, rabbit', 'cooking.targets.game', ['160 °F', '165 °F', '75 °C', '167 °F']],
  ['§3 ham, fully cooked', 'cooking.targets.hamCooked', ['140 °F', '135 °F', '75 °C', '167 °F']],
  ['§3 ham, other', 'cooking.targets.hamOther', ['165 °F', '165 °F', '75 °C', '167 °F']],
  [
    '§3 by microwave',
    'cooking.microwave',
    [
      '140 °F, then rest 2 min',
      '165 °F, then rest 2 min',
      '60 °C, then rest 2 min*',
      '165 °F, then rest 2 min',
    ],
  ],
  [
    '§3 the ovens of the roast table',
    'cooking.roastOven',
    [
      'at least 325 °F, with a fan 325 °F; from 10 lb at least 325 °F, with a fan 325 °F',
      'at least 350 °F, with a fan 325 °F; from 10 lb at least 250 °F, with a fan 250 °F',
      'at least 163 °C, with a fan 163 °C; from 4.54 kg at least 163 °C, with a fan 163 °C*',
      'at least 350 °F, with a fan 325 °F; from 10 lb at least 325 °F, with a fan 325 °F',
    ],
  ],
  [
    '§3 the oven never below 325 °F',
    'cooking.oven',
    ['at least 325 °F', 'at least 325 °F*', 'at least 163 °C*', 'at least 325 °F'],
  ],
  [
    '§3 the rest of a large joint',
    'cooking.jointRest',
    ['20 min to 30 min', '20 min to 30 min*', '20 min to 30 min*', '20 min to 30 min'],
  ],
  [
    '§3 never interrupt a cook',
    'cooking.interrupting',
    [
      'no: cook through in one go',
      'no: cook through in one go*',
      'no: cook through in one go*',
      'no: cook through in one go',
    ],
  ],
  ['§4 wait for a steady reading', 'thermometer.steadyFor', ['15 s', '15 s*', '15 s*', '15 s']],
  ['§4 the ice point', 'thermometer.icePoint', ['± 1 °C', '± 1 °C*', '± 1 °C*', '± 1 °C']],
  [
    '§4 two places',
    'thermometer.twoPlaces',
    ['over 4 lb 7 oz', 'over 4 lb 7 oz*', 'over 2 kg*', 'over 4 lb 7 oz'],
  ],
  ['§5 into the refrigerator', 'cooling.intoRefrigerator', ['2 h', '2 h*', '2 h*', '2 h']],
  [
    '§5 the first mark',
    'cooling.firstMark',
    [
      '135 °F to 70 °F within 2 h',
      '135 °F to 70 °F within 2 h',
      '60 °C to 21 °C within 2 h',
      '140 °F to 69 °F within 2 h',
    ],
  ],
  [
    '§5 the second mark',
    'cooling.secondMark',
    [
      '135 °F to 41 °F within 6 h',
      '135 °F to 41 °F within 6 h',
      '21 °C to 5 °C within 4 h',
      '70 °F to 41 °F within 4 h',
    ],
  ],
  ['§5 whether they rule', 'cooling.marksBind', ['no', 'yes', 'yes', 'yes']],
  [
    '§5 made from room-temperature ingredients',
    'cooling.fromRoom',
    [
      '70 °F to 41 °F within 4 h',
      '70 °F to 41 °F within 4 h',
      '22 °C to 5 °C within 4 h*',
      '70 °F to 41 °F within 4 h',
    ],
  ],
  ['§5 rice', 'cooling.rice', ['2 h', '4 h', '1 h', '1 h']],
  [
    '§5 depth',
    'cooling.depth',
    ['at most 2 in deep', 'at most 1 in deep', 'at most 5 cm deep', 'at most 1 in deep'],
  ],
  [
    '§5 missed the first mark',
    'cooling.rescue',
    [
      'no: throw it away',
      'yes: once, at once, when the first mark was missed',
      'yes: once, at once, when the first mark was missed',
      'no: throw it away',
    ],
  ],
  ['§6 a printed use-by', 'printedDate', ['yes', 'yes*', 'yes*', 'yes']],
  ['§7 reheating', 'reheating.target', ['165 °F', '165 °F held 15 s', '75 °C', '167 °F held 15 s']],
  ['§7 plant-packed ready-to-eat', 'reheating.plantPacked', ['165 °F', '135 °F', '75 °C', '167 °F']],
  ['§7 within 2 h', 'reheating.within', ['2 h', '2 h*', '2 h*', '2 h']],
  ['§7 once', 'reheating.times', ['once', 'once*', 'once*', 'once']],
  ['§7 the microwave’s stand', 'reheating.stand', ['2 min', '2 min*', '2 min*', '2 min']],
  [
    '§9 what is not eaten',
    'avoided',
    [
      'nothing',
      'nothing*',
      'nothing*',
      'raw sprouts, dishes with raw egg, cold-smoked fish, raw fish and meat, raw milk and its cheese, soft mould-ripened and blue cheese, pâté from the refrigerator',
    ],
  ],
  [
    '§9 what is eaten only heated',
    'heatedFirst',
    ['nothing', 'nothing*', 'nothing*', 'cold cuts and hot dogs'],
  ],
  ['§12 a refrigerator without power', 'powerCut.refrigerator', ['4 h', '4 h*', '4 h*', '4 h']],
  ['§12 a full freezer', 'powerCut.freezerFull', ['2 d', '2 d*', '2 d*', '2 d']],
  ['§12 a half-full freezer', 'powerCut.freezerHalf', ['24 h', '24 h*', '24 h*', '24 h']],
  [
    '§12 dried kidney beans',
    'cooking.targets.kidneyBeans',
    [
      '212 °F held 10 min, or boiled hard for 10 min',
      '212 °F held 10 min, or boiled hard for 10 min*',
      '100 °C held 10 min, or boiled hard for 10 min*',
      '212 °F held 10 min, or boiled hard for 10 min',
    ],
  ],
  [
    '§8 free rim of a pot of hot oil',
    'frying.rim',
    ['at least 4 in', 'at least 4 in*', 'at least 10.2 cm*', 'at least 4 in'],
  ],
  [
    '§8 oil for frying',
    'frying.oil',
    ['at most 375 °F', 'at most 375 °F*', 'at most 190 °C*', 'at most 375 °F'],
  ],
  [
    '§12 servings: a whole bird',
    'servings.wholeBird',
    [
      '1 lb to 1 lb 8 oz a person',
      '1 lb to 1 lb 8 oz a person*',
      '454 g to 680 g a person*',
      '1 lb to 1 lb 8 oz a person',
    ],
  ],
  [
    '§12 servings: joints with bone',
    'servings.boneIn',
    [
      '8 oz to 12 oz a person',
      '8 oz to 12 oz a person*',
      '227 g to 340 g a person*',
      '8 oz to 12 oz a person',
    ],
  ],
  [
    '§12 servings: boneless',
    'servings.boneless',
    ['5 oz to 8 oz a person', '5 oz to 8 oz a person*', '151 g to 227 g a person*', '5 oz to 8 oz a person'],
  ],
  [
    '§6 ground meat, stew meat',
    'storage.groundMeat.refrigerator',
    ['1–2 days', '1–2 days*', '1–2 days*', '1 day'],
  ],
  ['§6 raw sausage', 'storage.rawSausage.refrigerator', ['1–2 days', '1–2 days*', '1–2 days*', '1 day']],
  ['§6 variety meats', 'storage.varietyMeat.refrigerator', ['1–2 days', '1–2 days*', '1–2 days*', '1 day']],
  ['§6 steaks', 'storage.steaks.refrigerator', ['3–5 days', '3–5 days*', '3–5 days*', '3 days']],
  ['§6 chops', 'storage.chops.refrigerator', ['3–5 days', '3–5 days*', '3–5 days*', '3 days']],
  ['§6 roasts', 'storage.roasts.refrigerator', ['3–5 days', '3–5 days*', '3–5 days*', '3 days']],
  ['§6 poultry, whole', 'storage.poultryWhole.refrigerator', ['1–2 days', '1–2 days*', '1–2 days*', '1 day']],
  ['§6 poultry, parts', 'storage.poultryParts.refrigerator', ['1–2 days', '1–2 days*', '1–2 days*', '1 day']],
  ['§6 giblets', 'storage.giblets.refrigerator', ['1–2 days', '1–2 days*', '1–2 days*', '1 day']],
  ['§6 fish, lean', 'storage.fishLean.refrigerator', ['1–2 days', '1–2 days*', '1–2 days*', '1 day']],
  ['§6 fish, fatty', 'storage.fishFatty.refrigerator', ['1–2 days', '1–2 days*', '1–2 days*', '1 day']],
  [
    '§6 shrimp, squid, scallops',
    'storage.shellfish.refrigerator',
    ['1–2 days', '1–2 days*', '1–2 days*', '1 day'],
  ],
  ['§6 bacon', 'storage.bacon.refrigerator', ['7 days', '7 days*', '7 days*', '7 days']],
  [
    '§6 smoked sausage',
    'storage.smokedSausage.refrigerator',
    ['7 days', '7 calendar days', '7 days*', '6 days'],
  ],
  ['§6 hot dogs opened', 'storage.hotDogs.refrigerator', ['7 days', '7 calendar days', '7 days*', '6 days']],
  [
    '§6 sliced cooked meats opened',
    'storage.slicedMeats.refrigerator',
    ['3–5 days', '7 calendar days', '3–5 days*', '3 days'],
  ],
  [
    '§6 ham, slices',
    'storage.hamSlices.refrigerator',
    ['3–5 days', '7 calendar days', '3–5 days*', '3 days'],
  ],
  ['§6 ham, whole', 'storage.hamWhole.refrigerator', ['7 days', '7 calendar days', '7 days*', '6 days']],
  [
    '§6 eggs in shell',
    'storage.eggsInShell.refrigerator',
    ['3–5 weeks', '3–5 weeks*', '3–5 weeks*', '3 weeks'],
  ],
  [
    '§6 hard-cooked',
    'storage.eggsHardCooked.refrigerator',
    ['7 days', '7 calendar days', '7 days*', '6 days'],
  ],
  [
    '§6 raw yolks or whites',
    'storage.eggsRawParts.refrigerator',
    ['2–4 days', '2–4 days*', '2–4 days*', '2 days'],
  ],
  ['§6 egg dishes', 'storage.eggDishes.refrigerator', ['3–4 days', '7 calendar days', '3–4 days*', '2 days']],
  [
    '§6 gravy, broth',
    'storage.gravyBroth.refrigerator',
    ['1–2 days', '7 calendar days', '1–2 days*', '1 day'],
  ],
  [
    '§6 soups, stews, casseroles',
    'storage.soupsStews.refrigerator',
    ['3–4 days', '7 calendar days', '2 days', '2 days'],
  ],
  [
    '§6 cooked meat, poultry, fish',
    'storage.cookedMeat.refrigerator',
    ['3–4 days', '7 calendar days', '2 days', '2 days'],
  ],
  ['§6 pizza', 'storage.pizza.refrigerator', ['3–4 days', '7 calendar days', '2 days', '2 days']],
  ['§6 stuffing', 'storage.stuffing.refrigerator', ['3–4 days', '7 calendar days', '2 days', '2 days']],
  ['§6 cooked rice', 'storage.cookedRice.refrigerator', ['3–4 days', '7 calendar days', '1 day', '1 day']],
  [
    '§6 grains, pasta, pulses',
    'storage.cookedGrains.refrigerator',
    ['3–4 days', '7 calendar days', '3–4 days*', '2 days'],
  ],
  [
    '§6 cooked vegetables',
    'storage.cookedVegetables.refrigerator',
    ['3–4 days', '7 calendar days', '3–4 days*', '2 days'],
  ],
  ['§6 cut fruit', 'storage.cutFruit.refrigerator', ['3–4 days', '7 calendar days', '3–4 days*', '3 days']],
  ['§6 salads', 'storage.mixedSalads.refrigerator', ['3–4 days', '7 calendar days', '3–4 days*', '2 days']],
  [
    '§6 opened cans',
    'storage.openedCan.refrigerator',
    ['3–4 days', '7 calendar days', '3–4 days*', '2 days'],
  ],
  [
    '§6 opened cans, high-acid',
    'storage.openedCanAcid.refrigerator',
    ['5–7 days', '5–7 days*', '5–7 days*', '2 days'],
  ],
  ['§6 milk opened', 'storage.milk.refrigerator', ['7 days', '7 calendar days', '7 days*', '6 days']],
  ['§6 soft cheese', 'storage.softCheese.refrigerator', ['7 days', '7 calendar days', '7 days*', '6 days']],
  [
    '§6 hard cheese opened',
    'storage.hardCheese.refrigerator',
    ['3–4 weeks', '3–4 weeks*', '3–4 weeks*', '3 weeks'],
  ],
  ['§6 yoghurt', 'storage.yoghurt.refrigerator', ['1–2 weeks', '1–2 weeks*', '1–2 weeks*', '7 days']],
  [
    '§6 cream desserts',
    'storage.creamDessert.refrigerator',
    ['3–4 days', '7 calendar days', '3–4 days*', '3 days'],
  ],
  ['§6 tofu opened', 'storage.tofu.refrigerator', ['3–5 days', '7 calendar days', '3–5 days*', '3 days']],
  [
    '§6 infant purée with meat or egg',
    'storage.infantMeatEgg.refrigerator',
    ['1 day', '1 day*', '1 day*', '1 day'],
  ],
  [
    '§6 infant purée, other',
    'storage.infantOther.refrigerator',
    ['1–2 days', '1–2 days*', '1–2 days*', '1 day'],
  ],
  ['§8 hands', 'keepingApart.hands', ['20 s', '20 s*', '20 s*', '20 s']],
  [
    '§8 what food touches',
    'keepingApart.sanitiser',
    ['50–200 ppm', '50–200 ppm*', '50–200 ppm*', '50–200 ppm'],
  ],
  ['§8 a new mix daily', 'keepingApart.sanitiserKeeps', ['24 h', '24 h*', '24 h*', '24 h']],
  [
    '§8 for disinfecting, not for boards',
    'keepingApart.disinfecting',
    ['from 1000 ppm', 'from 1000 ppm*', 'from 1000 ppm*', 'from 1000 ppm'],
  ],
  ['§8 bleach bottles', 'keepingApart.bleach', ['3–8.25 %', '3–8.25 %*', '3–8.25 %*', '3–8.25 %']],
];

it.each(DUTIES)('%s (%s)', (_sentence, path, values) => {
  const said = ruleSetIds.map((id) => {
    const { value, borrowed } = ruleAt(rulesOf(id), path)!;
    return describeValue(value, id === 'chain' ? METRIC : IMPERIAL) + (borrowed ? '*' : '');
  });
  expect(said).toEqual(values);
});
