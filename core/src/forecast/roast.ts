import type { Food, FormId } from '../foods';
import type { Span } from '../guidance';
import {
  crossingS,
  forecast,
  materialOfFood,
  media,
  ThermalProblem,
  valueAt,
  type OnProgress,
  type Segment,
  type Series,
} from '../thermal';
import { SECOND_MS } from '../units';
import { fitOf, unread, type Prior, type Unmet } from './factor';
import { bodyOf, usualThickness } from './geometry';
import { timesH, withTweaks, type Tweaks } from './tweaks';

/** A joint in the oven. */
export interface RoastInput extends Tweaks {
  readonly food: Pick<Food, 'composition' | 'freezingPointC'>;
  readonly form: FormId;
  readonly massKg: number;
  readonly thickestM?: number;
  readonly ovenC: number;
  readonly fan: boolean;
  readonly startC: number;
  readonly targetC: number;
}

/** A core reading since the joint went in. */
export interface CoreReading {
  readonly atS: number;
  readonly coreC: number;
}

/** How far a core may still rise while it rests, and why it is known no better. */
export interface CarryOver {
  /** Resting in the open, its surface wet, in a lively kitchen, K. */
  readonly lowK: number;
  /** Resting under a tent of foil, which keeps it warm, K. */
  readonly highK: number;
  /** Water lost to evaporation until its peak, a share of its weight: a check of sense, next to what a cook weighs. */
  readonly lostShare: number;
}

export interface RoastForecast {
  /** From going in to the target. */
  readonly span: Span;
  readonly usual: Series;
  readonly fast: Series;
  readonly slow: Series;
  /** Nobody has measured it here: it is shown as a band, and no plan counts on it. */
  readonly carryOver: CarryOver;
  /** Whether the readings tell anything of when it is done; before its middle moves they do not. */
  readonly told: boolean;
  /**
   * As in an oven of about so many °C, where the readings leave little doubt that it takes longer than usual: the oven is cooler than it
   * shows, or its door was left open. Null where they do not.
   */
  readonly asInC: number | null;
  /** What the readings say that no usual oven and joint explain: the probe, or what was typed, is to be looked at. */
  readonly unmet: Unmet | null;
}

const TIP_AT = 3;

/** A target an oven of a temperature never brings a joint to. */
export class NeverReached extends ThermalProblem {}

const LONGEST_S = 72 * 3600;
/** The peak of the largest joints comes within this time. */
const REST_S = 3 * 3600;
const KITCHEN_C = 21;
/** A joint steams like any moist solid, assumed, and dries to 1/e with so much water lost, set by the roasting charts. */
const MOIST = { wetness: 0.5, driesKgM2: 0.25, airFromC: KITCHEN_C };
/** Air under a tent of foil, and what little moves in it. */
const TENT = { temperatureC: 60, h: media.underLid.low };
/** Ovens, joints and how wet these are: so many times as usual, and no more; a thickness somebody measured is known better. */
const OVEN: Prior = { least: 0.3, most: 3, spread: 0.2 };
const THICK: Prior = { least: 0.6, most: 1.6, spread: 0.1 };
const MEASURED: Prior = { ...THICK, spread: 0.04 };
const WET: Prior = { least: 0.4, most: 2, spread: 0.25 };
/** A band holds what it is of nine times of ten. */
const NINE_OF_TEN = 1.64;
/** What no factor says, a door that was opened; of the time that is still to come. */
const UNSAID = 0.03;
/** Readings that leave no more than this of the doubt there was have told something. */
const TOLD = 0.9;

/** By the logarithm of its factor, how far the tip lies from the middle to where it is as warm as the mean; never the other way. */
const TIP: Prior = { least: 1, most: Math.exp(0.6), spread: 0.15 };

/** How a roast differs from a usual one: its oven, its thickness, how wet it is; and where the tip of the probe lies in it. */
type Factors = readonly number[];
const priorsFor = ({ thickestM }: RoastInput): readonly Prior[] => [
  OVEN,
  thickestM === undefined ? THICK : MEASURED,
  WET,
  TIP,
];

const RESTING = {
  open: { untilS: Infinity, rest: { temperatureC: KITCHEN_C, h: media.roomAir.high, ...MOIST } },
  tented: { untilS: Infinity, rest: TENT },
} as const satisfies Record<string, Segment>;

/** How long a roast is followed: to its target, for so long, or out of the oven then and past its peak. */
type Followed =
  | { readonly to: 'target' }
  | { readonly forS: number }
  | { readonly outS: number; readonly rest: keyof typeof RESTING };

function roastAt(input: RoastInput, factors: Factors, followed: Followed, onProgress?: OnProgress): Series {
  const { form, massKg, thickestM, ovenC, fan, startC, targetC } = input;
  const [timesOven, timesThick, timesWet] = factors as [number, number, number];
  const material = materialOfFood(withTweaks(input.food, input));
  const volumeM3 = massKg / material.densityKgM3;
  const h = (fan ? media.fanOven : media.stillOven).usual * timesH(input) * timesOven;
  const moist = {
    ...MOIST,
    wetness: Math.min(1, MOIST.wetness * timesWet),
    driesKgM2: MOIST.driesKgM2 * timesWet,
  };
  const oven: Segment = { untilS: Infinity, rest: { temperatureC: ovenC, h, ...moist } };
  const thick = timesThick === 1 ? thickestM : timesThick * (thickestM ?? usualThickness(form, volumeM3));
  const common = { material, shape: bodyOf(form, volumeM3, thick), startC, segments: [oven] };
  if ('forS' in followed) return forecast({ ...common, untilS: followed.forS });
  if ('to' in followed)
    return forecast(
      { ...common, untilS: LONGEST_S, until: ({ coldestC }) => coldestC > targetC },
      onProgress,
    );
  const { outS, rest } = followed;
  return forecast({
    ...common,
    segments: [{ ...oven, untilS: outS }, RESTING[rest]],
    untilS: outS + REST_S,
  });
}

/** When every point of a joint is at its target, s. */
function doneS({ timeS, coldestC }: Series, { targetC }: RoastInput): number {
  const done = crossingS(timeS, coldestC, targetC, true);
  if (done === null) throw new NeverReached('The oven is too cool ever to bring it to its target.', targetC);
  return done;
}

/**
 * When a joint gets to its target, with a band that narrows as readings come in, and how far it rises at rest. It
 * informs; only a reading says that the target is met.
 *
 * @param readings core readings since it went in, in order of time
 * @throws NeverReached when the oven is too cool for the target
 */
export function roastForecast(
  input: RoastInput,
  readings: readonly CoreReading[] = [],
  onProgress?: OnProgress,
): RoastForecast {
  const priors = priorsFor(input);
  const { factors, covariance, unmet } = readings.length ? fitTo(input, readings, priors) : unread(priors);
  const toTarget = (each: Factors) => roastAt(input, each, { to: 'target' }, onProgress);
  const usual = toTarget(factors);
  const usualS = doneS(usual, input);
  // By how much longer it takes, as a share, for each factor that is a little larger.
  const slopes = factors.map((factor, i) => {
    const moved = toTarget(factors.map((each, j) => (i === j ? factor * (1 + TRIED) : each)));
    return usualS > 0 ? (doneS(moved, input) / usualS - 1) / TRIED : 0;
  });
  const { toSlow, doubt } = towardsSlow(slopes, covariance);
  const before = towardsSlow(slopes, unread(priors).covariance).doubt;
  const coming = usualS > 0 ? Math.max(0, 1 - (readings.at(-1)?.atS ?? 0) / usualS) : 0;
  const beyond = doubt > 0 ? 1 + (UNSAID * coming) / doubt : 1;
  const end = (way: number) =>
    toTarget(
      factors.map((factor, i) => {
        const { least, most } = priors[i]!;
        return Math.min(most, Math.max(least, factor * Math.exp(way * NINE_OF_TEN * beyond * toSlow[i]!)));
      }),
    );
  const [fast, slow] = [end(-1), end(1)];
  const told = doubt < TOLD * before;
  return {
    span: { fastMs: doneS(fast, input) * SECOND_MS, slowMs: doneS(slow, input) * SECOND_MS },
    usual,
    fast,
    slow,
    carryOver: carryOver(input, factors, Math.max(1, usualS)),
    told,
    asInC: told && unmet === null ? asInCooler(input, usualS, doneS(fast, input)) : null,
    unmet,
  };
}

/** A factor's effect is tried by so much. */
const TRIED = 0.02;
/** And that of a cooler oven, K. */
const COOLER_K = 10;

/** How hot a usual oven would be that takes as long, °C; null where what is usual lies within the band. */
function asInCooler(input: RoastInput, usualS: number, fastS: number): number | null {
  const usual = priorsFor(input).map(() => 1);
  const inOven = (ovenC: number) => doneS(roastAt({ ...input, ovenC }, usual, { to: 'target' }), input);
  const shownS = inOven(input.ovenC);
  if (fastS <= shownS || input.ovenC - COOLER_K <= input.targetC + COOLER_K) return null;
  // A time of heating goes about as one over how much hotter the oven is than the food.
  const share = (inOven(input.ovenC - COOLER_K) / shownS - 1) / COOLER_K;
  const asInC = input.ovenC - (1 - shownS / usualS) / share;
  return Math.max(input.targetC, asInC);
}

/** The likeliest way to be slower, by one standard deviation of the time, in logarithms of factors; and that deviation, a share. */
function towardsSlow(
  slopes: readonly number[],
  covariance: readonly (readonly number[])[],
): { readonly toSlow: readonly number[]; readonly doubt: number } {
  const along = covariance.map((row) => row.reduce((sum, each, j) => sum + each * slopes[j]!, 0));
  const doubt = Math.sqrt(along.reduce((sum, each, i) => sum + each * slopes[i]!, 0));
  // Done already it takes no longer for anything.
  return { toSlow: along.map((each) => (doubt > 0 ? each / doubt : 0)), doubt };
}

function carryOver(input: RoastInput, factors: Factors, outS: number): CarryOver {
  const open = roastAt(input, factors, { outS, rest: 'open' });
  const tented = roastAt(input, factors, { outS, rest: 'tented' });
  const peakOf = ({ timeS, coldestC, evaporatedKg }: Series) => {
    const peakC = Math.max(...coldestC);
    return { riseK: peakC - valueAt(timeS, coldestC, outS), lostKg: evaporatedKg[coldestC.indexOf(peakC)]! };
  };
  const [low, high] = [peakOf(open), peakOf(tented)];
  return { lowK: low.riseK, highK: Math.max(low.riseK, high.riseK), lostShare: low.lostKg / input.massKg };
}

function fitTo(input: RoastInput, readings: readonly CoreReading[], priors: readonly Prior[]) {
  const forS = Math.max(1, readings.at(-1)!.atS);
  return fitOf((factors) => {
    const { timeS, coreC, meanC } = roastAt(input, factors, { forS });
    const off = Math.log(factors[TIP_AT]!);
    const tipC = coreC.map((core, i) => core + off * (meanC[i]! - core));
    return readings.map((reading) => valueAt(timeS, tipC, reading.atS) - reading.coreC);
  }, priors);
}
