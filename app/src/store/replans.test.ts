import type { MealAnswer } from '@omtel/core/dishes';
import { replanned, replanRead, replansSlice } from './replans';
import { tickSlice } from './tick';

const { reducer } = replansSlice;
const after = (answer: object) =>
  reducer(undefined, replanned({ mealId: 'm', answer: answer as MealAnswer, wasAt: 1 }));
const conflict = after({ kind: 'conflict' });

it('keeps what a plan made anew came to until it was read, or what led to it is taken back', () => {
  expect(conflict.last).toMatchObject({ mealId: 'm', wasAt: 1 });
  expect(reducer(conflict, replanRead()).last).toBeNull();
  expect(reducer(conflict, tickSlice.actions.takenBack()).last).toBeNull();
});

it('says nothing where nothing moved', () => {
  expect(after({ kind: 'scheduled', moved: [] }).last).toBeNull();
  expect(after({ kind: 'scheduled', moved: [{ task: 'a', byMs: 1 }] }).last).not.toBeNull();
});

it('another meal in which nothing moved leaves what is still to be read', () => {
  const still = { kind: 'scheduled', moved: [] } as object as MealAnswer;
  const other = replanned({ mealId: 'other', answer: still, wasAt: 1 });
  expect(reducer(conflict, other).last).toMatchObject({ mealId: 'm' });
  expect(reducer(conflict, replanned({ mealId: 'm', answer: still, wasAt: 1 })).last).toBeNull();
});
