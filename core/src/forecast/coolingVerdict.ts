import { coolingMs, type CoolingMark, type Rule, type RuleSet } from '../guidance';
import { crossingS, materialOfFood, type Series } from '../thermal';
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
    /** How long its air is warmer than the rule, ms. */
    readonly tooWarmMs: number;
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
  const clock = { from: firstMark.value.from, usual, slow };
  const marks = [
    markOf(firstMark, firstMark.value.withinMs, clock),
    markOf(secondMark, coolingMs(rules), clock),
  ];
  const depthM = depthIn(input.container, input.massKg / materialOfFood(input.food).densityKgM3, input.count);
  const tooDeep = depthM > toMetres(rules.cooling.depth.value.most);
  return {
    passes: worst(marks.map(({ passes }) => passes)),
    marks,
    depthM,
    tooDeep,
    // What gives its heat up fastest warms the refrigerator most.
    refrigerator: cabinetOf(fast, input, rules),
  };
}

/** Both marks count from when the food comes down to where the first begins. */
function markOf(
  rule: Rule<CoolingMark>,
  withinMs: number,
  { from, usual, slow }: { from: Temperature; usual: Series; slow: Series },
): MarkForecast {
  const { to } = rule.value;
  const due = (series: Series) => {
    const fromS = crossingS(series.timeS, series.coreC, toCelsius(from), false);
    return fromS === null ? null : { fromS, dueS: fromS + withinMs / SECOND_MS };
  };
  const met = (series: Series) => crossingS(series.timeS, series.coreC, toCelsius(to), false);
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

function cabinetOf({ timeS, airC, neighboursC }: Series, { neighbours = [] }: CoolingInput, rules: RuleSet) {
  const limit = toCelsius(rules.bands.refrigerator.value.at);
  let tooWarmS = 0;
  for (let i = 1; i < airC.length; i++) if (airC[i]! > limit) tooWarmS += timeS[i]! - timeS[i - 1]!;
  return {
    warmestC: Math.max(...airC),
    tooWarmMs: tooWarmS * SECOND_MS,
    neighbours: neighbours.map(({ name }, i) => ({ name, warmestC: Math.max(...neighboursC[i]!) })),
  };
}

/** A change to a plan, from the cheapest on. */
export interface CoolingChange {
  readonly what: 'openLid' | 'moreContainers' | 'iceBath' | 'metal' | 'stir';
  readonly words: string;
  readonly input: CoolingInput;
}

const ICE_BATH_S = 30 * 60;
const MOST_CONTAINERS = 16;

/** The cheapest change that makes a batch pass at the slow end, or null when none of them alone does. */
export function cheapestChange(input: CoolingInput, rules: RuleSet): CoolingChange | null {
  const found = changes(input).find((change) => {
    try {
      const slow = coolAt(change.input, 'low');
      const { passes, tooDeep } = coolingVerdict({ usual: slow, slow, fast: slow }, change.input, rules);
      return passes === 'passes' && !tooDeep;
    } catch (error) {
      if (error instanceof DoesNotFit) return false;
      throw error;
    }
  });
  return found ?? null;
}

function changes(input: CoolingInput): CoolingChange[] {
  const { count, container, lid, stays, stirred, food } = input;
  const more = Array.from({ length: Math.max(0, MOST_CONTAINERS - count) }, (_, i) => count + i + 1);
  const bath = stays[0]?.place === 'iceBath' ? [] : [{ place: 'iceBath', forS: ICE_BATH_S } as const];
  const metal = containerById(container.base.kind === 'round' ? 'metal-bowl' : 'metal-tray');
  const tubs = containerById('tub');
  return [
    ...(lid
      ? [
          {
            what: 'openLid' as const,
            words: 'Leave the lid off until it is cold.',
            input: { ...input, lid: false },
          },
        ]
      : []),
    ...(bath.length
      ? [
          {
            what: 'iceBath' as const,
            words: `Half an hour in ice water first${isThin(food) || stirred ? '' : ', stirring'}.`,
            input: { ...input, stirred: stirred || container.id === 'pot', stays: [...bath, ...stays] },
          },
        ]
      : []),
    ...(container.id === 'pot'
      ? more.map((n) => ({
          what: 'moreContainers' as const,
          words: `Into ${n} tubs, without lids until cold.`,
          input: { ...input, container: tubs, count: n, lid: false },
        }))
      : more.map((n) => ({
          what: 'moreContainers' as const,
          words: `Into ${n} of these, so that each is shallower, without lids until cold.`,
          input: { ...input, count: n, lid: false },
        }))),
    {
      what: 'metal' as const,
      words: `${metal.label} instead: metal passes heat on.`,
      input: { ...input, container: metal, lid: false },
    },
  ];
}
