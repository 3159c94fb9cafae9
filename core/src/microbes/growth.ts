import { integrate, type TemperatureHistory } from './history';
import type { Organism } from './organisms';

/**
 * Growth rate relative to the optimum, by the cardinal temperature model with inflection (Rosso, Lobry, Bajard &
 * Flandrois 1993):
 * μ = (T−T_max)(T−T_min)² / {(T_opt−T_min)[(T_opt−T_min)(T−T_opt) − (T_opt−T_max)(T_opt+T_min−2T)]} between T_min and
 * T_max, else 0.
 */
export function relativeRate({ minC, optC, maxC }: Organism, t: number): number {
  if (t <= minC || t >= maxC) return 0;
  const below = optC - minC;
  return (
    ((t - maxC) * (t - minC) ** 2) / (below * (below * (t - optC) - (optC - maxC) * (optC + minC - 2 * t)))
  );
}

/** Doublings over a history, without lag: never fewer than there can have been. */
export function doublings(history: TemperatureHistory, organism: Organism): number {
  const atBestS = organism.doublingMin * 60;
  return integrate(history, (t) => relativeRate(organism, t) / atBestS);
}

/**
 * Growth over a history against that over one which just meets a rule. Without lag even a lawful cooling shows growth,
 * so the bare number is never shown: this is. An illustration, not a ruling.
 *
 * @returns 1 for as much as the lawful one; null where that one allows no growth at all
 */
export function growthAgainst(
  history: TemperatureHistory,
  lawful: TemperatureHistory,
  organism: Organism,
): number | null {
  const allowed = doublings(lawful, organism);
  return allowed > 0 ? doublings(history, organism) / allowed : null;
}
