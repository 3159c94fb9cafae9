import type { Usual } from '@omtel/core/usual';
import { offeredFor, placesOf } from './usual';

const food = (name: string, place: string) => ({ name, place }) as Usual['lately'][number];
const usual: Usual = {
  lately: [
    food('Mince', 'refrigerator'),
    food('Peas', 'freezer'),
    food('Soup to cool', 'counter'),
    ...Array.from({ length: 8 }, (_, i) => food(`Cold ${i}`, 'refrigerator')),
  ],
  season: [food('Asparagus', 'refrigerator')],
};

describe('what is offered again', () => {
  it('is asked for by the stores it went to', () =>
    expect(placesOf(usual)).toEqual(['anywhere', 'refrigerator', 'freezer']));

  it('is what went there, or anything, no more than a thumb can choose from', () => {
    expect(offeredFor(usual, 'freezer')).toEqual({ lately: [usual.lately[1]], season: [] });
    expect(offeredFor(usual, 'anywhere').lately.slice(0, 3)).toEqual(usual.lately.slice(0, 3));
    expect(offeredFor(usual, 'refrigerator').lately).toHaveLength(8);
    expect(offeredFor(usual, 'refrigerator').season).toEqual(usual.season);
  });
});
