/**
 * What has to be told of food because some cannot eat it, by the fourteen groups of Regulation (EU) No 1169/2011, annex II; the
 * nine of other countries are among them.
 */
const NAMES = {
  gluten: 'gluten',
  crustaceans: 'crustaceans',
  eggs: 'eggs',
  fish: 'fish',
  peanuts: 'peanuts',
  soya: 'soya',
  milk: 'milk',
  nuts: 'nuts',
  celery: 'celery',
  mustard: 'mustard',
  sesame: 'sesame',
  sulphites: 'sulphites',
  lupin: 'lupin',
  molluscs: 'molluscs',
} as const;

export type AllergenId = keyof typeof NAMES;
export const allergenIds = Object.keys(NAMES) as [AllergenId, ...AllergenId[]];

export const allergenName = (id: AllergenId): string => NAMES[id];

/** What was noted of a food, in the order of the list; null where nothing was. Nothing noted is not "contains none". */
export const containsWords = (noted: readonly AllergenId[]): string | null =>
  noted.length === 0
    ? null
    : `Contains ${allergenIds
        .filter((id) => noted.includes(id))
        .map(allergenName)
        .join(', ')}`;
