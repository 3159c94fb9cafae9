import { fahrenheit, HOUR_MS } from '../../units';
import type { Draft, RuleSet } from '../schema';

export const bands: Draft<RuleSet['bands']> = {
  growth: {
    title: 'Growth band',
    value: { kind: 'band', low: fahrenheit(40), high: fahrenheit(140) },
    source: 'danger-zone',
  },
  refrigerator: {
    title: 'Refrigerator temperature',
    value: { kind: 'temperature', limit: 'most', at: fahrenheit(40) },
    source: 'cold-storage',
  },
  freezer: {
    title: 'Freezer temperature',
    value: { kind: 'temperature', limit: 'most', at: fahrenheit(0) },
    source: 'cold-storage',
  },
  hotHolding: {
    title: 'Holding hot food',
    value: { kind: 'temperature', limit: 'least', at: fahrenheit(140) },
    source: 'danger-zone',
  },
};

export const holding: Draft<RuleSet['holding']> = {
  hotCheck: {
    title: 'Check hot food every',
    value: { kind: 'duration', limit: 'most', ms: 2 * HOUR_MS },
    source: 'service',
    note: 'In two places, stirred, covered, with the equipment heated beforehand.',
  },
  coldCheck: {
    title: 'Check cold food every',
    value: { kind: 'duration', limit: 'most', ms: 4 * HOUR_MS },
    source: 'service',
    note: 'Cold before it goes on ice; ice level with the food.',
  },
};

export const bandTime: Draft<RuleSet['bandTime']> = {
  limit: {
    title: 'Time in the growth band, in all',
    value: { kind: 'duration', limit: 'most', ms: 2 * HOUR_MS },
    source: 'danger-zone',
    note: 'It adds up over counter, car, preparation and table; heating again does not buy it back.',
  },
  chillAgain: {
    title: 'Back into the cold',
    value: { kind: 'chillAgain', ms: 2 * HOUR_MS, inclusive: true, served: true },
    source: 'danger-zone',
    note: 'The same limit: past it the food is thrown away, not chilled.',
  },
  warmAir: {
    title: 'Air that does not count as warm',
    value: { kind: 'temperature', limit: 'most', at: fahrenheit(90) },
    source: 'danger-zone',
  },
  warmAirFactor: {
    title: 'A minute in warm air counts',
    value: { kind: 'factor', times: 2 },
    source: 'danger-zone',
    note: 'One hour in warm air is the same as two in cooler air. Air nobody measured in a car or outdoors is taken for warm in the warm months.',
  },
  insulatedBag: {
    title: 'An insulated bag adds',
    value: { kind: 'duration', limit: 'most', ms: 2 * HOUR_MS },
    source: 'omtel',
    note: 'With two frozen packs or more, and only if the food reads cold when it comes home.',
  },
  infantMilk: {
    title: 'Milk for an infant, out of the cold',
    value: { kind: 'duration', limit: 'most', ms: 2 * HOUR_MS },
    source: 'higher-risk',
    note: 'Formula within 2 h of mixing. Milk of one’s own is often given longer; Omtel keeps one limit for both. What an infant leaves is thrown away.',
  },
};
