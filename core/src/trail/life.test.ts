import { rulesOf } from '../guidance';
import { days, happened, hours, leftovers, minutes, START, stateOf } from '../testing/story';
import { DAY_MS, HOUR_MS } from '../units';
import { endOf, livesOf, withCountsClosed, withDate, type CountedDays } from './life';
import { pausedMs } from './pauses';

const home = rulesOf('home');
const count = (over: Partial<CountedDays> = {}): CountedDays => ({
  startedAt: START,
  lowMs: 3 * DAY_MS,
  highMs: 4 * DAY_MS,
  pauses: [],
  ...over,
});
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

describe('a count that is closed', () => {
  const soup = stateOf([leftovers(START)]);

  it('is remembered with when and by which rule', () =>
    expect(withCountsClosed(soup, days(2), home).closedCounts).toMatchObject([
      { at: days(2), startedAt: START, ruleId: 'home.storage.soupsStews.refrigerator' },
    ]));

  it('does not count in the freezer', () => {
    const frozen = stateOf([leftovers(START), happened(hours(1), 'moved', { place: 'freezer' })]);
    expect(withCountsClosed(frozen, days(2), home)).toBe(frozen);
  });

  it('takes the date that was missing, and the days after a cook keep theirs', () => {
    const unknown = stateOf([leftovers(null)]);
    expect(withDate(unknown, START).daysFrom).toBe(START);
    const closed = { ...withCountsClosed(unknown, days(1), home), daysFrom: days(1) };
    expect(withDate(closed, minutes(5))).toMatchObject({
      daysFrom: days(1),
      closedCounts: [{ startedAt: minutes(5) }],
    });
    expect(withDate(soup, minutes(5)).daysFrom).toBe(minutes(5));
  });
});
