import type { DeviceReading } from '@omtel/core/devices';
import { homeRules } from '@omtel/core/guidance';
import { storeFacts } from '@omtel/core/devices';
import { DAY_MS, HOUR_MS, MINUTE_MS, SECOND_MS } from '@omtel/core/units';
import { coldStore, roastingProbe, type ColdStoreStory, type RoastStory } from '.';

const FROM = Date.UTC(2026, 5, 12);
const cold = (over: Partial<ColdStoreStory> = {}) => [
  ...coldStore({ store: 'refrigerator', seed: 7, from: FROM, to: FROM + DAY_MS, ...over }),
];
const factsOf = (store: 'refrigerator' | 'freezer', over: Partial<ColdStoreStory> = {}) =>
  storeFacts(store, cold({ store, ...over }), homeRules)!;

describe('the sensor of a cold store', () => {
  it('reads what such a store is, about once a minute, in tenths', () => {
    const readings = cold();
    expect(readings.length).toBeGreaterThan(0.95 * 24 * 60);
    expect(readings.length).toBeLessThanOrEqual(24 * 60 + 1);
    for (const { celsius } of readings) expect(celsius * 10).toBeCloseTo(Math.round(celsius * 10), 6);
    const { meanC, spells } = factsOf('refrigerator');
    expect(meanC).toBeGreaterThan(2.5);
    expect(meanC).toBeLessThan(4.4);
    expect(spells).toEqual([]);
    expect(factsOf('freezer').meanC).toBeLessThan(-18);
  });

  it('is the same for the same seed, and another for another', () => {
    expect(cold()).toEqual(cold());
    expect(cold({ seed: 8 })).not.toEqual(cold());
  });

  it.each<[string, Partial<ColdStoreStory>]>([
    ['a door ajar', { ajar: [9 * HOUR_MS, 13 * HOUR_MS] }],
    ['the power off', { powerOff: [9 * HOUR_MS, 17 * HOUR_MS] }],
  ])('%s makes it too warm for a spell, which ends', (_, story) => {
    const { spells } = factsOf('refrigerator', story);
    expect(spells.length).toBeGreaterThan(0);
    expect(spells[0]!.from).toBeGreaterThan(FROM + 8.5 * HOUR_MS);
    expect(spells.at(-1)!.to).not.toBeNull();
  });

  it('a warm pot warms it, and a freezer that fails grows warmer day by day', () => {
    const after = { from: FROM, doorsPerHour: 0 };
    const highest = (over: Partial<ColdStoreStory>) =>
      factsOf('refrigerator', { ...after, ...over }).highest.celsius;
    expect(highest({ warmPot: { at: 10 * HOUR_MS, celsius: 70 } })).toBeGreaterThan(highest({}) + 0.2);
    const week = { to: FROM + 7 * DAY_MS, everyMs: 10 * MINUTE_MS };
    expect(factsOf('freezer', { ...week, failing: 0.02 }).trend?.perDayK).toBeGreaterThan(0.25);
    expect(factsOf('freezer', week).trend).toBeNull();
  });
});

describe('the probe in a roast', () => {
  const roast = (over: Partial<RoastStory> = {}): DeviceReading[] => [
    ...roastingProbe({
      seed: 3,
      foodKey: 'beef-roast-boneless',
      form: 'bonelessJoint',
      massKg: 1.6,
      startC: 5,
      ovenC: 163,
      from: FROM,
      to: FROM + HOUR_MS,
      ...over,
    }),
  ];
  const channel = (name: string, readings: readonly DeviceReading[]) =>
    readings.filter((each) => each.channel === name);

  it('has two channels, of which the middle is the colder, and grows warmer', () => {
    const [middle, beside] = ['1', '2'].map((name) => channel(name, roast()));
    expect(middle!.at(-1)!.celsius).toBeGreaterThan(15);
    expect(middle!.at(-1)!.celsius).toBeLessThan(beside!.at(-1)!.celsius);
  });

  it('pulled out it reads the oven within seconds; silent it says nothing; on the bone it reads too warm', () => {
    const out = [30 * MINUTE_MS, 32 * MINUTE_MS] as const;
    const pulled = channel('1', roast({ pulled: out }));
    expect(Math.max(...pulled.map(({ celsius }) => celsius))).toBeGreaterThan(150);
    const silent = roast({ silent: out });
    expect(silent.some(({ at }) => at >= FROM + out[0] && at < FROM + out[1])).toBe(false);
    const last = (readings: DeviceReading[]) => channel('1', readings).at(-1)!.celsius;
    expect(last(roast({ onBone: true }))).toBeGreaterThan(last(roast()) + 20);
  });

  it('an oven with its door open takes longer, and so does a thicker joint', () => {
    const at = (over: Partial<RoastStory>) =>
      channel('1', roast({ to: FROM + 90 * MINUTE_MS, everyMs: 30 * SECOND_MS, ...over })).at(-1)!.celsius;
    expect(at({ doorOpen: [10 * MINUTE_MS, 30 * MINUTE_MS] })).toBeLessThan(at({}) - 1);
    expect(at({ timesThick: 1.2 })).toBeLessThan(at({}) - 1);
  });
});
