import type { Composition, Food } from './schema';

/** Water, protein, fat, carbohydrate, fibre, ash, in g per 100 g. */
export type CompositionRow = readonly [number, number, number, number, number, number];

export function composition([water, protein, fat, carbohydrate, fibre, ash]: CompositionRow): Composition {
  return { water, protein, fat, carbohydrate, fibre, ash };
}

type Shared = Pick<
  Food,
  'cooking' | 'rawStorage' | 'cookedStorage' | 'afterThaw' | 'shelf' | 'freezingPointC'
>;
type Own = Pick<Food, 'forms'> & Partial<Omit<Food, 'id' | 'name' | 'aliases' | 'composition'>>;

/**
 * Makes a function that writes foods of one kind, so that each food states only what sets it apart.
 *
 * @param shared the category keys all foods of the kind have in common
 * @returns (id, name, aliases, composition, own) → the food; `own` overrides `shared`
 */
export function foodsOfKind(shared: Shared) {
  return (id: string, name: string, aliases: string[], parts: CompositionRow, own: Own): Food => ({
    id,
    name,
    aliases,
    ...shared,
    ...own,
    composition: composition(parts),
  });
}
