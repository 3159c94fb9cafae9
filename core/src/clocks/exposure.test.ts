import { hours, minutes, START } from '../testing/story';
import { fahrenheit, HOUR_MS, MINUTE_MS } from '../units';
import {
  bandEndsAt,
  bandTime,
  closeExposure,
  crossing,
  knownPast,
  openExposure,
  restartExposure,
  runningExposure,
  withoutWayHere,
  type Exposure,
} from './exposure';

const stretch = (from: number, to: number | null, over: Partial<Exposure> = {}): Exposure => ({
  ledger: 'cooked',
  from,
  to,
  factor: 1,
  place: 'counter',
  side: 'cold',
  startFixed: false,
  certain: true,
  asked: from,
  ...over,
});

describe('time in the growth band', () => {
  it('adds up on its ledger alone, what runs up to the moment', () => {
    const exposures = [
      stretch(START, minutes(20)),
      stretch(minutes(60), null),
      stretch(START, minutes(50), { ledger: 'raw' }),
    ];
    expect(bandTime(exposures, 'cooked', minutes(70))).toEqual({
      certainMs: 30 * MINUTE_MS,
      allMs: 30 * MINUTE_MS,
      runningFactor: 1,
    });
    expect(bandTime(exposures, 'raw', minutes(70))).toEqual({
      certainMs: 50 * MINUTE_MS,
      allMs: 50 * MINUTE_MS,
      runningFactor: null,
    });
  });

  it('counts what ends or begins later only as far as it has come', () => {
    expect(bandTime([stretch(START, hours(2))], 'cooked', minutes(30)).allMs).toBe(30 * MINUTE_MS);
    expect(bandTime([stretch(hours(2), null)], 'cooked', minutes(30)).allMs).toBe(0);
  });

  it('counts minutes in warm air by their factor, and what is not certain apart', () => {
    const exposures = [
      stretch(START, minutes(10), { factor: 2 }),
      stretch(START, minutes(5), { certain: false }),
    ];
    expect(bandTime(exposures, 'cooked', hours(1))).toMatchObject({
      certainMs: 20 * MINUTE_MS,
      allMs: 20 * MINUTE_MS,
    });
  });

  it('counts what overlaps once, by the greater factor (guidance §11.29)', () => {
    const lost = { certain: false };
    const gaps = [stretch(START, minutes(60), lost), stretch(minutes(30), minutes(90), lost)];
    expect(bandTime(gaps, 'cooked', hours(3))).toMatchObject({ certainMs: 0, allMs: 90 * MINUTE_MS });
    const warm = [...gaps, stretch(minutes(80), minutes(100), { factor: 2 })];
    expect(bandTime(warm, 'cooked', hours(3))).toMatchObject({
      certainMs: 40 * MINUTE_MS,
      allMs: 120 * MINUTE_MS,
    });
  });

  it('is known to be past a time from when it was asked for, and no later question moves that on', () => {
    const gap = stretch(START, hours(3), { certain: false, asked: hours(5) });
    expect(knownPast([gap], 'cooked', 2 * HOUR_MS)).toBe(hours(5));
    const more = stretch(START, hours(4), { certain: false, asked: hours(9) });
    expect(knownPast([gap, more], 'cooked', 2 * HOUR_MS)).toBe(hours(5));
    expect(knownPast([stretch(START, hours(3))], 'cooked', 2 * HOUR_MS)).toBe(hours(2));
    expect(knownPast([stretch(START, hours(1))], 'cooked', 2 * HOUR_MS)).toBeNull();
  });

  it('runs by the fastest clock there is', () => {
    const both = [stretch(START, null), stretch(START, null, { factor: 2 })];
    expect(bandTime(both, 'cooked', START).runningFactor).toBe(2);
    expect(bandTime([...both].reverse(), 'cooked', START).runningFactor).toBe(2);
  });

  it('runs out when what is left is used up at the pace it has', () => {
    const warm = [stretch(START, null, { factor: 2 })];
    expect(bandEndsAt(warm, 'cooked', 2 * HOUR_MS)).toBe(hours(1));
    expect(bandEndsAt(warm, 'cooked', 2 * HOUR_MS)).toBe(hours(1));
    expect(bandEndsAt([stretch(START, hours(1))], 'cooked', 2 * HOUR_MS)).toBeNull();
    expect(bandEndsAt(warm, 'raw', 2 * HOUR_MS)).toBeNull();
  });

  describe('runs out', () => {
    const ends = (exposures: Exposure[], limitH: number) => bandEndsAt(exposures, 'cooked', limitH * HOUR_MS);
    const from = (start: number, to: number | null, factor = 1) => ({ ...stretch(start, to), factor });

    it('its limit after a stretch that has yet to begin', () =>
      expect(ends([from(hours(4), null)], 2)).toBe(hours(6)));

    it('by the pace of each stretch in turn, in whatever order they stand', () => {
      const turn = [from(hours(2), null), from(START, hours(2), 2)];
      // Two hours by one o'clock and two more by two, which leaves one of the five.
      expect(ends(turn, 5)).toBe(hours(3));
      expect(ends(turn, 3)).toBe(hours(1.5));
      expect(ends(turn, 4)).toBe(hours(2));
    });

    it('after a pause between two of them', () =>
      expect(ends([from(START, hours(1)), from(hours(3), null)], 2)).toBe(hours(4)));

    it('by the faster where two run at once', () =>
      expect(ends([from(START, null), from(START, null, 2)], 3)).toBe(hours(1.5)));

    it('by its own ledger alone, and by what is past no more', () => {
      const raw: Exposure = { ...from(START, null), ledger: 'raw' };
      expect(ends([raw, from(START, null)], 2)).toBe(hours(2));
      expect(ends([from(hours(-3), hours(-2)), from(START, null)], 2)).toBe(hours(1));
    });
  });
});

describe('a stretch', () => {
  it('opens running, certain and movable, unless said otherwise', () => {
    const [opened] = openExposure([], { ledger: 'raw', from: START, place: 'car', side: 'hot' });
    expect(opened).toEqual(stretch(START, null, { ledger: 'raw', place: 'car', side: 'hot' }));
    expect(openExposure([stretch(START, null)], stretch(hours(1), hours(2)))).toHaveLength(2);
  });

  it('ends where the food went, never before it began', () => {
    expect(closeExposure([stretch(START, null)], hours(1), 'chilled')).toEqual([stretch(START, hours(1))]);
    expect(closeExposure([stretch(hours(2), null)], hours(1), 'chilled')).toEqual([
      stretch(hours(2), hours(2)),
    ]);
    expect(closeExposure([stretch(START, minutes(5))], hours(1), 'used')).toEqual([
      stretch(START, minutes(5)),
    ]);
  });

  it.each([
    ['too late to chill', { runsOn: true }, { chilled: true, settled: true, used: false }],
    ['read warm in the cold', { readWarm: true }, { chilled: true, settled: false, used: false }],
    ['any other', {}, { chilled: false, settled: false, used: false }],
  ] as const)('that is %s goes on as far as its ending lets it', (_what, over, goesOn) => {
    for (const ending of ['chilled', 'settled', 'used'] as const) {
      const [closed] = closeExposure([stretch(START, null, over)], hours(1), ending);
      expect(closed!.to === null).toBe(goesOn[ending]);
    }
  });

  it('in a bag ends with the way, and what would have begun later never does', () => {
    const way = [
      stretch(START, hours(2), { bag: true, certain: false }),
      stretch(hours(2), null, { bag: true }),
    ];
    expect(closeExposure(way, hours(1), 'chilled')).toEqual([
      stretch(START, hours(1), { bag: true, certain: false }),
    ]);
    expect(closeExposure(way, hours(3), 'chilled').map(({ to }) => to)).toEqual([hours(2), hours(3)]);
  });

  it('that runs is found, and starts later when a reading says so', () => {
    const exposures = [stretch(START, minutes(5)), stretch(minutes(9), null)];
    expect(runningExposure(exposures)).toBe(exposures[1]);
    expect(runningExposure(exposures.slice(0, 1))).toBeUndefined();
    expect(restartExposure(exposures, minutes(30), true)).toMatchObject([
      stretch(START, minutes(5)),
      { from: minutes(30), to: null, startFixed: true },
    ]);
  });
});

describe('the way here', () => {
  const car = stretch(START, minutes(30), { place: 'car' });
  const table = stretch(minutes(30), minutes(40), { place: 'table' });
  const now = stretch(minutes(40), null);

  it('is left out as far back as it has no break', () => {
    expect(withoutWayHere([car, table, now], now.from)).toEqual([now]);
    const before = stretch(hours(-2), minutes(-1));
    expect(withoutWayHere([before, car, table, now], now.from)).toEqual([before, now]);
  });

  it.each([
    ['that was fixed by a reading', { startFixed: true }],
    ['on which it was hot', { side: 'hot' }],
    ['nobody can account for', { certain: false }],
  ] as const)('%s stays', (_what, over) => {
    const kept = { ...table, ...over };
    expect(withoutWayHere([kept, now], now.from)).toEqual([kept, now]);
  });

  it('in a bag goes, though it was not certain', () =>
    expect(withoutWayHere([{ ...table, certain: false, bag: true }, now], now.from)).toEqual([now]));
});

describe('the crossing of a limit', () => {
  const at = (when: number, f: number) => ({ at: when, temperature: fahrenheit(f) });

  it('lies on the straight line between two readings', () => {
    expect(crossing(at(START, 150), at(minutes(40), 130), fahrenheit(140), 2 * HOUR_MS)).toBe(minutes(20));
    expect(crossing(at(START, 38), at(minutes(40), 46), fahrenheit(40), 2 * HOUR_MS)).toBe(minutes(10));
  });

  it('is the good one where they are too far apart, or read the same', () => {
    expect(crossing(at(START, 150), at(hours(2), 130), fahrenheit(140), 2 * HOUR_MS)).toBe(hours(1));
    expect(crossing(at(START, 150), at(hours(2) + 1, 130), fahrenheit(140), 2 * HOUR_MS)).toBe(START);
    expect(crossing(at(START, 140), at(hours(1), 140), fahrenheit(140), 2 * HOUR_MS)).toBe(START);
  });

  it('never lies outside the two', () => {
    expect(crossing(at(START, 130), at(hours(1), 120), fahrenheit(140), 2 * HOUR_MS)).toBe(START);
    expect(crossing(at(START, 150), at(hours(1), 145), fahrenheit(140), 2 * HOUR_MS)).toBe(hours(1));
  });
});

describe('stretches in any order', () => {
  const first = stretch(START, minutes(30));
  const inside = stretch(minutes(10), minutes(20));
  const over = stretch(minutes(25), minutes(50));
  it('count each minute once', () => {
    for (const exposures of [
      [first, inside, over],
      [over, inside, first],
      [inside, over, first],
      [over, first, inside],
    ])
      expect(bandTime(exposures, 'cooked', hours(2)).allMs).toBe(50 * MINUTE_MS);
  });

  it('and by the greater factor where they overlap', () => {
    const warm = stretch(minutes(20), minutes(40), { factor: 2 });
    for (const exposures of [
      [first, warm],
      [warm, first],
    ])
      expect(bandTime(exposures, 'cooked', hours(2)).allMs).toBe(60 * MINUTE_MS);
  });
});

describe('when a clock runs out', () => {
  it('is to the minute at the end of a stretch, and goes on with the next one', () => {
    const two = [stretch(START, minutes(30)), stretch(hours(2), null)];
    expect(bandEndsAt(two, 'cooked', 30 * MINUTE_MS)).toBe(minutes(30));
    expect(bandEndsAt(two, 'cooked', 30 * MINUTE_MS + 1)).toBe(hours(2) + 1);
  });

  it('is no matter of another ledger that runs', () => {
    const exposures = [stretch(START, minutes(30)), stretch(START, null, { ledger: 'raw' })];
    expect(bandEndsAt(exposures, 'cooked', 10 * MINUTE_MS)).toBeNull();
    expect(bandEndsAt(exposures, 'raw', 10 * MINUTE_MS)).toBe(minutes(10));
    expect(knownPast(exposures, 'cooked', HOUR_MS)).toBeNull();
    expect(knownPast(exposures, 'raw', HOUR_MS)).toBe(hours(1));
  });
});

describe('what ends a stretch', () => {
  const ends = (over: Partial<Exposure>, ending: 'chilled' | 'settled' | 'used') =>
    closeExposure([stretch(START, null, over)], hours(1), ending)[0]!.to;
  it.each([
    ['any', {}, { chilled: true, settled: true, used: true }],
    ['one too late to chill', { runsOn: true }, { chilled: false, settled: false, used: true }],
    ['one read warm in the cold', { readWarm: true }, { chilled: false, settled: true, used: true }],
  ] as const)('%s', (_name, over, ended) => {
    for (const ending of ['chilled', 'settled', 'used'] as const)
      expect(ends(over, ending)).toBe(ended[ending] ? hours(1) : null);
  });

  it('ends what was to end later, and leaves what has ended', () => {
    const to = (end: number) => closeExposure([stretch(START, end)], hours(1), 'chilled')[0]!.to;
    expect([to(minutes(30)), to(hours(1)), to(hours(2))]).toEqual([minutes(30), hours(1), hours(1)]);
    const later = closeExposure([stretch(hours(2), null)], hours(1), 'chilled');
    expect(later[0]).toMatchObject({ from: hours(2), to: hours(2) });
    expect(closeExposure([stretch(hours(2), null, { bag: true })], hours(1), 'chilled')).toEqual([]);
  });
});
