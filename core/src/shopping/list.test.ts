import type { PlannedDish } from '../record';
import { said, wanted } from '../testing/supper';
import { shoppingList, type ToBuy } from '.';

const cold = (id: string, buys: PlannedDish['buys']): PlannedDish => ({
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
const raw = (id: string, condition: 'fresh' | 'frozen'): PlannedDish => ({
  ...cold(id, undefined),
  kind: 'cooked',
  foodId: `food ${id}`,
  comes: 'shop',
  foodKey: 'beef-steak',
  parts: [],
  form: 'steak',
  massKg: 1,
  condition,
  since: null,
  method: condition === 'fresh' ? 'fresh' : 'fromFrozen',
  heating: { at: 'hob', fastMs: 60_000, slowMs: 60_000 },
  restMs: 0,
});

const dishes = [
  raw('peas', 'frozen'),
  raw('steak', 'fresh'),
  cold('salad', [
    { name: 'Cream', shelf: 'chilled' },
    { name: 'Oil', shelf: 'dry' },
    { name: 'Lettuce', shelf: 'produce' },
  ]),
  cold('cake', [
    { name: 'Ice', shelf: 'frozen' },
    { name: 'Cream', shelf: 'chilled' },
  ]),
];
const nameOf = (thing: ToBuy) => (thing.kind === 'food' ? thing.dish.id : `${thing.item} for ${thing.dish}`);
const listed = (foods: { foodId: string }[] = []) =>
  shoppingList({ wanted: { ...wanted, dishes } }, foods).map(
    ({ place, things }) => [place, things.map(nameOf)] as const,
  );

it('goes through the shop from what keeps to what is frozen, raw food in a bag of its own', () => {
  expect(listed()).toEqual([
    ['dry', ['Oil for salad']],
    ['produce', ['Lettuce for salad']],
    ['chilled', ['Cream for salad', 'Cream for cake']],
    ['raw', ['steak']],
    ['frozen', ['peas', 'Ice for cake']],
  ]);
});

it('leaves out food that was bought, and is empty where there is nothing', () => {
  expect(listed([{ foodId: 'food steak' }]).map(([place]) => place)).not.toContain('raw');
  expect(shoppingList({ wanted: { ...wanted, dishes: [cold('bread', undefined)] } }, [])).toEqual([]);
});

it('knows what was bought for which dish, and what was put back', () => {
  const planned = said(null, 'mealPlanned', { ...wanted, dishes });
  const bought = said(planned, 'mealBought', { dish: 'cake', item: 'Cream', at: 5 });
  const boughtIn = (meal: typeof planned) =>
    shoppingList(meal, [])
      .flatMap(({ things }) => things)
      .filter((thing) => thing.kind === 'item' && thing.boughtAt !== null)
      .map(nameOf);
  expect(boughtIn(bought)).toEqual(['Cream for cake']);
  expect(boughtIn(said(bought, 'mealBought', { dish: 'cake', item: 'Cream', at: null }))).toEqual([]);
  expect(boughtIn(said(bought, 'mealBought', { dish: 'cake', item: '__proto__', at: 5 }))).toEqual([
    'Cream for cake',
  ]);
});
