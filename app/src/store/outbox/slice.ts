import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

export interface OutboxState {
  /** Entries the server does not have yet. */
  readonly waiting: number;
  /** Why the last attempt did not go through; null when it did. */
  readonly problem: string | null;
}

const initialState: OutboxState = { waiting: 0, problem: null };

export const outboxSlice = createSlice({
  name: 'outbox',
  initialState,
  reducers: {
    waiting: (state, { payload }: PayloadAction<number>) => ({ ...state, waiting: payload }),
    sent: () => initialState,
    failed: (state, { payload }: PayloadAction<string>) => ({ ...state, problem: payload }),
    problemSeen: (state) => ({ ...state, problem: null }),
  },
});
