import { purposeOf } from './purpose';

const DONE = { metAt: 1, fellAt: null };

it.each([
  ['raw, in the refrigerator', { place: 'refrigerator', stage: 'raw', cooked: false }, null, 'cold'],
  ['raw, about to be cooked', { place: 'refrigerator', stage: 'raw', cooked: false }, 'heat', 'cook'],
  ['thawing in water', { place: 'water', stage: 'thawing', cooked: false }, null, 'water'],
  ['out of the water onto the heat', { place: 'water', stage: 'thawing', cooked: false }, 'heat', 'cook'],
  ['on the heat', { place: 'heat', stage: 'cooking', cooked: false }, null, 'cook'],
  ['done, and kept hot', { place: 'heat', stage: 'cooking', cooked: true }, null, 'cook'],
  [
    'done, and checked since',
    { place: 'heat', cooked: true, cook: DONE, held: { checked: true } },
    null,
    'kept',
  ],
  [
    'done, and read on by a probe left in',
    { place: 'heat', cooked: true, cook: DONE, held: { checked: false } },
    null,
    'cook',
  ],
  ['done, and about to be kept hot', { place: 'heat', cooked: true, cook: DONE }, 'keep', 'kept'],
  [
    'kept hot, and below hot',
    { place: 'heat', cooked: true, cook: { ...DONE, fellAt: 2 }, held: {} },
    null,
    'cook',
  ],
  ['on ice', { place: 'ice', stage: 'stored', cooked: true }, null, 'kept'],
  ['from the ice onto the heat', { place: 'ice', stage: 'stored', cooked: true }, 'heat', 'reheat'],
  ['resting', { place: 'counter', stage: 'resting', cooked: true, chill: {} }, null, 'cook'],
  ['a pot that cools', { place: 'refrigerator', stage: 'stored', cooked: true, chill: {} }, null, 'cool'],
  ['leftovers in the cold', { place: 'refrigerator', stage: 'stored', cooked: true }, null, 'cold'],
  [
    'leftovers about to be heated',
    { place: 'refrigerator', stage: 'stored', cooked: true },
    'heat',
    'reheat',
  ],
  ['on the heat again', { place: 'heat', stage: 'reheating', cooked: true }, null, 'reheat'],
] as const)('%s', (_what, food, to, purpose) =>
  expect(purposeOf({ chill: null, cook: null, held: null, ...food } as never, to)).toBe(purpose),
);
