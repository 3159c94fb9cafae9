import { homeRules, PLAIN_GUIDANCE } from '@omtel/core/guidance';
import { DEFAULT_SETTINGS } from '@omtel/core/household';
import { afterMealEvent } from '@omtel/core/trail';
import { DAY_MS } from '@omtel/core/units';
import { lambAdded, LAMB_ID, METRIC, NOW, stateOf } from '../../../../test/story';
import { newMealEvent } from '../../../store/outbox/record';
import {
  fieldsOfDish,
  kindOfStored,
  proposedFields,
  readDish,
  type DishDraft,
  type DishFields,
} from './dishDraft';
import { draftOf, newMeal, nextDishId, readMeal, usualName } from './mealDraft';

// Of the other place only what reads fields is needed, and none of its screens.
jest.mock('../../plan', () => jest.requireActual('../../plan/draft'));

const lamb = stateOf(lambAdded());
const foods = new Map([[LAMB_ID, lamb]]);
const context = {
  guidance: PLAIN_GUIDANCE,
  table: [],
  guidedBy: null,
  rules: homeRules,
  units: METRIC,
  zone: 'UTC',
  now: NOW,
  availability: DEFAULT_SETTINGS.availability,
};
const bare = {
  id: 'd1',
  name: 'Lamb',
  foodId: LAMB_ID,
  kinds: ['lamb-shoulder-bone-in'],
  kind: 'cooked',
} as const;
const dish = (over: Partial<DishFields> = {}): DishDraft => ({
  ...bare,
  fields: { ...proposedFields(bare, lamb, 'kg', context), ...over },
});
const read = (over: Partial<DishFields> = {}) =>
  readDish(dish(over), lamb, { ...context, serveAt: NOW + 4 * DAY_MS });

describe('a dish of the stores', () => {
  it('is read from what is proposed: its weight, the chart’s time, the oven the chart asks and no cooler', () => {
    const { dish: made } = read() as Extract<ReturnType<typeof readDish>, { dish: object }>;
    expect(made).toMatchObject({
      kind: 'cooked',
      massKg: 2.4,
      condition: 'frozen',
      method: 'refrigerator',
      heating: { at: 'oven', celsius: [165, 175] },
    });
    const { heating } = made as Extract<typeof made, { kind: 'cooked' }>;
    expect(heating.slowMs).toBeGreaterThan(heating.fastMs);
  });

  it('buys what is typed after commas, each thing of a shelf once, and shows it again', () => {
    const buys = { dry: '', produce: ' Mint,mint sauce, Mint,', chilled: 'Yoghurt', frozen: '' };
    const { dish: made } = read({ buys }) as Extract<ReturnType<typeof readDish>, { dish: object }>;
    expect(made.buys).toEqual([
      { name: 'Mint', shelf: 'produce' },
      { name: 'mint sauce', shelf: 'produce' },
      { name: 'Yoghurt', shelf: 'chilled' },
    ]);
    const again = fieldsOfDish(made, dish().fields, METRIC);
    expect(again.buys).toEqual({ dry: '', produce: 'Mint, mint sauce', chilled: 'Yoghurt', frozen: '' });
    expect(read()).not.toHaveProperty('dish.buys');
  });

  it.each([
    [{ buys: { dry: 'x'.repeat(81), produce: '', chilled: '', frozen: '' } }, 'buys'],
    [{ buys: { dry: [...'abcdefghijklmnopqrstu'].join(), produce: '', chilled: '', frozen: '' } }, 'buys'],
    [{ cookMinutes: '' as const, mass: '' }, 'mass'],
    [{ prepareMinutes: '-3' }, 'prepareMinutes'],
    [{ waitsMinutes: 'soon' }, 'waitsMinutes'],
    [{ degrees: '900' }, 'degrees'],
    [{ everyMinutes: '0' }, 'everyMinutes'],
    [{ restMinutes: '99999' }, 'restMinutes'],
  ])('%j is a sentence at its field', (over, field) => {
    const made = read(over);
    expect('problems' in made && Object.keys(made.problems)).toContain(field);
  });

  it('is heated again where it was cooked and is eaten hot', () => {
    expect(kindOfStored(lamb)).toBe('cooked');
    expect(kindOfStored({ ...lamb, cooked: true })).toBe('reheated');
    expect(
      proposedFields({ ...bare, kind: 'reheated' }, { ...lamb, cooked: true }, 'kg', context).keeps,
    ).toBe(false);
  });
});

it('what is still to be bought is bought fresh, on the day', () => {
  const toBuy = { ...bare, foodId: 'x', kinds: ['chicken-thighs'], comes: 'shop' } as const;
  const fields = { ...proposedFields(toBuy, null, 'kg', context), mass: '1', condition: 'fresh' as const };
  const made = readDish({ ...toBuy, fields }, null, { ...context, serveAt: NOW + 3 * DAY_MS });
  expect(made).toMatchObject({ dish: { since: Date.UTC(2026, 5, 15), comes: 'shop' } });
});

describe('a meal', () => {
  const draft = { ...newMeal([]), daysAhead: '4', dishes: [dish()] };

  it('is read once every dish is; its name is its day’s where nobody gives one', () => {
    const { wanted, problems } = readMeal(draft, foods, context);
    expect(problems.size).toBe(0);
    expect(wanted).toMatchObject({ name: 'Tuesday supper', people: 4, serveAt: Date.UTC(2026, 5, 16, 19) });
    const broken = readMeal({ ...draft, dishes: [dish({ mass: '' })] }, foods, context);
    expect([broken.wanted, broken.problems.has('d1')]).toEqual([null, true]);
    expect(readMeal({ ...draft, clock: 'noonish' }, foods, context).wanted).toBeNull();
    expect(readMeal({ ...draft, dishes: [] }, foods, context).wanted).toBeNull();
  });

  it('that was planned is in its form as it was', () => {
    const { wanted } = readMeal(draft, foods, context);
    const meal = afterMealEvent(null, newMealEvent('m', NOW, 'mealPlanned', wanted!));
    expect(readMeal(draftOf(meal, foods, context), foods, context).wanted).toEqual(wanted);
  });

  it.each([
    [8, 'Friday breakfast'],
    [12, 'Friday lunch'],
    [19, 'Friday supper'],
  ])('at %d is called %s', (hour, name) => expect(usualName(Date.UTC(2026, 5, 12, hour), 'UTC')).toBe(name));

  it('never has two dishes of one id', () => {
    expect(nextDishId([])).toBe('d1');
    expect(nextDishId([dish(), { ...dish(), id: 'd3' }])).toBe('d4');
    expect(nextDishId([{ ...dish(), id: 'd2' }])).toBe('d3');
  });
});
