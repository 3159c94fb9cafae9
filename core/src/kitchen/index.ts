/**
 * Small instruments that work something out: a figure in, a figure out, by a rule and its limits.
 * Each is a file of its own; what a screen remembers of it belongs to the screen.
 */
export { type Brine, percentOf, saltFor, STRONGEST_BRINE } from './brine';
export { boilingAt } from './boilingPoint';
export { type Carried, type Carrying, carryingTime } from './carrying';
export { heaviestIn, roomFor, type RoomTaken } from './fits';
export { type FryingPot, massOfRise, type OilMark, oilMark, riseOf } from './fryingPot';
export { cooledTo, type IceBath, iceFor } from './iceBath';
export { keepsUntil, type Lunch, lunchBoxes, type Lunches, type TakenAlong, takenAlong } from './lunchBoxes';
export { microwaveTime } from './microwaveTime';
export {
  type Dial,
  type GasMark,
  gasMarks,
  hotEnoughForMeat,
  type OvenSetting,
  ovenSetting,
} from './ovenSetting';
export { KitchenProblem } from './problem';
export {
  bleachFor,
  type Fit,
  type Mix,
  type Mixed,
  mixed,
  ppmWords,
  type Range,
  STRONGEST_PERCENT,
  waterFor,
} from './sanitiser';
export { inSamePot, potFor, timesOf } from './scaleDish';
export { inTubs, keptFor, type Tubs, tubsOf } from './tubs';
export { type WaterThaw, waterThaw } from './waterThaw';
