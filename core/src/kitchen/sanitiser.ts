import type { RuleSet } from '../guidance';
import { KitchenProblem } from './problem';

/** One hundredth is ten thousand millionths. */
const PPM_A_PERCENT = 10_000;
/** Stronger is no bleach for a household, and not to be handled in a kitchen. */
export const STRONGEST_PERCENT = 15;

/** Bleach and water, in one unit of volume; `percent` is what the bottle says, null where nobody knows. */
export interface Mix {
  readonly percent: number | null;
  readonly bleach: number;
  readonly water: number;
}

/**
 * What a mix is fit for. `tooWeak`: it does not sanitise. `surfaces`: what food touches, air-dried. `rinse`: too strong for that
 * unless it is rinsed off. `disinfects`: for floors and bins, never for what food touches. `cannotTell`: it depends on the bottle.
 */
export type Fit = 'tooWeak' | 'surfaces' | 'rinse' | 'disinfects' | 'cannotTell';

export interface Mixed {
  /** Chlorine, mg in a litre; from the weakest to the strongest bottle it may have come from. */
  readonly ppm: Range;
  readonly fit: Fit;
}

export interface Range {
  readonly from: number;
  readonly to: number;
}

/** The strengths a bottle may have. */
function bottles({ percent }: Pick<Mix, 'percent'>, rules: RuleSet): Range {
  if (percent === null) {
    const { low, high } = rules.keepingApart.bleach.value;
    return { from: low, to: high };
  }
  if (!(percent > 0 && percent <= STRONGEST_PERCENT))
    throw new KitchenProblem(`Bleach for a household has more than 0 and at most ${STRONGEST_PERCENT} %.`);
  return { from: percent, to: percent };
}

const strengthOf = (percent: number, bleach: number, water: number): number =>
  (percent * PPM_A_PERCENT * bleach) / (bleach + water);

/**
 * How strong a mix is and what it is fit for. Compared unrounded; both limits of what food touches are in it.
 * ppm = bleach % × 10 000 × V_bleach / (V_bleach + V_water).
 *
 * @throws KitchenProblem where one of the volumes is less than nothing, both are nothing, or it is no bleach
 * @example mixed({ percent: 5.25, bleach: 1, water: 256 }, rules) // { ppm: { from: 204.3, to: 204.3 }, fit: 'rinse' }
 */
export function mixed(mix: Mix, rules: RuleSet): Mixed {
  const { bleach, water } = mix;
  if (!(bleach >= 0 && water >= 0 && bleach + water > 0) || !Number.isFinite(bleach + water))
    throw new KitchenProblem('How much bleach, and how much water?');
  const { from, to } = bottles(mix, rules);
  const ppm = { from: strengthOf(from, bleach, water), to: strengthOf(to, bleach, water) };
  const [least, most] = [fitOf(ppm.from, rules), fitOf(ppm.to, rules)];
  return { ppm, fit: least === most ? least : 'cannotTell' };
}

function fitOf(ppm: number, { keepingApart: { sanitiser, disinfecting } }: RuleSet): Fit {
  if (ppm < sanitiser.value.lowPpm) return 'tooWeak';
  if (ppm <= sanitiser.value.highPpm) return 'surfaces';
  return ppm < disinfecting.value.ppm ? 'rinse' : 'disinfects';
}

/**
 * How much bleach makes of so much water what food may touch, whatever the bottle may be.
 *
 * @param water in any unit
 * @returns in the same unit; null where no one measure serves
 * @throws KitchenProblem where it is no bleach, or no water
 */
export function bleachFor(water: number, percent: number | null, rules: RuleSet): Range | null {
  const ratio = ratioFor(percent, rules);
  refuseNothing(water);
  return ratio && { from: water * ratio.from, to: water * ratio.to };
}

/**
 * How much water makes of so much bleach what food may touch: the other way about.
 *
 * @param bleach in any unit
 * @returns in the same unit; null where no one measure serves
 * @throws KitchenProblem where it is no bleach
 */
export function waterFor(bleach: number, percent: number | null, rules: RuleSet): Range | null {
  const ratio = ratioFor(percent, rules);
  refuseNothing(bleach);
  return ratio && { from: bleach / ratio.to, to: bleach / ratio.from };
}

function refuseNothing(volume: number): void {
  if (!(volume > 0) || !Number.isFinite(volume)) throw new KitchenProblem('More than nothing.');
}

/** Parts of bleach to one of water: from what sanitises out of the weakest bottle to what need not be rinsed out of the strongest. */
function ratioFor(percent: number | null, rules: RuleSet): Range | null {
  const { lowPpm, highPpm } = rules.keepingApart.sanitiser.value;
  const { from, to } = bottles({ percent }, rules);
  const ratio = (ppm: number, bottle: number) => ppm / (bottle * PPM_A_PERCENT - ppm);
  // A bottle hardly stronger than the mix is no bottle to mix from.
  if (from * PPM_A_PERCENT <= highPpm) return null;
  const found = { from: ratio(lowPpm, from), to: ratio(highPpm, to) };
  return found.from <= found.to ? found : null;
}

/**
 * A strength in whole ppm, which never rounds across a limit: what is too strong is not shown as just right.
 *
 * @example ppmWords(200.3, rules) // '201'
 */
export function ppmWords(ppm: number, rules: RuleSet): string {
  const fit = fitOf(ppm, rules);
  const nearest = Math.round(ppm);
  if (fitOf(nearest, rules) === fit) return String(nearest);
  return String(nearest > ppm ? Math.floor(ppm) : Math.ceil(ppm));
}
