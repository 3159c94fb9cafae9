import type { RuleSet } from '../guidance';
import { formatLength, toCelsius, toMetres, type UnitSystem } from '../units';
import { KitchenProblem, within } from './problem';

/** A round pot, inside, m. */
export interface FryingPot {
  readonly diameterM: number;
  readonly heightM: number;
}

/** Meat and a whole bird are a little heavier than water, kg/m³. */
const DENSITY = 1050;
/** How much a vegetable oil swells with each kelvin, and how warm it stands on a shelf. */
const [SWELLS_PER_K, SHELF_C] = [0.00075, 20];
const LITRES_A_M3 = 1000;

export interface OilMark {
  /** How high the cold oil may stand above the bottom before anything is in it, m. Never rounded up. */
  readonly markM: number;
  readonly oilLitres: number;
  /** How far the food lifts it, m. */
  readonly riseM: number;
}

/** How far food of a weight lifts what is in a pot, m: V = m/ρ over the pot's area. */
export const riseOf = (massKg: number, pot: FryingPot): number => massKg / DENSITY / areaOf(pot);

/** What food weighs that lifts water in a pot so far, kg: the other way about. */
export const massOfRise = (riseM: number, pot: FryingPot): number => riseM * areaOf(pot) * DENSITY;

/**
 * How much oil a pot takes so that its rim stays free once the oil is hot and the food is in it: (height − rim − rise) over what
 * oil swells by from the shelf to its hottest.
 *
 * @param riseM how far the food lifts it, measured with water or worked out by `riseOf`, m
 * @throws KitchenProblem where the pot is too small for the food
 */
export function oilMark(pot: FryingPot, riseM: number, { frying }: RuleSet): OilMark {
  checkPot(pot);
  within(riseM, 0, pot.heightM, 'It does not go into this pot.', 'food');
  const hottestC = toCelsius(frying.oil.value.at);
  const room = pot.heightM - toMetres(frying.rim.value.least) - riseM;
  const markM = room / (1 + SWELLS_PER_K * (hottestC - SHELF_C));
  if (!(markM > 0))
    throw new KitchenProblem('This pot is too small for it: there is no room for oil.', 'food');
  return { markM, oilLitres: markM * areaOf(pot) * LITRES_A_M3, riseM };
}

/** No pot is smaller, or larger, m. */
const [SMALLEST_M, LARGEST_M] = [0.1, 1];

const potsAre = (units: UnitSystem, word: string): string =>
  `A pot is more than ${formatLength(SMALLEST_M, units)} and at most ${formatLength(LARGEST_M, units)} ${word}.`;

function checkPot({ diameterM, heightM }: FryingPot): void {
  for (const [lengthM, of, word] of [
    [diameterM, 'width', 'across'],
    [heightM, 'height', 'high'],
  ] as const)
    within(lengthM, SMALLEST_M, LARGEST_M, (units) => potsAre(units, word), of);
}

const areaOf = ({ diameterM }: FryingPot): number => (Math.PI * diameterM ** 2) / 4;
