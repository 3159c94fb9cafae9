import { rulesOf } from '../guidance';
import { fahrenheit, HOUR_MS, MINUTE_MS } from '../units';
import { cookedLamb, hours, minutes, moved, putAway, read, START, stateOf } from '../testing/story';
import { marksAt } from '.';
import type { FoodEvent } from '../record';
import { beginChill, chilled } from './chill';

const rules = rulesOf('code');
const done = cookedLamb(START, 170);
const chillOf = (...events: FoodEvent[]) => stateOf([...done, ...events]).chill!;
const statuses = (now: number, ...events: FoodEvent[]) =>
  marksAt(chillOf(...events), now, rules).map(({ status }) => status);

describe('the start of a cooling', () => {
  it('moves on with every hot reading, and is fixed by the first that is not', () => {
    expect(chillOf(read(minutes(20), 150)).startedAt).toBe(minutes(20));
    // 150 °F at 20 min, 130 °F at 40 min: 140 °F is crossed half way by the home chart.
    const fixed = chillOf(read(minutes(20), 150), read(minutes(40), 130));
    expect(fixed).toMatchObject({ startFixed: true });
    expect(fixed.startedAt).toBeGreaterThan(minutes(20));
    expect(fixed.startedAt).toBeLessThan(minutes(40));
    expect(chillOf(read(minutes(20), 150), read(minutes(40), 130), read(minutes(50), 160)).startedAt).toBe(
      fixed.startedAt,
    );
  });

  it('is off the heat where it was never read hot', () =>
    expect(chillOf(read(minutes(40), 130))).toMatchObject({ startedAt: START, startFixed: true }));
});

describe('a mark', () => {
  const cooling = (...readings: [number, number][]) =>
    readings.reduce(
      (chill, [at, degrees]) => chilled(chill, { at, temperature: fahrenheit(degrees) }, rules),
      beginChill(START),
    );
  it('is reached by a straight line between two readings no further apart than its time, else when it was read', () => {
    // 80 °F at 60 min, 60 °F at 80 min: 70 °F at 70 min.
    expect(cooling([minutes(60), 80], [minutes(80), 60]).first.reachedAt).toBe(minutes(70));
    expect(cooling([minutes(60), 80], [hours(3), 60]).first.reachedAt).toBe(minutes(120));
    expect(cooling([minutes(60), 80], [hours(3) + 1, 60]).first.reachedAt).toBe(hours(3) + 1);
    expect(cooling([minutes(80), 60]).first.reachedAt).toBe(minutes(80));
    expect(cooling([minutes(80), 60], [minutes(90), 75]).first.reachedAt).toBe(minutes(80));
  });

  it('is met at its time, and not after it', () => {
    expect(statuses(hours(3), putAway(minutes(10), 0.2), read(hours(2), 70))[0]).toBe('met');
    expect(statuses(hours(3), putAway(minutes(10), 0.2), read(hours(2) + 1, 70))[0]).toBe('unknown');
  });

  it('is missed by a reading above it after its time, not by one at it', () => {
    expect(statuses(hours(3), putAway(minutes(10), 0.2), read(hours(2), 80))[0]).toBe('unknown');
    expect(statuses(hours(3), putAway(minutes(10), 0.2), read(hours(2) + 1, 80))[0]).toBe('missed');
  });

  it('runs until its time, and is reached late rather than running once it was read', () => {
    expect(statuses(hours(2), putAway(minutes(10), 0.2))).toEqual(['running', 'running']);
    expect(statuses(hours(2) + 1, putAway(minutes(10), 0.2))).toEqual(['unknown', 'running']);
  });

  it('of shallow food in the cold in time is taken as met, and of what came there late is not', () => {
    expect(statuses(hours(7), putAway(minutes(10)))).toEqual(['assumed', 'assumed']);
    expect(statuses(hours(7), putAway(hours(2)))).toEqual(['assumed', 'assumed']);
    expect(statuses(hours(7), putAway(hours(2) + 1))[0]).toBe('unknown');
  });

  it('once the first was missed, the second is taken for nothing', () =>
    expect(statuses(hours(7), putAway(minutes(10)), read(hours(2.1), 80))).toEqual(['missed', 'unknown']));
});

describe('a cooling that left the cold', () => {
  const out = [putAway(minutes(10)), moved(hours(1), 'counter')];
  it('hears no more readings and knows no other container', () => {
    const before = chillOf(...out);
    expect(chillOf(...out, read(hours(1.2), 100))).toEqual(before);
    expect(chillOf(...out, putAway(hours(1.5), 0.2))).toEqual(before);
    expect(before.closedAt! - before.startedAt).toBe(HOUR_MS);
    expect(before.shallowSince! - before.startedAt).toBe(10 * MINUTE_MS);
  });
});
