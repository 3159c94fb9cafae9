import { otherHalf, tiedTo, type FoodEvent, type Payload } from '@omtel/core/record';
import { useCallback } from 'react';
import { api } from '../../store/api';
import { act } from '../../store/outbox/act';
import { newEvent } from '../../store/outbox/record';
import { useAppDispatch, type AppThunk } from '../../store/store';
import { nowOf, useHousehold } from '../../store/useKitchen';

export type Correction = Omit<Payload<'corrected'>, 'eventId'>;

/**
 * Says of an entry that it happened at another time, otherwise, or not at all; with what happened instead, if anything. What
 * two foods have in common happened to both then, or to neither; it cannot be said while the other's record is out of reach.
 */
export function useCorrect(event: FoodEvent) {
  const dispatch = useAppDispatch();
  const household = useHousehold();
  return useCallback(
    async (correction: Correction, what = 'Set right', ...instead: readonly FoodEvent[]) => {
      const half = 'instead' in correction ? null : await dispatch(halfOf(event));
      const corrected = [event, ...(half ? [half] : [])].map(({ id, foodId }) =>
        newEvent(foodId, nowOf(household), 'corrected', { eventId: id, ...correction }),
      );
      await dispatch(act({ what, events: [...corrected, ...instead] }));
    },
    [dispatch, household, event],
  );
}

const halfOf =
  (event: FoodEvent): AppThunk<Promise<FoodEvent | null>> =>
  async (dispatch) => {
    const other = tiedTo(event.type, event.payload);
    if (!other) return null;
    const asked = dispatch(api.endpoints.food.initiate(other));
    const { events } = await asked.unwrap().finally(asked.unsubscribe);
    return otherHalf(event, events);
  };
