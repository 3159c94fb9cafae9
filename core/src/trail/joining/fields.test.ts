import { rulesOf } from '../../guidance';
import { hours, leftovers, minutes, moved, raw, START, stateOf } from '../../testing/story';
import { celsius, DAY_MS, HOUR_MS } from '../../units';
import { type Exposure, type ThawState, newThaw } from '../../clocks';
import type { FoodState } from '..';
import { worseOfBoth } from './worseOfBoth';

const rules = rulesOf('home');
const NOW = hours(6);
const thighs = stateOf([raw()]);
const soup = stateOf([leftovers(START)]);
type Some = Partial<FoodState>;

/** A food that is one thing and one that is another, put together in either order. */
const eitherWay = (a: Some, b: Some, expected: Some, of = soup) => {
  const [one, other] = [
    { ...of, ...a },
    { ...of, ...b },
  ];
  expect(worseOfBoth(one, other, NOW, rules)).toMatchObject(expected);
  expect(worseOfBoth(other, one, NOW, rules)).toMatchObject(expected);
};

const thaw = (over: Partial<ThawState> = {}): ThawState => ({
  ...newThaw('refrigerator', START, { thawedAt: hours(1) }),
  ...over,
});
const spell = { warmFrom: hours(2), power: null } as FoodState['spell'];
const reading = (when: number, value = 3) => ({ at: when, temperature: celsius(value) });

describe('of two foods put together', () => {
  it.each<[string, Some, Some, Some]>([
    ['the whole came when the first came', { cameAt: START }, { cameAt: hours(1) }, { cameAt: START }],
    ['it is heated first if either is', { heatFirst: true }, { heatFirst: false }, { heatFirst: true }],
    ['nothing is heated first if neither is', { heatFirst: false }, {}, { heatFirst: false }],
    ['it is through only if both are', { through: true }, { through: false }, { through: false }],
    ['it is through if both are', { through: true }, { through: true }, { through: true }],
    ['part is fresh if part of either is', { partFresh: true }, { partFresh: false }, { partFresh: true }],
    ['none is fresh if none of either is', { partFresh: false }, {}, { partFresh: false }],
    ['it spends a spell if either does', { spell }, { spell: null }, { spell }],
    ['it is closed no more', { unopened: true }, { unopened: true }, { unopened: false }],
    ['it was out nobody knows how long if either was', { outUnknown: true }, {}, { outUnknown: true }],
    ['it lacks air if either does', { withoutAir: true }, { withoutAir: false }, { withoutAir: true }],
    ['it was rescued as often as the one more often', { rescues: 2 }, { rescues: 1 }, { rescues: 2 }],
    ['it was heated again as often as the one more often', { reheats: 1 }, { reheats: 3 }, { reheats: 3 }],
    [
      'it cools while either does',
      { coolingSince: hours(3) },
      { coolingSince: null },
      { coolingSince: hours(3) },
    ],
    [
      'it cools since the later went into the cold',
      { coolingSince: hours(3) },
      { coolingSince: hours(4) },
      { coolingSince: hours(4) },
    ],
    [
      'it was cold when the one that cooled was, where the other never was warm',
      { coolingSince: hours(1), cooledAt: hours(3) },
      { coolingSince: null, cooledAt: null },
      { cooledAt: hours(3) },
    ],
    [
      'it is not known cold where both cooled',
      { coolingSince: hours(1), cooledAt: hours(3) },
      { coolingSince: hours(2), cooledAt: hours(3) },
      { cooledAt: null },
    ],
    [
      'known past since the earlier was',
      { pastSince: hours(2) },
      { pastSince: hours(1) },
      { pastSince: hours(1) },
    ],
    ['known past if either is', { pastSince: hours(2) }, { pastSince: null }, { pastSince: hours(2) }],
    ['known past if neither is: not', { pastSince: null }, { pastSince: null }, { pastSince: null }],
    [
      'of good readings the older',
      { lastReading: reading(hours(2)), lastGood: reading(hours(2)) },
      { lastReading: reading(hours(3)), lastGood: reading(hours(3)) },
      { lastReading: reading(hours(2)), lastGood: reading(hours(2)) },
    ],
    [
      'a reading of one alone says nothing of the whole',
      { lastReading: reading(hours(2)), lastGood: reading(hours(2)) },
      { lastReading: null, lastGood: null },
      { lastReading: null, lastGood: null },
    ],
    [
      'a reading that was no good counts against both',
      { lastReading: reading(hours(3), 20), lastGood: reading(hours(2)) },
      { lastReading: reading(hours(4)), lastGood: reading(hours(4)) },
      { lastReading: reading(hours(3), 20), lastGood: null },
    ],
    [
      'days from when nobody knows are before any',
      { daysFrom: null },
      { daysFrom: START - 9 * DAY_MS },
      { daysFrom: null },
    ],
    [
      'the use-by before the best before, even if later',
      { printed: { kind: 'useBy', at: hours(90) } },
      { printed: { kind: 'bestBefore', at: hours(1) } },
      { printed: { kind: 'useBy', at: hours(90) } },
    ],
    [
      'of two use-bys the sooner',
      { printed: { kind: 'useBy', at: hours(90) } },
      { printed: { kind: 'useBy', at: hours(80) } },
      { printed: { kind: 'useBy', at: hours(80) } },
    ],
    [
      'it is frozen only if both are',
      { frozenSince: hours(1) },
      { frozenSince: null },
      { frozenSince: null },
    ],
    [
      'it is frozen since the first was',
      { frozenSince: hours(1) },
      { frozenSince: hours(2) },
      { frozenSince: hours(1) },
    ],
    ['neither was thawed', { lastThawedAt: null }, { lastThawedAt: null }, { lastThawedAt: null }],
    [
      'thawed since the first was',
      { lastThawedAt: hours(2) },
      { lastThawedAt: hours(1) },
      { lastThawedAt: hours(1) },
    ],
    ['neither cools', { coolingSince: null }, { coolingSince: null }, { coolingSince: null }],
    [
      'a doubtful reading of one is one of the whole',
      { doubtful: reading(hours(1)) },
      { doubtful: null },
      { doubtful: reading(hours(1)) },
    ],
    [
      'doubted since the first was, as warm as the warmer',
      { doubtful: reading(hours(1), 3) },
      { doubtful: reading(hours(2), 9) },
      { doubtful: reading(hours(1), 9) },
    ],
    ['nothing of it thaws first if nothing was frozen', {}, {}, { firstThawedKg: null }],
    [
      'of what is frozen the lightest thaws first, whatever else is put to it',
      { frozenSince: hours(1), massKg: 3 },
      { massKg: 1, frozenSince: null },
      { firstThawedKg: 3 },
    ],
    [
      'of two that thaw the lighter thaws first',
      { frozenSince: hours(1), massKg: 3 },
      { frozenSince: hours(1), massKg: 2 },
      { firstThawedKg: 2 },
    ],
    [
      'what was put together before thaws as its lightest',
      { frozenSince: hours(1), massKg: 3, firstThawedKg: 0.5 },
      { frozenSince: hours(1), massKg: 2 },
      { firstThawedKg: 0.5 },
    ],
  ])('%s', (_what, a, b, expected) => eitherWay(a, b, expected));

  it('raw ones do not become cooked, and cooked in raw is remembered', () => {
    expect(worseOfBoth(thighs, thighs, NOW, rules)).toMatchObject({ cooked: false, withCooked: false });
    for (const whole of [worseOfBoth(thighs, soup, NOW, rules), worseOfBoth(soup, thighs, NOW, rules)])
      expect(whole).toMatchObject({ cooked: false, withCooked: true, stage: 'raw', cook: null });
    expect(worseOfBoth(soup, soup, NOW, rules)).toMatchObject({ cooked: true, withCooked: false });
    eitherWay({ withCooked: true }, {}, { withCooked: true }, thighs);
  });

  it('what was out too long to be chilled before they met is known past from then', () => {
    const longOut = stateOf([leftovers(START), moved(START, 'counter')]);
    const past = worseOfBoth(longOut, soup, NOW, rules).pastSince;
    expect(past).toBe(START + 2 * HOUR_MS);
    expect(worseOfBoth(soup, longOut, NOW, rules).pastSince).toBe(past);
    expect(worseOfBoth(longOut, soup, hours(2), rules).pastSince).toBe(hours(2));
    expect(worseOfBoth(longOut, soup, hours(2) - 1, rules).pastSince).toBeNull();
    const earlier = { ...longOut, pastSince: hours(1) };
    expect(worseOfBoth(earlier, soup, NOW, rules).pastSince).toBe(hours(1));
  });
});

describe('two thaws put together', () => {
  const both = (a: Partial<ThawState>, b: Partial<ThawState>, expected: Partial<ThawState>) =>
    eitherWay({ thaw: thaw(a) }, { thaw: thaw(b) }, { thaw: expect.objectContaining(expected) }, thighs);

  it.each<[string, Partial<ThawState>, Partial<ThawState>, Partial<ThawState>]>([
    ['keep no longer than the one thawed first', {}, { thawedAt: hours(3) }, { thawedAt: hours(1) }],
    [
      'one not found thawed counts from its start',
      { thawedAt: null },
      { thawedAt: hours(1) },
      { thawedAt: null },
    ],
    ['have used up what either has', { usedMs: DAY_MS }, { usedMs: HOUR_MS }, { usedMs: DAY_MS }],
    ['were kept as long as either was', { keptMs: DAY_MS }, { keptMs: HOUR_MS }, { keptMs: DAY_MS }],
    [
      'lay in water as warm as the warmer',
      { water: celsius(8) },
      { water: celsius(19) },
      { water: celsius(19) },
    ],
    ['the water of one is the water of both', { water: celsius(8) }, { water: null }, { water: celsius(8) }],
    [
      'are cooked at once from the earlier',
      { atOnceFrom: hours(3) },
      { atOnceFrom: hours(2) },
      { atOnceFrom: hours(2) },
    ],
    [
      'are cooked at once if either is',
      { atOnceFrom: hours(3) },
      { atOnceFrom: null },
      { atOnceFrom: hours(3) },
    ],
  ])('%s', (_what, a, b, expected) => both(a, b, expected));

  it('the days one has used end sooner though it thawed later', () =>
    both(
      { thawedAt: hours(1), usedMs: 0 },
      { thawedAt: hours(2), usedMs: DAY_MS },
      { thawedAt: hours(2), usedMs: DAY_MS },
    ));
});

describe('stretches of two foods put together', () => {
  const stretch = (over: Partial<Exposure> = {}): Exposure => ({
    ...thighs.exposures[0],
    ledger: 'raw',
    place: 'counter',
    side: 'cold',
    from: hours(1),
    to: hours(2),
    factor: 1,
    certain: true,
    startFixed: true,
    asked: hours(2),
    ...over,
  });
  const whole = (
    a: readonly Exposure[],
    b: readonly Exposure[],
    place: FoodState['place'] = 'refrigerator',
  ) => {
    const [one, other] = [a, b].map((exposures) => ({ ...thighs, place, exposures }));
    return worseOfBoth(one!, other!, NOW, rules).exposures;
  };
  const short = stretch();
  const long = stretch({ from: minutes(60), to: minutes(150) });

  it('of as much, the first stands', () =>
    expect(whole([short], [stretch({ place: 'car' })])).toEqual([short]));

  it('what is certain of one, and all of the other: not certain', () => {
    const lost = stretch({ from: START, to: hours(4), certain: false });
    expect(whole([short], [lost])).toEqual([short, lost]);
    expect(whole([lost], [short])).toEqual([short, lost]);
    const [known, ...all] = whole([long], [short, lost]);
    expect(known).toEqual(long);
    expect(all.every(({ certain }) => !certain)).toBe(true);
    expect(all).toHaveLength(2);
  });

  describe('what runs of both', () => {
    const running = stretch({ from: minutes(350), to: null, startFixed: false, side: 'hot' });
    const runs = (one: readonly Exposure[], other: readonly Exposure[]) =>
      whole(one, other, 'counter').filter(({ to }) => to === null);

    it('begins where a good reading moves it, if nothing is forgotten by that', () => {
      expect(runs([running], [running])).toEqual([running]);
      expect(runs([short, running], [short, running])).toEqual([running]);
    });
    it.each<[string, readonly Exposure[]]>([
      ['is fixed', [{ ...running, startFixed: true }]],
      ['does not run', [short]],
      ['came out cold', [{ ...running, side: 'cold' }]],
      ['stood before', [stretch({ to: minutes(62) }), { ...running, from: minutes(358) }]],
      ['was lost before', [stretch({ to: minutes(62), certain: false }), { ...running, from: minutes(358) }]],
    ])('is fixed for good where that of one %s', (_what, other) => {
      for (const all of [runs([running], other), runs(other, [running])])
        expect(all.every(({ startFixed }) => startFixed)).toBe(true);
    });
    it('is as good as cold where one came out cold', () => {
      expect(runs([running], [running])[0]).not.toHaveProperty('fromCold');
      const longer = { ...running, from: minutes(100) };
      for (const cold of [
        { ...running, side: 'cold' as const },
        { ...running, fromCold: true as const },
      ])
        for (const all of [runs([longer], [cold]), runs([cold], [longer])])
          expect(all).toContainEqual(expect.objectContaining({ side: 'hot', fromCold: true }));
      const hot = { ...short, side: 'hot' as const };
      const closed = whole([hot, running], [{ ...running, fromCold: true }], 'counter');
      expect(closed.find(({ to }) => to !== null)).not.toHaveProperty('fromCold');
    });
  });

  describe('the one with less that counts on', () => {
    const running = stretch({ from: minutes(350), to: null });
    const same = { ...running, from: minutes(340) };
    const on = (a: Exposure, b: Exposure) => whole([long, a], [b], 'counter');

    it('counts on from when they met', () =>
      expect(whole([long], [running], 'counter')).toEqual([long, { ...running, from: NOW }]));
    it('is none of its own beside one as bad', () => expect(on(same, running)).toEqual([long, same]));
    it.each<[string, Partial<Exposure>]>([
      ['counts faster', { factor: 2 }],
      ['runs on', { runsOn: true }],
      ['was read warm', { readWarm: true }],
    ])('is one of its own where it %s', (_what, over) => {
      const worse = { ...running, ...over };
      expect(on(same, worse)).toEqual([long, same, { ...worse, from: NOW }]);
      expect(on({ ...same, ...over }, worse)).toEqual([long, { ...same, ...over }]);
      expect(on({ ...same, ...over }, running)).toEqual([long, { ...same, ...over }]);
    });
    it('is one of its own beside one that is over, and one that is not certain', () => {
      expect(on({ ...same, to: minutes(355) }, running)).toContainEqual({ ...running, from: NOW });
      expect(on({ ...same, certain: false }, running)).toContainEqual({ ...running, from: NOW });
    });
  });
});
