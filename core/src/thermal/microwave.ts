import type { Food } from '../foods';
import type { Coefficient } from './media';
import { enthalpyAt, materialOfFood } from './material';

/** An appliance set to thaw. Part of the power reaches the food (η), part of the time it is on (duty). */
export interface Microwave {
  readonly powerW: number;
  readonly duty: number;
  readonly efficiency: Coefficient;
}

/** A usual household appliance on its thawing setting. */
export const USUAL_MICROWAVE: Microwave = {
  powerW: 800,
  duty: 0.3,
  efficiency: { usual: 0.6, low: 0.5, high: 0.7 },
};

/**
 * Time to bring food from the freezer to its initial freezing point: t = m·(H(t_f) − H(start)) / (P·duty·η), between the
 * ends of what is known of η. An energy balance; it claims nothing about evenness.
 *
 * @param massKg weight, kg
 * @param startC temperature in the freezer, °C
 */
export function microwaveThaw(
  food: Pick<Food, 'composition' | 'freezingPointC'>,
  massKg: number,
  startC: number,
  { powerW, duty, efficiency } = USUAL_MICROWAVE,
): { readonly fastMs: number; readonly slowMs: number } {
  const material = materialOfFood(food);
  const heat = massKg * (enthalpyAt(material, food.freezingPointC) - enthalpyAt(material, startC));
  const ms = (share: number) => (heat / (powerW * duty * share)) * 1000;
  return { fastMs: ms(efficiency.high), slowMs: ms(efficiency.low) };
}
