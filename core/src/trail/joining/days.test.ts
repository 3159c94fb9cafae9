import { rulesOf } from '../../guidance';
import { both } from '../../testing/joined';
import {
  comes,
  days,
  GUIDANCES,
  happened,
  hours,
  leftovers,
  minutes,
  moved,
  raw,
  START,
  stateOf,
} from '../../testing/story';
import { HOUR_MS } from '../../units';
import { foldEvent, type FoodState } from '..';
import { livesOf, openBy, printedEnd, refrigeratorThaw, usedBeforeFreezing } from '../../clocks';
import { worseOfBoth } from './worseOfBoth';

const rules = rulesOf('home');
const soup = [leftovers(START)];

describe('what has been in the freezer', () => {
  const frozenFor = (from: number, to: number, put = START) => [
    leftovers(put),
    moved(from, 'freezer'),
    moved(to, 'refrigerator'),
  ];

  it('keeps its day after thawing in what is older and never was there', () => {
    const thawed = frozenFor(hours(1), hours(2), hours(1));
    for (const whole of [both(soup, thawed), both(thawed, soup)]) {
      expect(whole).toMatchObject({ daysFrom: START, pauses: [], lastThawedAt: hours(2) });
      expect(livesOf(whole, rulesOf('chain'))).toMatchObject([{}, { startedAt: hours(2) }]);
    }
  });

  it('is frozen since the first was, and its days are those of the older', () => {
    const older = [leftovers(START), moved(hours(5), 'freezer')];
    const younger = [leftovers(hours(1)), moved(hours(2), 'freezer')];
    for (const whole of [both(older, younger, hours(9)), both(younger, older, hours(9))]) {
      expect(whole).toMatchObject({ daysFrom: START, frozenSince: hours(2) });
      const out = foldEvent(whole, moved(days(9), 'refrigerator'), GUIDANCES.home);
      expect(out.pauses).toEqual([{ from: hours(5), to: days(9) }]);
      expect(usedBeforeFreezing(whole)).toBe(5 * HOUR_MS);
    }
  });

  it('has thawed where it is put to what stands in the refrigerator', () => {
    const frozen = [leftovers(START), moved(hours(1), 'freezer')];
    expect(both(soup, frozen)).toMatchObject({ frozenSince: null, lastThawedAt: hours(6), stage: 'stored' });
    expect(both([raw()], [raw(), moved(hours(1), 'freezer')]).thaw).toMatchObject({ startedAt: hours(6) });
    expect(both(frozen, soup)).toMatchObject({ frozenSince: hours(1), lastThawedAt: null });
  });

  it('puts off its own printed date alone, and from then on that of both', () => {
    const printed = (at: number) => happened(minutes(1), 'printed', { kind: 'useBy', at });
    const kept = [leftovers(START), printed(days(2)), moved(hours(1), 'freezer')];
    const put = (at: number) => [leftovers(hours(2)), printed(at), moved(hours(3), 'freezer')];
    const out = (whole: FoodState) =>
      printedEnd(foldEvent(whole, moved(days(9), 'refrigerator'), GUIDANCES.home));
    // Frozen with two days less an hour left; the other with an hour less than that.
    for (const whole of [both(kept, put(days(2) + HOUR_MS)), both(put(days(2) + HOUR_MS), kept)])
      expect(out(whole)).toBe(days(2) - hours(3) + days(9) + HOUR_MS);
    expect(out(both(kept, put(days(3))))).toBe(days(2) - hours(1) + days(9));
  });

  it('thaws no later for being more, though no sooner as a whole', () => {
    const bird = [raw({ massKg: 5 }), moved(minutes(1), 'freezer')];
    const whole = foldEvent(both(bird, bird), moved(hours(7), 'refrigerator'), GUIDANCES.home);
    const alone = refrigeratorThaw(stateOf(bird), rules);
    expect(refrigeratorThaw(whole, rules).fastMs).toBe(alone.fastMs);
    expect(refrigeratorThaw(whole, rules).slowMs).toBeGreaterThan(alone.slowMs);
  });
});

describe('what thaws, with more put to it', () => {
  it('thaws on as fast as it did: its pack is due to be opened no later', () => {
    const trout = stateOf([
      comes('trout-side', { condition: 'frozen', place: 'freezer', since: null, withoutAir: true }),
      moved(minutes(1), 'refrigerator'),
    ]);
    const chicken = stateOf([raw({ massKg: 3 })]);
    for (const whole of [
      worseOfBoth(trout, chicken, hours(2), rules),
      worseOfBoth(chicken, trout, hours(2), rules),
    ]) {
      expect(whole.firstThawedKg).toBe(trout.massKg);
      expect(openBy(whole, rules)).toBe(openBy(trout, rules));
    }
    const twice = worseOfBoth(worseOfBoth(trout, chicken, hours(2), rules), trout, hours(3), rules);
    expect(twice.firstThawedKg).toBe(trout.massKg);
  });
});
