import { z } from 'zod';

/** Which row of the cooking-temperature table a food falls under. */
export const cookingCategories = [
  'poultry',
  'groundMeat',
  'wholeCut',
  'roast',
  'porkCut',
  'porkRoast',
  'fish',
  'egg',
  'casserole',
  'vegetable',
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
] as const;

/** Which limit counts after thawing in the refrigerator. */
export const afterThawCategories = ['delicate', 'redMeatCut'] as const;

/** What some foods carry that a household with extra care leaves out, unless it is cooked through. */
export const riskIds = ['rawSprouts', 'rawEgg', 'coldSmokedFish', 'rawAnimal'] as const;

/** Where a food belongs in the refrigerator, top to bottom. */
export const shelfCategories = ['readyToEat', 'produceDairy', 'wholeRaw', 'groundRaw', 'poultryRaw'] as const;

export const formIds = [
  'wholeBird',
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

/** Mass fractions in g per 100 g; they sum to 100. */
export const compositionSchema = z
  .object({
    water: z.number().min(0),
    protein: z.number().min(0),
    fat: z.number().min(0),
    carbohydrate: z.number().min(0),
    fibre: z.number().min(0),
    ash: z.number().min(0),
  })
  .refine((c) => Math.abs(Object.values(c).reduce((sum, part) => sum + part, 0) - 100) < 1e-6, {
    message: 'composition must sum to 100 g',
  });

export type Composition = z.infer<typeof compositionSchema>;

export const foodSchema = z
  .object({
    id: z.string().regex(/^[a-z0-9-]+$/),
    name: z.string().min(2),
    /** Other words a cook may search by. */
    aliases: z.array(z.string()),
    /** null for food that is eaten as it is. */
    cooking: z.enum(cookingCategories).nullable(),
    /** null for food that is never kept raw here. */
    rawStorage: z.enum(storageCategories).nullable(),
    cookedStorage: z.enum(storageCategories),
    afterThaw: z.enum(afterThawCategories),
    /** Where it stands before cooking; cooked food always stands with the ready-to-eat. */
    shelf: z.enum(shelfCategories),
    forms: z.array(z.enum(formIds)).min(1),
    roast: z.enum(roastIds).optional(),
    risk: z.enum(riskIds).optional(),
    composition: compositionSchema,
    /** Initial freezing point, °C. */
    freezingPointC: z.number().max(-0.2).min(-20),
  })
  .refine((food) => food.cooking !== null || food.rawStorage === null, {
    message: 'a food that is kept raw needs a cooking category',
  });

export type Food = z.infer<typeof foodSchema>;
