import { fahrenheit, HOUR_MS, MINUTE_MS } from '../../units';
import type { Draft, RuleSet } from '../schema';

export const cooling: Draft<RuleSet['cooling']> = {
  intoRefrigerator: {
    title: 'Leftovers into the refrigerator within',
    value: { kind: 'duration', limit: 'most', ms: 2 * HOUR_MS },
    source: 'leftovers',
    note: 'They may go in warm. In warm air the time is halved.',
  },
  depth: {
    title: 'Depth of the container',
    value: { kind: 'depth', most: { value: 2, unit: 'in' } },
    source: 'leftovers',
  },
  firstMark: {
    title: 'First cooling mark',
    value: { kind: 'coolingMark', from: fahrenheit(135), to: fahrenheit(70), withinMs: 2 * HOUR_MS },
    source: 'food-code',
    note: 'Shown as advice; the home chart rules by the time out of the refrigerator.',
  },
  secondMark: {
    title: 'Second cooling mark',
    value: { kind: 'coolingMark', from: fahrenheit(135), to: fahrenheit(41), withinMs: 6 * HOUR_MS },
    source: 'food-code',
    note: 'Shown as advice; the home chart rules by the time out of the refrigerator.',
  },
  marksBind: {
    title: 'The cooling marks rule on the food',
    value: { kind: 'binding', yes: false },
    source: 'leftovers',
    note: 'The home chart rules by the time out of the refrigerator and shows the marks as advice.',
  },
  rescue: {
    title: 'Heating it again to cool it again',
    value: { kind: 'allowed', yes: false, instead: 'throw it away' },
    source: 'leftovers',
    note: 'Past the time out of the refrigerator nothing mends it.',
  },
  deepCounts: {
    title: 'Deeper than the rule counts as out of the cold until it reads cold',
    value: { kind: 'binding', yes: true },
    source: 'omtel',
    note: 'The chart asks for shallow containers and names no time for deep ones; nobody knows how warm their middle is.',
  },
  fromRoom: {
    title: 'Made from ingredients at room temperature',
    value: { kind: 'coolingMark', from: fahrenheit(70), to: fahrenheit(41), withinMs: 4 * HOUR_MS },
    source: 'food-code',
    note: 'The service code’s. Here the time out of the refrigerator rules, and this is advice.',
  },
  rice: {
    title: 'Cooked rice into the refrigerator within',
    value: { kind: 'duration', limit: 'most', ms: 2 * HOUR_MS },
    source: 'leftovers',
    note: 'As any leftovers; the metric chain asks for an hour.',
  },
};

export const avoided: Draft<RuleSet['avoided']> = {
  title: 'Not eaten at all',
  value: { kind: 'avoided', risks: [] },
  source: 'safe-temperatures',
  note: 'Nothing for healthy adults who cook to the targets.',
};

export const heatedFirst: Draft<RuleSet['heatedFirst']> = {
  title: 'Eaten only heated through',
  value: { kind: 'avoided', risks: [] },
  source: 'safe-temperatures',
  note: 'Nothing for healthy adults.',
};

export const printedDate: Draft<RuleSet['printedDate']> = {
  title: 'A printed use-by date',
  value: { kind: 'binding', yes: true },
  source: 'cold-storage',
  note: 'It is never exceeded, opened or not; frozen before it, the days left stand still. Best before speaks of taste.',
};

export const reheating: Draft<RuleSet['reheating']> = {
  target: {
    title: 'Heat leftovers to',
    value: { kind: 'cookTarget', options: [{ at: fahrenheit(165), heldMs: 0 }], restMs: 0 },
    source: 'leftovers',
    note: 'Through and through; soups, sauces and gravies to a rolling boil.',
  },
  plantPacked: {
    title: 'Heat what a plant packed ready to eat to',
    value: { kind: 'cookTarget', options: [{ at: fahrenheit(165), heldMs: 0 }], restMs: 0 },
    source: 'safe-temperatures',
    note: 'Or until it steams.',
  },
  within: {
    title: 'Heat leftovers within',
    value: { kind: 'duration', limit: 'most', ms: 2 * HOUR_MS },
    source: 'leftovers',
  },
  times: {
    title: 'Heat leftovers at most',
    value: { kind: 'count', most: 1, of: 'reheats' },
    source: 'omtel',
    note: 'Home charts tolerate more. Omtel picks once: each cycle adds time in the growth band.',
  },
  stand: {
    title: 'Let microwaved food stand',
    value: { kind: 'duration', limit: 'least', ms: 2 * MINUTE_MS },
    source: 'safe-temperatures',
  },
};
