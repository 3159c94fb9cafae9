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

it('says all that moved since it was last read, by whichever plan, once', () => {
  const late = reducer(undefined, cameTo('m', moved));
  expect(reducer(late, cameTo('m', nothingMoved))).toEqual(late);
  const later = replanned({
    mealId: 'm',
    wasAt: 2,
    answer: {
      kind: 'scheduled',
      moved: [
        { task: 'a', byMs: 2 },
        { task: 'b', byMs: 5 },
      ],
    } as unknown as MealAnswer,
  });
  expect(reducer(late, later)).toMatchObject({
    m: {
      wasAt: 1,
      answer: {
        moved: [
          { task: 'a', byMs: 3 },
          { task: 'b', byMs: 5 },
        ],
      },
    },
  });
  const back = { kind: 'scheduled', moved: [{ task: 'a', byMs: -1 }] };
  expect(reducer(late, cameTo('m', back))).toEqual({});
});

it('what does not fit is no news any more once it does', () => {
  expect(reducer(reducer(undefined, cameTo('m', { kind: 'conflict' })), cameTo('m', nothingMoved))).toEqual(
    {},
  );
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
