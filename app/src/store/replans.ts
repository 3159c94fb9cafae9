import type { MealAnswer, Moved } from '@omtel/core/dishes';
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

/** What moved since it was last read: by the plan before this one too, if that was not read yet. */
function sinceRead(unread: Replan | undefined, replan: Replan): Replan {
  const { answer } = replan;
  if (answer.kind !== 'scheduled' || unread?.answer.kind !== 'scheduled') return replan;
  const moved = new Map<string, Moved>();
  for (const each of [...unread.answer.moved, ...answer.moved]) {
    const key = `${each.task} ${each.end ?? false}`;
    moved.set(key, { ...each, byMs: (moved.get(key)?.byMs ?? 0) + each.byMs });
  }
  const stands = [...moved.values()].filter(({ byMs }) => byMs !== 0);
  return { wasAt: unread.wasAt, answer: { ...answer, moved: stands } };
}

/** Nothing that moved is nothing to read. */
const isNews = ({ answer }: Replan): boolean => answer.kind !== 'scheduled' || answer.moved.length > 0;

export const replansSlice = createSlice({
  name: 'replans',
  initialState: {} as Replans,
  reducers: {
    replanned: (state, { payload }: PayloadAction<Replan & { readonly mealId: string }>) => {
      const { mealId, ...replan } = payload;
      const since = sinceRead(state[mealId], replan);
      return isNews(since) ? { ...state, [mealId]: since } : without(state, mealId);
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
