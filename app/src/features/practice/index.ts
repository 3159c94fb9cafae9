export { BesideStep, Heating } from './BesideStep';
export { MOMENTS_OF_MEAL_STEP, MOMENTS_OF_STEP } from './moments';
export { Practised } from './practised';
