import { v7 as uuid } from 'uuid';
import type { FoodEvent } from '@omtel/core/record';
import type { FoodTrail } from '@omtel/core/api';
import type { Chance } from '@omtel/core/chance';
import { foodLife } from '../inventedUse';
import type { Arena } from './arena';
import { Device, signIn } from './device';

const DAY_MS = 24 * 60 * 60 * 1000;

/**
 * Two devices without a network each note half of what happens to foods; then both send all they have, in either order.
 *
 * @returns how many foods came out otherwise for the order
 */
export async function mergeOffline(
  arena: Arena,
  foods: number,
  chance: Chance,
): Promise<{ readonly foods: number; readonly differing: number }> {
  const { cookie, now } = await signIn(arena.addresses[0]!);
  const device = new Device(arena.addresses, cookie);
  let differing = 0;
  for (let food = 0; food < foods; food++) {
    const life = foodLife(now - (5 + chance() * 30) * DAY_MS, chance);
    const twin = twinOf(life);
    const first = life.map((_, i) => i === 0 || chance() < 0.5);
    const half = (events: FoodEvent[], mine: boolean) => events.filter((_, i) => first[i] === mine);
    for (const events of [half(life, true), half(life, false)]) if (events.length) await device.send(events);
    // The same food of another home: what was noted later comes first, as far as it can without a beginning.
    const [begin, ...rest] = twin as [FoodEvent, ...FoodEvent[]];
    const later = rest.filter((_, i) => !first[i + 1]);
    await device.send([begin, ...later]);
    const sooner = rest.filter((_, i) => first[i + 1]);
    if (sooner.length) await device.send(sooner);
    const states = await Promise.all(
      [life, twin].map(async (events) => {
        const { foodId } = events[0]!;
        const answer = await fetch(`${arena.addresses[0]!}/api/foods/${foodId}`, { headers: { cookie } });
        const { food } = (await answer.json()) as FoodTrail;
        return JSON.stringify({ ...food.state, foodId: '', lastIds: food.state.lastIds.length });
      }),
    );
    if (states[0] !== states[1]) differing += 1;
  }
  return { foods, differing };
}

/** The same life under other names. */
function twinOf(life: readonly FoodEvent[]): FoodEvent[] {
  const foodId = uuid();
  return life.map((event) => ({ ...event, id: uuid(), foodId }) as FoodEvent);
}
