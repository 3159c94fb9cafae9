import { formatTemperature } from '../units';
import { fromTo, KitchenProblem, someMass, someWater, within } from './problem';

/** Heat a kilogram of ice takes to melt, and one of water to warm by a kelvin, kJ/kg and kJ/(kg·K). */
const [MELTING, WATER] = [333.6, 4.186];
/** The pot, the air and what is left of the ice when the food is cold want half as much again. */
const BESIDES = 1.5;

/** A pot in a bath: food and bath water, kg and °C. No food holds more heat than water does, and it is reckoned as water. */
export interface IceBath {
  readonly foodKg: number;
  readonly fromC: number;
  readonly waterKg: number;
  readonly waterC: number;
}

const MOST_KG = 60;

/**
 * How much ice a pot of food wants: m·(L + c·T) = c·m_food·(T₀ − T) + c·m_water·(T_w − T), all of it at one temperature in the end.
 *
 * @param toC how cold the food is to be, °C
 * @returns kg: what melts in any case, and what to have; both nothing where the water alone is enough
 * @throws KitchenProblem
 * @example iceFor({ foodKg: 4, fromC: 60, waterKg: 4, waterC: 15 }, 21) // { meltsKg: 1.3, haveKg: 2.0 }
 */
export function iceFor(bath: IceBath, toC: number): { readonly meltsKg: number; readonly haveKg: number } {
  check(bath);
  if (!(toC >= 1 && toC < bath.fromC))
    throw new KitchenProblem(
      (units) => `Colder than it is, and not below ${formatTemperature({ value: 1, unit: 'C' }, units)}.`,
      'to',
    );
  const heat = WATER * (bath.foodKg * (bath.fromC - toC) + bath.waterKg * (bath.waterC - toC));
  const meltsKg = Math.max(0, heat) / (MELTING + WATER * toC);
  return { meltsKg, haveKg: BESIDES * meltsKg };
}

/**
 * How cold so much ice makes it once it has melted, °C: the other way about; 0 °C where some is left.
 *
 * @param meltsKg kg
 * @throws KitchenProblem
 */
export function cooledTo(bath: IceBath, meltsKg: number): number {
  check(bath);
  const { foodKg, fromC, waterKg, waterC } = bath;
  const heat = WATER * (foodKg * fromC + waterKg * waterC) - MELTING * meltsKg;
  return Math.max(0, heat / (WATER * (foodKg + waterKg + meltsKg)));
}

function check({ foodKg, fromC, waterKg, waterC }: IceBath): void {
  someMass(foodKg, MOST_KG, 'food');
  someWater(waterKg, MOST_KG);
  within(fromC, 0, 100, fromTo(0, 100), 'from');
  if (waterC !== 0) within(waterC, 0, 60, fromTo(0, 60), 'tap');
}
