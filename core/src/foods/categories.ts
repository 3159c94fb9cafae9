/** Which row of the cooking-temperature table a food falls under. */
export const cookingCategories = [
  'poultry',
  'groundMeat',
  'wholeCut',
  'roast',
  'porkCut',
  'porkRoast',
  'fish',
  'groundFish',
  'egg',
  'casserole',
  'vegetable',
  'kidneyBeans',
  'organMeat',
  'giblets',
  'game',
  'hamCooked',
  'hamOther',
] as const;

/** Which row of the storage chart a food falls under, raw or cooked. */
export const storageCategories = [
  'groundMeat',
  'rawSausage',
  'varietyMeat',
  'steaks',
  'chops',
  'roasts',
  'poultryWhole',
  'poultryParts',
  'giblets',
  'fishLean',
  'fishFatty',
  'shellfish',
  'bacon',
  'smokedSausage',
  'hotDogs',
  'slicedMeats',
  'hamSlices',
  'hamWhole',
  'eggsInShell',
  'eggsHardCooked',
  'eggsRawParts',
  'eggDishes',
  'gravyBroth',
  'soupsStews',
  'cookedMeat',
  'pizza',
  'stuffing',
  'cookedRice',
  'cookedGrains',
  'cookedVegetables',
  'cutFruit',
  'mixedSalads',
  'openedCan',
  'openedCanAcid',
  'milk',
  'softCheese',
  'hardCheese',
  'yoghurt',
  'creamDessert',
  'tofu',
  'infantMeatEgg',
  'infantOther',
  'infantFormula',
  'breastMilk',
  'butter',
  'processedCheese',
  'mayonnaise',
  'herbsInOil',
  'freshPasta',
  'dough',
  'sandwiches',
  'fruitPie',
] as const;

/** Which limit counts after thawing in the refrigerator. */
export const afterThawCategories = ['delicate', 'redMeatCut'] as const;

/** What some foods carry that a household with extra care leaves out, unless it is cooked through. */
export const riskIds = [
  'rawSprouts',
  'rawEgg',
  'coldSmokedFish',
  'rawAnimal',
  'rawMilk',
  'softCheese',
  'pate',
  'coldCut',
] as const;

/** Where a food belongs in the refrigerator, top to bottom. */
export const shelfCategories = ['readyToEat', 'produceDairy', 'wholeRaw', 'groundRaw', 'poultryRaw'] as const;

export const formIds = [
  'wholeBird',
  'halfBird',
  'boneInJoint',
  'bonelessJoint',
  'steak',
  'pieces',
  'fillet',
  'wholeFish',
  'ground',
  'flatPack',
  'dish',
  'liquid',
  'can',
] as const;

export const roastIds = [
  'turkeyWhole',
  'turkeyStuffed',
  'turkeyBreast',
  'chickenWhole',
  'chickenBreastBoneIn',
  'chickenBreastBoneless',
  'chickenLegs',
  'duck',
  'goose',
  'beefRib',
  'lambLeg',
  'lambShoulder',
  'porkLoin',
  'porkShoulder',
  'freshHam',
] as const;

export type CookingCategory = (typeof cookingCategories)[number];
export type StorageCategory = (typeof storageCategories)[number];
export type AfterThawCategory = (typeof afterThawCategories)[number];
export type ShelfCategory = (typeof shelfCategories)[number];
export type RiskId = (typeof riskIds)[number];
export type FormId = (typeof formIds)[number];
export type RoastId = (typeof roastIds)[number];
