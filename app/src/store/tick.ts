import { subjectOf, type KitchenEvent } from '@omtel/core/record';
import { MINUTE_MS } from '@omtel/core/units';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { StoreAct } from './api';

/** The last thing recorded, for as long as it can be set right in place. */
export interface Tick {
  readonly events: readonly KitchenEvent[];
  /** What is recorded to take it back, where setting its entries right is not enough. */
  readonly takeBack?: readonly KitchenEvent[];
  /** What was said of a store instead. */
  readonly ofStore?: StoreAct;
  readonly what: string;
  readonly at: number;
  /** How far back it can be moved: to when its food came; null where it is no single act of a moment. */
  readonly notBefore: number | null;
  /** Pages one is likely to want after it. */
  readonly next?: readonly { readonly label: string; readonly page: string }[];
  readonly takenBack?: true;
}

/** What was recorded of a food or a meal last, by what it says. */
interface Recent {
  readonly subject: string;
  readonly key: string;
  readonly id: string;
  readonly at: number;
}

export interface TickState {
  readonly shown: Tick | null;
  readonly recent: readonly Recent[];
}

/** Said twice within this, the same act was meant once. */
const REPEAT_MS = MINUTE_MS;

/** What says something new each time it is said, even in the same words. */
const SAID_ANEW: ReadonlySet<KitchenEvent['type']> = new Set([
  'added',
  'reading',
  'note',
  'corrected',
  'portioned',
  'mealScheduled',
]);

const keyOf = ({ type, payload }: KitchenEvent): string => JSON.stringify([type, payload]);

/** Whether an act was the last that was recorded of its foods and meals, in the same words, less than a minute before. */
export const isRepeated = ({ recent }: TickState, events: readonly KitchenEvent[]): boolean =>
  events.length > 0 &&
  events.every(
    (event) =>
      !SAID_ANEW.has(event.type) &&
      recent.some(
        ({ subject, key, at }) =>
          subject === subjectOf(event) && key === keyOf(event) && Math.abs(event.at - at) < REPEAT_MS,
      ),
  );

const initialState: TickState = { shown: null, recent: [] };

export const tickSlice = createSlice({
  name: 'tick',
  initialState,
  reducers: {
    /** Something is meant: said again it is the same. */
    meant: ({ shown, recent }, { payload: events }: PayloadAction<readonly KitchenEvent[]>) => ({
      shown,
      recent: [
        ...recent.filter(({ subject }) => events.every((event) => subject !== subjectOf(event))),
        ...events.map((event) => ({
          subject: subjectOf(event),
          key: keyOf(event),
          id: event.id,
          at: event.at,
        })),
      ],
    }),
    /** It is kept. */
    ticked: ({ recent }, { payload: shown }: PayloadAction<Tick>) => ({ shown, recent }),
    /** It could not be kept: said again it is new. */
    failed: ({ shown, recent }, { payload: events }: PayloadAction<readonly KitchenEvent[]>) => ({
      shown,
      recent: recent.filter(({ id }) => !events.some((event) => event.id === id)),
    }),
    /** It was a while ago. */
    movedTo: (state, { payload: at }: PayloadAction<number>) => ({
      ...state,
      shown: state.shown && { ...state.shown, at },
    }),
    /** It was not meant: said again it counts. */
    takenBack: ({ shown, recent }) => ({
      shown: shown && { ...shown, takenBack: true as const },
      recent: recent.filter(({ id }) => !shown?.events.some((event) => event.id === id)),
    }),
    settled: (state) => ({ ...state, shown: null }),
  },
});
