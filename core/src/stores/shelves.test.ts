import { homeRules } from '../guidance';
import { happened, leftovers, minutes, START, stateOf } from '../testing/story';
import type { FoodState } from '../trail';
import type { Shelf } from '../record';
import { shelfObjections } from '.';

const chicken = stateOf([
  happened(START, 'added', {
    foodKey: 'chicken-thighs',
    name: 'Chicken',
    massKg: 1,
    form: 'pieces',
    condition: 'fresh',
    place: 'refrigerator',
    since: START,
  }),
]);
const soup = stateOf([leftovers(START)]);
const on = (food: FoodState, shelf: Shelf | null, covered = true): FoodState => ({ ...food, shelf, covered });
const objections = (...foods: FoodState[]) =>
  shelfObjections(foods, homeRules).map(({ food, to }) => [food.name, to]);

describe('the order of the shelves', () => {
  it('is right with raw poultry at the bottom and covered leftovers on top', () =>
    expect(objections(on(soup, 'top'), on(chicken, 'lower'))).toEqual([]));
  it('objects to raw above ready-to-eat, and says what to move where', () => {
    expect(objections(on(soup, 'lower'), on(chicken, 'top'))).toEqual([['Chicken', 'lower']]);
    expect(objections(on(soup, 'drawer'), on(chicken, 'top'))).toEqual([['Chicken', 'drawer']]);
    expect(shelfObjections([on(soup, 'lower'), on(chicken, 'top')], homeRules)[0]).toMatchObject({
      words: expect.stringContaining('Chicken: raw, on the top shelf, above Soup.'),
      ruleId: 'home.keepingApart.shelves',
    });
  });
  it('objects to ready-to-eat food uncovered beside raw food', () => {
    expect(objections(on(soup, 'lower', false), on(chicken, 'lower'))).toEqual([['Soup', 'top']]);
    expect(objections(on(soup, 'top', false), on(chicken, 'lower'))).toEqual([]);
    expect(objections({ ...on(soup, 'lower', false), sealed: true }, on(chicken, 'lower'))).toEqual([]);
  });
  it('knows nothing of what stands elsewhere, in the door, or nowhere in particular', () => {
    expect(objections(on(soup, 'lower'), on(chicken, null))).toEqual([]);
    expect(objections(on(soup, 'lower'), on(chicken, 'door'))).toEqual([]);
    const out = stateOf([leftovers(START), happened(minutes(1), 'moved', { place: 'counter' })]);
    expect(objections(on(out, 'lower'), on(chicken, 'top'))).toEqual([]);
  });
});
