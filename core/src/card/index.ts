/**
 * What stands on a card that is printed: for the refrigerator's door, for what thaws, for one meal. Every figure comes from a rule.
 * How it is set on paper belongs to `print`.
 */
export { type Bought, type Door, doorCard } from './doorCard';
export { mealCard, type MealOnCard } from './mealCard';
export { thawCard, type ThawContext, type Thawed } from './thawCard';
