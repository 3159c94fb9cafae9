import { foodById, type FormId } from '../foods';
import { coolingMs, rulesFor, type Guidance, type RuleSet } from '../guidance';
import { planMeal, waysToSave, type MealAnswer, type MealAsked, type WayToSave } from '../dishes';
import { growthAgainst, organisms } from '../microbes';
import { icyRescue, type IcyWay } from '../plan/icyRescue';
import type { OnProgress, Refrigerator, Series } from '../thermal';
import { toCelsius } from '../units';
import {
  coolingBand,
  coolingFrom,
  fitTo,
  USUAL_NEIGHBOURS,
  type CoolingBand,
  type CoolingInput,
} from '../forecast/cooling';
import {
  cheapestChange,
  coolingVerdict,
  type CoolingChange,
  type CoolingVerdict,
} from '../forecast/coolingVerdict';
import type { Factor } from '../forecast/factor';
import { roastForecast, type CoreReading, type RoastForecast } from '../forecast/roast';
import { thawBand, type ThawBand, type ThawPlace } from '../forecast/thaw';
import { runTrial, type Trial } from '../forecast/trial';
import type { Tweaks } from '../forecast/tweaks';

/** A food and how it lies, as a job names it. */
export interface Subject extends Tweaks {
  readonly foodKey: string;
  readonly form: FormId;
  readonly massKg: number;
  readonly thickestM?: number;
}

/** A cooling as a job names it: all plain values, so that it can be sent to a worker. */
export interface CoolingAsked extends Omit<CoolingInput, 'food' | 'fit'> {
  readonly foodKey: string;
  readonly refrigerator: Refrigerator;
  readonly reading?: CoreReading;
}

export interface CoolingAnswer {
  readonly band: CoolingBand;
  readonly verdict: CoolingVerdict;
  /** What a change has to make pass, from its reading on or from the start; null when it passes as it is. */
  readonly still: CoolingInput | null;
  /** Growth against a batch that just passes the marks; an illustration. */
  readonly growth: number | null;
  /** How many times the usual coefficients the reading speaks for; null without one. */
  readonly fit: Factor | null;
}

/** A trial with the name its curve goes by. */
export interface NamedTrial extends Trial {
  readonly label: string;
}

/** What can be computed away from the page. */
export interface Jobs {
  thaw: { asked: Subject & { readonly guidance: Guidance; readonly place: ThawPlace }; answer: ThawBand };
  icy: {
    asked: Subject & {
      readonly guidance: Guidance;
      readonly place: ThawPlace;
      /** How long it has been thawing. */
      readonly thawedForMs: number;
      readonly coreC: number;
      readonly serveAt: number;
      readonly cookSlowMs: number;
      readonly restMs: number;
      readonly now: number;
    };
    answer: readonly IcyWay[];
  };
  cooling: { asked: CoolingAsked & { readonly guidance: Guidance }; answer: CoolingAnswer };
  /** Apart from the cooling itself, since many are tried until one passes. Its answer is null when no single change does. */
  coolingChange: {
    asked: { readonly still: CoolingInput; readonly guidance: Guidance };
    answer: CoolingChange | null;
  };
  roast: {
    asked: Subject & {
      readonly ovenC: number;
      readonly fan: boolean;
      readonly startC: number;
      readonly targetC: number;
      readonly readings: readonly CoreReading[];
    };
    answer: RoastForecast;
  };
  trials: { asked: { readonly trials: readonly NamedTrial[] }; answer: readonly Series[] };
  meal: { asked: MealAsked; answer: MealAnswer };
  saveMeal: { asked: MealAsked; answer: readonly WayToSave[] };
}
export type JobKind = keyof Jobs;

const runners: {
  [Kind in JobKind]: (asked: Jobs[Kind]['asked'], onProgress?: OnProgress) => Jobs[Kind]['answer'];
} = {
  thaw: ({ foodKey, guidance, ...subject }, onProgress) => {
    const startC = toCelsius(rulesFor(guidance).bands.freezer.value.at);
    return thawBand({ ...subject, food: foodById(foodKey), startC }, onProgress);
  },

  icy: ({ foodKey, guidance, ...asked }) => {
    const rules = rulesFor(guidance);
    const freezerC = toCelsius(rules.bands.freezer.value.at);
    return icyRescue({ ...asked, food: foodById(foodKey), freezerC, rules });
  },

  cooling: ({ foodKey, guidance, reading, ...asked }, onProgress) => {
    const rules = rulesFor(guidance);
    const plain: CoolingInput = { neighbours: USUAL_NEIGHBOURS, ...asked, food: foodById(foodKey) };
    const fit = reading ? fitTo(plain, reading.atS, reading.coreC) : null;
    // A reading that nothing explains corrects nothing, narrows nothing, and makes nothing easier.
    const told = fit?.unmet === null ? { reading: reading!, fit: fit.times } : null;
    const input = told ? { ...plain, fit: told.fit } : plain;
    const band = coolingBand(input, onProgress);
    const verdict = coolingVerdict(band, input, rules);
    const settled = verdict.passes === 'passes' && !verdict.tooDeep;
    // Once it was read, only what can still be done helps.
    const left = told
      ? coolingFrom(input, told.reading.atS, told.reading.coreC, verdict.marks[0]!.fromS)
      : input;
    return {
      band,
      verdict,
      still: settled ? null : left,
      growth: growthAgainst(
        { timeS: band.slow.timeS, temperatureC: band.slow.warmestC },
        lawfulCooling(rules),
        organisms.perfringens,
      ),
      fit,
    };
  },

  coolingChange: ({ still, guidance }) => cheapestChange(still, rulesFor(guidance)),

  roast: ({ foodKey, readings, ...asked }, onProgress) =>
    roastForecast({ ...asked, food: foodById(foodKey) }, readings, onProgress),

  trials: ({ trials }, onProgress) =>
    trials.map((trial, i) =>
      runTrial(trial, onProgress && ((share) => onProgress((i + share) / trials.length))),
    ),

  meal: (asked, onProgress) => planMeal(asked, { onProgress }),

  saveMeal: (asked, onProgress) => waysToSave(asked, onProgress),
};

/** A batch that meets both cooling marks at the last moment, by straight lines. */
function lawfulCooling(rules: RuleSet) {
  const { firstMark, secondMark } = rules.cooling;
  const { from, to, withinMs } = firstMark.value;
  return {
    timeS: [0, withinMs / 1000, coolingMs(rules) / 1000],
    temperatureC: [toCelsius(from), toCelsius(to), toCelsius(secondMark.value.to)],
  };
}

/**
 * Does a job: the same in a worker of the page, on the server, and in tests.
 *
 * @throws ThermalProblem for input that makes no sense, ForecastCancelled when `onProgress` returns false
 */
export function runJob<Kind extends JobKind>(
  kind: Kind,
  asked: Jobs[Kind]['asked'],
  onProgress?: OnProgress,
): Jobs[Kind]['answer'] {
  return runners[kind](asked, onProgress);
}
