import type { FoodTrail, Recorded } from '@omtel/core/api';
import { chances, type Chance } from '@omtel/core/chance';
import type { EventType, FoodEvent, Payload } from '@omtel/core/record';
import { MINUTE_MS } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';
import { aKitchen, event, json, lamb } from '../test/kitchen';

const kitchen = aKitchen('all');
const FOODS = 8;
const ACTS = 100;
const DAYS_MS = 3 * 24 * 60 * MINUTE_MS;

const pick = <T>(chance: Chance, among: readonly T[]): T => among[Math.floor(chance() * among.length)]!;
const degrees = (chance: Chance) => ({ value: Math.round(20 + chance() * 160), unit: 'F' as const });

/** What a cook notes in passing, of any food. */
const NOTED: readonly ((chance: Chance) => { [Type in EventType]?: Payload<Type> })[] = [
  (chance) => ({
    moved: { place: pick(chance, ['refrigerator', 'freezer', 'counter', 'table', 'outdoors']) },
  }),
  (chance) => ({ reading: { temperature: degrees(chance), watchedMs: 15_000 } }),
  (chance) => ({ airRead: { temperature: degrees(chance) } }),
  () => ({ cookingStarted: {} }),
  () => ({ offHeat: {} }),
  () => ({ served: {} }),
  () => ({ opened: {} }),
  () => ({ thawStarted: { method: 'coldWater' } }),
  () => ({ waterChanged: {} }),
  () => ({ thawed: {} }),
  (chance) => ({ note: { text: `note ${Math.floor(chance() * 1000)}` } }),
];

/** What one device notes while it has no network, in its own order; now and then it takes one of its own back. */
function actsOf(foods: readonly string[], since: number, chance: Chance): FoodEvent[] {
  const acts: FoodEvent[] = [];
  for (let i = 0; i < ACTS; i++) {
    const at = since + Math.round(((i + chance()) * DAYS_MS) / ACTS);
    const taken = chance() < 0.1 ? pick(chance, acts) : undefined;
    if (taken && taken.type !== 'corrected') {
      acts.push(event(taken.foodId, at, 'corrected', { eventId: taken.id, withdrawn: true }));
      continue;
    }
    const [type, payload] = Object.entries(pick(chance, NOTED)(chance))[0] as [EventType, Payload<EventType>];
    acts.push(event(pick(chance, foods), at, type, payload));
  }
  return acts;
}

/** Sends what two devices hold, each in its own order, in batches by chance; an acknowledgement is lost now and then, and all of it is sent again. */
async function merge(outboxes: readonly (readonly FoodEvent[])[], chance: Chance): Promise<void> {
  const left = outboxes.map((outbox) => [...outbox]);
  while (left.some((outbox) => outbox.length > 0)) {
    const outbox = pick(
      chance,
      left.filter((each) => each.length > 0),
    );
    const batch = outbox.slice(0, 1 + Math.floor(chance() * 30));
    const answer = await kitchen.ask('POST', '/api/events', { events: batch });
    expect(answer.status).toBe(200);
    expect((await json<Recorded>(answer)).accepted).toEqual(batch.map(({ id }) => id));
    if (chance() < 0.8) outbox.splice(0, batch.length);
  }
}

/** The same acts on other foods, under other names. */
function twins(acts: readonly FoodEvent[], foods: ReadonlyMap<string, string>): FoodEvent[] {
  const ids = new Map(acts.map(({ id }) => [id, uuid()]));
  return acts.map((act) => ({
    ...act,
    id: ids.get(act.id)!,
    foodId: foods.get(act.foodId)!,
    payload:
      act.type === 'corrected' ? { ...act.payload, eventId: ids.get(act.payload.eventId)! } : act.payload,
  })) as FoodEvent[];
}

it.each([1, 2, 3])(
  'two devices that noted a hundred acts each without a network lose none, and come to the same however they are heard (%i)',
  async (seed) => {
    const chance = chances(seed);
    const since = kitchen.now - DAYS_MS - MINUTE_MS;
    const foods = Array.from({ length: FOODS }, () => uuid());
    const others = new Map(foods.map((foodId) => [foodId, uuid()]));
    const begin = (foodId: string) => lamb(foodId, since - MINUTE_MS);
    await kitchen.ask('POST', '/api/events', { events: [...foods, ...others.values()].map(begin) });
    const outboxes = [actsOf(foods, since, chance), actsOf(foods, since, chance)];

    await merge(outboxes, chance);
    await merge(
      outboxes.map((acts) => twins(acts, others)),
      chance,
    );

    for (const [foodId, other] of others) {
      const [one, two] = [await kitchen.trailOf(foodId), await kitchen.trailOf(other)];
      const noted = outboxes.flat().filter((act) => act.foodId === foodId);
      expect(one.events.map(({ id }) => id).sort()).toEqual(
        [one.events[0]!.id, ...noted.map(({ id }) => id)].sort(),
      );
      const unnamed = ({ food: { state } }: FoodTrail) => ({
        ...state,
        foodId: '',
        lastIds: state.lastIds.length,
      });
      expect(unnamed(two)).toEqual(unnamed(one));
    }
  },
);
