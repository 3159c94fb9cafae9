import type { FoodEvent } from '@omtel/core/trail';
import { recentIn } from './recent';

const came = (name: string, foodKey: string, parts?: string[]) =>
  ({ type: 'added', payload: { name, foodKey, ...(parts && { parts }) } }) as FoodEvent;

describe('what came in lately', () => {
  it('is each food once, at its latest', () =>
    expect(
      recentIn([
        came('Mince', 'ground-beef'),
        { type: 'note', payload: { text: 'a' } } as FoodEvent,
        came('Soup', 'lentil-soup', ['cooked-rice']),
        came('Mince', 'ground-beef'),
        came('Mince for Sunday', 'ground-beef'),
      ]),
    ).toEqual([
      { name: 'Mince', kinds: ['ground-beef'] },
      { name: 'Soup', kinds: ['lentil-soup', 'cooked-rice'] },
      { name: 'Mince for Sunday', kinds: ['ground-beef'] },
    ]));

  it('is no more than a thumb can choose from', () =>
    expect(recentIn(Array.from({ length: 30 }, (_each, i) => came(`Food ${i}`, 'cod')))).toHaveLength(8));
});
