import { shelves, type Payload, type Place, type Shelf } from '@omtel/core/record';
import type { FoodState } from '@omtel/core/trail';

/** Somewhere a food can be put: a place, and in the refrigerator a shelf of it. */
export interface Spot {
  readonly place: Payload<'moved'>['place'];
  readonly shelf?: Shelf;
}

export const SPOTS: readonly Spot[] = [
  ...shelves.map((shelf): Spot => ({ place: 'refrigerator', shelf })),
  { place: 'freezer' },
  { place: 'cupboard' },
];

export const spotKey = ({ place, shelf }: Spot): string => (shelf ? `${place}:${shelf}` : place);

/** The foods at a spot; without a shelf, those that stand on none. */
export const foodsAt = (
  foods: readonly FoodState[],
  place: Place,
  shelf?: Shelf | null,
): readonly FoodState[] =>
  foods.filter((food) => food.place === place && (shelf === undefined || food.shelf === shelf));
