import { z } from 'zod';
import {
  cookingCategories,
  storageCategories,
  afterThawCategories,
  riskIds,
  shelfCategories,
  formIds,
  roastIds,
} from './categories';

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
    /** null for food whose days are a matter of taste alone. */
    cookedStorage: z.enum(storageCategories).nullable(),
    /** Another row it keeps no longer than: a dish with rice in it. */
    alsoKeepsAs: z.enum(storageCategories).optional(),
    afterThaw: z.enum(afterThawCategories),
    /** Where it stands before cooking; cooked food always stands with the ready-to-eat. */
    shelf: z.enum(shelfCategories),
    forms: z.array(z.enum(formIds)).min(1),
    roast: z.enum(roastIds).optional(),
    risk: z.enum(riskIds).optional(),
    /** Time out of the cold does not matter to it: hard cheese, whole fruit, jam (guidance §11.30). */
    keepsWarm: z.literal(true).optional(),
    /** Eaten as it is, and warmed up all the same: tinned soup, hot dogs. */
    warmed: z.literal(true).optional(),
    /** Ready to eat from a plant: a school may ask less of heating it. */
    plantPacked: z.literal(true).optional(),
    /** It comes with a stuffing, which is read as a place of its own. */
    stuffed: z.literal(true).optional(),
    /** It is sold in a pack or a can that is opened here. */
    packed: z.enum(['can', 'pack']).optional(),
    /** Milk for an infant: hours of its own. */
    infantMilk: z.literal(true).optional(),
    composition: compositionSchema,
    /** Share of air in it, where it is as light as bread. */
    porosity: z.number().min(0).max(0.9).optional(),
    /** Initial freezing point, °C. */
    freezingPointC: z.number().max(-0.2).min(-25),
  })
  .refine((food) => food.cooking !== null || food.rawStorage === null, {
    message: 'a food that is kept raw needs a cooking category',
  });

export type Food = z.infer<typeof foodSchema>;
