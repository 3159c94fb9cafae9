import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** The last thing recorded by one tap, for as long as it can be set right in place. */
export interface Tick {
  readonly eventId: string;
  readonly foodId: string;
  readonly what: string;
  readonly at: number;
}

export const tickSlice = createSlice({
  name: 'tick',
  initialState: null as Tick | null,
  reducers: {
    ticked: (_state, { payload }: PayloadAction<Tick>) => payload,
    settled: () => null,
  },
});
