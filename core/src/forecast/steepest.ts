import type { FormId } from '../foods';
import { usualThickness } from './geometry';

/** Of moist food, about water's own, m²/s. */
const DIFFUSIVITY = 1.4e-7;
/** The middle of a ball, the quickest of all shapes, warms at most so many times α·ΔT/R² (series solution, its surface at once hot). */
const BALL = 5.9;
/** An oven about its food at the start, and water about ice, K. */
const WARMER_K = 200;

/**
 * How fast the middle of a food can warm or cool at the very most, K/s: a ball as thick as its usual thickest part, its surface at the
 * oven's heat at once. What moves faster is no food.
 *
 * @param massKg weight, kg
 */
export function steepestRise(form: FormId, massKg: number): number {
  const radiusM = usualThickness(form, massKg / 1000) / 2;
  return (BALL * DIFFUSIVITY * WARMER_K) / radiusM ** 2;
}
