import type { FoodEvent, Payload } from '../record';
import { happened, read } from './story';

/** What is told of one food, one event or several in turn. */
export type Told = FoodEvent | readonly FoodEvent[];
export const story = (...told: readonly Told[]): FoodEvent[] => told.flat();
export const onHeat = (at: number) => happened(at, 'cookingStarted');
export const offHeat = (at: number) => happened(at, 'offHeat');
export type ProbedAt = NonNullable<Payload<'reading'>['place']>;
export const readAt = (when: number, place: ProbedAt, degreesF: number) =>
  read(when, degreesF, 'F', { place });
/** Read in so many places at once, and held where a school holds it. */
export const through = (when: number, degreesF: number, ...places: readonly ProbedAt[]) =>
  (places.length ? places : (['thickest', 'anotherPiece'] as const)).map((place) =>
    read(when, degreesF, 'F', { place, watchedMs: 15_000 }),
  );
