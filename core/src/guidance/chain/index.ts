import { celsius, HOUR_MS, kilograms, MINUTE_MS } from '../../units';
import { borrowing } from '../borrowed';
import { ruleSet } from '../ruleSet';
import { cooking, reheating } from './cooking';
import { afterThaw, afterThawCooked, storage } from './storage';

/** The metric chain: FSANZ Standard 3.2.2 with its 2-hour/4-hour guidance, UK FSA advice, FSSAI for thawing in water. */
export const chainRules = ruleSet(
  borrowing('chain', 'Metric chain', {
    bands: {
      growth: {
        value: { kind: 'band', low: celsius(5), high: celsius(60) },
        source: 'fsanz-322',
      },
      refrigerator: {
        value: { kind: 'temperature', limit: 'most', at: celsius(5) },
        source: 'fsanz-322',
      },
      freezer: {
        value: { kind: 'temperature', limit: 'most', at: celsius(-15) },
        source: 'fsanz-322',
        note: 'Aim for −18 °C.',
      },
      hotHolding: {
        value: { kind: 'temperature', limit: 'least', at: celsius(63) },
        source: 'uk-fsa',
        note: 'UK law; FSANZ asks for 60 °C.',
      },
    },
    bandTime: {
      limit: {
        value: { kind: 'duration', limit: 'most', ms: 4 * HOUR_MS },
        source: 'fsanz-322',
        note: 'Under 2 h: use it or chill it again. From 2 to 4 h: use it now. Past 4 h: throw it away.',
      },
      chillAgain: {
        value: { kind: 'chillAgain', ms: 2 * HOUR_MS, inclusive: false, served: true },
        source: 'fsanz-322',
      },
    },
    thawing: {
      refrigerator: {
        value: {
          kind: 'thawRate',
          fast: { ms: 10 * HOUR_MS, mass: kilograms(1), leastMs: 0 },
          slow: { ms: 12 * HOUR_MS, mass: kilograms(1), leastMs: 0 },
        },
        source: 'uk-fsa',
      },
      waterTemperature: {
        value: { kind: 'temperature', limit: 'most', at: celsius(15) },
        source: 'fssai-4',
        note: 'Running drinking water, sealed packs.',
      },
      waterMost: {
        value: { kind: 'duration', limit: 'most', ms: 90 * MINUTE_MS },
        source: 'fssai-4',
      },
      waterRunning: {
        value: { kind: 'binding', yes: true },
        source: 'fssai-4',
      },
      fromFrozenThin: {
        value: { kind: 'binding', yes: true },
        source: 'uk-fsa',
        note: 'Or as the pack says.',
      },
    },
    afterThaw,
    afterThawCooked,
    refreezing: {
      afterRefrigerator: {
        value: { kind: 'allowed', yes: false, instead: 'cook it, then freeze it once' },
        source: 'uk-fsa',
      },
    },
    cooking,
    cooling: {
      depth: {
        value: { kind: 'depth', most: { value: 5, unit: 'cm' } },
        source: 'service',
        note: 'Practice.',
      },
      firstMark: {
        value: { kind: 'coolingMark', from: celsius(60), to: celsius(21), withinMs: 2 * HOUR_MS },
        source: 'fsanz-322',
      },
      secondMark: {
        value: { kind: 'coolingMark', from: celsius(21), to: celsius(5), withinMs: 4 * HOUR_MS },
        source: 'fsanz-322',
        note: 'After the first: 6 h in all, so that a quick first stage is never held against the food.',
      },
      marksBind: {
        value: { kind: 'binding', yes: true },
        source: 'fsanz-322',
      },
      rescue: {
        value: { kind: 'allowed', yes: true, instead: 'once, at once, when the first mark was missed' },
        source: 'fsanz-322',
      },
      deepCounts: {
        value: { kind: 'binding', yes: false },
        source: 'fsanz-322',
        note: 'The cooling marks rule on it instead.',
      },
      rice: {
        value: { kind: 'duration', limit: 'most', ms: HOUR_MS },
        source: 'uk-fsa',
      },
    },
    storage,
    reheating,
  }),
);
