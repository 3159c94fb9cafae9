import { PLAIN_GUIDANCE } from '@omtel/core/guidance';
import { BrokenTrail, foldTrail, type FoodState } from '@omtel/core/trail';
import type { EventType, FoodEvent } from '@omtel/core/record';
import fc from 'fast-check';
import { v7 as uuid } from 'uuid';
import { event, lamb } from '../test/kitchen';
import { affectedBy } from './services/affected';

const START = Date.UTC(2026, 5, 12, 10);
const MINUTE_MS = 60_000;

type Act = { what: number; food: number; other: number; minute: number; target: number };
const acts = fc.array(
  fc.record({
    what: fc.nat(8),
    food: fc.nat(7),
    other: fc.nat(7),
    minute: fc.integer({ min: 0, max: 300 }),
    target: fc.nat(30),
  }),
  { minLength: 5, maxLength: 40 },
);

/** A household that folds only what new events can change. */
class Ledger {
  readonly histories = new Map<string, FoodEvent[]>();
  readonly stored = new Map<string, FoodState | null>();

  /** @returns false where such events are refused */
  take(events: readonly FoodEvent[]): boolean {
    const before = new Map([...this.histories].map(([id, history]) => [id, [...history]]));
    for (const each of events)
      this.histories.set(each.foodId, [...(this.histories.get(each.foodId) ?? []), each]);
    try {
      const changed = affectedBy(events, this.histories).map((id) => [id, this.fold(id)] as const);
      for (const [id, state] of changed) this.stored.set(id, state);
      // What cannot be folded at all is refused with what led there.
      for (const id of this.histories.keys()) this.fold(id);
      return true;
    } catch (error) {
      if (!(error instanceof BrokenTrail)) throw error;
      this.histories.clear();
      for (const [id, history] of before) this.histories.set(id, history);
      return false;
    }
  }

  fold(foodId: string): FoodState | null {
    return foldTrail(this.histories.get(foodId)!, PLAIN_GUIDANCE, this.histories);
  }
}

function eventsOf({ what, food, other, minute, target }: Act, ids: string[], ledger: Ledger): FoodEvent[] {
  const at = START + minute * MINUTE_MS;
  const [foodId, otherId] = [ids[food % ids.length]!, ids[other % ids.length]!];
  const one = (type: EventType, payload: object) => [event(foodId, at, type, payload as never)];
  switch (what) {
    case 0: {
      const part = uuid();
      ids.push(part);
      return [
        event(part, at, 'portioned', { from: foodId, name: 'Part', massKg: 0.1 }),
        event(foodId, at, 'dividedOff', { to: part, massKg: 0.1 }),
      ];
    }
    case 1:
      return foodId === otherId
        ? []
        : [event(foodId, at, 'joined', { with: otherId }), event(otherId, at, 'joinedTo', { into: foodId })];
    case 2:
    case 3:
    case 4: {
      const history = ledger.histories.get(foodId)!;
      const eventId = history[target % history.length]!.id;
      if (what === 2) return one('corrected', { eventId, withdrawn: true });
      if (what === 3) return one('corrected', { eventId, at });
      return one('corrected', { eventId, instead: { place: 'counter' } });
    }
    case 5:
      return one('guided', { choice: { school: 'code', extraCare: false } });
    case 6:
      return one('moved', { place: 'counter' });
    default:
      return one('moved', { place: 'refrigerator' });
  }
}

it('what new events can change is all they change, over any life of foods divided, joined and set right', () => {
  fc.assert(
    fc.property(acts, (life) => {
      const ledger = new Ledger();
      const ids = [uuid(), uuid()];
      for (const id of ids) ledger.take([lamb(id, START)]);
      for (const act of life) {
        const events = eventsOf(act, ids, ledger);
        if (events.length && !ledger.take(events))
          for (const { foodId, type } of events) if (type === 'portioned') ids.splice(ids.indexOf(foodId), 1);
      }
      for (const [id, state] of ledger.stored) expect(state).toEqual(ledger.fold(id));
    }),
    { numRuns: 300 },
  );
});
