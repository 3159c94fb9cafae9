import type { MealStepKind } from '@omtel/core/meal';
import type { StepKind } from '@omtel/core/plan';
import type { Moment } from '@omtel/core/practice';

/** Which moments of the work a step of a food's plan is. */
export const MOMENTS_OF_STEP: Readonly<Record<StepKind, readonly Moment[]>> = {
  startThaw: ['thaw'],
  changeWater: [],
  checkThawed: ['thawed'],
  ovenOn: ['prepare'],
  startCooking: ['prepare', 'cook'],
  read: ['read'],
  offHeat: ['off'],
  serve: ['serve'],
  putAway: ['putAway'],
};

/** The same of a meal's; a dish that is heated again is not cooked. */
export const MOMENTS_OF_MEAL_STEP: Readonly<Record<MealStepKind, readonly Moment[]>> = {
  off: ['off'],
  water: [],
  turn: [],
  stir: [],
  read: ['read'],
  feelForIce: ['thawed'],
  washSink: ['sink'],
  marinate: ['marinate'],
  thaw: ['thaw'],
  ovenOn: [],
  prepare: ['prepare'],
  on: ['cook'],
  finish: ['finish'],
  serve: ['serve'],
  putAway: ['putAway'],
};
