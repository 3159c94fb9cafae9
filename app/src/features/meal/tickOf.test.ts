import { homeRules } from '@omtel/core/guidance';
import type { MealStep } from '@omtel/core/meal';
import type { KitchenEvent, PlannedDish } from '@omtel/core/record';
import { afterMealEvent, type FoodState } from '@omtel/core/trail';
import { MINUTE_MS } from '@omtel/core/units';
import { lambAdded, LAMB_ID, NOW, stateOf } from '../../../test/story';
import { newEvent, newMealEvent } from '../../store/outbox/record';
import { setRight } from '../../store/outbox/setRight';
import { tickOf } from './tickOf';

const dish: Extract<PlannedDish, { kind: 'cooked' }> = {
  kind: 'cooked',
  id: 'lamb',
  name: 'Lamb',
  foodId: LAMB_ID,
  foodKey: 'lamb-shoulder-bone-in',
  parts: [],
  form: 'boneInJoint',
  massKg: 2.4,
  condition: 'frozen',
  since: NOW,
  method: 'refrigerator',
  heating: { at: 'oven', fastMs: MINUTE_MS, slowMs: MINUTE_MS, celsius: [160, 170] },
  prepareMs: 0,
  restMs: 0,
  finishMs: 0,
  waitsMs: 0,
  keeps: true,
};
const planned = newMealEvent('01900000-0000-7000-8000-0000000000bb', NOW, 'mealPlanned', {
  name: 'Supper',
  people: 4,
  smallEaters: 0,
  serveAt: NOW + 60 * MINUTE_MS,
  dishes: [dish],
});
const meal = afterMealEvent(null, planned);
const step = (kind: MealStep['kind'], of: PlannedDish | null = dish, place?: string): MealStep => ({
  id: kind,
  kind,
  dish: of,
  task: of && {
    id: `lamb.${kind}`,
    dish: of.id,
    kind: 'cook',
    startAt: NOW,
    minutes: 10,
    hands: [],
    marks: [],
    ruleIds: [],
    ...(place && { place }),
  },
  at: NOW,
  busyMs: 0,
  doneAt: null,
  celsius: [160, 170],
  cook: null,
});
const frozen = stateOf(lambAdded(NOW - MINUTE_MS));
const thawed = stateOf(
  lambAdded(NOW - 2 * MINUTE_MS),
  newEvent(LAMB_ID, NOW - MINUTE_MS, 'thawStarted', { method: 'refrigerator' }),
);
const ticked = (what: MealStep, foods: readonly FoodState[] = [frozen]) => {
  const tick = tickOf(what, { meal, foods, now: NOW, rules: homeRules, unit: 'C' });
  return 'page' in tick ? tick.page : tick.events.map(({ type, payload }) => [type, payload]);
};
const ofMeal = (kind: string, part = 'begun', name = 'Lamb', id = 'lamb') => [
  'mealTicked',
  { dish: id, name, kind, part, at: NOW },
];

describe('a step that is ticked', () => {
  it.each<[MealStep['kind'], unknown]>([
    ['thaw', [['thawStarted', { method: 'refrigerator' }]]],
    ['water', [['waterChanged', {}]]],
    ['feelForIce', [['thawed', {}]]],
    ['on', [['cookingStarted', {}]]],
    ['off', [['offHeat', {}]]],
    ['washSink', [ofMeal('washSink')]],
    ['finish', [ofMeal('finish')]],
    ['ovenOn', [['ovenOn', { temperature: { value: 160, unit: 'C' } }], ofMeal('ovenOn')]],
    ['read', `/food/${LAMB_ID}/cook`],
    ['putAway', `/food/${LAMB_ID}/leftovers`],
    ['stir', []],
    ['turn', []],
  ])('%s is an entry of its food, or of the meal where no food tells of it', (kind, expected) =>
    expect(ticked(step(kind))).toEqual(expected),
  );

  it('takes out of the cold what is prepared there, so that its clock runs', () => {
    expect(ticked(step('prepare'), [thawed])).toEqual([['moved', { place: 'counter' }], ofMeal('prepare')]);
    expect(ticked(step('prepare'), [frozen])).toEqual([ofMeal('prepare')]);
  });

  it('says by what it is heated where the rules ask', () =>
    expect(ticked(step('on', dish, 'microwave'))).toEqual([['cookingStarted', { by: 'microwave' }]]));

  it('of a dish that is no food in the stores is the meal’s', () => {
    expect(ticked(step('thaw'), [])).toEqual([ofMeal('thaw')]);
    expect(ticked(step('on'), [])).toEqual([ofMeal('cook')]);
    expect(ticked(step('off'), [])).toEqual([ofMeal('cook', 'done')]);
    expect(ticked(step('putAway'), [])).toEqual([ofMeal('putAway', 'done')]);
  });

  it('of the table serves what was heated, and not what is raw', () => {
    const cooking = stateOf(
      lambAdded(NOW - 2 * MINUTE_MS),
      newEvent(LAMB_ID, NOW - MINUTE_MS, 'cookingStarted', {}),
    );
    const table = ofMeal('serve', 'done', 'Supper', 'table');
    expect(ticked(step('serve', null), [cooking])).toEqual([['served', {}], table]);
    expect(ticked(step('serve', null), [frozen])).toEqual([table]);
  });
});

describe('setting right', () => {
  const tick = newMealEvent(meal.mealId, NOW, 'mealTicked', {
    dish: 'lamb',
    name: 'Lamb',
    kind: 'prepare',
    part: 'begun',
    at: NOW,
  });
  const said = (event: KitchenEvent, how: Parameters<typeof setRight>[2]) => {
    const right = setRight(event, NOW + MINUTE_MS, how);
    return right && [right.type, right.payload];
  };

  it('says of a tick that it was earlier, or none', () => {
    expect(said(tick, { at: NOW - MINUTE_MS })).toEqual([
      'mealTicked',
      { ...tick.payload, at: NOW - MINUTE_MS },
    ]);
    expect(said(tick, { withdrawn: true })).toEqual(['mealTicked', { ...tick.payload, at: null }]);
  });

  it('corrects an entry of a food, and takes a plan back by dropping it', () => {
    const added = lambAdded();
    expect(said(added, { at: NOW })).toEqual(['corrected', { eventId: added.id, at: NOW }]);
    expect(said(planned, { withdrawn: true })).toEqual(['mealDropped', {}]);
    expect(said(planned, { at: NOW })).toBeNull();
  });
});
