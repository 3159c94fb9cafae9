import type { MealAnswer } from '@omtel/core/dishes';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { tickSlice } from './tick';

/** What planning a meal anew came to, until it was read. */
export interface Replan {
  readonly answer: MealAnswer;
  /** When it was to be served before. */
  readonly wasAt: number;
}

/** By meal: one act may move several, and each is read where that meal is. */
type Replans = Readonly<Record<string, Replan>>;

const without = (replans: Replans, mealId: string): Replans =>
  Object.fromEntries(Object.entries(replans).filter(([id]) => id !== mealId));

export const replansSlice = createSlice({
  name: 'replans',
  initialState: {} as Replans,
  reducers: {
    // Nothing that moved is nothing to read.
    replanned: (state, { payload }: PayloadAction<Replan & { readonly mealId: string }>) => {
      const { mealId, ...replan } = payload;
      const { answer } = replan;
      const isNews = answer.kind !== 'scheduled' || answer.moved.length > 0;
      return isNews ? { ...state, [mealId]: replan } : without(state, mealId);
    },
    replanRead: (state, { payload: mealId }: PayloadAction<string>) => without(state, mealId),
  },
  // What an act moved says nothing once that is taken back; what does not fit is said until it is planned anew.
  extraReducers: (build) =>
    build.addCase(tickSlice.actions.takenBack, (state) =>
      Object.fromEntries(Object.entries(state).filter(([, { answer }]) => answer.kind !== 'scheduled')),
    ),
});

export const { replanned, replanRead } = replansSlice.actions;
