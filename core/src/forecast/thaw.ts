import type { Food, FormId } from '../foods';
import type { Span } from '../guidance';
import {
  crossingS,
  forecast,
  densityOfFood,
  materialOfFood,
  SizeProblem,
  ThermalProblem,
  throughWall,
  type OnProgress,
  type Segment,
  type Series,
} from '../thermal';
import { formatLength, formatTemperature, SECOND_MS, type UnitSystem } from '../units';
import { proportionsSpread, THAW_SURROUNDINGS, TOLERANCE, WRAP, type Assumption } from './assumptions';
import { bodyOf, usualThickness } from './geometry';
import { madeOf, timesH, withTweaks, type Tweaks } from './tweaks';

/** Methods whose thaw heat transfer tells; a microwave's is an energy balance of its own. */
export type ThawPlace = keyof typeof THAW_SURROUNDINGS;

export interface ThawInput extends Tweaks {
  readonly food: Pick<Food, 'composition' | 'freezingPointC'>;
  readonly form: FormId;
  readonly massKg: number;
  readonly place: ThawPlace;
  /** The thickest part as measured, m; the band is narrower for it. */
  readonly thickestM?: number;
  readonly startC: number;
}

/** A thaw from its fast to its slow end. */
export interface ThawBand extends Span {
  readonly fast: Series;
  readonly slow: Series;
}

/** A thickness is measured to about this share. */
const MEASURED = 0.03;
/** "Thawed": the core this far above the initial freezing point. */
const THAWED_ABOVE_K = 0.5;
/** No thaw is followed longer than this: nothing a household freezes takes so long. */
const LONGEST_S = 365 * 24 * 3600;

/** A thaw that does not come to its end. */
export class NeverThaws extends ThermalProblem {}

/** The temperature of the core at which the model calls a food thawed, °C. */
export const thawedAtC = ({ freezingPointC }: Pick<Food, 'freezingPointC'>): number =>
  freezingPointC + THAWED_ABOVE_K;

type Pace = 'fast' | 'slow';

/** One end of the band: fast is thin in a lively surrounding, slow is thick in a sluggish one. */
function thawAt(input: ThawInput, pace: Pace, change: Change | null, onProgress?: OnProgress): Series {
  const { form, massKg, place, thickestM, startC } = input;
  const food = withTweaks(input.food, input);
  const material = materialOfFood(food);
  const towards = pace === 'fast' ? -1 : 1;
  const volume = ((1 + towards * TOLERANCE) * massKg) / material.densityKgM3;
  const spread = thickestM === undefined ? proportionsSpread(form) : MEASURED;
  const thickness = (thickestM ?? usualThickness(form, volume)) * (1 + towards * spread);
  const segments: Segment[] = change
    ? [{ ...surroundings(place, pace, input), untilS: change.atS }, surroundings(change.to, pace, input)]
    : [surroundings(place, pace, input)];
  const goal = thawedAtC(food);
  const shape = bodyOf(form, volume, thickness);
  return forecast(
    {
      material,
      shape,
      startC,
      segments,
      untilS: LONGEST_S,
      until: ({ coldestC }) => coldestC > goal,
    },
    onProgress,
  );
}

interface Change {
  readonly atS: number;
  readonly to: ThawPlace;
}

function surroundings(place: ThawPlace, pace: Pace, tweaks: Tweaks): Segment {
  const { temperatureC, coefficient, wrapped } = THAW_SURROUNDINGS[place];
  const h = timesH(tweaks) * (pace === 'fast' ? coefficient.high : coefficient.low);
  return {
    untilS: Infinity,
    rest: { temperatureC, h: wrapped ? throughWall(h, WRAP.thicknessM, WRAP.conductivity) : h },
  };
}

/** When every point of a series is thawed, s. */
function thawedS({ timeS, coldestC }: Series, food: ThawInput['food']): number {
  const thawed = crossingS(timeS, coldestC, thawedAtC(food), true);
  if (thawed === null) throw new NeverThaws('It does not thaw there within a year.', timeS.at(-1)!);
  return thawed;
}

function spanBetween(aS: number, bS: number): Span {
  return { fastMs: Math.min(aS, bS) * SECOND_MS, slowMs: Math.max(aS, bS) * SECOND_MS };
}

/**
 * How long a frozen food takes to thaw, from heat transfer: a band from the range of the coefficient and of the food's
 * proportions. It informs a plan and may lengthen it; it never shortens what a rule asks.
 *
 * @throws SizeProblem, StartProblem, NeverThaws
 */
export function thawBand(input: ThawInput, onProgress?: OnProgress): ThawBand {
  const fast = thawAt(input, 'fast', null, onProgress && ((share) => onProgress(share / 2)));
  const slow = thawAt(input, 'slow', null, onProgress && ((share) => onProgress(0.5 + share / 2)));
  return { ...spanBetween(thawedS(fast, input.food), thawedS(slow, input.food)), fast, slow };
}

/**
 * How much longer a thaw takes from where it is: the centre reads so much, and the food goes on where it lies or moves
 * elsewhere. The food is run from frozen until its core reads the same, then on.
 *
 * @param coreC what the centre reads now, °C
 * @param to where it is from now on
 * @throws SizeProblem when the centre reads colder than the food started
 */
export function thawLeft(input: ThawInput, coreC: number, to: ThawPlace): Span {
  const goal = thawedAtC(input.food);
  if (coreC >= goal) return { fastMs: 0, slowMs: 0 };
  if (coreC < input.startC)
    throw new SizeProblem(`The centre cannot read ${coreC} °C, colder than the freezer.`, coreC);
  const left = (pace: Pace): number => {
    const soFar = thawAt(input, pace, null);
    const atS = Math.max(1, crossingS(soFar.timeS, soFar.coreC, coreC, true) ?? 1);
    const staying = Math.max(0, thawedS(soFar, input.food) - atS);
    if (to === input.place) return staying;
    const moving = Math.max(0, thawedS(thawAt(input, pace, { atS, to }), input.food) - atS);
    // Nearly thawed the two are as far apart as steps are exact: water is never slower than air.
    return to === 'coldWater' ? Math.min(moving, staying) : Math.max(moving, staying);
  };
  return spanBetween(left('fast'), left('slow'));
}

/** What a thaw forecast took for granted. */
export function thawAssumptions(input: ThawInput, units: UnitSystem): Assumption[] {
  const { form, massKg, place, thickestM } = input;
  const food = withTweaks(input.food, input);
  const volume = massKg / densityOfFood(food);
  const { temperatureC, coefficient } = THAW_SURROUNDINGS[place];
  const times = timesH(input);
  return [
    {
      what: 'Thickest part',
      value: `${formatLength(thickestM ?? usualThickness(form, volume), units)}${thickestM === undefined ? ', usual for its weight' : ', as measured'}`,
    },
    {
      what: 'Around it',
      value: `${formatTemperature({ value: temperatureC, unit: 'C' }, units)}, h ${coefficient.low * times}–${coefficient.high * times} W/m²K`,
    },
    madeOf(input.food, input),
  ];
}
