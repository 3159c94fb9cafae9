import { rulesOf } from '../guidance';
import { days, happened, hours, leftovers, raw, START, stateOf } from '../testing/story';
import { DAY_MS, HOUR_MS } from '../units';
import { endOf, lifeAfterThaw, livesOf, printedEnd, type CountedDays } from './life';
import { pausedMs } from './pauses';

const home = rulesOf('home');
const count = (over: Partial<CountedDays> = {}): CountedDays => ({
  startedAt: START,
  lowMs: 3 * DAY_MS,
  highMs: 4 * DAY_MS,
  pauses: [],
  ...over,
});
const soup = stateOf([leftovers(START)]);
const chicken = stateOf([raw()]);
const week = { lowMs: 7 * DAY_MS, highMs: 7 * DAY_MS, calendarDays: 7 };
const endOfDay = (day: number) => Date.UTC(2026, 5, day, 23, 59, 59);

describe('the end of a count of days', () => {
  it('of 24 hours is a clock time, pauses added', () => {
    expect(endOf(count(), ['UTC'])).toBe(days(4));
    expect(endOf(count({ pauses: [{ from: hours(5), to: hours(29) }] }), ['UTC'])).toBe(days(5));
    expect(
      pausedMs([
        { from: hours(5), to: hours(6) },
        { from: hours(9), to: hours(8) },
      ]),
    ).toBe(HOUR_MS);
  });

  it('nobody knows where it began', () => expect(endOf(count({ startedAt: null }), ['UTC'])).toBeNull());

  it('of calendar days is the last second of the seventh, the first being day 1', () =>
    expect(endOf(count(week), ['UTC'])).toBe(endOfDay(18)));

  it('of calendar days is never later than its hours', () =>
    expect(endOf(count({ ...week, highMs: 2 * DAY_MS }), ['UTC'])).toBe(days(2)));

  it('a freezer pause counts both the day in and the day out', () => {
    const paused = (from: number, to: number) => endOf(count({ ...week, pauses: [{ from, to }] }), ['UTC']);
    expect(paused(days(1), days(4))).toBe(endOfDay(20));
    expect(paused(days(1), days(2))).toBe(endOfDay(18));
    expect(paused(hours(1), hours(2))).toBe(endOfDay(18));
  });

  it('after a move of time zone is the earlier instant', () => {
    const sydney = endOf(count(week), ['Australia/Sydney'])!;
    expect(sydney).not.toBe(endOfDay(18));
    expect(endOf(count(week), ['UTC', 'Australia/Sydney'])).toBe(Math.min(sydney, endOfDay(18)));
    expect(endOf(count(week), ['Australia/Sydney', 'UTC'])).toBe(Math.min(sydney, endOfDay(18)));
  });
});

describe('the counts that rule on a food', () => {
  it('are its days, from when it was cooked', () => {
    const [life, ...more] = livesOf(stateOf([leftovers(hours(-5))]), home);
    expect(life).toMatchObject({ startedAt: hours(-5), highMs: 4 * DAY_MS, pauses: [] });
    expect(more).toEqual([]);
  });

  it('after thawing raw food are the smaller of the limit and what was left', () => {
    const thawed = (usedDays: number) =>
      stateOf([
        happened(days(-usedDays), 'added', {
          foodKey: 'beef-steak',
          name: 'Steak',
          massKg: 1,
          form: 'steak',
          condition: 'fresh',
          place: 'refrigerator',
          since: days(-usedDays),
        }),
        happened(START, 'moved', { place: 'freezer' }),
        happened(days(9), 'thawStarted', { method: 'refrigerator' }),
        happened(days(10), 'thawed'),
      ]);
    expect(livesOf(thawed(0), home)).toMatchObject([
      { startedAt: days(10), lowMs: 3 * DAY_MS, highMs: 5 * DAY_MS },
    ]);
    expect(livesOf(thawed(4), home)).toMatchObject([{ startedAt: days(10), lowMs: DAY_MS, highMs: DAY_MS }]);
    expect(livesOf(thawed(7), home)).toMatchObject([{ lowMs: 0, highMs: 0 }]);
  });

  it('thawed cooked food has a day of its own where a school says so', () => {
    const state = stateOf([
      leftovers(START),
      happened(hours(3), 'moved', { place: 'freezer' }),
      happened(days(9), 'moved', { place: 'refrigerator' }),
    ]);
    expect(livesOf(state, home)).toHaveLength(1);
    expect(livesOf(state, rulesOf('chain'))).toMatchObject([
      { startedAt: START },
      { startedAt: days(9), highMs: DAY_MS, pauses: [] },
    ]);
  });
});

describe('a printed use-by', () => {
  const printed = { kind: 'useBy', at: days(3) } as const;
  const by = (over: object) => ({ ...soup, printed, ...over });

  it('ends with its day, and later by the time in the freezer since the food came', () => {
    const pause = (from: number) => ({ from, to: from + DAY_MS });
    expect(printedEnd(by({}))).toBe(days(3));
    expect(printedEnd(by({ pauses: [pause(hours(1))] }))).toBe(days(4));
    expect(printedEnd(by({ pauses: [pause(START)] }))).toBe(days(4));
    // What it lay frozen before it came, the maker has counted.
    expect(printedEnd(by({ pauses: [pause(START - 1)] }))).toBe(days(3));
    expect(printedEnd(by({ printed: { kind: 'bestBefore', at: days(3) } }))).toBeNull();
    expect(printedEnd(by({ printed: null }))).toBeNull();
  });

  it('holds alone while the pack is closed: no days run', () =>
    expect(livesOf(by({ unopened: true }), home)).toEqual([]));
});

describe('a food with others in it', () => {
  it('keeps by its own days and by those of what is cooked in it', () => {
    const lives = livesOf({ ...chicken, withCooked: true }, home).map(({ rule }) => rule.id);
    expect(lives).toEqual(['home.storage.poultryParts.refrigerator', 'home.storage.cookedMeat.refrigerator']);
    expect(livesOf(chicken, home)).toHaveLength(1);
  });

  it('keeps by the count of what came fresh beside that of what was thawed', () => {
    const thawed = stateOf([
      raw({ condition: 'frozen', place: 'freezer' }),
      happened(hours(1), 'thawStarted', { method: 'refrigerator' }),
      happened(hours(20), 'thawed'),
    ]);
    expect(livesOf(thawed, home)).toHaveLength(1);
    expect(livesOf({ ...thawed, partFresh: true }, home)).toHaveLength(2);
  });
});

describe('a count that is no count of calendar days', () => {
  it('leaves nothing undefined', () => {
    const life = lifeAfterThaw(chicken, { usedMs: 0 }, home);
    expect(Object.values(life)).not.toContain(undefined);
    expect('calendarDays' in livesOf(chicken, home)[0]!).toBe(false);
  });
});
