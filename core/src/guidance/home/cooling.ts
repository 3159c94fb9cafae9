import { fahrenheit, HOUR_MS, MINUTE_MS } from '../../units';
import type { Draft, RuleSet } from '../schema';

export const cooling: Draft<RuleSet['cooling']> = {
  intoRefrigerator: {
    title: 'Leftovers into the refrigerator within',
    value: { kind: 'duration', ms: 2 * HOUR_MS },
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
};

export const reheating: Draft<RuleSet['reheating']> = {
  target: {
    title: 'Heat leftovers to',
    value: { kind: 'temperature', limit: 'least', at: fahrenheit(165) },
    source: 'leftovers',
    note: 'Through and through; soups, sauces and gravies to a rolling boil.',
  },
  within: {
    title: 'Heat leftovers within',
    value: { kind: 'duration', ms: 2 * HOUR_MS },
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
    value: { kind: 'duration', ms: 2 * MINUTE_MS },
    source: 'safe-temperatures',
  },
};
