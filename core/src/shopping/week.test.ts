import type { Payload, PlannedDish } from '../record';
import { at, comes, days, GUIDANCES, hours, moved, START, stateOf } from '../testing/story';
import { wanted } from '../testing/supper';
import type { MealState } from '../trail';
import { DAY_MS } from '../units';
import { weekShopping } from '.';

const salad = (id: string, buys: PlannedDish['buys']): PlannedDish => ({
  id,
  kind: 'cold',
  name: id,
  foodId: null,
  prepareMs: 0,
  finishMs: 0,
  waitsMs: 0,
  keeps: false,
  buys,
});
const meal = (serveAt: number, buys: PlannedDish['buys'], more: Partial<MealState> = {}): MealState => ({
  mealId: `meal ${serveAt}`,
  plannedAt: START,
  wanted: { ...wanted, serveAt, dishes: [salad('salad', buys)] },
  schedule: null,
  ticks: {},
  dropped: false,
  ...more,
});
const came = (foodKey: string, over = {}) => comes(foodKey, over).payload as Payload<'added'>;
const list = (
  week: Partial<Parameters<typeof weekShopping>[0]>,
  { guidance = GUIDANCES.home, now = START } = {},
) =>
  weekShopping({ meals: [], foods: [], lately: [], ...week }, at(now, { guidance })).map(
    ({ place, things }) =>
      [
        place,
        things.map((each) =>
          each.kind === 'meal'
            ? each.thing.kind === 'item'
              ? each.thing.item
              : each.thing.dish.name
            : `${each.food.foodKey} ${each.endsAt === null ? 'none' : Math.round((each.endsAt - START) / DAY_MS)}`,
        ),
      ] as const,
  );

describe('what is bought for a week', () => {
  it('comes from every meal of the week, what is needed first first, in the order of the shop', () =>
    expect(
      list({
        meals: [
          meal(days(5), [
            { name: 'Lettuce', shelf: 'produce' },
            { name: 'Oil', shelf: 'dry' },
          ]),
          meal(days(2), [
            { name: 'Cress', shelf: 'produce' },
            { name: 'Ice', shelf: 'frozen' },
          ]),
        ],
      }),
    ).toEqual([
      ['dry', ['Oil']],
      ['produce', ['Cress', 'Lettuce']],
      ['frozen', ['Ice']],
    ]));

  it('leaves out meals that are over, dropped, or later than the week', () => {
    const buys = [{ name: 'Oil', shelf: 'dry' as const }];
    expect(
      list({
        meals: [meal(START - 1, buys), meal(days(3), buys, { dropped: true }), meal(days(7) + 1, buys)],
      }),
    ).toEqual([]);
    expect(list({ meals: [meal(days(7), buys)] })).toEqual([['dry', ['Oil']]]);
  });

  it('says what is usually there and runs out, and what there is none of', () => {
    const milk = came('milk');
    expect(list({ lately: [milk] })).toEqual([['chilled', ['milk none']]]);
    const opened = stateOf([comes('milk')]);
    const [[, [said]]] = list({ lately: [milk], foods: [opened] }, { now: days(1) }) as [[string, string[]]];
    expect(said).toMatch(/^milk [1-7]$/);
  });

  it('what is frozen is there still; a second carton that keeps longer is enough', () => {
    const chicken = came('chicken-thighs');
    const here = stateOf([comes('chicken-thighs')]);
    const frozen = stateOf([comes('chicken-thighs'), moved(hours(1), 'freezer')]);
    expect(list({ lately: [chicken], foods: [here] }, { now: days(1) })).toEqual([
      ['raw', [expect.stringMatching(/^chicken/)]],
    ]);
    expect(list({ lately: [chicken], foods: [here, frozen] }, { now: days(1) })).toEqual([]);
  });

  it('what was bought within a day is not bought again', () => {
    const chicken = came('chicken-thighs');
    const foods = [stateOf([comes('chicken-thighs')])];
    expect(list({ lately: [chicken], foods }, { now: days(1) - 1 })).toEqual([]);
    expect(list({ lately: [chicken], foods }, { now: days(1) })).toHaveLength(1);
  });

  it('what was cooked here, or brought by somebody, is not bought', () =>
    expect(
      list({
        lately: [
          came('lentil-soup', { condition: 'fresh' }),
          came('lentil-soup', { condition: 'cooked' }),
          came('chicken-thighs', { condition: 'cooked' }),
          came('milk', { from: 'guest' }),
        ],
      }),
    ).toEqual([]));

  it('by shorter days it runs out no later', () => {
    const milk = came('milk');
    const foods = [stateOf([comes('milk')])];
    const lasts = (guidance: typeof GUIDANCES.home) =>
      weekShopping({ meals: [], foods, lately: [milk] }, at(days(1), { guidance })).flatMap(({ things }) =>
        things.map((each) => (each.kind === 'usual' ? each.endsAt! : 0)),
      )[0] ?? Infinity;
    expect(lasts(GUIDANCES.care)).toBeLessThanOrEqual(lasts(GUIDANCES.home));
  });
});
