export { AskToRemind, ByPush, RemindersFields, Rings } from './later';
