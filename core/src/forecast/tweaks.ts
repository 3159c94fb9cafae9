import type { Food } from '../foods';
import { mustBePositive } from '../thermal';
import type { Assumption } from './assumptions';

/** What a cook knows better than the usual: each changes one assumption of a forecast. */
export interface Tweaks {
  /** How many times the usual coefficient its surroundings have. */
  readonly hTimes?: number;
  /** Fat of this piece, g per 100 g, in place of water. */
  readonly fat?: number;
}

type Made = Pick<Food, 'composition' | 'freezingPointC'>;

/**
 * A food of another fatness: fat and water take each other's place.
 *
 * @throws CompositionProblem later, where that leaves less water than none
 */
export function withTweaks<Kind extends Made>(food: Kind, { fat }: Tweaks): Kind {
  if (fat === undefined) return food;
  const { composition } = food;
  return { ...food, composition: { ...composition, fat, water: composition.water + composition.fat - fat } };
}

/** @throws SizeProblem for a coefficient of nothing or less */
export const timesH = ({ hTimes = 1 }: Tweaks): number => mustBePositive('factor of a coefficient', hTimes);

/** What a forecast took a food to be made of. */
export function madeOf(food: Made, tweaks: Tweaks): Assumption {
  const { water, protein, fat } = withTweaks(food, tweaks).composition;
  return { what: 'Made of', value: `${water} % water, ${protein} % protein, ${fat} % fat` };
}
