import type { FoodList, FoodTrail, StoredFood } from '@omtel/core/api';
import { PLAIN_GUIDANCE } from '@omtel/core/guidance';
import type { FoodEvent } from '@omtel/core/record';
import { foldTrail, referredTo } from '@omtel/core/trail';
import { MINUTE_MS } from '@omtel/core/units';
import fc from 'fast-check';
import { v7 as uuid } from 'uuid';
import { boatyard, lambAdded, listOf, NOW, stateOf } from '../../../test/story';
import { newEvent } from '../outbox/record';
import { householdAfter, kitchenAfter, logAfter, type KnownKitchen } from './overlay';

const { settings } = boatyard;
const FOODS = [1, 2, 3, 4].map((n) => `01900000-0000-7000-8000-0000000001${n}${n}`) as [string, ...string[]];

type Act = (at: number, before: readonly FoodEvent[]) => FoodEvent[];

const added =
  (foodId: string): Act =>
  (at) => [
    { ...lambAdded(at), foodId, payload: { ...lambAdded(at).payload, name: foodId.slice(-2) } } as FoodEvent,
  ];

/** What a cook does with what lies around; what cannot be done with a food is not. */
const act: fc.Arbitrary<Act> = fc.oneof(
  fc.constantFrom(...FOODS.slice(0, 3)).map(added),
  fc
    .record({ food: fc.constantFrom(...FOODS), place: fc.constantFrom('refrigerator', 'counter', 'freezer') })
    .map(({ food, place }): Act => (at) => [newEvent(food, at, 'moved', { place } as never)]),
  fc
    .record({ food: fc.constantFrom(...FOODS), value: fc.integer({ min: -5, max: 90 }) })
    .map(({ food, value }): Act => (at) => [
      newEvent(food, at, 'reading', { temperature: { value, unit: 'C' } } as never),
    ]),
  fc.constantFrom(...FOODS).map((food): Act => (at) => [newEvent(food, at, 'discarded', {} as never)]),
  fc
    .constantFrom(...FOODS.slice(0, 3))
    .map((from): Act => (at) => [
      newEvent(from, at, 'dividedOff', { massKg: 0.5, to: FOODS[3] } as never),
      newEvent(FOODS[3]!, at, 'portioned', { from, name: 'Part', massKg: 0.5 } as never),
    ]),
  // Something said before did not happen, or happened earlier.
  fc.record({ which: fc.nat(), withdrawn: fc.boolean() }).map(({ which, withdrawn }): Act => (at, before) => {
    const named = before.filter(({ type }) => type === 'moved' || type === 'reading');
    const target = named[which % Math.max(1, named.length)];
    if (!target) return [];
    const payload = withdrawn
      ? { eventId: target.id, withdrawn: true }
      : { eventId: target.id, at: target.at };
    return [newEvent(target.foodId, at, 'corrected', payload as never)];
  }),
);

/** A life of a kitchen in which everything is done to a food that is there. */
const life = fc.array(act, { minLength: 1, maxLength: 14 }).map((acts) => {
  const events: FoodEvent[] = [];
  acts.forEach((each, index) => {
    const here = new Set(events.filter(isBeginning).map(({ foodId }) => foodId));
    const gone = new Set(events.filter(({ type }) => type === 'discarded').map(({ foodId }) => foodId));
    const next = each(NOW + index * MINUTE_MS, events);
    const fits = next.every(
      (event) => isBeginning(event) !== here.has(event.foodId) && !gone.has(event.foodId),
    );
    const known = next.flatMap((event) => referredTo([event])).every((id) => here.has(id) && !gone.has(id));
    if (fits && known) events.push(...next);
  });
  return events;
});

const isBeginning = ({ type }: FoodEvent): boolean => type === 'added' || type === 'portioned';

/** What a server that has all of it tells. */
function told(events: readonly FoodEvent[]): KnownKitchen {
  const histories = new Map<string, FoodEvent[]>();
  for (const event of events) histories.set(event.foodId, [...(histories.get(event.foodId) ?? []), event]);
  const trails = new Map<string, FoodTrail>();
  const foods: StoredFood[] = [];
  for (const [id, own] of histories) {
    const state = foldTrail(own, PLAIN_GUIDANCE, histories);
    if (!state) continue;
    const food = { state, eventCount: own.length };
    const others = Object.fromEntries([...histories].filter(([other]) => referredTo(own).includes(other)));
    trails.set(id, { food, events: own, others });
    if (state.place !== 'gone') foods.push(food);
  }
  return { list: { ...listOf(), foods }, trails, readings: [] };
}

/** What is shown of it, in one order. */
const shown = ({ foods }: FoodList) =>
  foods.map(({ state }) => state).toSorted((a, b) => (a.foodId < b.foodId ? -1 : 1));

describe('a kitchen without its server', () => {
  it('stands as it will once everything is sent, however much was, and whichever answers were lost', () => {
    fc.assert(
      fc.property(life, fc.nat(), fc.nat(), (events, heard, lost) => {
        const known = heard % (events.length + 1);
        // The server has some of what waits already.
        const from = Math.max(0, known - (lost % 3));
        const here = kitchenAfter(
          told(events.slice(0, known)),
          { events: events.slice(from), changes: [] },
          settings,
        );
        expect(shown(here.list)).toEqual(shown(told(events).list));
        for (const [id, trail] of told(events).trails)
          expect(new Set(here.trails.get(id)?.events.map((event) => event.id))).toEqual(
            new Set(trail.events.map((event) => event.id)),
          );
      }),
      { numRuns: 300 },
    );
  });

  it('goes by the list where a trail is older than it', () => {
    const [first, second] = [
      lambAdded(),
      newEvent(lambAdded().foodId, NOW + 1, 'moved', { place: 'refrigerator' } as never),
    ];
    const { trails } = told([first]);
    const { list } = told([first, second]);
    const third = newEvent(first.foodId, NOW + 2, 'moved', { place: 'counter' } as never);
    const here = kitchenAfter({ list, trails, readings: [] }, { events: [third], changes: [] }, settings);
    expect(shown(here.list)).toEqual([stateOf(first, second, third)]);
  });

  const change = (path: string, body?: unknown, method = 'POST') => ({ id: uuid(), path, method, body });
  const cut = { id: uuid(), offAt: NOW, freezer: 'full', opened: [] } as const;

  it('tells what is at hand of a power cut, and what comes into a store meanwhile', () => {
    const before = told([lambAdded(NOW - MINUTE_MS)]);
    const changes = [change('/stores/power-cuts', cut)];
    const later = { ...lambAdded(NOW + MINUTE_MS), foodId: FOODS[0], id: uuid() };
    const here = kitchenAfter(before, { events: [later], changes }, settings);
    expect(here.list.powerCut).toEqual(cut);
    expect(shown(here.list).map(({ lastAt }) => lastAt)).toEqual([NOW, NOW + MINUTE_MS + 1]);
    expect(JSON.stringify(shown(here.list))).not.toBe(JSON.stringify(shown(told([lambAdded(NOW)]).list)));
    const back = change(`/stores/power-cuts/${cut.id}/end`, { onAt: NOW + 2 * MINUTE_MS });
    const over = kitchenAfter(before, { events: [later], changes: [...changes, back] }, settings);
    expect(over.list.powerCut).toBeNull();
    expect(shown(over.list).map(({ lastAt }) => lastAt)).toEqual([NOW + 2 * MINUTE_MS, NOW + 2 * MINUTE_MS]);
    expect(
      kitchenAfter(
        before,
        { events: [], changes: [...changes, change(`/stores/power-cuts/${cut.id}`, undefined, 'DELETE')] },
        settings,
      ).list.powerCut,
    ).toBeNull();
  });

  it('tells the foods of a store that its air is too warm, and right again', () => {
    const before = told([
      lambAdded(NOW - MINUTE_MS),
      newEvent(lambAdded().foodId, NOW, 'moved', { place: 'refrigerator' } as never),
    ]);
    const read = (value: number, at: number) =>
      change('/stores/readings', {
        id: uuid(),
        store: 'refrigerator',
        at,
        temperature: { value, unit: 'C' },
      });
    const warm = kitchenAfter(before, { events: [], changes: [read(12, NOW + 1)] }, settings);
    const right = kitchenAfter(
      before,
      { events: [], changes: [read(12, NOW + 1), read(3, NOW + 2)] },
      settings,
    );
    const never = kitchenAfter(before, { events: [], changes: [read(3, NOW + 2)] }, settings);
    expect(shown(never.list)).toEqual(shown(before.list));
    const states = [before, warm, right].map(({ list }) => JSON.stringify(shown(list)));
    expect(new Set(states).size).toBe(3);
    expect(right.readings.map(({ temperature }) => temperature.value)).toEqual([3, 12]);
  });

  it('stands by the rules that were chosen here, and for who was put at the table', () => {
    const before = told([
      lambAdded(),
      newEvent(lambAdded().foodId, NOW + 1, 'moved', { place: 'counter' } as never),
    ]);
    const table = [{ id: 'ines', name: 'Ines', small: false, care: 'pregnancy' as const }];
    const body = { table, guidance: { ...PLAIN_GUIDANCE, extraCare: true } };
    const changes = [change('/household/settings', body, 'PATCH')];
    const here = kitchenAfter(before, { events: [], changes }, { ...settings, ...body });
    const [food] = here.list.foods;
    expect(food!.inCare).toMatchObject({ foodId: food!.state.foodId, guidedBy: { extraCare: true } });
    expect(food!.state).toEqual(foldTrail(before.trails.get(food!.state.foodId)!.events, body.guidance));
  });

  it('has the settings that were changed here', () => {
    const patches = [{ altitudeM: 900, was: { altitudeM: 0 } }, { theme: 'dark' as const }];
    const changes = patches.map((body) => change('/household/settings', body, 'PATCH'));
    expect(householdAfter(boatyard, changes).settings).toEqual({
      ...settings,
      altitudeM: 900,
      theme: 'dark',
    });
  });

  it('has in its log what was recorded here, once', () => {
    const [first, second] = [
      lambAdded(),
      newEvent(lambAdded().foodId, NOW + 1, 'moved', { place: 'refrigerator' } as never),
    ];
    const log = { entries: [{ event: first, name: 'Lamb shoulder' }], next: null };
    const { list } = told([first, second]);
    expect(logAfter(log, [first, second], list).entries.map(({ event, name }) => [event.type, name])).toEqual(
      [
        ['moved', 'Lamb shoulder'],
        ['added', 'Lamb shoulder'],
      ],
    );
  });
});
