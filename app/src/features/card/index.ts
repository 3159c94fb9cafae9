/** Cards: for the door, for what thaws, for a meal. All of them are pages of `press`. */
export { CardsScreen } from './CardsScreen';
export { DoorCardScreen } from './DoorCardScreen';
export { MealCardScreen } from './MealCardScreen';
export { ThawCardScreen } from './ThawCardScreen';
