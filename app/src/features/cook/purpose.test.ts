import { purposeOf } from './purpose';

it.each([
  ['raw, in the refrigerator', { place: 'refrigerator', stage: 'raw', cooked: false }, false, 'cold'],
  ['raw, about to be cooked', { place: 'refrigerator', stage: 'raw', cooked: false }, true, 'cook'],
  ['thawing in water', { place: 'water', stage: 'thawing', cooked: false }, false, 'water'],
  ['out of the water onto the heat', { place: 'water', stage: 'thawing', cooked: false }, true, 'cook'],
  ['on the heat', { place: 'heat', stage: 'cooking', cooked: false }, false, 'cook'],
  ['done, and kept hot', { place: 'heat', stage: 'cooking', cooked: true }, false, 'cook'],
  ['resting', { place: 'counter', stage: 'resting', cooked: true, chill: {} }, false, 'cook'],
  ['a pot that cools', { place: 'refrigerator', stage: 'stored', cooked: true, chill: {} }, false, 'cool'],
  ['leftovers in the cold', { place: 'refrigerator', stage: 'stored', cooked: true }, false, 'cold'],
  ['leftovers about to be heated', { place: 'refrigerator', stage: 'stored', cooked: true }, true, 'reheat'],
  ['on the heat again', { place: 'heat', stage: 'reheating', cooked: true }, false, 'reheat'],
] as const)('%s', (_what, food, toHeat, purpose) =>
  expect(purposeOf({ chill: null, ...food } as never, toHeat)).toBe(purpose),
);
