import type { FoodState } from '@omtel/core/trail';
import { useNotFor } from '../../store/useNotFor';
import { NotFor } from '../../ui/NotFor';

/** For whom at the table a food is not that others may eat; where there is room, why. */
export function NotForThem({ food, why }: { readonly food: FoodState; readonly why?: boolean }) {
  const notFor = useNotFor(food);
  if (!notFor) return null;
  return <NotFor names={notFor.names} because={why ? notFor.ruling.because : undefined} />;
}
