import { z } from 'zod';
import { riskIds } from '../foods/categories';

/**
 * The few shapes a rule's value can take. Every value keeps the unit its source states, so nothing is lost by rounding,
 * and every one can be put into words by `describeValue`.
 */
const temperature = z.object({ value: z.number(), unit: z.enum(['C', 'F']) });
const mass = z.object({ value: z.number().positive(), unit: z.enum(['kg', 'g', 'lb', 'oz']) });
const length = z.object({ value: z.number().positive(), unit: z.enum(['cm', 'in', 'm']) });
const ms = z.number().int().positive();

/** A temperature to reach (`least`), not to pass (`most`). */
export const temperatureLimit = z.object({
  kind: z.literal('temperature'),
  limit: z.enum(['least', 'most']),
  at: temperature,
  /** What the source says in place of a figure. */
  said: z.string().optional(),
});

export const temperatureBand = z.object({ kind: z.literal('band'), low: temperature, high: temperature });

/** A time to take (`least`), not to pass (`most`). */
export const duration = z.object({ kind: z.literal('duration'), limit: z.enum(['least', 'most']), ms });

/**
 * `low` is "aim by", `high` the deadline. Where calendar days are given the time also ends with that local day, the first
 * counting as day 1.
 */
export const durationRange = z
  .object({
    kind: z.literal('durations'),
    lowMs: ms,
    highMs: ms,
    calendarDays: z.number().int().positive().optional(),
    /** What is said in place of figures that only bound what other rules leave. */
    said: z.string().optional(),
  })
  .refine(({ lowMs, highMs }) => lowMs <= highMs, { message: 'low must not pass high' });

/** Months of quality in the freezer; null where freezing spoils the food. */
export const freezerMonths = z.object({
  kind: z.literal('months'),
  range: z.object({ low: z.number().positive(), high: z.number().positive() }).nullable(),
});

/** Time for a weight, proportional, never under the least; no least where the source gives none. */
const pace = z.object({ ms, mass, leastMs: z.number().int().min(0) });
export const thawRate = z.object({ kind: z.literal('thawRate'), fast: pace, slow: pace });

/** Any one of the options will do: reach the temperature and hold it; then let it rest. */
export const cookTarget = z.object({
  kind: z.literal('cookTarget'),
  options: z.array(z.object({ at: temperature, heldMs: z.number().int().min(0) })).min(1),
  restMs: z.number().int().min(0),
  /** A sign that serves instead of a probe, where the source allows one. */
  sign: z.string().optional(),
});

/** A row of a roasting chart: minutes in all, per pound, or for pieces of usual size. */
const roastRow = z.object({
  fromLb: z.number().min(0),
  toLb: z.number().positive(),
  per: z.enum(['whole', 'lb', 'piece']),
  /** What a piece weighs, where the chart says so. */
  pieceLb: z.number().positive().optional(),
  lowMin: z.number().positive(),
  highMin: z.number().positive(),
});
export const roastTable = z.object({
  kind: z.literal('roastTable'),
  oven: temperature,
  rows: z.array(roastRow).min(1),
});

/** Food at or below `from` reaches `to` within the time. */
export const coolingMark = z.object({
  kind: z.literal('coolingMark'),
  from: temperature,
  to: temperature,
  withinMs: ms,
});

/** The ovens a table of held temperatures holds in: at least so hot, without and with a fan, by the weight of the joint. */
export const ovens = z.object({
  kind: z.literal('ovens'),
  heavyFrom: mass,
  light: z.object({ still: temperature, fan: temperature }),
  heavy: z.object({ still: temperature, fan: temperature }),
});

/** Applies to what weighs more. */
export const massOver = z.object({ kind: z.literal('massOver'), mass });

/** How far something stays away, at the least. */
export const clearance = z.object({ kind: z.literal('clearance'), least: length });
export const depthLimit = z.object({ kind: z.literal('depth'), most: length });
export const factor = z.object({ kind: z.literal('factor'), times: z.number().positive() });
export const count = z.object({ kind: z.literal('count'), most: z.number().int().min(0), of: z.string() });
export const allowed = z.object({
  kind: z.literal('allowed'),
  yes: z.boolean(),
  instead: z.string().optional(),
});
/** Whether something counts against the food, or rules on it, under a school. */
export const binding = z.object({ kind: z.literal('binding'), yes: z.boolean() });

/**
 * Until when food that stood in the growth band may go back into the cold: up to the limit itself where `inclusive`.
 * Past it, it is used or thrown away. `served`: whether cold food that was put out to eat may go back at all.
 */
export const chillAgain = z.object({
  kind: z.literal('chillAgain'),
  ms,
  inclusive: z.boolean(),
  served: z.boolean(),
});

/** What is not eaten at all, by the risks a food carries. */
export const avoided = z.object({ kind: z.literal('avoided'), risks: z.array(z.enum(riskIds)) });
export const strength = z.object({ kind: z.literal('strength'), lowPpm: z.number(), highPpm: z.number() });
/** What is stronger is for something else. */
export const strengthFrom = z.object({ kind: z.literal('strengthFrom'), ppm: z.number().positive() });
/** Hundredths of a weight or volume. */
export const percents = z.object({
  kind: z.literal('percents'),
  low: z.number().positive(),
  high: z.number().positive(),
});
export const massRange = z.object({ kind: z.literal('masses'), low: mass, high: mass });
export const tolerance = z.object({
  kind: z.literal('tolerance'),
  degrees: z.number().positive(),
  unit: z.enum(['C', 'F']),
});
export const order = z.object({ kind: z.literal('order'), topToBottom: z.array(z.string()).min(2) });

export const ruleValue = z.union([
  temperatureLimit,
  temperatureBand,
  duration,
  durationRange,
  freezerMonths,
  thawRate,
  cookTarget,
  roastTable,
  coolingMark,
  ovens,
  massOver,
  depthLimit,
  clearance,
  factor,
  count,
  allowed,
  binding,
  chillAgain,
  avoided,
  strength,
  strengthFrom,
  percents,
  massRange,
  tolerance,
  order,
]);

export type RuleValue = z.infer<typeof ruleValue>;
export type Ovens = z.infer<typeof ovens>;
export type CookTarget = z.infer<typeof cookTarget>;
export type RoastTable = z.infer<typeof roastTable>;
export type ThawRate = z.infer<typeof thawRate>;
export type DurationRange = z.infer<typeof durationRange>;
export type CoolingMark = z.infer<typeof coolingMark>;
