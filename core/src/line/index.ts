export { type Line, readLine } from './line';
