import type { FoodList, Log, Problem, Recorded } from '@omtel/core/api';
import type { MealEvent, MealEventType, MealPayload } from '@omtel/core/record';
import type { MealState } from '@omtel/core/trail';
import { DAY_MS, HOUR_MS, MINUTE_MS } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';
import { aKitchen, event, json, lamb } from '../test/kitchen';

const kitchen = aKitchen();
const meals = async () => (await json<FoodList>(await kitchen.ask('GET', '/api/foods'))).meals;
const mealOf = async (mealId: string): Promise<MealState | undefined> =>
  (await meals()).find((meal) => meal.mealId === mealId);

const said = <Type extends MealEventType>(
  mealId: string,
  type: Type,
  payload: MealPayload<Type>,
  at = kitchen.now,
): MealEvent => ({ id: uuid(), mealId, at, type, payload }) as MealEvent;

const wanted = (over: Partial<MealPayload<'mealPlanned'>> = {}): MealPayload<'mealPlanned'> => ({
  name: 'Launch supper',
  people: 9,
  smallEaters: 2,
  serveAt: kitchen.now + DAY_MS,
  dishes: [
    {
      kind: 'cold',
      id: 'salad',
      name: 'Salad',
      foodId: null,
      prepareMs: 15 * MINUTE_MS,
      finishMs: 0,
      waitsMs: HOUR_MS,
      keeps: false,
    },
  ],
  ...over,
});
const ticked = (mealId: string, at: number | null, when = kitchen.now) =>
  said(mealId, 'mealTicked', { dish: 'salad', name: 'Salad', kind: 'prepare', part: 'begun', at }, when);

describe('a meal', () => {
  it('is told to every page of the household once it was planned, with what was said of it since', async () => {
    const mealId = uuid();
    const schedule = { serveAt: kitchen.now + DAY_MS + HOUR_MS, tasks: [] };
    const recorded = await kitchen.record(
      said(mealId, 'mealPlanned', wanted()),
      said(mealId, 'mealScheduled', schedule),
    );
    expect((await json<Recorded>(recorded)).meals).toEqual([await mealOf(mealId)]);
    await kitchen.record(ticked(mealId, kitchen.now - MINUTE_MS));
    expect(await mealOf(mealId)).toEqual({
      mealId,
      plannedAt: kitchen.now,
      wanted: wanted(),
      schedule,
      ticks: { 'salad.prepare': { begun: kitchen.now - MINUTE_MS } },
      dropped: false,
    });
  });

  it('of two ticks of one task the last that came in holds, and can say that it was none', async () => {
    const mealId = uuid();
    const [planned, early, late] = [
      said(mealId, 'mealPlanned', wanted()),
      ticked(mealId, kitchen.now - 5 * MINUTE_MS),
      ticked(mealId, kitchen.now - 2 * MINUTE_MS),
    ];
    await kitchen.record(planned, late, early);
    expect((await mealOf(mealId))!.ticks['salad.prepare']).toEqual({ begun: kitchen.now - 5 * MINUTE_MS });
    await kitchen.record(ticked(mealId, null));
    expect((await mealOf(mealId))!.ticks['salad.prepare']).toEqual({});
    // Sent again nothing of it changes, in any order.
    await kitchen.record(early, planned, late);
    expect((await mealOf(mealId))!.ticks['salad.prepare']).toEqual({});
  });

  it('lies in one order with all the household recorded, without a gap', async () => {
    const mealId = uuid();
    const food = lamb(uuid(), kitchen.now - HOUR_MS);
    await kitchen.record(
      food,
      said(mealId, 'mealPlanned', wanted()),
      event(food.foodId, kitchen.now, 'labelled'),
    );
    await kitchen.record(ticked(mealId, kitchen.now));
    const rows = await kitchen
      .db('events')
      .where({ household_id: kitchen.household.id })
      .orderBy('seq')
      .select('seq', 'type');
    expect(rows.map(({ seq }) => Number(seq))).toEqual(rows.map((_row, index) => index + 1));
    expect(rows.slice(-4).map(({ type }) => type)).toEqual([
      'added',
      'labelled',
      'mealPlanned',
      'mealTicked',
    ]);
  });

  it('not wanted any more it is gone, and planned again it is back', async () => {
    const mealId = uuid();
    await kitchen.record(said(mealId, 'mealPlanned', wanted()), said(mealId, 'mealDropped', {}));
    expect(await mealOf(mealId)).toBeUndefined();
    await kitchen.record(said(mealId, 'mealPlanned', wanted({ name: 'Late supper' })));
    expect((await mealOf(mealId))!.wanted.name).toBe('Late supper');
  });

  it('is listed until two days after it', async () => {
    const [over, lately] = [uuid(), uuid()];
    await kitchen.record(
      said(over, 'mealPlanned', wanted({ serveAt: kitchen.now - 2 * DAY_MS })),
      said(lately, 'mealPlanned', wanted({ serveAt: kitchen.now - DAY_MS })),
    );
    expect(await mealOf(over)).toBeUndefined();
    expect(await mealOf(lately)).toBeDefined();
  });

  it('is in the log by its name; a schedule is worked out, and no entry', async () => {
    const mealId = uuid();
    await kitchen.record(
      said(mealId, 'mealPlanned', wanted()),
      said(mealId, 'mealScheduled', { serveAt: kitchen.now + DAY_MS, tasks: [] }),
      ticked(mealId, kitchen.now),
    );
    const { entries } = await json<Log>(await kitchen.ask('GET', '/api/events'));
    const ofMeal = entries.filter(({ event: each }) => 'mealId' in each && each.mealId === mealId);
    expect(ofMeal.map(({ event: each, name }) => [each.type, name]).sort()).toEqual([
      ['mealPlanned', 'Launch supper'],
      ['mealTicked', 'Launch supper'],
    ]);
  });
});

describe('what cannot be said of a meal', () => {
  const refused = async (status: number, ...events: object[]) => {
    const response = await kitchen.ask('POST', '/api/events', { events });
    expect(response.status).toBe(status);
    return (await json<Problem>(response)).detail;
  };

  it('nobody planned it', async () => {
    expect(await refused(422, ticked(uuid(), kitchen.now))).toBe('That meal is not known here.');
  });

  it('a tick that is still to come', async () => {
    const mealId = uuid();
    await kitchen.record(said(mealId, 'mealPlanned', wanted()));
    expect(await refused(422, ticked(mealId, kitchen.now + HOUR_MS))).toBe(
      'That has not happened yet. Check the time.',
    );
  });

  it.each([
    ['no dish', { dishes: [] }],
    ['more small eaters than eaters', { people: 1, smallEaters: 2 }],
    ['no name', { name: ' ' }],
    ['a thousand people', { people: 1000 }],
  ])('%s', async (_what, over) => {
    await refused(400, said(uuid(), 'mealPlanned', wanted(over)));
  });

  it('one dish twice', async () => {
    const [dish] = wanted().dishes;
    await refused(400, said(uuid(), 'mealPlanned', wanted({ dishes: [dish!, dish!] })));
  });

  it('a meal under the id of a food, or a food under that of a meal, leaves the other as it is', async () => {
    const id = uuid();
    await kitchen.record(lamb(id, kitchen.now - HOUR_MS));
    const before = await kitchen.stateOf(id);
    await kitchen.record(said(id, 'mealPlanned', wanted()));
    expect(await kitchen.stateOf(id)).toEqual(before);
    expect((await kitchen.trailOf(id)).events).toHaveLength(1);
    await kitchen.record(event(id, kitchen.now, 'labelled'));
    expect((await kitchen.stateOf(id)).labelled).toBe(true);
    expect((await mealOf(id))!.wanted.name).toBe('Launch supper');
  });
});
