/**
 * The catalogue: kinds of food with composition, forms and the guidance rows they go by, and the search for them.
 * What is ruled on a kind belongs to `guidance`; a household's own foods to its settings.
 */
export {
  afterThawCategories,
  type AfterThawCategory,
  cookingCategories,
  type CookingCategory,
  type FormId,
  formIds,
  type RiskId,
  riskIds,
  type RoastId,
  roastIds,
  shelfCategories,
  type ShelfCategory,
  storageCategories,
  type StorageCategory,
} from './categories';
export { type Composition, compositionSchema, type Food, foodSchema } from './schema';
export { catalogue, foodById, isCanned, isKnownFood, keepsInCupboard, UnknownFood } from './catalogue';
export { type Form, formById, HEAVIEST_KG, LONGEST_NAME } from './forms';
export { prepareSearch, searchFoods } from './search';
export { asked, kept, says, SEPARATORS } from './kitchenWords';
export { type AllergenId, allergenIds, allergenName, containsWords } from './allergens';
export { type OwnFood, ownFoodSchema, searchOwnFoods } from './ownFood';
export { readMass } from './readMass';
