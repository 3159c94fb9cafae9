import type { Food, FormId } from '../foods';
import type { Span } from '../guidance';
import {
  crossingS,
  forecast,
  materialOfFood,
  media,
  valueAt,
  type OnProgress,
  type Segment,
  type Series,
} from '../thermal';
import { SECOND_MS } from '../units';
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

export interface RoastForecast {
  /** From going in to the target. */
  readonly span: Span;
  readonly usual: Series;
  readonly fast: Series;
  readonly slow: Series;
  /** How far the core still rises while it rests, K. */
  readonly carryOverK: number;
}

const LONGEST_S = 16 * 3600;
const REST_S = 40 * 60;
/** What evaporation leaves of an oven's coefficient, calibrated on the roasting charts after the dimensions. */
const LEFT_BY_EVAPORATION = 0.8;
const KITCHEN_C = 21;
/** A roast that rests steams like any moist solid. */
const RESTING_WETNESS = 0.5;
/** Without a reading the oven's coefficient is known to this share; each reading halves what is not known … */
const UNKNOWN = 0.3;
/** … down to what a probe and an oven door leave open. */
const LEAST_UNKNOWN = 0.04;

function roastAt(input: RoastInput, times: number, restAtS: number | null, onProgress?: OnProgress): Series {
  const { form, massKg, thickestM, ovenC, fan, startC, targetC } = input;
  const material = materialOfFood(withTweaks(input.food, input));
  const h = (fan ? media.fanOven : media.stillOven).usual * LEFT_BY_EVAPORATION * timesH(input) * times;
  const oven: Segment = { untilS: restAtS ?? Infinity, rest: { temperatureC: ovenC, h } };
  const rest: Segment = {
    untilS: Infinity,
    rest: { temperatureC: KITCHEN_C, h: media.roomAir.usual, wetness: RESTING_WETNESS },
  };
  return forecast(
    {
      material,
      shape: bodyOf(form, massKg / material.densityKgM3, thickestM),
      startC,
      segments: restAtS === null ? [oven] : [oven, rest],
      untilS: restAtS === null ? LONGEST_S : restAtS + REST_S,
      resolution: 'coarse',
      until: restAtS === null ? ({ coreC }) => coreC > targetC : undefined,
    },
    onProgress,
  );
}

/**
 * When a joint gets to its target, with a band that narrows as readings come in, and how far it rises at rest. It
 * informs; only a reading says that the target is met.
 *
 * @param readings core readings so far, in order of time
 */
export function roastForecast(
  input: RoastInput,
  readings: readonly CoreReading[] = [],
  onProgress?: OnProgress,
): RoastForecast {
  const usable = readings.filter(({ atS, coreC }) => atS > 0 && coreC > input.startC && coreC < input.ovenC);
  const times = usable.length ? fitted(input, usable) : 1;
  const unknown = Math.max(LEAST_UNKNOWN, UNKNOWN / 2 ** usable.length);
  const usual = roastAt(input, times, null, onProgress);
  const fast = roastAt(input, times * (1 + unknown), null);
  const slow = roastAt(input, times / (1 + unknown), null);
  const doneS = (series: Series) => crossingS(series.timeS, series.coreC, input.targetC, true) ?? LONGEST_S;
  const resting = roastAt(input, times, doneS(usual));
  return {
    span: { fastMs: doneS(fast) * SECOND_MS, slowMs: doneS(slow) * SECOND_MS },
    usual,
    fast,
    slow,
    carryOverK: Math.max(0, Math.max(...resting.coreC) - input.targetC),
  };
}

/** How many times the usual coefficient the readings speak for: least squares, by golden sections. */
function fitted(input: RoastInput, readings: readonly CoreReading[]): number {
  const misfit = (log: number): number => {
    const { timeS, coreC } = roastAt({ ...input, targetC: input.ovenC }, Math.exp(log), readings.at(-1)!.atS);
    return readings.reduce(
      (sum, reading) => sum + (valueAt(timeS, coreC, reading.atS) - reading.coreC) ** 2,
      0,
    );
  };
  const golden = (Math.sqrt(5) - 1) / 2;
  let [low, high] = [Math.log(0.3), Math.log(3)];
  for (let i = 0; i < 14; i++) {
    const reach = golden * (high - low);
    if (misfit(high - reach) < misfit(low + reach)) high = low + reach;
    else low = high - reach;
  }
  return Math.exp((low + high) / 2);
}
