import fc from 'fast-check';
import { homeRules } from '../guidance';
import { celsius, DAY_MS, fahrenheit, type Temperature } from '../units';
import {
  correctionOf,
  isNearLimit,
  standingOf,
  thermometerKinds,
  uncertaintyK,
  type ThermometerEntry,
  type ThermometerKind,
} from '.';

const rules = homeRules.thermometer;
const day = (n: number) => Date.UTC(2026, 5, 1) + n * DAY_MS;

const of = (kind: ThermometerKind, ...log: ThermometerEntry[]) =>
  standingOf({ kind, log, rhythmDays: 30 }, rules);
const ice = (n: number, read: Temperature | number): ThermometerEntry => ({
  at: day(n),
  what: 'checked',
  point: 'ice',
  expectedC: 0,
  read: typeof read === 'number' ? celsius(read) : read,
});
const boiling = (n: number, read: number, expectedC = 100): ThermometerEntry => ({
  ...(ice(n, read) as Extract<ThermometerEntry, { what: 'checked' }>),
  point: 'boiling',
  expectedC,
});
const other = (n: number, what: Exclude<ThermometerEntry['what'], 'checked'>): ThermometerEntry => ({
  at: day(n),
  what,
});

describe('how far a thermometer is to be trusted', () => {
  it('is in doubt while it is new, and counts from its first check on', () => {
    expect(of('instantRead')).toEqual({ is: 'inDoubt', why: 'new', since: null, goodAt: null });
    expect(of('instantRead', ice(1, 0.4))).toMatchObject({
      is: 'inOrder',
      checkedAt: day(1),
      dueAt: day(31),
      goodAt: day(1),
    });
  });

  it.each([
    ['instantRead', 1, 'inOrder'],
    ['instantRead', -1, 'inOrder'],
    ['instantRead', 4.9, 'inOrder'],
    ['instantRead', 5, 'inOrder'],
    ['instantRead', -5.1, 'retired'],
    ['bimetal', 1, 'inOrder'],
    ['bimetal', 1.1, 'inDoubt'],
    ['bimetal', -9, 'inDoubt'],
    ['ovenDial', 3, 'inDoubt'],
    ['instantRead', fahrenheit(30.2), 'inOrder'],
    ['bimetal', fahrenheit(30.2), 'inOrder'],
    ['bimetal', fahrenheit(33.8), 'inOrder'],
    ['bimetal', fahrenheit(33.9), 'inDoubt'],
    ['instantRead', fahrenheit(41), 'inOrder'],
    ['instantRead', fahrenheit(23), 'inOrder'],
    ['instantRead', fahrenheit(41.1), 'retired'],
  ] as const)('%s that reads %j in ice water is %s', (kind, read, is) => {
    expect(of(kind, ice(1, read)).is).toBe(is);
  });

  it('a nut is turned, and then it is checked again', () => {
    expect(of('bimetal', ice(1, 3))).toMatchObject({ is: 'inDoubt', why: 'turnNut' });
    expect(of('bimetal', ice(1, 3), other(2, 'adjusted'))).toMatchObject({ is: 'inDoubt', why: 'adjusted' });
    expect(of('bimetal', ice(1, 3), other(2, 'adjusted'), ice(2, 0)).is).toBe('inOrder');
  });

  it('two checks that differ by more than a degree: nobody knows what the next would say', () => {
    expect(of('instantRead', ice(1, 0.2), ice(31, 1.2)).is).toBe('inOrder');
    expect(of('instantRead', ice(1, 0.2), ice(31, 1.3))).toMatchObject({ is: 'retired', why: 'disagrees' });
    // Between ice and boiling water it may differ: that is its slope.
    expect(of('instantRead', ice(1, 0.2), boiling(1, 102)).is).toBe('inOrder');
    // Retired it stays, whatever it shows next; a new battery begins anew.
    const retired = [ice(1, 0.2), ice(31, 1.3)];
    expect(of('instantRead', ...retired, ice(32, 1.3)).is).toBe('retired');
    expect(of('instantRead', ...retired, other(32, 'dropped')).is).toBe('retired');
    expect(of('instantRead', ...retired, other(32, 'newBattery')).is).toBe('inDoubt');
    expect(of('instantRead', ...retired, other(32, 'newBattery'), ice(32, 3)).is).toBe('inOrder');
  });

  it.each(['dropped', 'wet', 'lowBattery', 'newBattery', 'adjusted'] as const)(
    '%s it is in doubt until it is checked, and what was read since its last good check with it',
    (what) => {
      expect(of('leaveIn', ice(1, 0), other(9, what))).toEqual({
        is: 'inDoubt',
        why: what,
        since: day(9),
        goodAt: day(1),
      });
      expect(of('leaveIn', ice(1, 0), other(9, what), ice(10, 0.3)).is).toBe('inOrder');
    },
  );

  it('what tells nothing is never in order', () => {
    expect(of('popUp', ice(1, 0))).toMatchObject({ is: 'retired', why: 'tellsNothing' });
    expect(of('colourLabel')).toMatchObject({ is: 'retired', why: 'tellsNothing' });
  });
});

describe('what is added to a figure', () => {
  it('is what one check said, everywhere; in the degrees of the figure', () => {
    const standing = of('instantRead', ice(1, 2));
    expect(correctionOf(celsius(74), standing)).toBeCloseTo(-2);
    expect(correctionOf(fahrenheit(165), standing)).toBeCloseTo(-3.6);
  });

  it('lies on a straight line between two checks, and is what the nearer says beyond', () => {
    const standing = of('fork', ice(1, 1), boiling(1, 98, 100));
    expect(correctionOf(celsius(1), standing)).toBeCloseTo(-1);
    expect(correctionOf(celsius(98), standing)).toBeCloseTo(2);
    expect(correctionOf(celsius(49.5), standing)).toBeCloseTo(0.5);
    expect(correctionOf(celsius(-18), standing)).toBeCloseTo(-1);
    expect(correctionOf(celsius(180), standing)).toBeCloseTo(2);
  });

  it('is nothing where no check counts', () => {
    expect(correctionOf(celsius(74), of('instantRead'))).toBe(0);
    expect(correctionOf(celsius(74), of('instantRead', ice(1, 3), other(2, 'dropped')))).toBe(0);
    expect(correctionOf(celsius(74), of('instantRead', ice(1, 9)))).toBe(0);
  });

  it('a warmer figure is never a colder food', () => {
    const offset = fc.integer({ min: -50, max: 50 }).map((tenths) => tenths / 10);
    fc.assert(
      fc.property(
        offset,
        fc.option(offset),
        fc.double({ min: -40, max: 250, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        (cold, hot, read, more) => {
          const log = hot === null ? [ice(1, cold)] : [ice(1, cold), boiling(1, 100 + hot)];
          const standing = of('fork', ...log);
          const truth = (c: number) => c + correctionOf(celsius(c), standing);
          expect(truth(read + more)).toBeGreaterThanOrEqual(truth(read) - 1e-9);
        },
      ),
    );
  });
});

describe('how far a figure may be off', () => {
  const dial = { resolutionK: 1 };

  it('is less where it was checked, and as much as before once the next check is due', () => {
    const standing = of('bimetal', ice(1, 0));
    expect(uncertaintyK(dial, standing, day(31), rules)).toBeCloseTo(1 + 0.5 + 0.5);
    expect(uncertaintyK(dial, standing, day(31) + 1, rules)).toBeCloseTo(1 + 1 + 0.5);
    expect(uncertaintyK(dial, of('bimetal'), day(2), rules)).toBeCloseTo(2.5);
    expect(uncertaintyK(null, null, day(2), rules)).toBeCloseTo(1.5);
  });

  it('says when a limit lies within it, in either unit', () => {
    expect(isNearLimit(celsius(74.9), fahrenheit(165), 1.1)).toBe(true);
    expect(isNearLimit(celsius(73), fahrenheit(165), 1.1)).toBe(true);
    expect(isNearLimit(celsius(76), fahrenheit(165), 1.1)).toBe(false);
  });
});

it('whatever happened, in whatever order it was told: one standing, and no check of before the last mishap counts', () => {
  const entry = fc.oneof(
    fc
      .tuple(fc.integer({ min: 0, max: 9 }), fc.integer({ min: -70, max: 70 }))
      .map(([n, tenths]) => ice(n, tenths / 10)),
    fc
      .tuple(fc.integer({ min: 0, max: 9 }), fc.constantFrom('dropped', 'wet', 'newBattery', 'adjusted'))
      .map(([n, what]) => other(n + 0.5, what as 'dropped')),
  );
  fc.assert(
    fc.property(fc.constantFrom(...thermometerKinds), fc.array(entry, { maxLength: 12 }), (kind, log) => {
      const standing = of(kind, ...log);
      const byTime = [...log].sort((a, b) => a.at - b.at);
      expect(of(kind, ...byTime)).toEqual(standing);
      if (standing.is !== 'inOrder') return;
      const mishaps = log.filter(({ what }) => what !== 'checked').map(({ at }) => at);
      for (const { at, readC } of standing.known) {
        expect(at).toBeGreaterThan(Math.max(0, ...mishaps));
        expect(Math.abs(readC)).toBeLessThanOrEqual(5 + 1e-9);
      }
    }),
  );
});
