import type { FormId } from '../foods';
import { media, type Coefficient } from '../thermal';

/** One thing a forecast took for granted, with its value, so that the cook can see and change it. */
export interface Assumption {
  readonly what: string;
  readonly value: string;
}

/** Weights and thicknesses are known to about this share. */
export const TOLERANCE = 0.1;
/** A wrap and its film of still air, as a wall: m over W/(m·K). */
export const WRAP = { thicknessM: 0.001, conductivity: 0.05 } as const;

/** Where a thaw takes place: the temperature around it and the coefficient it meets. */
export interface Surroundings {
  readonly temperatureC: number;
  readonly coefficient: Coefficient;
  readonly wrapped: boolean;
}

/** Cold tap water, changed in time: between the tap's and a little cooler. */
export const THAW_SURROUNDINGS: Record<'refrigerator' | 'coldWater', Surroundings> = {
  refrigerator: { temperatureC: 4, coefficient: media.stillRefrigerator, wrapped: false },
  coldWater: { temperatureC: 12, coefficient: media.stillWater, wrapped: false },
};

/** How far from its usual proportions a food of a form may be, as a share of its thickest part; birds vary most. */
export const proportionsSpread = (form: FormId): number =>
  form === 'wholeBird' ? 0.25 : form === 'boneInJoint' || form === 'bonelessJoint' ? 0.15 : TOLERANCE;
