/** Gas constant of water vapour, J/(kg·K). */
const R_VAPOUR = 461.5;
/** Air at room temperature: density kg/m³ times specific heat J/(kg·K). */
const AIR_HEAT_CAPACITY = 1.2 * 1006;
/** Lewis number of water vapour in air, to the power ⅔. */
const LEWIS = 0.87 ** (2 / 3);
/** Of a coefficient in still air about half is radiation, which carries no vapour; assumed, to the slow side. */
export const CONVECTIVE_SHARE = 0.5;
/** Relative humidity of a kitchen's and a refrigerator's air. */
export const USUAL_HUMIDITY = 0.6;
/** Above this water boils and the formula ends. */
const BOILING_C = 100;

/** Density of saturated vapour, kg/m³, by the Magnus formula: p = 611.2·exp(17.62 T/(243.12 + T)) Pa. */
export function saturatedVapour(temperatureC: number): number {
  const t = Math.min(BOILING_C, temperatureC);
  return (611.2 * Math.exp((17.62 * t) / (243.12 + t))) / (R_VAPOUR * (t + 273.15));
}

/** Latent heat of vaporisation, J/kg, at a temperature in °C; straight between its values at 0 and 100 °C. */
export const latentHeat = (t: number): number => 2.501e6 - 2.36e3 * t;

/**
 * Heat carried off by vapour from a wet surface, W/m²: q = w·h_m·L_v(T_s)·(ρ_v,sat(T_s) − φ ρ_v,sat(T_air)), with
 * h_m = h_conv/(ρ_air c_air Le^⅔). Never below 0: dew is not counted as heating.
 *
 * @param h coefficient of the face, W/(m²·K)
 * @param wetness w, 0 to 1
 * @param surfaceC T_s, °C
 * @param airC T_air, °C, of the air that takes the vapour up
 */
export function evaporation(h: number, wetness: number, surfaceC: number, airC: number): number {
  if (wetness === 0) return 0;
  const massTransfer = (CONVECTIVE_SHARE * h) / (AIR_HEAT_CAPACITY * LEWIS);
  const excess = saturatedVapour(surfaceC) - USUAL_HUMIDITY * saturatedVapour(airC);
  return Math.max(0, wetness * massTransfer * latentHeat(surfaceC) * excess);
}
