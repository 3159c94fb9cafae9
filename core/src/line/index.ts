/**
 * One typed line, as a cook writes it on a tub: how much, of what, where to, since when.
 * It reads and never guesses at a rule; forms belong to the app.
 */
export { type Line, readLine } from './line';
