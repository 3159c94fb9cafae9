import { chances } from '../chance';
import { judge, severity } from '../judge';
import type { EventType, FoodEvent, Payload } from '../record';
import { at, GUIDANCES } from '../testing/story';
import { foldTrail } from '../trail';
import { HOUR_MS, MINUTE_MS } from '../units';
import { acts, deal, followUp, slipIds, type Act } from '.';

const NOW = Date.UTC(2026, 5, 12, 18);
const kitchens = Object.values(GUIDANCES);
const asked = Array.from({ length: 3000 }, (_, seed) => {
  const context = at(NOW, { guidance: kitchens[seed % kitchens.length]! });
  const question = deal(slipIds[seed % slipIds.length]!, seed, context);
  return { question, context, follow: followUp(question, NOW, chances(seed)) };
});

it('asks nothing more of what is fine or thrown away, and of each other ruling something', () => {
  const of = (verdict: string) => asked.filter(({ question }) => question.ruling.verdict === verdict);
  for (const verdict of ['fine', 'discard']) expect(of(verdict).every(({ follow }) => !follow)).toBe(true);
  for (const verdict of ['actBy', 'useNow', 'cannotTell'])
    expect(of(verdict).filter(({ follow }) => follow).length).toBeGreaterThan(0.7 * of(verdict).length);
});

it('by when? offers the moment that is ruled among others that are plainly not', () => {
  const when = asked.flatMap(({ question, follow }) =>
    follow?.asks === 'when' ? [{ question, follow }] : [],
  );
  expect(when.length).toBeGreaterThan(60);
  for (const { question, follow } of when) {
    const { offered, right } = follow;
    expect(right).toBe(question.ruling.until);
    expect(offered).toContain(right);
    expect(offered.length).toBeGreaterThan(1);
    expect(offered.every((each) => each > NOW)).toBe(true);
    for (let i = 1; i < offered.length; i++)
      expect(offered[i]! - offered[i - 1]!).toBeGreaterThanOrEqual(20 * MINUTE_MS);
  }
});

const what = asked.flatMap((each) =>
  each.follow?.asks === 'what' ? [{ ...each, follow: each.follow }] : [],
);

it('what now? offers what is ruled among three others, in an order that tells nothing', () => {
  expect(what.length).toBeGreaterThan(250);
  const places = new Map<Act, Set<number>>();
  for (const { follow } of what) {
    expect(follow.offered).toContain(follow.right);
    expect(new Set(follow.offered).size).toBe(4);
    expect([...follow.offered].sort((a, b) => acts.indexOf(a) - acts.indexOf(b))).toEqual(follow.offered);
    places.set(
      follow.right,
      (places.get(follow.right) ?? new Set()).add(follow.offered.indexOf(follow.right)),
    );
  }
  expect([...places.keys()].sort()).toEqual(['ask', 'cook', 'eat', 'heat', 'read']);
});

/** What is done instead, as far as it can be recorded. */
const DONE: Partial<Record<Act, readonly (readonly [EventType, unknown])[]>> = {
  keep: [['moved', { place: 'refrigerator' }]],
  freeze: [['moved', { place: 'freezer' }]],
  heat: [
    ['cookingStarted', {}],
    ['reading', { temperature: { value: 85, unit: 'C' }, watchedMs: 15_000 }],
    ['offHeat', {}],
  ],
};

it.each(['keep', 'freeze', 'heat'] as const)(
  'who does what is offered wrongly, %s, makes nothing of it that keeps',
  (act) => {
    const wrong = what.filter(({ follow }) => follow.right !== act && follow.offered.includes(act));
    expect(wrong.length).toBeGreaterThan(20);
    const better = wrong.filter(({ question, context }) => {
      const then = DONE[act]!.map(
        ([type, payload], i): FoodEvent =>
          ({
            ...question.events[0]!,
            id: `00000000-0000-7000-8000-00000000010${i}`,
            at: NOW + i * MINUTE_MS,
            type,
            payload: payload as Payload<EventType>,
          }) as FoodEvent,
      );
      const state = foldTrail([...question.events, ...then], context.guidance)!;
      const ruling = judge(state, { ...context, now: NOW + HOUR_MS })!;
      return severity(ruling.verdict) < severity('useNow');
    });
    expect(
      better.map(({ question: { slip, state, ruling } }) => `${slip}: ${state.name}, ${ruling.headline}`),
    ).toEqual([]);
  },
);
