import { frozenLamb, leftovers, raw, START, stateOf } from '../testing/story';
import { likeliestFirst } from '.';

describe('whose an entry may have been', () => {
  it('is likeliest of the same kind, then of the same place, and never of what is gone', () => {
    const named = (name: string, state: ReturnType<typeof stateOf>) => ({ ...state, foodId: name, name });
    const soup = stateOf([leftovers(START)]);
    const foods = [
      named('Lamb', stateOf([frozenLamb()])),
      named('Thighs', stateOf([raw()])),
      named('Bream', stateOf([raw({ foodKey: 'trout-side' })])),
      named('Other soup, in the freezer', { ...soup, place: 'freezer' }),
      named('Eaten soup', { ...soup, place: 'gone' }),
      named('Soup', soup),
    ];
    expect(likeliestFirst(foods[5]!, foods).map(({ name }) => name)).toEqual([
      'Other soup, in the freezer',
      'Bream',
      'Thighs',
      'Lamb',
    ]);
  });
});
