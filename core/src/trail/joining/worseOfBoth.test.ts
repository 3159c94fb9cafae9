import { rulesOf } from '../../guidance';
import { both } from '../../testing/joined';
import {
  at,
  comes,
  cookedLamb,
  days,
  GUIDANCES,
  happened,
  hours,
  leftovers,
  minutes,
  moved,
  putAway,
  raw,
  read,
  START,
  stateOf,
} from '../../testing/story';
import { fahrenheit, HOUR_MS, MINUTE_MS } from '../../units';
import { foldEvent, foldTrail, type FoodState } from '..';
import { judge } from '../../judge';
import { bandTime, chillLimit } from '../../clocks';
import { worseOfBoth } from './worseOfBoth';
import type { FoodEvent } from '../../record';

const rules = rulesOf('home');
const out = (from: number, to: number) => [moved(from, 'counter'), moved(to, 'refrigerator')];
/** The same in either order. */
const eitherWay = (a: FoodEvent[], b: FoodEvent[], expected: Partial<FoodState>) => {
  expect(both(a, b)).toMatchObject(expected);
  expect(both(b, a)).toMatchObject(expected);
};
const soup = [leftovers(START)];

describe('two foods put together', () => {
  it('weigh what both weigh, and their label is not theirs', () => {
    const labelled = [...soup, happened(hours(1), 'labelled')];
    expect(both(labelled, [raw({ massKg: 0.5 })])).toMatchObject({ massKg: 1.5, labelled: false });
  });

  it('are of every kind and part of both: rice brings its day, sprouts what they carry (guidance §11.24)', () => {
    const rice = [leftovers(START, 'cooked-rice')];
    const sprouts = [leftovers(START, 'raw-sprouts')];
    const ruled = (events: FoodEvent[], id: 'chain' | 'care', now: number) => {
      const guidance = GUIDANCES[id];
      const joined = worseOfBoth(stateOf(soup, guidance), stateOf(events, guidance), hours(1), rulesOf(id));
      return judge(joined, at(now, { guidance }))!.verdict;
    };
    expect(both(soup, rice).parts).toEqual(['cooked-rice']);
    expect(both(soup, soup).parts).toEqual([]);
    expect(ruled(rice, 'chain', days(1))).toBe('actBy');
    expect(ruled(rice, 'chain', days(1) + 1)).toBe('discard');
    expect(ruled(soup, 'chain', days(1) + 1)).toBe('actBy');
    expect(ruled(sprouts, 'care', hours(2))).toBe('discard');
    expect(ruled(soup, 'care', hours(2))).toBe('fine');
    // Cooked through, it hides nothing of what is put to it raw.
    const stew = [...cookedLamb(START, 180), putAway(minutes(10))];
    const care = GUIDANCES.care;
    const mixed = worseOfBoth(stateOf(stew, care), stateOf(sprouts, care), hours(1), rulesOf('care'));
    expect(judge(mixed, at(hours(2), { guidance: care }))!.verdict).toBe('discard');
  });

  it('keep the worse of every fact', () => {
    const guest = [raw({ foodKey: 'lasagne', condition: 'cooked', from: 'guest', place: 'refrigerator' })];
    eitherWay(soup, guest, { heatFirst: true, outUnknown: true });
    const dated = (kind: 'useBy' | 'bestBefore', day: number) => [
      raw({ foodKey: 'milk', condition: 'cooked', printed: { kind, at: days(day) } }),
    ];
    eitherWay(dated('useBy', 3), dated('useBy', 2), { printed: { kind: 'useBy', at: days(2) } });
    eitherWay(dated('useBy', 3), dated('bestBefore', 2), { printed: { kind: 'useBy', at: days(3) } });
    eitherWay(dated('useBy', 3), soup, { printed: { kind: 'useBy', at: days(3) } });
    const good = [...soup, read(hours(2), 38)];
    const warm = [...soup, read(hours(3), 60)];
    eitherWay(good, warm, { lastGood: null, lastReading: { at: hours(3), temperature: fahrenheit(60) } });
    eitherWay(good, [...soup, read(hours(4), 37)], {
      lastGood: { at: hours(2), temperature: fahrenheit(38) },
    });
    const inDoubt = (at: number, degreesF: number) => [...soup, read(at, degreesF, 'F', { doubtful: true })];
    eitherWay(inDoubt(hours(2), 38), inDoubt(hours(3), 50), {
      doubtful: { at: hours(2), temperature: fahrenheit(50) },
    });
    eitherWay(soup, [raw()], { withCooked: true });
    eitherWay(soup, soup, { withCooked: false });
    const air = { withoutAir: true } as const;
    eitherWay([raw({ foodKey: 'cod', form: 'fillet', ...air })], [raw()], air);
  });

  it('thaw as the one that is worse at it', () => {
    const thawing = (from: number, method: 'refrigerator' | 'coldWater') => [
      raw({ condition: 'frozen', place: 'freezer' }),
      happened(from, 'thawStarted', { method }),
      happened(from + HOUR_MS, 'thawed'),
    ];
    const kept = (from: number, method: 'refrigerator' | 'coldWater') => thawing(from, method);
    const joined = both(kept(hours(1), 'coldWater'), kept(hours(3), 'coldWater'));
    expect(joined.thaw).toMatchObject({ thawedAt: hours(2), atOnceFrom: hours(2) });
    expect(both(kept(hours(1), 'refrigerator'), kept(hours(3), 'coldWater')).thaw).toMatchObject({
      thawedAt: hours(2),
      atOnceFrom: hours(4),
    });
    eitherWay(kept(hours(1), 'refrigerator'), [raw()], { partFresh: true });
    eitherWay(kept(hours(1), 'refrigerator'), kept(hours(1), 'refrigerator'), { partFresh: false });
  });

  it('are raw when either is, and at its stage', () => {
    eitherWay(soup, [raw()], { cooked: false, stage: 'raw' });
    eitherWay(soup, soup, { cooked: true, stage: 'stored' });
    const onHeat = [raw(), happened(hours(1), 'cookingStarted')];
    expect(both(soup, onHeat).cook).toMatchObject({ startedAt: hours(1) });
    expect(both(cookedLamb(START), soup).cook).toMatchObject({ offHeatAt: START });
  });

  it.each([
    ['the older', days(-1), START, days(-1)],
    ['of unknown age', null, START, null],
  ])('count their days as %s', (_, a, b, expected) =>
    eitherWay([leftovers(a)], [leftovers(b)], { daysFrom: expected }),
  );

  it('and time in the freezer makes one no older', () => {
    const frozen = [
      leftovers(days(-9), 'lentil-soup', days(-9)),
      moved(days(-8), 'freezer'),
      moved(days(-1), 'refrigerator'),
    ];
    // Cooked nine days ago and frozen for seven of them, it is as one cooked two days ago.
    eitherWay(frozen, [leftovers(days(-1))], {
      daysFrom: days(-9),
      pauses: [{ from: days(-8), to: days(-1) }],
    });
    eitherWay(frozen, [leftovers(days(-3))], { daysFrom: days(-3), pauses: [] });
    eitherWay(frozen, [leftovers(days(-2) - 1)], { daysFrom: days(-2) - 1 });
    expect(both(frozen, [leftovers(days(-2))])).toMatchObject({ daysFrom: days(-9) });
  });

  it('keep a thaw that either is in', () => {
    const thawed = [raw({ condition: 'thawed' })];
    eitherWay(thawed, [raw()], { thaw: { thawedAt: START } as never });
  });

  it('were both through what either was through', () => {
    const heated = [
      ...soup,
      happened(hours(1), 'cookingStarted'),
      read(hours(1.2), 170),
      happened(hours(1.3), 'offHeat'),
      putAway(hours(1.5), 0.03, { portions: 2 }),
    ];
    const parted = [
      raw(),
      happened(hours(1), 'cookingStarted'),
      read(hours(1.2), 120),
      happened(hours(1.3), 'offHeat'),
      putAway(hours(1.5), 0.03, { portions: 2 }),
    ];
    expect(stateOf(parted).faults).toHaveLength(1);
    eitherWay(soup, parted, { faults: stateOf(parted).faults });
    eitherWay(soup, heated, { reheats: 1, closedCounts: stateOf(heated).closedCounts });
    // What both have from the same whole counts once.
    expect(both(heated, heated).closedCounts).toEqual(stateOf(heated).closedCounts);
    expect(both(parted, parted).faults).toEqual(stateOf(parted).faults);
    expect(worseOfBoth({ ...stateOf(soup), rescues: 1 }, stateOf(soup), hours(2), rules).rescues).toBe(1);
    expect(worseOfBoth(stateOf(soup), { ...stateOf(soup), rescues: 1 }, hours(2), rules).rescues).toBe(1);
  });

  it('stand as deep as the deeper, in as many portions as both', () => {
    const [flat, deep] = [
      [...soup, putAway(hours(1), 0.03, { portions: 2 })],
      [...soup, putAway(hours(1), 0.09, { portions: 3 })],
    ];
    eitherWay(flat, deep, { container: { portions: 5, depthM: 0.09 } });
    eitherWay(flat, soup, { container: null });
  });

  describe('on each ledger', () => {
    const short = [...soup, ...out(hours(1), minutes(80))];
    const long = [...soup, ...out(hours(1), minutes(100))];
    const lost = (ms: number) => [...soup, happened(hours(5), 'unaccounted', { since: hours(5) - ms })];

    it('were out as long as the one that was out longer', () => {
      eitherWay(short, long, { exposures: stateOf(long).exposures });
      eitherWay(short, soup, { exposures: stateOf(short).exposures });
    });

    it('and lost as long as the one that was lost longer', () => {
      const expected = [...stateOf(short).exposures, ...stateOf(lost(HOUR_MS)).exposures];
      eitherWay(short, lost(HOUR_MS), { exposures: expected });
      eitherWay(lost(MINUTE_MS), lost(HOUR_MS), { exposures: stateOf(lost(HOUR_MS)).exposures });
    });

    it('the raw one beside the cooked one', () => {
      const warm = [raw(), ...out(hours(1), minutes(80))];
      eitherWay(short, warm, {
        exposures: [...stateOf(warm).exposures, ...stateOf(short).exposures],
      });
    });

    it('what was read warm of the one with less counts on for both', () => {
      const readWarm = [...soup, read(hours(5.9), 50)];
      const [closed, running] = both(long, readWarm).exposures.filter(({ certain }) => certain);
      expect(closed).toEqual(stateOf(long).exposures[0]);
      expect(running).toMatchObject({ from: hours(6), to: null, readWarm: true });
      expect(both(readWarm, long).exposures).toEqual(both(long, readWarm).exposures);
    });

    it('of unknown age in either order', () => {
      const unknown = [leftovers(null), moved(hours(1), 'freezer'), moved(hours(2), 'refrigerator')];
      eitherWay(unknown, soup, { daysFrom: null });
    });

    it('a clock that runs on the one with less runs on for both', () => {
      const outNow = [...soup, moved(hours(5.9), 'counter')];
      const before = [
        ...soup,
        ...out(hours(1), minutes(80)),
        moved(hours(3), 'counter'),
        moved(hours(4), 'refrigerator'),
        moved(hours(5.99), 'counter'),
      ];
      const joined = both(outNow, long);
      expect(joined.exposures.filter(({ to }) => to === null)).toMatchObject([{ from: hours(6) }]);
      expect(joined.exposures).toHaveLength(2);
      expect(both(outNow, before).exposures.filter(({ to }) => to === null)).toHaveLength(1);
    });
  });

  it('cool as the one that is worse at it', () => {
    const hot = (offAt: number) => [
      leftovers(days(-1), 'lentil-soup', days(-1)),
      happened(offAt - MINUTE_MS, 'cookingStarted'),
      read(offAt, 180),
      happened(offAt, 'offHeat'),
    ];
    const cooling = (offAt: number, depthM = 0.03) => [
      ...hot(offAt),
      putAway(offAt + MINUTE_MS, depthM, { portions: 2 }),
    ];
    const early = stateOf(cooling(hours(1)));
    const late = stateOf(cooling(hours(2)));
    const joined = (a: FoodState, b: FoodState, at: number) => worseOfBoth(a, b, at, rules).chill;
    // Both run: the one that began first is due first.
    expect(joined(early, late, hours(2.5))).toEqual(early.chill);
    expect(joined(late, early, hours(2.5))).toEqual(early.chill);
    // Lost before assumed, whichever began first.
    const deep = stateOf(cooling(hours(2), 0.2));
    expect(joined(early, deep, hours(5))).toEqual(deep.chill);
    expect(joined(deep, early, hours(5))).toEqual(deep.chill);
    const missed = stateOf([...cooling(hours(2)), read(hours(4.2), 100)]);
    expect(joined(missed, deep, hours(5))).toEqual(missed.chill);
    expect(joined(deep, missed, hours(5))).toEqual(missed.chill);
    // One that never was hot says nothing.
    expect(joined(early, stateOf(soup), hours(3))).toEqual(early.chill);
    expect(joined(stateOf(soup), early, hours(3))).toEqual(early.chill);
  });
});

describe('raw put to cooked food', () => {
  const OTHER = '01900000-0000-7000-8000-ffffffffffff';
  /** Ready to eat, in a refrigerator that has been warm since an hour ago; the other one raw, and cold until now. */
  const warm = [leftovers(START), happened(hours(1), 'storeWarm', { since: hours(1) })];
  const whole = foldTrail(
    [...warm, happened(hours(2), 'joined', { with: OTHER })],
    GUIDANCES.home,
    new Map([[OTHER, [{ ...raw(), foodId: OTHER } as FoodEvent]]]),
  )!;

  it('has stood on the raw ledger what the cooked one stood, and goes on there', () => {
    expect(whole).toMatchObject({ cooked: false, withCooked: true });
    expect(bandTime(whole.exposures, 'raw', hours(2.5)).allMs).toBe(1.5 * HOUR_MS);
    expect(bandTime(whole.exposures, 'cooked', hours(2.5)).allMs).toBe(1.5 * HOUR_MS);
  });

  it('is ruled by it no milder than the cooked one alone', () => {
    expect(judge(whole, at(hours(3)))!.verdict).toBe(judge(stateOf(warm), at(hours(3)))!.verdict);
    expect(judge(whole, at(hours(3) + 1))!.verdict).toBe('cannotTell');
  });
});

describe('what a guest brought, with raw food put to it', () => {
  const brought = [
    comes('fish-pie', { from: 'guest', place: 'refrigerator', since: null, parts: ['cooked-rice'] }),
  ];

  it('has been out on both ledgers, whenever that is said', () => {
    const whole = foldEvent(
      both(brought, [raw()]),
      happened(hours(7), 'outSince', { since: hours(-1) }),
      GUIDANCES.home,
    );
    for (const ledger of ['raw', 'cooked'] as const)
      expect(bandTime(whole.exposures, ledger, hours(8)).certainMs).toBe(HOUR_MS);
  });

  it('keeps the limit of its rice', () => {
    const chain = rulesOf('chain');
    expect(chillLimit(both(brought, [raw()]), chain)).toEqual(chillLimit(stateOf(brought), chain));
  });
});

describe('what nobody knows of one, nobody knows of both', () => {
  it('since when it is thawed', () => {
    const steak = (since: number | null) => [comes('beef-steak', { condition: 'thawed', since })];
    for (const [one, other] of [
      [steak(START), steak(null)],
      [steak(null), steak(START)],
    ] as const)
      expect(judge(both(one, other, START + 1), at(START + 1))!.verdict).toBe('cannotTell');
  });

  it('whether a reheat that was broken off would have got hot', () => {
    const half = [leftovers(START), happened(hours(1), 'cookingStarted'), putAway(hours(1.2))];
    const fault = [{ kind: 'notReheated', certain: true, at: hours(2) }];
    expect(both([raw()], half, hours(2)).faults).toMatchObject(fault);
    expect(both([leftovers(START)], half, hours(2)).faults).toMatchObject(fault);
    // Carried on, it still has its time.
    expect(both(half, [leftovers(START)], hours(2)).faults).toEqual([]);
  });
});
