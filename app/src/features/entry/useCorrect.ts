import type { FoodEvent, Payload } from '@omtel/core/record';
import { useCallback } from 'react';
import { act } from '../../store/outbox/act';
import { newEvent } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { nowOf, useHousehold } from '../../store/useKitchen';

export type Correction = Omit<Payload<'corrected'>, 'eventId'>;

/** Says of an entry that it happened at another time, otherwise, or not at all; with what happened instead, if anything. */
export function useCorrect({ id, foodId }: Pick<FoodEvent, 'id' | 'foodId'>) {
  const dispatch = useAppDispatch();
  const household = useHousehold();
  return useCallback(
    async (correction: Correction, what = 'Set right', ...instead: readonly FoodEvent[]) => {
      const corrected = newEvent(foodId, nowOf(household), 'corrected', { eventId: id, ...correction });
      await dispatch(act({ what, events: [corrected, ...instead] }));
    },
    [dispatch, household, id, foodId],
  );
}
