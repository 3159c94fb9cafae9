import { riskIds } from '../foods/categories';
import { compareTemperatures, DAY_MS, toKilograms, toMetres, type Temperature } from '../units';
import type { CookTarget, RuleValue, ThawRate } from './schema';

type Kind = RuleValue['kind'];
type Of<K extends Kind> = Extract<RuleValue, { kind: K }>;
type Stricter<K extends Kind> = (a: Of<K>, b: Of<K>) => Of<K>;

/**
 * The stricter of two values of one rule, or what is at least as strict as both where neither is.
 *
 * @throws TypeError for values of two kinds
 */
export function stricter<Value extends RuleValue>(a: Value, b: Value): Value {
  if (a.kind !== b.kind) throw new TypeError(`A ${a.kind} cannot be held against a ${b.kind}.`);
  return (BY_KIND[a.kind] as Stricter<Kind>)(a, b) as Value;
}

/** What is a matter of quality or of words has no stricter side: the first stands. */
const first = <Value>(a: Value): Value => a;

const BY_KIND: { [K in Kind]: Stricter<K> } = {
  temperature: (a, b) => ({ ...a, at: a.limit === 'least' ? hotter(a.at, b.at) : colder(a.at, b.at) }),
  band: (a, b) => ({ ...a, low: colder(a.low, b.low), high: hotter(a.high, b.high) }),
  duration: (a, b) => ({ ...a, ms: a.limit === 'least' ? Math.max(a.ms, b.ms) : Math.min(a.ms, b.ms) }),
  durations: (a, b) => {
    const days = Math.min(a.calendarDays ?? Infinity, b.calendarDays ?? Infinity);
    const highMs = Math.min(a.highMs, b.highMs);
    // Calendar days that can end no sooner say nothing any more.
    const counts = (days - 1) * DAY_MS < highMs;
    const said = (a.highMs <= b.highMs ? a : b).said;
    return {
      kind: a.kind,
      lowMs: Math.min(a.lowMs, b.lowMs, highMs),
      highMs,
      ...(counts && { calendarDays: days }),
      ...(said !== undefined && { said }),
    };
  },
  months: first,
  // The slowest thaw to plan with, the fastest for the clock after it.
  thawRate: (a, b) => ({ ...a, fast: faster(a.fast, b.fast), slow: slower(a.slow, b.slow) }),
  cookTarget: bothTargets,
  roastTable: first,
  // The shorter time, to the colder of both; of equals the one whose clock starts hotter, and so earlier.
  coolingMark: (a, b) => {
    const tight =
      a.withinMs === b.withinMs
        ? hotter(a.from, b.from) === a.from
          ? a
          : b
        : a.withinMs < b.withinMs
          ? a
          : b;
    return { ...tight, to: colder(a.to, b.to) };
  },
  ovens: (a, b) => ({
    kind: a.kind,
    // What the lighter joint wants is the hotter of both rows; it holds for all below the heavier bound.
    heavyFrom: toKilograms(a.heavyFrom) >= toKilograms(b.heavyFrom) ? a.heavyFrom : b.heavyFrom,
    light: hotterOven(a.light, b.light),
    heavy: hotterOven(a.heavy, b.heavy),
  }),
  massOver: (a, b) => (toKilograms(a.mass) <= toKilograms(b.mass) ? a : b),
  clearance: (a, b) => (toMetres(a.least) >= toMetres(b.least) ? a : b),
  depth: (a, b) => (toMetres(a.most) <= toMetres(b.most) ? a : b),
  factor: (a, b) => (a.times >= b.times ? a : b),
  count: (a, b) => (a.most <= b.most ? a : b),
  allowed: (a, b) => (a.yes ? b : a),
  binding: (a, b) => (a.yes ? a : b),
  chillAgain: (a, b) => ({
    ...a,
    ms: Math.min(a.ms, b.ms),
    inclusive: a.ms === b.ms ? a.inclusive && b.inclusive : (a.ms < b.ms ? a : b).inclusive,
    served: a.served && b.served,
  }),
  avoided: (a, b) => ({
    ...a,
    risks: riskIds.filter((risk) => a.risks.includes(risk) || b.risks.includes(risk)),
  }),
  strength: first,
  strengthFrom: first,
  percents: first,
  masses: first,
  tolerance: (a, b) => (a.degrees <= b.degrees ? a : b),
  order: first,
};

const hotter = (a: Temperature, b: Temperature): Temperature => (compareTemperatures(a, b) >= 0 ? a : b);
const colder = (a: Temperature, b: Temperature): Temperature => (compareTemperatures(a, b) <= 0 ? a : b);

type Oven = Of<'ovens'>['light'];
const hotterOven = (a: Oven, b: Oven): Oven => ({
  still: hotter(a.still, b.still),
  fan: hotter(a.fan, b.fan),
});

type Pace = ThawRate['slow'];
const msPerKg = ({ ms, mass }: Pace): number => ms / toKilograms(mass);
const faster = (a: Pace, b: Pace): Pace => ({
  ...(msPerKg(a) <= msPerKg(b) ? a : b),
  leastMs: Math.min(a.leastMs, b.leastMs),
});
const slower = (a: Pace, b: Pace): Pace => ({
  ...(msPerKg(a) >= msPerKg(b) ? a : b),
  leastMs: Math.max(a.leastMs, b.leastMs),
});

type Option = CookTarget['options'][number];

/** Every pair of options joined to what meets both, less what another one makes needless; the quickest first. */
function bothTargets(a: CookTarget, b: CookTarget): CookTarget {
  const joined = a.options.flatMap((one) =>
    b.options.map((other): Option => ({
      at: hotter(one.at, other.at),
      heldMs: Math.max(one.heldMs, other.heldMs),
    })),
  );
  const needed = joined.filter(
    (option, i) =>
      !joined.some((other, j) => j !== i && meets(option, other) && (!meets(other, option) || j < i)),
  );
  return {
    kind: 'cookTarget',
    options: needed.sort((one, other) => one.heldMs - other.heldMs),
    restMs: Math.max(a.restMs, b.restMs),
    // A sign serves only where both allow one.
    ...(a.sign && b.sign && { sign: a.sign }),
  };
}

/** Food that meets one option meets the other too: as hot, as long. */
const meets = (option: Option, other: Option): boolean =>
  compareTemperatures(option.at, other.at) >= 0 && option.heldMs >= other.heldMs;
