import { DAY_MS, fahrenheit, HOUR_MS, pounds, SECOND_MS } from '../../units';
import type { Draft, RuleSet } from '../schema';

export const thermometer: Draft<RuleSet['thermometer']> = {
  icePoint: {
    title: 'In ice water a thermometer reads 0 °C (32 °F)',
    value: { kind: 'tolerance', degrees: 1, unit: 'C' },
    source: 'thermometers',
    note: 'Crushed ice and water. Adjust the nut, note the offset, or change the battery.',
  },
  checkEvery: {
    title: 'A thermometer is checked every',
    value: { kind: 'duration', limit: 'most', ms: 30 * DAY_MS },
    source: 'omtel',
    note: 'And whenever it was dropped.',
  },
  mostOff: {
    title: 'A thermometer is corrected up to',
    value: { kind: 'tolerance', degrees: 5, unit: 'C' },
    source: 'omtel',
    note: 'Further off it is thrown away.',
  },
  disagreement: {
    title: 'Two checks agree within',
    value: { kind: 'tolerance', degrees: 1, unit: 'C' },
    source: 'omtel',
    note: 'Else nobody knows what it will be off by next time.',
  },
  checkedWithin: {
    title: 'A checked thermometer is right within',
    value: { kind: 'tolerance', degrees: 0.5, unit: 'C' },
    source: 'omtel',
  },
  uncheckedWithin: {
    title: 'A thermometer nobody checked is right within',
    value: { kind: 'tolerance', degrees: 1, unit: 'C' },
    source: 'omtel',
  },
  dialSteadyFor: {
    title: 'Wait for a steady dial',
    value: { kind: 'duration', limit: 'least', ms: 30 * SECOND_MS },
    source: 'omtel',
  },
  steadyFor: {
    title: 'Wait for a steady reading',
    value: { kind: 'duration', limit: 'least', ms: 15 * SECOND_MS },
    source: 'thermometers',
  },
  steadySpan: {
    title: 'Steady: moving less than',
    value: { kind: 'tolerance', degrees: 0.5, unit: 'C' },
    source: 'omtel',
  },
  twoPlaces: {
    title: 'Read joints in two places',
    value: { kind: 'massOver', mass: { value: 2, unit: 'kg' } },
    source: 'omtel',
    note: 'Birds and several pieces always; a stuffing besides.',
  },
};

export const keepingApart: Draft<RuleSet['keepingApart']> = {
  shelves: {
    title: 'Shelves, top to bottom',
    value: {
      kind: 'order',
      topToBottom: [
        'ready-to-eat and leftovers, covered',
        'produce and dairy',
        'whole raw fish, beef, lamb, pork',
        'ground raw meat',
        'raw poultry',
      ],
    },
    source: 'keeping-clean',
    note: 'Trays under anything that can drip.',
  },
  hands: {
    title: 'Wash hands with soap for',
    value: { kind: 'duration', limit: 'least', ms: 20 * SECOND_MS },
    source: 'keeping-clean',
  },
  sanitiser: {
    title: 'Sanitiser for boards and knives',
    value: { kind: 'strength', lowPpm: 50, highPpm: 200 },
    source: 'keeping-clean',
    note: 'Rinse with clean water above this. Never with acid or ammonia.',
  },
  sanitiserWet: {
    title: 'Leave sanitiser wet for',
    value: { kind: 'durations', lowMs: 30 * SECOND_MS, highMs: 60 * SECOND_MS },
    source: 'keeping-clean',
  },
  sanitiserKeeps: {
    title: 'Sanitiser is mixed anew after',
    value: { kind: 'duration', limit: 'most', ms: DAY_MS },
    source: 'keeping-clean',
    note: 'Chlorine goes off in air and light.',
  },
  disinfecting: {
    title: 'Bleach mixed for disinfecting only',
    value: { kind: 'strengthFrom', ppm: 1000 },
    source: 'keeping-clean',
    note: 'For floors and bins, not for what food touches.',
  },
  bleach: {
    title: 'Bottles of bleach hold',
    value: { kind: 'percents', low: 3, high: 8.25 },
    source: 'keeping-clean',
    note: 'The common tablespoon in a gallon is 204 ppm from 5.25 % and 321 from 8.25 %: ask which it is.',
  },
};

export const frying: Draft<RuleSet['frying']> = {
  rim: {
    title: 'Free rim above hot oil with the food in it',
    value: { kind: 'clearance', least: { value: 4, unit: 'in' } },
    source: 'omtel',
    note: 'Advice says a hand’s breadth. What is icy or wet throws hot oil out: it goes in thawed and dry, or not at all.',
  },
  oil: {
    title: 'Oil for frying a bird or a joint',
    value: { kind: 'temperature', limit: 'most', at: fahrenheit(375) },
    source: 'omtel',
    note: 'Hotter it comes near to where it smokes and burns. The heat is off while food goes in or out.',
  },
};

export const servings: Draft<RuleSet['servings']> = {
  wholeBird: {
    title: 'Whole bird',
    value: { kind: 'masses', low: pounds(1), high: pounds(1.5) },
    source: 'roasting-charts',
  },
  boneIn: {
    title: 'Joints with bone',
    value: { kind: 'masses', low: pounds(0.5), high: pounds(0.75) },
    source: 'roasting-charts',
  },
  boneless: {
    title: 'Boneless meat',
    value: { kind: 'masses', low: { value: 1 / 3, unit: 'lb' }, high: pounds(0.5) },
    source: 'roasting-charts',
  },
};

export const powerCut: Draft<RuleSet['powerCut']> = {
  refrigerator: {
    title: 'Refrigerator kept closed stays cold',
    value: { kind: 'duration', limit: 'most', ms: 4 * HOUR_MS },
    source: 'power-cut',
  },
  freezerFull: {
    title: 'Full freezer kept closed stays frozen',
    value: { kind: 'duration', limit: 'most', ms: 48 * HOUR_MS },
    source: 'power-cut',
  },
  freezerHalf: {
    title: 'Half-full freezer kept closed stays frozen',
    value: { kind: 'duration', limit: 'most', ms: 24 * HOUR_MS },
    source: 'power-cut',
  },
};
