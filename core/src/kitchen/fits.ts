import { longestM } from '../forecast';
import type { Food, FormId } from '../foods';
import { densityOfFood } from '../thermal';

/** How much room so much of a food takes, by its mass in kg; never less for more. */
export interface RoomTaken {
  /** How long a whole piece is at its longest, m: what oven and tin must take. Null for what is spread out or poured in. */
  readonly longM: ((massKg: number) => number) | null;
  /** The pot a soup or a whole piece is cooked in, l. Null for what is cooked in a pan. */
  readonly potLitres: ((massKg: number) => number) | null;
  /** What of a refrigerator it takes while it thaws or waits there, l. */
  readonly coldLitres: (massKg: number) => number;
}

/** Forms that are one thing, which goes in whole or not at all. */
const WHOLE: readonly FormId[] = ['wholeBird', 'halfBird', 'boneInJoint', 'bonelessJoint', 'wholeFish'];
/** What of a pot stays free, so that nothing boils over. */
const POT_FREE = 0.2;
/** A kilogram of food on its tray, with air about it, takes so many litres of a refrigerator. */
const COLD_LITRES_A_KG = 2;
const LITRES_A_M3 = 1000;

/** The room a food in one form takes in oven, tin, pot and refrigerator, as forms are remembered: nobody measured this one. */
export function roomFor(food: Food, form: FormId): RoomTaken {
  const densityKgM3 = densityOfFood(food);
  const isWhole = WHOLE.includes(form);
  return {
    longM: isWhole ? (massKg) => longestM(form, massKg / densityKgM3) : null,
    potLitres:
      isWhole || form === 'liquid' ? (massKg) => (LITRES_A_M3 * massKg) / densityKgM3 / (1 - POT_FREE) : null,
    coldLitres: (massKg) => COLD_LITRES_A_KG * massKg,
  };
}

/** Nothing heavier is looked for, and so closely: what a shop weighs, kg. */
const [HEAVIEST_KG, STEP_KG] = [100, 0.05];

/**
 * The heaviest that goes into the room there is: the other way about, rounded down.
 *
 * @param taken one of `roomFor`
 * @param room how much there is, m or l
 * @returns kg; Infinity where the heaviest looked for goes in
 */
export function heaviestIn(taken: (massKg: number) => number, room: number): number {
  const fits = (steps: number) => taken(steps * STEP_KG) <= room;
  let [low, high] = [0, HEAVIEST_KG / STEP_KG];
  if (fits(high)) return Infinity;
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (fits(middle)) low = middle;
    else high = middle;
  }
  return low * STEP_KG;
}
