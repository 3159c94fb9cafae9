import { boilingPointC, kitchensLie, pressureAt } from '../thermometers';
import { KitchenProblem } from './problem';

/** Where a kitchen is, by its height above the sea in m, or what a barometer shows there in Pa. */
export type Place = { readonly altitudeM: number } | { readonly pressurePa: number };

/**
 * At which temperature water boils there, °C.
 *
 * @throws KitchenProblem where nobody cooks
 */
export function boilingAt(place: Place): number {
  const high = 'altitudeM' in place;
  try {
    return boilingPointC(high ? pressureAt(place.altitudeM) : place.pressurePa);
  } catch (error) {
    if (error instanceof RangeError) throw new KitchenProblem(high ? kitchensLie : error.message, 'place');
    throw error;
  }
}
