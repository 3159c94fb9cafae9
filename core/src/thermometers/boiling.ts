import { altitudeShown, altitudeUnitOf, type UnitSystem } from '../units';

/** The sea-level pressure, temperature and lapse of the standard atmosphere (ISO 2533), Pa, K and K/m; and g·M/(R·L). */
const [SEA_PA, SEA_K, LAPSE_K_M, EXPONENT] = [101_325, 288.15, 0.0065, 5.25588];
/** Below the Dead Sea nobody cooks, nor above the highest village. */
export const [LOWEST_M, HIGHEST_M] = [-430, 5500];
/** What a barometer shows where people live, Pa. */
export const [LEAST_PA, MOST_PA] = [48_000, 108_500];

/** Between which heights a kitchen lies, as a sentence for whoever typed another. */
export const kitchensLie = (units: UnitSystem): string =>
  `From ${altitudeShown(LOWEST_M, units)} to ${altitudeShown(HIGHEST_M, units)} ${altitudeUnitOf(units)} above the sea.`;

/**
 * Air pressure by the barometric formula.
 *
 * @param altitudeM above the sea, m
 * @returns Pa; the weather moves it by some 3 %, and the boiling point by up to 1 °C
 * @throws RangeError where nobody cooks
 */
export function pressureAt(altitudeM: number): number {
  if (!(altitudeM >= LOWEST_M && altitudeM <= HIGHEST_M))
    throw new RangeError(kitchensLie({ temperature: 'C', mass: 'metric' }));
  return SEA_PA * (1 - (LAPSE_K_M * altitudeM) / SEA_K) ** EXPONENT;
}

/** Antoine's coefficients of water from 1 to 100 °C, for mmHg and °C; within 0.1 °C of IAPWS-IF97 where people cook. */
const [A, B, C, PA_MMHG] = [8.07131, 1730.63, 233.426, 133.322];

/**
 * At which temperature water boils (Antoine's equation).
 *
 * @param pressurePa of the air, Pa
 * @returns °C
 * @throws RangeError where no barometer of a kitchen stands
 */
export function boilingPointC(pressurePa: number): number {
  if (!(pressurePa >= LEAST_PA && pressurePa <= MOST_PA))
    throw new RangeError(`From ${LEAST_PA / 100} to ${MOST_PA / 100} hPa.`);
  return B / (A - Math.log10(pressurePa / PA_MMHG)) - C;
}
