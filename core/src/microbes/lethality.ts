import { toCelsius } from '../units';
import { integrate, type TemperatureHistory } from './history';

/** How heat kills: D at a reference temperature, and the kelvins that change it tenfold. */
export interface HeatResistance {
  readonly referenceC: number;
  /** Time for one log reduction at the reference, s. */
  readonly dReferenceS: number;
  readonly zK: number;
}

/** Meats: 6.5 log in 112 min at 130 °F, the longest row of the roast table; z 5.6 °C. */
export const IN_MEAT: HeatResistance = {
  referenceC: toCelsius({ value: 130, unit: 'F' }),
  dReferenceS: (112 * 60) / 6.5,
  zK: 5.6,
};
/** The 70 °C for 2 min family: 6 log; z 7.5 °C. */
export const SEVENTY_FOR_TWO: HeatResistance = { referenceC: 70, dReferenceS: 120 / 6, zK: 7.5 };

/** Nothing is credited below 130 °F. */
const CREDIT_FROM_C = toCelsius({ value: 130, unit: 'F' });
const MOST_SHOWN = 12;

/**
 * Log reduction over a history: ∫ dt / D(T), D(T) = D_ref · 10^((T_ref − T)/z). An illustration: the rules' own tables
 * decide.
 */
export function logReduction(
  history: TemperatureHistory,
  { referenceC, dReferenceS, zK }: HeatResistance,
): number {
  return integrate(history, (t) =>
    t < CREDIT_FROM_C ? 0 : 1 / (dReferenceS * 10 ** ((referenceC - t) / zK)),
  );
}

/** A log reduction in words; past a dozen the number means nothing. */
export const logWords = (log: number): string =>
  log > MOST_SHOWN ? `> ${MOST_SHOWN} log` : `${(Math.floor(log * 10) / 10).toFixed(1)} log`;
