import { DAY_MS } from '../../units';
import type { Draft, RuleSet } from '../schema';
import type { SourceId } from '../sources';

type Life = RuleSet['storage']['pizza'];

/**
 * One row of the chart: days in the refrigerator, months of quality in the freezer.
 *
 * @param days [aim by, deadline]
 * @param months [low, high], or null where the food does not freeze well
 */
function life(
  title: string,
  days: [number, number],
  months: [number, number] | null,
  source: SourceId = 'cold-storage',
): Draft<Life> {
  return {
    refrigerator: {
      title: `${title}: days in the refrigerator`,
      value: { kind: 'durations', lowMs: days[0] * DAY_MS, highMs: days[1] * DAY_MS },
      source,
    },
    freezer: {
      title: `${title}: months in the freezer`,
      value: { kind: 'months', range: months && { low: months[0], high: months[1] } },
      source,
      note: 'Quality only: kept frozen it stays safe.',
    },
  };
}

const WEEK = 7;

export const storage: Draft<RuleSet['storage']> = {
  groundMeat: life('Ground and stewing meat', [1, 2], [3, 4]),
  rawSausage: life('Raw sausage', [1, 2], [1, 2]),
  varietyMeat: life('Variety meats', [1, 2], [3, 4]),
  steaks: life('Steaks', [3, 5], [6, 12]),
  chops: life('Chops', [3, 5], [4, 6]),
  roasts: life('Roasts', [3, 5], [4, 12]),
  poultryWhole: life('Whole poultry', [1, 2], [12, 12]),
  poultryParts: life('Poultry parts', [1, 2], [9, 9]),
  giblets: life('Giblets', [1, 2], [3, 4]),
  fishLean: life('Lean fish', [1, 2], [6, 8]),
  fishFatty: life('Fatty fish', [1, 2], [2, 3]),
  shellfish: life('Shrimp, squid, scallops', [1, 2], [6, 12]),
  bacon: life('Bacon', [WEEK, WEEK], [1, 1]),
  smokedSausage: life('Smoked sausage', [WEEK, WEEK], [1, 2]),
  hotDogs: life('Hot dogs, opened', [WEEK, WEEK], [1, 2]),
  slicedMeats: life('Sliced cooked meats, opened', [3, 5], [1, 2]),
  hamSlices: life('Ham, cooked, slices', [3, 5], [1, 2]),
  hamWhole: life('Ham, cooked, whole', [WEEK, WEEK], [1, 2]),
  eggsInShell: life('Eggs in shell', [3 * WEEK, 5 * WEEK], null),
  eggsHardCooked: life('Hard-cooked eggs', [WEEK, WEEK], null),
  eggsRawParts: life('Raw yolks or whites', [2, 4], [12, 12]),
  eggDishes: life('Egg dishes', [3, 4], [2, 3]),
  gravyBroth: life('Gravy and broth', [1, 2], [2, 3]),
  soupsStews: life('Soups, stews, casseroles', [3, 4], [2, 3]),
  cookedMeat: life('Cooked meat, poultry, fish', [3, 4], [2, 6]),
  pizza: life('Pizza', [3, 4], [1, 2]),
  stuffing: life('Stuffing', [3, 4], [1, 2]),
  cookedRice: life('Cooked rice', [3, 4], [1, 2]),
  cookedGrains: life('Cooked grains, pasta, pulses', [3, 4], [1, 2]),
  cookedVegetables: life('Cooked vegetables', [3, 4], [8, 12]),
  cutFruit: life('Cut fruit', [3, 4], [8, 12]),
  mixedSalads: life('Egg, chicken, tuna and pasta salads', [3, 4], null),
  openedCan: life('Opened cans: fish, meat, vegetables', [3, 4], null),
  openedCanAcid: life('Opened cans, high acid', [5, 7], null),
  milk: life('Milk, opened', [WEEK, WEEK], [1, 3]),
  softCheese: life('Soft cheese', [WEEK, WEEK], null),
  hardCheese: life('Hard cheese, opened', [3 * WEEK, 4 * WEEK], [1, 3]),
  yoghurt: life('Yoghurt', [WEEK, 2 * WEEK], [1, 2]),
  creamDessert: life('Cream desserts', [3, 4], null),
  tofu: life('Tofu, opened', [3, 5], [3, 3]),
  infantMeatEgg: life('Infant purée with meat or egg', [1, 1], [1, 2]),
  infantOther: life('Infant purée', [1, 2], [1, 2]),
  infantFormula: life('Infant formula, mixed or opened', [1, 1], null, 'higher-risk'),
  breastMilk: life('Milk of one’s own for an infant', [3, 4], [6, 12], 'higher-risk'),
  // The chart has no row for these; the figures are Omtel's own, on the careful side of common advice.
  butter: life('Butter', [4 * WEEK, 8 * WEEK], [6, 9], 'omtel'),
  processedCheese: life('Processed cheese, opened', [3 * WEEK, 4 * WEEK], null, 'omtel'),
  mayonnaise: life('Shop mayonnaise and dressings, opened', [8 * WEEK, 8 * WEEK], null, 'omtel'),
  herbsInOil: life('Garlic or herbs in oil', [4, 4], [3, 6], 'keeping-clean'),
  freshPasta: life('Fresh pasta', [1, 2], [1, 2], 'omtel'),
  dough: life('Dough, raw', [1, 3], [1, 3], 'omtel'),
  sandwiches: life('Sandwiches and wraps, filled', [1, 2], null, 'omtel'),
  fruitPie: life('Fruit pie', [3, 4], [6, 8], 'omtel'),
};
