import type { KitchenEvent } from '@omtel/core/record';
import type { AppThunk } from '../store';
import { isRepeated, tickSlice, type Tick } from '../tick';
import { record } from './record';

interface Act {
  /** What was done, as the bar says it. */
  readonly what: string;
  readonly events: readonly KitchenEvent[];
  /** What is recorded to take it back, where setting its entries right is not enough. */
  readonly takeBack?: readonly KitchenEvent[];
  /** Since when its food is here: the act can be said to have been earlier, down to then. */
  readonly notBefore?: number;
  /** Pages one is likely to want after it. */
  readonly next?: Tick['next'];
}

/**
 * Records what one press meant, and shows it where it can be set right or taken back. One act is one entry: said again
 * within a minute it is shown, and nothing is recorded.
 */
export const act =
  ({ what, events, takeBack, notBefore, next }: Act): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    if (events.length === 0 || isRepeated(getState().tick, events)) return;
    const { meant, ticked, failed } = tickSlice.actions;
    dispatch(meant(events));
    try {
      await dispatch(record(...events));
    } catch (error) {
      dispatch(failed(events));
      throw error;
    }
    dispatch(
      ticked({
        events,
        takeBack,
        what,
        at: events.at(-1)!.at,
        notBefore: notBefore ?? null,
        next,
      }),
    );
  };
