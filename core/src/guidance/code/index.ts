import { DAY_MS, fahrenheit, HOUR_MS } from '../../units';
import { borrowing } from '../borrowed';
import { ruleSet } from '../ruleSet';
import { cooking, reheating } from './cooking';
import { storage } from './storage';

/** The service code: US FDA Food Code 2022, chapter 3, for cooks who trained in or cook for a service kitchen. */
export const codeRules = ruleSet(
  borrowing('code', 'Service code', {
    bands: {
      growth: {
        value: { kind: 'band', low: fahrenheit(41), high: fahrenheit(135) },
        source: 'food-code',
      },
      refrigerator: {
        value: { kind: 'temperature', limit: 'most', at: fahrenheit(41) },
        source: 'food-code',
      },
      freezer: {
        value: { kind: 'temperature', limit: 'most', at: fahrenheit(0), said: 'frozen solid' },
        source: 'food-code',
        note: 'The code names no figure; where one is computed with, it is the home chart’s.',
      },
      hotHolding: {
        value: { kind: 'temperature', limit: 'least', at: fahrenheit(135) },
        source: 'food-code',
      },
    },
    bandTime: {
      limit: {
        value: { kind: 'duration', limit: 'most', ms: 4 * HOUR_MS },
        source: 'food-code',
        note: 'Then it is thrown away. Cooling under control runs on its own clock.',
      },
      chillAgain: {
        value: { kind: 'chillAgain', ms: 4 * HOUR_MS, inclusive: true, served: false },
        source: 'food-code',
        note: 'Cold food put out to eat does not go back: it is used within the limit. Nor does ready-to-eat food that got warm in thawing water.',
      },
    },
    thermometer: {
      checkEvery: {
        value: { kind: 'duration', limit: 'most', ms: DAY_MS },
        source: 'omtel',
        note: 'As kitchens that serve others do, and whenever it was dropped.',
      },
    },
    thawing: {
      waterTemperature: {
        value: { kind: 'temperature', limit: 'most', at: fahrenheit(70) },
        source: 'food-code',
        note: 'Running, and fast enough to float off loose particles.',
      },
      waterMost: {
        value: { kind: 'duration', limit: 'most', ms: 4 * HOUR_MS },
        source: 'food-code',
        note: 'Raw food above 41 °F, preparation or chilling back included.',
      },
      waterCounts: {
        value: { kind: 'binding', yes: true },
        source: 'food-code',
        note: 'Above 41 °F; while its outside reads colder they do not.',
      },
      waterRunning: {
        value: { kind: 'binding', yes: true },
        source: 'food-code',
      },
      withoutAir: {
        value: {
          kind: 'allowed',
          yes: false,
          instead: 'open the pack before it thaws in the refrigerator, and before or at once after water',
        },
        source: 'food-code',
      },
    },
    cooking,
    cooling: {
      depth: {
        value: { kind: 'depth', most: { value: 1, unit: 'in' } },
        source: 'service',
        note: 'Practice: 1 in for thick food, 3 in for thin, joints of at most 4 lb. Omtel takes the stricter.',
      },
      firstMark: {
        value: { kind: 'coolingMark', from: fahrenheit(135), to: fahrenheit(70), withinMs: 2 * HOUR_MS },
        source: 'food-code',
      },
      secondMark: {
        value: { kind: 'coolingMark', from: fahrenheit(135), to: fahrenheit(41), withinMs: 6 * HOUR_MS },
        source: 'food-code',
      },
      marksBind: {
        value: { kind: 'binding', yes: true },
        source: 'food-code',
      },
      rescue: {
        value: { kind: 'allowed', yes: true, instead: 'once, at once, when the first mark was missed' },
        source: 'food-code',
      },
      deepCounts: {
        value: { kind: 'binding', yes: false },
        source: 'food-code',
        note: 'The cooling marks rule on it instead.',
      },
      rice: {
        value: { kind: 'duration', limit: 'most', ms: 4 * HOUR_MS },
        source: 'food-code',
        note: 'As all food; its cooling marks come first.',
      },
      fromRoom: {
        value: { kind: 'coolingMark', from: fahrenheit(70), to: fahrenheit(41), withinMs: 4 * HOUR_MS },
        source: 'food-code',
      },
    },
    storage,
    reheating,
  }),
);
