/** Litres in a US liquid quart, by definition. */
const LITRES_A_QUART = 0.946352946;

export type VolumeUnit = 'l' | 'qt';

/** What things are measured out in; spoons, cups and gallons are the US ones. */
export type MeasureUnit = 'ml' | 'l' | 'tsp' | 'tbsp' | 'cup' | 'fl oz' | 'qt' | 'gal';

/** Litres in one; of the US measures by their share of a quart. */
const LITRES: Record<MeasureUnit, number> = {
  ml: 0.001,
  l: 1,
  tsp: LITRES_A_QUART / 192,
  tbsp: LITRES_A_QUART / 64,
  'fl oz': LITRES_A_QUART / 32,
  cup: LITRES_A_QUART / 4,
  qt: LITRES_A_QUART,
  gal: LITRES_A_QUART * 4,
};

/** @param litres volume in l */
export const fromLitres = (litres: number, unit: MeasureUnit): number => litres / LITRES[unit];

/** @returns volume in l */
export const toLitres = (value: number, unit: MeasureUnit): number => value * LITRES[unit];
