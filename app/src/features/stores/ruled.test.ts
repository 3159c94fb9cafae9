import type { FoodState } from '@omtel/core/trail';
import { lambAdded, stateOf } from '../../../test/story';
import { byUrgency, isSought, type RuledFood } from './ruled';

const lamb = stateOf(lambAdded());
const ruled = (
  over: Partial<FoodState> = {},
  verdict: RuledFood['ruling']['verdict'] = 'fine',
): RuledFood => ({
  food: { ...lamb, ...over },
  ruling: { verdict } as RuledFood['ruling'],
  notFor: null,
});
const titles = (...foods: RuledFood[]) =>
  byUrgency(foods).flatMap(({ title, data }) => data.map(({ food }) => [title, food.name]));

it('a food is under one heading', () => {
  expect(
    titles(
      ruled({ name: 'a', place: 'freezer' }),
      ruled({ name: 'b', place: 'freezer' }, 'discard'),
      ruled({ name: 'c', place: 'refrigerator' }),
      ruled({ name: 'd', place: 'counter' }, 'cannotTell'),
      ruled({ name: 'e', sealed: true, place: 'cupboard' }, 'cannotTell'),
    ),
  ).toEqual([
    ['Settle first', 'b'],
    ['Settle first', 'd'],
    ['Eat next', 'c'],
    ['Freezer', 'a'],
    ['Cupboard', 'e'],
  ]);
});

it.each([
  ['', true],
  ['lamb', true],
  ['SHOULDER lamb', true],
  ['freezer lam', true],
  ['fridge', false],
  ['lamb leg', false],
])('looking for %j', (text, found) =>
  expect(isSought(ruled({ name: 'Saturday’s lamb shoulder', place: 'freezer' }), text)).toBe(found),
);
