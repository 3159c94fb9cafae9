import type { MealAnswer } from '@omtel/core/dishes';
import { replanned, replanRead, replansSlice } from './replans';
import { tickSlice } from './tick';

const { reducer } = replansSlice;
const cameTo = (mealId: string, answer: object) =>
  replanned({ mealId, answer: answer as MealAnswer, wasAt: 1 });
const nothingMoved = { kind: 'scheduled', moved: [] };
const moved = { kind: 'scheduled', moved: [{ task: 'a', byMs: 1 }] };

it('keeps what a plan made anew came to until it was read', () => {
  const conflict = reducer(undefined, cameTo('m', { kind: 'conflict' }));
  expect(conflict).toMatchObject({ m: { wasAt: 1 } });
  expect(reducer(conflict, replanRead('m'))).toEqual({});
});

it('says nothing where nothing moved', () => {
  expect(reducer(undefined, cameTo('m', nothingMoved))).toEqual({});
  expect(reducer(undefined, cameTo('m', moved))).toHaveProperty('m');
});

it('keeps for each meal what one act led to, whichever was planned last', () => {
  const both = reducer(
    reducer(undefined, cameTo('m', { kind: 'obstacles' })),
    cameTo('other', { kind: 'obstacles' }),
  );
  expect(Object.keys(both)).toEqual(['m', 'other']);
  expect(Object.keys(reducer(both, cameTo('other', nothingMoved)))).toEqual(['m']);
  expect(Object.keys(reducer(both, replanRead('m')))).toEqual(['other']);
});

it('an act taken back moved nothing, but what does not fit is said until it is planned anew', () => {
  const both = reducer(reducer(undefined, cameTo('m', moved)), cameTo('other', { kind: 'conflict' }));
  expect(Object.keys(reducer(both, tickSlice.actions.takenBack()))).toEqual(['other']);
});
