import { DAY_MS, fahrenheit, HOUR_MS, MINUTE_MS, pounds } from '../../units';
import type { Draft, RuleSet } from '../schema';

export const thawing: Draft<RuleSet['thawing']> = {
  refrigerator: {
    title: 'Thawing in the refrigerator',
    value: {
      kind: 'thawRate',
      fast: { ms: 24 * HOUR_MS, mass: pounds(5), leastMs: 24 * HOUR_MS },
      slow: { ms: 24 * HOUR_MS, mass: pounds(4), leastMs: 24 * HOUR_MS },
    },
    source: 'big-thaw',
  },
  waterBird: {
    title: 'Thawing a whole bird in cold water',
    value: {
      kind: 'thawRate',
      fast: { ms: 30 * MINUTE_MS, mass: pounds(1), leastMs: HOUR_MS },
      slow: { ms: 30 * MINUTE_MS, mass: pounds(1), leastMs: HOUR_MS },
    },
    source: 'big-thaw',
    note: 'Leak-proof wrap, kept under, a sink of its own.',
  },
  waterPack: {
    title: 'Thawing a pack in cold water',
    value: {
      kind: 'thawRate',
      fast: { ms: 2 * HOUR_MS, mass: pounds(4), leastMs: HOUR_MS },
      slow: { ms: 45 * MINUTE_MS, mass: pounds(1), leastMs: HOUR_MS },
    },
    source: 'big-thaw',
    note: 'Up to 1 lb takes 1 h, 3–4 lb take 2–3 h: plan 45 min per lb. Leak-proof wrap, kept under.',
  },
  waterChange: {
    title: 'Change the water every',
    value: { kind: 'duration', limit: 'most', ms: 30 * MINUTE_MS },
    source: 'big-thaw',
    note: 'While changes are on time the minutes do not count as time in the growth band; from a missed change on, all do.',
  },
  waterTemperature: {
    title: 'Water for thawing',
    value: { kind: 'temperature', limit: 'most', at: fahrenheit(70) },
    source: 'food-code',
    note: 'Cold from the tap. The chart says cold and names no figure; this is the service code’s.',
  },
  waterMost: {
    title: 'In water for at most',
    value: { kind: 'duration', limit: 'most', ms: 12 * HOUR_MS },
    source: 'omtel',
    note: 'The chart names no limit. This is its largest bird, 24 lb at 30 min per lb.',
  },
  waterCounts: {
    title: 'Minutes in thawing water count as time in the growth band',
    value: { kind: 'binding', yes: false },
    source: 'big-thaw',
    note: 'Not while the changes of water are on time; from a missed one on, all do.',
  },
  waterRunning: {
    title: 'The water must be running',
    value: { kind: 'binding', yes: false },
    source: 'big-thaw',
    note: 'Still water is changed instead. Running water wants no changes.',
  },
  fromFrozen: {
    title: 'Cooking from frozen takes',
    value: { kind: 'factor', times: 1.5 },
    source: 'big-thaw',
    note: 'Not in a slow cooker.',
  },
  fromFrozenThin: {
    title: 'From frozen only what is small and thin',
    value: { kind: 'binding', yes: false },
    source: 'big-thaw',
  },
  soldStuffed: {
    title: 'Thawing a bird sold frozen and stuffed',
    value: { kind: 'allowed', yes: false, instead: 'cook it from frozen, by its label' },
    source: 'big-thaw',
  },
  withoutAir: {
    title: 'Thawing fish closed in a pack without air',
    value: {
      kind: 'allowed',
      yes: false,
      instead: 'open the pack before it thaws in the refrigerator, and before or at once after water',
    },
    source: 'food-code',
    note: 'Without air, bacteria that make a deadly poison can grow in the cold. The service code says so for all.',
  },
  onCounter: {
    title: 'Thawing on the counter or in hot water',
    value: {
      kind: 'allowed',
      yes: false,
      instead: 'refrigerator, cold water, microwave, or cook from frozen',
    },
    source: 'big-thaw',
  },
  cookAtOnce: {
    title: '“Cook at once” means within',
    value: { kind: 'duration', limit: 'most', ms: 30 * MINUTE_MS },
    source: 'omtel',
    note: 'After cold water or microwave. The advice names no minutes; this is the reading Omtel takes.',
  },
  thawedAbove: {
    title: 'Thawed: the centre above its freezing point by',
    value: { kind: 'tolerance', degrees: 0.5, unit: 'C' },
    source: 'omtel',
    note: 'About −1 °C for meat. Or: no ice felt when flexed.',
  },
};

export const afterThaw: Draft<RuleSet['afterThaw']> = {
  delicate: {
    title: 'After thawing: poultry, ground and stewing meat, fish',
    value: { kind: 'durations', lowMs: DAY_MS, highMs: 2 * DAY_MS },
    source: 'big-thaw',
  },
  redMeatCut: {
    title: 'After thawing: red-meat cuts',
    value: { kind: 'durations', lowMs: 3 * DAY_MS, highMs: 5 * DAY_MS },
    source: 'big-thaw',
  },
};

export const afterThawCooked: Draft<RuleSet['afterThawCooked']> = {
  title: 'After thawing: cooked food',
  value: {
    kind: 'durations',
    lowMs: 21 * DAY_MS,
    highMs: 28 * DAY_MS,
    said: 'the days it had left when frozen',
  },
  source: 'omtel',
  note: 'The chart sets no limit of its own. Its days go on where they stood when it was frozen; no row of the chart that freezes is longer than this.',
};

export const refreezing: Draft<RuleSet['refreezing']> = {
  afterRefrigerator: {
    title: 'Freezing again after the refrigerator',
    value: { kind: 'allowed', yes: true },
    source: 'big-thaw',
    note: 'Inside its days, with some loss of quality.',
  },
  afterWaterOrMicrowave: {
    title: 'Freezing again after cold water or microwave',
    value: { kind: 'allowed', yes: false, instead: 'cook it first' },
    source: 'big-thaw',
  },
};
