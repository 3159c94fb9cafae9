/**
 * A meal that was planned, as it goes on: how far it has come, its steps in words, who does them, how long each dish stands out of the
 * cold. How its dishes become tasks with a schedule is `dishes`'; how much to buy and when is `shopping`'s.
 */
export { FIVE, fivesLater, nextFive, onFive } from './fives';
export { followMeal, type Followed, foodsOf } from './followMeal';
export { toDo } from './hurtsFirst';
export { allBlow, type Cook, type Kitchen, type Oven, SECOND_OVEN, type Table } from './kitchen';
export { kitchenFor, type KitchenSettings } from './kitchenFor';
export { type MealLine, mealLine, type MealStep, type MealStepKind, mealStepKinds } from './mealSteps';
export { dialOf, mealStepWords, type MealWordsContext } from './mealWords';
export { outOfCold, type OutOfCold } from './outOfCold';
export { type MealStand, type Stand, standOf, TABLE } from './stand';
export { type Timer, timerWords, underWay, WHERE_HEATED } from './underWay';
export { asEaten, careAt, careFor, eatersOf, guidedAt, type RuledAt, rulesOfDish } from './whoEats';
export { boundTo, type Doing, whoDoes } from './whoDoes';
