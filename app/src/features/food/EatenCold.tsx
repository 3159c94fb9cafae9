import { eatenCold } from '@omtel/core/judge';
import type { FoodState } from '@omtel/core/trail';
import { useKitchen } from '../../store/useKitchen';
import { Words } from '../../ui/Words';

/** Whether what was cooked may be eaten as it comes from the refrigerator. */
export function EatenCold({ food }: { readonly food: FoodState }) {
  const kitchen = useKitchen(food);
  const said = eatenCold(food, kitchen);
  // What may not is ruled on above in the same words.
  return said?.may ? <Words tone="soft">{said.says}</Words> : null;
}
