import type { Food } from '../foods';
import { enthalpyAt, materialOfFood } from './material';

/** An appliance set to thaw. Part of the power reaches the food (η), part of the time it is on (duty). */
export interface Microwave {
  readonly powerW: number;
  readonly duty: number;
  readonly efficiency: number;
}

/** A usual household appliance on its thawing setting. */
export const USUAL_MICROWAVE: Microwave = { powerW: 800, duty: 0.3, efficiency: 0.6 };

/**
 * Time to bring food from the freezer to its initial freezing point: t = m·(H(t_f) − H(start)) / (P·duty·η).
 * An energy balance; it claims nothing about evenness.
 *
 * @param massKg weight, kg
 * @param startC temperature in the freezer, °C
 * @returns time in ms
 */
export function microwaveThawMs(
  food: Pick<Food, 'composition' | 'freezingPointC'>,
  massKg: number,
  startC: number,
  { powerW, duty, efficiency } = USUAL_MICROWAVE,
): number {
  const material = materialOfFood(food);
  const heat = massKg * (enthalpyAt(material, food.freezingPointC) - enthalpyAt(material, startC));
  return (heat / (powerW * duty * efficiency)) * 1000;
}
