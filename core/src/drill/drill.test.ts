import fc from 'fast-check';
import { chances } from '../chance';
import { homeRules, type Guidance } from '../guidance';
import { judge, verdicts } from '../judge';
import { eventSchema } from '../record';
import { foldTrail } from '../trail';
import { anyLife } from '../testing/anyLife';
import { stories } from '../testing/stories';
import { at, GUIDANCES, rule } from '../testing/story';
import { HOUR_MS, MINUTE_MS } from '../units';
import { afterAnswer, deal, roundOf, slipIds, type Question } from '.';

const NOW = Date.UTC(2026, 5, 12, 18);
const kitchens = Object.values(GUIDANCES);
const DEALT = 10_000;
const withoutSchool = (ruleId: string): string => ruleId.split('.').slice(1).join('.');

describe('ten thousand questions', () => {
  const seen = new Set<string>();
  const rules = new Set<string>();
  const slips = new Set<string>();
  const wrong: string[] = [];
  beforeAll(() => {
    for (let seed = 0; seed < DEALT; seed++) {
      const slip = slipIds[seed % slipIds.length]!;
      const context = at(NOW, { guidance: kitchens[seed % kitchens.length]! });
      const { events, ruling, state } = deal(slip, seed, context);
      const again = judge(foldTrail(events, context.guidance)!, context)!;
      if (again.verdict !== ruling.verdict || again.headline !== ruling.headline)
        wrong.push(`${slip} ${seed}`);
      for (const minutes of [-4, 4])
        if (judge(state, { ...context, now: NOW + minutes * MINUTE_MS })!.verdict !== ruling.verdict)
          wrong.push(`${slip} ${seed} is another ${minutes} minutes away`);
      seen.add(ruling.verdict);
      slips.add(slip);
      for (const { ruleId } of ruling.reasons) rules.add(withoutSchool(ruleId));
    }
  });

  it('are answered as the judge rules, and none is a matter of minutes', () => expect(wrong).toEqual([]));
  it('have every verdict', () => expect([...seen].sort()).toEqual([...verdicts].sort()));
  it('come of every slip', () => expect([...slips].sort()).toEqual([...slipIds].sort()));
  it('go by every rule that the judge goes by in any life, but what is over within the minutes of a question', () => {
    const told = new Set<string>();
    const tell = (events: Parameters<typeof rule>[0], waitMs: number, guidance: Guidance) => {
      for (const { ruleId } of rule(events, events.at(-1)!.at + waitMs, { guidance })?.reasons ?? [])
        told.add(withoutSchool(ruleId));
    };
    for (const guidance of kitchens) {
      for (const [, events] of stories)
        for (let waited = 0; waited < 200; waited += 9) tell(events, waited * HOUR_MS, guidance);
      for (const events of fc.sample(anyLife, { numRuns: 800, seed: 7 }))
        tell(events, 30 * MINUTE_MS, guidance);
    }
    expect(told.size).toBeGreaterThan(50);
    expect([...told].filter((each) => !rules.has(each))).toEqual(['reheating.stand']);
  });
  it('go by most kinds that have days of their own, in the cold and in the freezer', () => {
    const rows = Object.keys(homeRules.storage);
    const dealt = (where: string) => rows.filter((row) => rules.has(`storage.${row}.${where}`)).length;
    expect(dealt('refrigerator')).toBeGreaterThan(0.9 * rows.length);
    expect(dealt('freezer')).toBeGreaterThan(0.8 * rows.length);
  });
});

it('are lives a household could record', () => {
  for (const slip of slipIds)
    for (const event of deal(slip, 7, at(NOW)).events)
      expect(eventSchema.safeParse(event).error).toBeUndefined();
});

it('are the same for the same seed, and told in the order they happened', () =>
  fc.assert(
    fc.property(fc.constantFrom(...slipIds), fc.nat(1e6), (slip, seed) => {
      const told = ({ events, ruling }: Question) => JSON.stringify([events, ruling]);
      const one = deal(slip, seed, at(NOW));
      expect(told(deal(slip, seed, at(NOW)))).toBe(told(one));
      const times = one.events.map(({ at: when }) => when);
      expect([...times].sort((a, b) => a - b)).toEqual(times);
      expect(Math.max(...times)).toBeLessThanOrEqual(NOW);
    }),
    { numRuns: 300 },
  ));

describe('a round', () => {
  it('asks no slip twice, and what was missed more often than the rest', () => {
    let often = 0;
    for (let seed = 0; seed < 1000; seed++) {
      const round = roundOf(5, { heatedTwice: 4 }, chances(seed));
      expect(new Set(round).size).toBe(5);
      if (round.includes('heatedTwice')) often += 1;
    }
    // By chance alone it were a sixth of them.
    expect(often).toBeGreaterThan(3 * 167);
  });

  it('asks all there is where it is longer than that', () =>
    expect([...roundOf(99, {}, chances(1))].sort()).toEqual([...slipIds].sort()));

  it('forgets a miss by as many right answers', () => {
    const missed = afterAnswer(afterAnswer({}, 'leftOut', false), 'leftOut', false);
    expect(missed).toEqual({ leftOut: 2 });
    expect(afterAnswer(missed, 'leftOut', true)).toEqual({ leftOut: 1 });
    expect(afterAnswer({}, 'leftOut', true)).toEqual({ leftOut: 0 });
  });
});
