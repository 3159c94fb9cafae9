import type { UnitSystem } from './unitSystem';

const FOOT_M = 0.3048;

/** What heights above the sea are told and typed in. */
export const altitudeUnitOf = ({ mass }: UnitSystem): 'm' | 'ft' => (mass === 'metric' ? 'm' : 'ft');

/** @returns a height above the sea as it was typed in the kitchen's units, m */
export const toAltitudeM = (typed: number, units: UnitSystem): number =>
  altitudeUnitOf(units) === 'm' ? typed : typed * FOOT_M;

/** @returns a height above the sea, m, as a whole number of the kitchen's units */
export const altitudeShown = (altitudeM: number, units: UnitSystem): string =>
  String(Math.round(altitudeUnitOf(units) === 'm' ? altitudeM : altitudeM / FOOT_M));
