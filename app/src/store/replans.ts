import type { MealAnswer } from '@omtel/core/dishes';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { tickSlice } from './tick';

/** What planning a meal anew came to last, until it was read. */
export interface Replan {
  readonly mealId: string;
  readonly answer: MealAnswer;
  /** When it was to be served before. */
  readonly wasAt: number;
}

export const replansSlice = createSlice({
  name: 'replans',
  initialState: { last: null } as { readonly last: Replan | null },
  reducers: {
    replanned: (state, { payload }: PayloadAction<Replan>) => {
      const { answer, mealId } = payload;
      if (answer.kind !== 'scheduled' || answer.moved.length > 0) return { last: payload };
      // Nothing that moved is nothing to read; what moved in another meal still is.
      return state.last?.mealId === mealId ? { last: null } : state;
    },
    replanRead: () => ({ last: null }),
  },
  // What followed from an act says nothing once that is taken back.
  extraReducers: (build) => build.addCase(tickSlice.actions.takenBack, () => ({ last: null })),
});

export const { replanned, replanRead } = replansSlice.actions;
