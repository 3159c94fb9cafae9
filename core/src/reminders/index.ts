/**
 * What somebody is told of by itself: what, when, and whether aloud. How it reaches them, in a page, by the system or in a calendar,
 * belongs to whoever tells them.
 */
export { type DueStep, stepsOfFood, stepsOfMeal, type StepSettings } from './dueSteps';
export { isQuiet, type Manner, mannerOf, type QuietHours } from './quiet';
export type { PushKey, Pushed, PushSubscription } from './pushed';
export { toPush } from './toPush';
export { AGAIN_MS, AHEAD_MS, isAgain, type Reminded, type Reminder, remindersOf } from './remindersOf';
