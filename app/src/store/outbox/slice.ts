import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Refused } from './drawer';

export interface OutboxState {
  /** Entries the server does not have yet. */
  readonly waiting: number;
  /** Why the server cannot be reached; null when it can. */
  readonly problem: string | null;
  /** Entries the server would not take, until somebody drops them. */
  readonly refused: readonly Refused[];
}

const initialState: OutboxState = { waiting: 0, problem: null, refused: [] };

export const outboxSlice = createSlice({
  name: 'outbox',
  initialState,
  reducers: {
    waiting: (state, { payload }: PayloadAction<number>) => ({ ...state, waiting: payload }),
    sent: (state) => ({ ...state, waiting: 0, problem: null }),
    failed: (state, { payload }: PayloadAction<string>) => ({ ...state, problem: payload }),
    refused: (state, { payload }: PayloadAction<readonly Refused[]>) => ({ ...state, refused: payload }),
  },
});
