import { rulesOf } from '../guidance';
import { days, happened, hours, leftovers, minutes, raw, START, stateOf } from '../testing/story';
import { DAY_MS } from '../units';
import { withCountsClosed, withDate, withDaysUsed } from './counts';

const home = rulesOf('home');
const soup = stateOf([leftovers(START)]);
const chicken = stateOf([raw()]);

describe('a count that is closed', () => {
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

describe('a printed use-by', () => {
  const printed = { kind: 'useBy', at: days(3) } as const;
  const by = (over: object) => ({ ...soup, printed, ...over });

  it('is a fault of what is closed after it, and not at its very end', () => {
    const faults = (at: number) => withCountsClosed(by({}), at, home).faults.length;
    expect([faults(days(3)), faults(days(3) + 1)]).toEqual([0, 1]);
    expect(withCountsClosed(soup, days(9), home).faults).toEqual([]);
  });
});

describe('days used before a food is frozen again', () => {
  it('are those since it was thawed, of raw food alone, and out of the freezer', () => {
    expect(withDaysUsed(chicken, days(1), home)).toBe(chicken);
    const thawed = stateOf([raw({ condition: 'thawed' })]);
    expect(withDaysUsed(thawed, days(1), home).thaw).toMatchObject({ usedMs: DAY_MS, thawedAt: null });
    for (const other of [
      { ...thawed, cooked: true },
      { ...thawed, frozenSince: START },
      { ...thawed, thaw: null },
    ])
      expect(withDaysUsed(other, days(1), home)).toBe(other);
  });
});

describe('a date that is told late', () => {
  const before = (daysFrom: number | null) => ({ ...unheated, daysFrom });
  const unheated = { through: false, cooked: true, cooledAt: null, daysFrom: null as number | null };

  it('is that of the food before it was put on the heat, where that had none', () => {
    const heated = stateOf([leftovers(null), happened(hours(1), 'cookingStarted')]);
    const cookOf = (state: typeof heated) => withDate(state, minutes(5)).cook;
    const withBefore = (daysFrom: number | null) =>
      ({ ...heated, cook: { ...heated.cook!, before: before(daysFrom) } }) as unknown as typeof heated;
    expect(cookOf(withBefore(null))!.before).toEqual(before(minutes(5)));
    expect(cookOf(withBefore(START))!.before).toEqual(before(START));
    expect(cookOf({ ...heated, cook: { ...heated.cook!, before: null } })!.before).toBeNull();
    expect(withDate(soup, minutes(5)).cook).toBeNull();
  });

  it('does not take the place of one that stands, unless a closed count asks for it', () => {
    const dated = { ...soup, closedCounts: [], daysFrom: days(1) };
    expect(withDate(dated, minutes(5)).daysFrom).toBe(minutes(5));
    const closed = { ...withCountsClosed(soup, days(1), home), daysFrom: days(1) };
    expect(withDate(closed, minutes(5))).toMatchObject({
      daysFrom: minutes(5),
      closedCounts: [{ startedAt: START }],
    });
  });
});
