/**
 * What happened: events and their payloads, corrections settled, an entry in words.
 * What it amounts to is not known here: no state, no clock, no ruling.
 */
export { canBeAnothers, likeliestFirst } from './anothers';
export { type CoolingPlan, coolingPlanSchema } from './coolingPlan';
export { DUTY_MENDS, DUTY_WORDS, eventWords, placeWords, SHELF_WORDS } from './eventWords';
export {
  eventSchema,
  type EventType,
  type FoodEvent,
  type HoldingDuty,
  type LabelDate,
  type Payload,
  payloads,
  type Place,
  type Shelf,
  shelves,
  temperatureSchema,
} from './events';
export {
  isOfMeal,
  type KitchenEvent,
  type MealEvent,
  type MealEventType,
  type MealPayload,
  mealEventTypes,
  type PlacedTask,
  type PlannedDish,
  subjectOf,
} from './meals';
export {
  heldPlaces,
  type HeldPlace,
  LONGEST_COURSE_MS,
  type MarkKind,
  MOST_DISHES,
  taskId,
  MOST_BOUGHT,
  type ShopShelf,
  shopShelves,
  type TaskKind,
  type TickedKind,
} from './mealKinds';
export { latestPast } from './pastTimes';
export { type ProbePlace, probePlaces } from './probePlaces';
export { PLACE_LABELS, PLACE_OF_PROBE } from './probeWords';
export { asCorrected, inOrder, isBeginning, settle, whyRefused } from './settling';
export { otherHalf, tiedTo } from './ties';
