import { dishes } from './dishes';
import { fish } from './fish';
import { larder } from './larder';
import { pantry } from './pantry';
import { poultry } from './poultry';
import { redMeat } from './redMeat';
import type { Food } from './schema';

/** All foods Omtel knows, in the order they are offered before anything is searched for. */
export const catalogue: readonly Food[] = [...redMeat, ...poultry, ...fish, ...dishes, ...larder, ...pantry];

const byId = new Map(catalogue.map((food) => [food.id, food]));

/** No food of that id is in the catalogue. */
export class UnknownFood extends Error {
  constructor(readonly foodId: string) {
    super(`Omtel knows no food called "${foodId}".`);
    this.name = 'UnknownFood';
  }
}

/**
 * @param id a food's id, such as 'lamb-shoulder-bone-in'
 * @throws UnknownFood
 */
export function foodById(id: string): Food {
  const food = byId.get(id);
  if (!food) throw new UnknownFood(id);
  return food;
}

/** Whether a kind of food comes in cans: unopened it keeps in the cupboard, and its days begin with the opening. */
export const isCanned = (id: string): boolean => byId.get(id)?.packed === 'can';

/** Whether it keeps in the cupboard as it comes: unopened cans, and what does not mind the time out of the cold. */
export const keepsInCupboard = (kinds: readonly string[]): boolean =>
  (kinds.length === 1 && isCanned(kinds[0]!)) || kinds.every((id) => byId.get(id)?.keepsWarm);

export const isKnownFood = (id: string): boolean => byId.has(id);
