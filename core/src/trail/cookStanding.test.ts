import { rulesOf } from '../guidance';
import { comes, hours, minutes, stateOf } from '../testing/story';
import { onHeat, readAt } from '../testing/told';
import type { FoodEvent } from '../record';
import { cookStanding } from './cookStanding';

const home = rulesOf('home');
const bird = comes('chicken-whole', { form: 'wholeBird', massKg: 1.8 });
const stuffed = comes('turkey-stuffed', { form: 'wholeBird', massKg: 5 });
const standing = (food: FoodEvent, ...events: FoodEvent[]) =>
  cookStanding(stateOf([food, onHeat(hours(1)), ...events]), home)!;
const read = (place: Parameters<typeof readAt>[1], degreesF: number, after = 60) =>
  readAt(minutes(60 + after), place, degreesF);

describe('how a cook stands', () => {
  it('is nothing before the heat, and for what has nothing to reach', () => {
    expect(cookStanding(stateOf([bird]), home)).toBeNull();
    const roasting = stateOf([bird, onHeat(hours(1))]);
    expect(cookStanding(roasting, home)).not.toBeNull();
    expect(cookStanding({ ...roasting, foodKey: 'hard-cheese', cooked: true }, home)).toBeNull();
  });

  it('asks first for the place that lags most', () =>
    expect(standing(bird)).toMatchObject({ missing: 2, next: 'breast', standings: [] }));

  it('asks again for what is not there yet, before what nobody has read', () => {
    expect(standing(bird, read('thigh', 150))).toMatchObject({ missing: 1, next: 'thigh' });
    expect(standing(bird, read('breast', 170), read('thigh', 150, 61))).toMatchObject({
      missing: 0,
      next: 'thigh',
    });
  });

  it('asks for what nobody has read, and for nothing once all is done', () => {
    expect(standing(bird, read('breast', 170))).toMatchObject({ missing: 1, next: 'thigh' });
    expect(standing(bird, read('breast', 170), read('thigh', 170, 61))).toMatchObject({
      missing: 0,
      next: null,
    });
  });

  it('asks for a stuffing once two other places are read, and not before', () => {
    expect(standing(stuffed)).toMatchObject({ missing: 3, next: 'breast' });
    expect(standing(stuffed, read('breast', 170))).toMatchObject({ missing: 2, next: 'thigh' });
    expect(standing(stuffed, read('breast', 170), read('thigh', 170, 61))).toMatchObject({
      missing: 1,
      next: 'stuffing',
    });
    const all = [read('breast', 170), read('thigh', 170, 61), read('stuffing', 170, 62)];
    expect(standing(stuffed, ...all)).toMatchObject({ missing: 0, next: null });
    // With its stuffing read, the other places are read in their turn.
    expect(standing(stuffed, read('stuffing', 170), read('breast', 170, 61))).toMatchObject({
      missing: 1,
      next: 'thigh',
    });
  });
});
