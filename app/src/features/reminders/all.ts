export { AskToRemind } from './AskToRemind';
export { ByPush } from './ByPush';
export { RemindersFields } from './RemindersFields';
export { Rings } from './Rings';
