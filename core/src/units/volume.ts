/** Litres in a US liquid quart, by definition. */
const LITRES_A_QUART = 0.946352946;

export type VolumeUnit = 'l' | 'qt';

/** @param litres volume in l */
export const fromLitres = (litres: number, unit: VolumeUnit): number =>
  unit === 'l' ? litres : litres / LITRES_A_QUART;

/** @returns volume in l */
export const toLitres = (value: number, unit: VolumeUnit): number =>
  unit === 'l' ? value : value * LITRES_A_QUART;
