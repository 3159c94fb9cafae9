import { AIR_MEAN_MS, coolingMs, type CoolingMark, type Rule, type RuleSet } from '../guidance';
import {
  crossingS,
  densityOfFood,
  trailingMean,
  USUAL_REFRIGERATOR,
  type Moment,
  type Series,
} from '../thermal';
import { SECOND_MS, toCelsius, toMetres, type Temperature } from '../units';
import { containerById, depthIn, DoesNotFit } from './containers';
import { coolAt, isThin, type CoolingBand, type CoolingInput } from './cooling';

/** What a forecast says of one cooling mark. */
export interface MarkForecast {
  readonly rule: Rule<CoolingMark>;
  /** When the middle leaves the hot side and the mark's clock starts, s from the heat; null while it is still hot. */
  readonly fromS: number | null;
  /** When it is due, s. */
  readonly dueS: number | null;
  /** When the middle gets there with the usual coefficients, and at the slow end, s; null: not within the forecast. */
  readonly usualS: number | null;
  readonly slowS: number | null;
  readonly passes: Passing;
}

/** `close`: it passes with the usual coefficients but not at the slow end of their range. */
export type Passing = 'passes' | 'close' | 'fails';

export interface CoolingVerdict {
  readonly passes: Passing;
  readonly marks: readonly MarkForecast[];
  readonly depthM: number;
  /** Whether it is deeper than the rule, which is then why the household's own chart says no. */
  readonly tooDeep: boolean;
  readonly refrigerator: {
    readonly warmestC: number;
    /** How long its air is warmer than the rule, by its mean over a thermostat's swing, ms. */
    readonly tooWarmMs: number;
    /** It is set warmer than the rule: whatever goes in, no food gets cold enough in it. */
    readonly setTooWarm: boolean;
    readonly neighbours: readonly { readonly name: string; readonly warmestC: number }[];
  };
}

const worse: Record<Passing, number> = { passes: 0, close: 1, fails: 2 };
const worst = (all: readonly Passing[]): Passing =>
  all.reduce((a, b) => (worse[b] > worse[a] ? b : a), 'passes');

/**
 * What a forecast of a batch says by the rules. A forecast never rules: at best it says that a reading will pass.
 */
export function coolingVerdict(
  { usual, slow, fast }: CoolingBand,
  input: CoolingInput,
  rules: RuleSet,
): CoolingVerdict {
  const { firstMark, secondMark } = rules.cooling;
  const clock = { from: firstMark.value.from, ranS: input.clockS ?? 0, usual, slow };
  const marks = [
    markOf(firstMark, firstMark.value.withinMs, clock),
    markOf(secondMark, coolingMs(rules), clock),
  ];
  const depthM = depthOf(input);
  return {
    passes: worst(marks.map(({ passes }) => passes)),
    marks,
    depthM,
    tooDeep: depthM > deepest(rules),
    // What gives its heat up fastest warms the refrigerator most.
    refrigerator: cabinetOf(fast, input, rules),
  };
}

const depthOf = ({ container, massKg, food, count }: CoolingInput): number =>
  depthIn(container, massKg / densityOfFood(food), count);

const deepest = (rules: RuleSet): number => toMetres(rules.cooling.depth.value.most);

/** Both marks count from when the food comes down to where the first begins, or came down before. */
function markOf(
  rule: Rule<CoolingMark>,
  withinMs: number,
  { from, ranS, usual, slow }: { from: Temperature; ranS: number; usual: Series; slow: Series },
): MarkForecast {
  const { to } = rule.value;
  const due = (series: Series) => {
    const fromS = crossingS(series.timeS, series.coreC, toCelsius(from), false);
    return fromS === null ? null : { fromS, dueS: fromS + withinMs / SECOND_MS - ranS };
  };
  const met = (series: Series) => coldForGoodS(series, toCelsius(to));
  const inTime = (series: Series) => {
    const [clock, at] = [due(series), met(series)];
    return clock !== null && at !== null && at <= clock.dueS;
  };
  const clock = due(usual);
  return {
    rule,
    fromS: clock?.fromS ?? null,
    dueS: clock?.dueS ?? null,
    usualS: met(usual),
    slowS: met(slow),
    passes: inTime(slow) ? 'passes' : inTime(usual) ? 'close' : 'fails',
  };
}

/**
 * From when on every point stays below a threshold, s; null where it does not. What is cold for a while and warms again, out
 * of ice water on a counter, was not cooled.
 */
function coldForGoodS({ timeS, warmestC }: Series, threshold: number): number | null {
  const last = warmestC.findLastIndex((t) => t > threshold);
  if (last < 0) return timeS[0]!;
  if (last === timeS.length - 1) return null;
  const [a, b] = [warmestC[last]!, warmestC[last + 1]!];
  return timeS[last]! + ((a - threshold) / (a - b)) * (timeS[last + 1]! - timeS[last]!);
}

const isSetTooWarm = ({ setC } = USUAL_REFRIGERATOR, { bands }: RuleSet): boolean =>
  setC > toCelsius(bands.refrigerator.value.at);

function cabinetOf(
  { timeS, airC, neighboursC }: Series,
  { neighbours = [], refrigerator }: CoolingInput,
  rules: RuleSet,
) {
  const limit = toCelsius(rules.bands.refrigerator.value.at);
  const meanC = trailingMean(timeS, airC, AIR_MEAN_MS / SECOND_MS);
  let tooWarmS = 0;
  for (let i = 1; i < meanC.length; i++) if (meanC[i]! > limit) tooWarmS += timeS[i]! - timeS[i - 1]!;
  return {
    warmestC: Math.max(...meanC),
    tooWarmMs: tooWarmS * SECOND_MS,
    setTooWarm: isSetTooWarm(refrigerator, rules),
    neighbours: neighbours.map(({ name }, i) => ({ name, warmestC: Math.max(...neighboursC[i]!) })),
  };
}

/** A change to a plan, from the cheapest on. */
export interface CoolingChange {
  readonly what: 'colderRefrigerator' | 'openLid' | 'moreContainers' | 'iceBath' | 'metal' | 'stir';
  readonly words: string;
  readonly input: CoolingInput;
}

const ICE_BATH_S = 30 * 60;
const MOST_CONTAINERS = 16;

/** The cheapest change that makes a batch pass at the slow end, or null when none of them alone does. */
export function cheapestChange(input: CoolingInput, rules: RuleSet): CoolingChange | null {
  for (const ways of changes(input, rules)) {
    const shallow = ways.filter((way) => depthOf(way.input) <= deepest(rules));
    const found = leastThat(shallow, (change) => helps(change, rules));
    if (found) return found;
  }
  return null;
}

function helps({ input }: CoolingChange, rules: RuleSet): boolean {
  try {
    const slow = coolAt(input, 'low', undefined, decided(input, rules));
    return coolingVerdict({ usual: slow, slow, fast: slow }, input, rules).passes === 'passes';
  } catch (error) {
    if (error instanceof DoesNotFit) return false;
    throw error;
  }
}

/**
 * Whether both marks are decided, so that nothing after it can change that a batch passes. Its clock is started by its warmest
 * point, which is never before the middle's: what is late by it is late.
 */
function decided({ stays, clockS: ranS = 0 }: CoolingInput, rules: RuleSet): (now: Moment) => boolean {
  const { from, to, withinMs } = rules.cooling.firstMark.value;
  const lastFromS = stays.slice(0, -1).reduce((sum, { forS }) => sum + forS, 0);
  let clockS: number | null = null;
  return ({ timeS, warmestC }) => {
    if (clockS === null && warmestC <= toCelsius(from)) clockS = timeS;
    if (clockS === null || timeS <= lastFromS) return false;
    const tooLate = (ms: number) => timeS > clockS! + ms / SECOND_MS - ranS;
    return tooLate(coolingMs(rules)) || (tooLate(withinMs) && warmestC > toCelsius(to));
  };
}

/**
 * The first of ways that help more and more for which `holds`, by longer and longer steps and then by halving, since it is
 * mostly near; null where not even the last does.
 */
function leastThat<Way>(ways: readonly Way[], holds: (way: Way) => boolean): Way | null {
  let [fails, passes] = [-1, 0];
  for (let step = 1; passes < ways.length && !holds(ways[passes]!); step *= 2) {
    fails = passes;
    passes = Math.max(fails + 1, Math.min(fails + step, ways.length - 1));
  }
  if (passes >= ways.length) return null;
  while (passes - fails > 1) {
    const middle = (fails + passes) >> 1;
    if (holds(ways[middle]!)) passes = middle;
    else fails = middle;
  }
  return ways[passes]!;
}

/** The changes there are, from the cheapest on; of those that differ in how much, from little to much. */
function changes(input: CoolingInput, rules: RuleSet): CoolingChange[][] {
  const { count, container, lid, stays, stirred, food, refrigerator } = input;
  const { setC } = USUAL_REFRIGERATOR;
  const more = Array.from({ length: Math.max(0, MOST_CONTAINERS - count) }, (_, i) => count + i + 1);
  const bath = stays[0]?.place === 'iceBath' ? [] : [{ place: 'iceBath', forS: ICE_BATH_S } as const];
  const metal = containerById(container.base.kind === 'round' ? 'metal-bowl' : 'metal-tray');
  const tubs = containerById('tub');
  const settings: CoolingChange[] =
    refrigerator && isSetTooWarm(refrigerator, rules)
      ? [
          {
            what: 'colderRefrigerator',
            words: 'Set the refrigerator colder: as warm as it is, nothing gets cold enough in it.',
            input: { ...input, refrigerator: { ...refrigerator, setC } },
          },
        ]
      : [];
  const lids: CoolingChange[] = lid
    ? [{ what: 'openLid', words: 'Leave the lid off until it is cold.', input: { ...input, lid: false } }]
    : [];
  const baths: CoolingChange[] = bath.map((first) => ({
    what: 'iceBath',
    words: `Half an hour in ice water first${isThin(food) || stirred ? '' : ', stirring'}.`,
    input: { ...input, stirred: stirred || container.id === 'pot', stays: [first, ...stays] },
  }));
  const several = more.map((n): CoolingChange =>
    container.id === 'pot'
      ? {
          what: 'moreContainers',
          words: `Into ${n} tubs, without lids until cold.`,
          input: { ...input, container: tubs, count: n, lid: false },
        }
      : {
          what: 'moreContainers',
          words: `Into ${n} of these, so that each is shallower, without lids until cold.`,
          input: { ...input, count: n, lid: false },
        },
  );
  const metals: CoolingChange[] = [
    {
      what: 'metal',
      words: `${metal.label} instead: metal passes heat on.`,
      input: { ...input, container: metal, lid: false },
    },
  ];
  return [settings, lids, baths, several, metals];
}
