import type { Settings } from '@omtel/core/api';
import { isOfMeal, type KitchenEvent } from '@omtel/core/record';
import { api } from '../api';
import type { AppThunk } from '../store';
import { foldingBy, foodOf, listAfter, withEvent, withFood } from './foreseen';

/** Shows at once what events will lead to, by the same fold the server uses; its answer takes the place of this. */
export const foresee =
  (events: readonly KitchenEvent[], settings: Pick<Settings, 'guidance' | 'table'>): AppThunk<void> =>
  (dispatch, getState) => {
    const folding = foldingBy(settings);
    const list = () => api.endpoints.foods.select()(getState()).data;
    for (const event of events) {
      const told = list();
      if (told) dispatch(listed(listAfter(told, event, folding)));
      if (isOfMeal(event)) continue;
      const trail = api.endpoints.food.select(event.foodId)(getState()).data;
      if (!trail) continue;
      const next = withEvent(trail, event);
      const food = foodOf(next, folding);
      if (food) dispatch(api.util.updateQueryData('food', event.foodId, () => ({ ...next, food })));
      // A correction needs the whole history, which is here where the food's own page was open.
      const seen = event.type === 'corrected' && list();
      if (seen && food !== undefined) dispatch(listed(withFood(seen, event.foodId, food)));
    }
  };

const listed = (list: ReturnType<typeof listAfter>) =>
  api.util.updateQueryData('foods', undefined, () => list);
