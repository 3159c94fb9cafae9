import type { EventType, FoodState, Payload } from '@omtel/core/trail';
import { newEvent, record } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import type { Spot } from './places';

/** What is done with one food or several at once, from Stores: one entry for each, all sent together. */
export function useStoreActs(onDone: () => void) {
  const dispatch = useAppDispatch();
  const { now } = useKitchen();
  const forAll = <Type extends EventType>(
    foods: readonly FoodState[],
    type: Type,
    payload: (food: FoodState) => Payload<Type>,
  ) => {
    void dispatch(record(...foods.map((food) => newEvent(food.foodId, now, type, payload(food)))));
    onDone();
  };
  return {
    onMove: (foods: readonly FoodState[], { place, shelf }: Spot) =>
      forAll(foods, 'moved', () => ({ place, ...(shelf && { shelf }) })),
    onCover: (foods: readonly FoodState[]) =>
      forAll(
        foods.filter(({ place }) => place === 'refrigerator'),
        'moved',
        ({ shelf }) => ({ place: 'refrigerator', covered: true, ...(shelf && { shelf }) }),
      ),
    onLabel: (foods: readonly FoodState[]) => forAll(foods, 'labelled', () => ({})),
    onDiscard: (foods: readonly FoodState[]) => forAll(foods, 'discarded', () => ({})),
  };
}
