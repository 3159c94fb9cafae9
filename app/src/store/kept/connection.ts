import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

export interface Connection {
  /** When what is shown was told, by this device's clock, while the server cannot be reached; null while it can. */
  readonly knownAt: number | null;
  /** Why it cannot be reached. */
  readonly why: string;
}

const initialState: Connection = { knownAt: null, why: '' };

/** Whether the server is there, by what was asked of it last. */
export const connectionSlice = createSlice({
  name: 'connection',
  initialState,
  reducers: {
    // Of all that is shown the oldest says how old it may be.
    lost: (state, { payload }: PayloadAction<{ readonly knownAt: number; readonly why: string }>) => ({
      knownAt: Math.min(state.knownAt ?? payload.knownAt, payload.knownAt),
      why: payload.why,
    }),
    found: (state) => (state.knownAt === null ? state : initialState),
  },
});
