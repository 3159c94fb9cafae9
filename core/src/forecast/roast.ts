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
import { factorFor, type Factor, type Prior, type Unmet } from './factor';
import { bodyOf } from './geometry';
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
  /** What the readings say that no usual oven and joint explain: the probe, or what was typed, is to be looked at. */
  readonly unmet: Unmet | null;
}

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
/** Without a reading the oven's coefficient is known to this share; readings narrow it by what they tell … */
const UNKNOWN = 0.3;
/** … down to what a probe and an oven door leave open. */
const LEAST_UNKNOWN = 0.04;
/** Readings that leave no more than this of the doubt there was have told something. */
const TOLD = 0.9;
/** Ovens and joints are so many times as slow or lively as usual, and no more. */
const FACTORS: Prior = { least: 0.3, most: 3, spread: UNKNOWN };

const RESTING = {
  open: { untilS: Infinity, rest: { temperatureC: KITCHEN_C, h: media.roomAir.high, ...MOIST } },
  tented: { untilS: Infinity, rest: TENT },
} as const satisfies Record<string, Segment>;

/** How long a roast is followed: to its target, for so long, or out of the oven then and past its peak. */
type Followed =
  | { readonly to: 'target' }
  | { readonly forS: number }
  | { readonly outS: number; readonly rest: keyof typeof RESTING };

function roastAt(input: RoastInput, times: number, followed: Followed, onProgress?: OnProgress): Series {
  const { form, massKg, thickestM, ovenC, fan, startC, targetC } = input;
  const material = materialOfFood(withTweaks(input.food, input));
  const h = (fan ? media.fanOven : media.stillOven).usual * timesH(input) * times;
  const oven: Segment = { untilS: Infinity, rest: { temperatureC: ovenC, h, ...MOIST } };
  const common = {
    material,
    shape: bodyOf(form, massKg / material.densityKgM3, thickestM),
    startC,
    segments: [oven],
  };
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
  const { times, doubt, unmet } = readings.length ? factorOf(input, readings) : UNREAD;
  const unknown = Math.max(LEAST_UNKNOWN, UNKNOWN * doubt);
  const toTarget = (factor: number) => roastAt(input, factor, { to: 'target' }, onProgress);
  const usual = toTarget(times);
  const fast = toTarget(times * (1 + unknown));
  const slow = toTarget(times / (1 + unknown));
  return {
    span: { fastMs: doneS(fast, input) * SECOND_MS, slowMs: doneS(slow, input) * SECOND_MS },
    usual,
    fast,
    slow,
    carryOver: carryOver(input, times, Math.max(1, doneS(usual, input))),
    told: doubt < TOLD,
    unmet,
  };
}

function carryOver(input: RoastInput, times: number, outS: number): CarryOver {
  const open = roastAt(input, times, { outS, rest: 'open' });
  const tented = roastAt(input, times, { outS, rest: 'tented' });
  const peakOf = ({ timeS, coldestC, evaporatedKg }: Series) => {
    const peakC = Math.max(...coldestC);
    return { riseK: peakC - valueAt(timeS, coldestC, outS), lostKg: evaporatedKg[coldestC.indexOf(peakC)]! };
  };
  const [low, high] = [peakOf(open), peakOf(tented)];
  return { lowK: low.riseK, highK: Math.max(low.riseK, high.riseK), lostShare: low.lostKg / input.massKg };
}

const UNREAD: Factor = { times: 1, doubt: 1, unmet: null };

function factorOf(input: RoastInput, readings: readonly CoreReading[]): Factor {
  const forS = Math.max(1, readings.at(-1)!.atS);
  return factorFor((times) => {
    const { timeS, coreC } = roastAt(input, times, { forS });
    return readings.map((reading) => valueAt(timeS, coreC, reading.atS) - reading.coreC);
  }, FACTORS);
}
