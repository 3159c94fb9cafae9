import type { FoodEvent } from '@omtel/core/trail';
import { recentIn } from './recent';

const came = (name: string, foodKey: string, massKg = 1) =>
  ({ type: 'added', payload: { name, foodKey, massKg } }) as FoodEvent;

describe('what came in lately', () => {
  it('is each food once, as it came last', () =>
    expect(
      recentIn([
        came('Mince', 'ground-beef', 0.8),
        { type: 'note', payload: { text: 'a' } } as FoodEvent,
        came('Soup', 'lentil-soup'),
        came('Mince', 'ground-beef', 0.5),
        came('Mince for Sunday', 'ground-beef'),
      ]).map(({ name, massKg }) => [name, massKg]),
    ).toEqual([
      ['Mince', 0.8],
      ['Soup', 1],
      ['Mince for Sunday', 1],
    ]));

  it('is no more than a thumb can choose from', () =>
    expect(recentIn(Array.from({ length: 30 }, (_each, i) => came(`Food ${i}`, 'cod')))).toHaveLength(8));
});
