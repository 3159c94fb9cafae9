import { readingsToTell, watchProbe, limitsC } from '@omtel/core/devices';
import { steepestRise } from '@omtel/core/forecast';
import { homeRules } from '@omtel/core/guidance';
import { HOUR_MS, MINUTE_MS } from '@omtel/core/units';
import { roastingProbe, type RoastStory } from '.';

const FROM = Date.UTC(2026, 5, 12);
const JOINT = { form: 'bonelessJoint', massKg: 1.6 } as const;
const steepest = steepestRise(JOINT.form, JOINT.massKg);
const story = (over: Partial<RoastStory>): RoastStory => ({
  ...JOINT,
  seed: 3,
  foodKey: 'beef-roast-boneless',
  startC: 5,
  ovenC: 163,
  from: FROM,
  to: FROM + 1.5 * HOUR_MS,
  ...over,
});
const watch = (over: Partial<RoastStory> = {}) =>
  watchProbe(
    [...roastingProbe(story(over))].filter(({ channel }) => channel === '1'),
    steepest,
    homeRules,
  );

/** Ovens, joints and probes as different as kitchens are. */
const roasts: Partial<RoastStory>[] = Array.from({ length: 40 }, (_, i) => ({
  seed: i,
  ovenC: 120 + 10 * (i % 10),
  fan: i % 3 === 0,
  massKg: 0.8 + 0.1 * (i % 20),
  timesH: 0.8 + 0.05 * (i % 9),
  timesThick: 0.8 + 0.05 * (i % 9),
  startC: i % 4 === 0 ? 20 : 4,
}));

describe('a live probe', () => {
  it('is believed while it is in the joint: false alarms in less than one of a hundred', () => {
    const alarms = roasts.filter((roast) => watch(roast).state === 'jumped');
    expect(alarms).toEqual([]);
  });

  it('that is pulled out is seen within seconds, and what it reads then counts for nothing', () => {
    const out = [40 * MINUTE_MS, 90 * MINUTE_MS] as const;
    for (const roast of roasts) {
      const to = FROM + out[0] + 30_000;
      expect(watch({ ...roast, to, pulled: out }).state).toBe('jumped');
      const { steady } = watch({ ...roast, pulled: out });
      expect(steady.every(({ at }) => at < FROM + out[0] + 10_000)).toBe(true);
    }
  });

  it('put back, it counts again', () => {
    for (const roast of roasts) {
      const back = FROM + 42 * MINUTE_MS;
      const { state, steady } = watch({ ...roast, pulled: [40 * MINUTE_MS, 42 * MINUTE_MS] });
      expect(state).toBe('follows');
      expect(steady.some(({ at }) => at > back + 2 * MINUTE_MS)).toBe(true);
    }
  });

  it('tells its food the first reading, one every few minutes, and each side of a limit at once', () => {
    const limits = limitsC(homeRules);
    const { steady } = watch({ massKg: 0.8, to: FROM + 3 * HOUR_MS });
    const told = readingsToTell(steady, limits);
    expect(told[0]).toBe(steady[0]);
    expect(told.length).toBeLessThan(80);
    for (const limit of limits.filter((each) => each > steady[0]!.celsius && each < steady.at(-1)!.celsius)) {
      const first = steady.find(({ celsius }) => celsius >= limit)!;
      expect(told).toContain(first);
    }
  });
});
