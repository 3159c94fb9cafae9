import { placeWords, SHELF_WORDS, type EventType, type Payload } from '@omtel/core/record';
import type { FoodState } from '@omtel/core/trail';
import { act } from '../../store/outbox/act';
import { newEvent } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import type { Spot } from './places';

/** What is done with one food or several at once, from Stores: one entry for each, all sent together. */
export function useStoreActs(onDone: () => void) {
  const dispatch = useAppDispatch();
  const { now } = useKitchen();
  const forAll = <Type extends EventType>(
    foods: readonly FoodState[],
    what: string,
    type: Type,
    payload: (food: FoodState) => Payload<Type>,
  ) => {
    onDone();
    const [only, ...others] = foods;
    return dispatch(
      act({
        what: `${only && !others.length ? only.name : `${foods.length} foods`}: ${what}`,
        events: foods.map((food) => newEvent(food.foodId, now, type, payload(food))),
      }),
    );
  };
  return {
    onMove: (foods: readonly FoodState[], { place, shelf }: Spot) =>
      forAll(foods, shelf ? SHELF_WORDS[shelf] : placeWords(place), 'moved', () => ({
        place,
        ...(shelf && { shelf }),
      })),
    onCover: (foods: readonly FoodState[]) =>
      forAll(
        foods.filter(({ place }) => place === 'refrigerator'),
        'covered',
        'moved',
        ({ shelf }) => ({ place: 'refrigerator', covered: true, ...(shelf && { shelf }) }),
      ),
    onLabel: (foods: readonly FoodState[]) => forAll(foods, 'labelled', 'labelled', () => ({})),
    onDiscard: (foods: readonly FoodState[]) => forAll(foods, 'thrown away', 'discarded', () => ({})),
  };
}
