import fc from 'fast-check';
import { DEFAULT_SETTINGS } from '../household';
import { PLAIN_GUIDANCE } from '../guidance';
import { anyLife } from '../testing/anyLife';
import { at, comes, frozenLamb, hours, minutes, moved, planned, START, stateOf } from '../testing/story';
import { judge, severity } from '../judge';
import type { FoodEvent } from '../record';
import { DAY_MS, HOUR_MS, MINUTE_MS } from '../units';
import { AHEAD_MS, isAgain, isQuiet, mannerOf, remindersOf, type Reminder } from '.';

const settings = { ...DEFAULT_SETTINGS, guidance: PLAIN_GUIDANCE, zone: 'UTC' };
const of = (events: readonly FoodEvent[], now: number): readonly Reminder[] =>
  remindersOf({ foods: [{ state: stateOf(events)! }], meals: [], settings }, now);
const clock = (ms: number) => new Date(ms).toISOString().slice(11, 16);

const outside = comes('lentil-soup', { name: 'Soup', condition: 'cooked', place: 'counter', since: START });

describe('somebody is reminded', () => {
  it('of food that stands out while there is still time to save it, in quiet hours too', () => {
    const [first] = of([outside], minutes(5));
    const { deadline } = judge(stateOf([outside])!, at(minutes(5)))!;
    expect(first).toMatchObject({
      at: deadline!.at - AHEAD_MS,
      until: deadline!.at,
      pressing: true,
    });
    expect(first!.title).toContain('Soup');
    expect(first!.detail).toContain(`By ${clock(deadline!.at)}.`);
  });

  it('of food that keeps by days on the morning of its last one', () => {
    const thighs = [comes('chicken-thighs')];
    const now = minutes(40);
    const [last] = of(thighs, now);
    const { until } = judge(stateOf(thighs)!, at(now))!;
    expect([clock(last!.at), last!.until, last!.pressing]).toEqual(['09:30', until, false]);
    expect(last!.detail).toBe('Cook or freeze it. After that it is thrown away.');
    expect(until! - last!.at).toBeGreaterThan(8 * HOUR_MS);
    expect(until! - last!.at).toBeLessThan(DAY_MS + 8 * HOUR_MS);
  });

  it('of the steps of a plan as they fall due, each by its own name', () => {
    const all = of([frozenLamb(), planned()], minutes(1));
    expect(all.length).toBeGreaterThan(3);
    expect(new Set(all.map(({ key }) => key)).size).toBe(all.length);
    expect(all.map((each) => each.at)).toEqual([...all.map((each) => each.at)].sort((a, b) => a - b));
  });

  it('of food on ice when it is to be read again', () => {
    const events = [comes('potato-salad'), moved(hours(1), 'ice')];
    expect(of(events, hours(1)).some(({ key }) => key.endsWith('.check'))).toBe(true);
  });

  it('of nothing that is thrown away, nor to use what nobody can tell of, whatever happened to it', () => {
    expect(of([outside], hours(9))).toEqual([]);
    fc.assert(
      fc.property(anyLife, fc.integer({ min: 0, max: 800 }), (events, after) => {
        const now = Math.max(...events.map((event) => event.at)) + after * 10 * MINUTE_MS;
        const state = stateOf(events);
        const ruling = state && judge(state, at(now));
        const told = state ? of(events, now) : [];
        if (!ruling || ruling.verdict === 'discard') expect(told).toEqual([]);
        if (ruling?.verdict === 'cannotTell')
          expect(told.some(({ key }) => /lastDay|eat|heat/.test(key))).toBe(false);
      }),
      { numRuns: 60 },
    );
  });

  it('before anything gets worse, whatever happened to it: no deadline comes unannounced', () => {
    fc.assert(
      fc.property(anyLife, fc.integer({ min: 0, max: 200 }), (events, after) => {
        const state = stateOf(events);
        fc.pre(state !== null);
        const now = Math.max(...events.map((event) => event.at)) + after * 10 * MINUTE_MS;
        const ruling = judge(state!, at(now));
        fc.pre(ruling !== null && ruling.deadline !== null);
        fc.pre(severity(ruling!.verdict) < severity('cannotTell'));
        const told = of(events, now).filter((each) => each.at <= ruling!.deadline!.at);
        expect(told.length).toBeGreaterThan(0);
        for (const { at: from, until } of told) expect(from).toBeLessThanOrEqual(until);
      }),
      { numRuns: 60 },
    );
  });

  it('again of what comes again, and once of what was put off by a little', () => {
    expect([isAgain(undefined, 0), isAgain(0, 30 * MINUTE_MS), isAgain(0, 5 * MINUTE_MS)]).toEqual([
      true,
      true,
      false,
    ]);
  });
});

describe('quiet hours', () => {
  const night = { from: '22:30', to: '06:30' };
  it.each([
    ['22:29', false],
    ['22:30', true],
    ['00:00', true],
    ['06:29', true],
    ['06:30', false],
    ['12:00', false],
  ])('at %s: %s', (time, quiet) => {
    const [hour, minute] = time.split(':').map(Number) as [number, number];
    expect(isQuiet(Date.UTC(2026, 5, 12, hour, minute), night, 'UTC')).toBe(quiet);
  });

  it('go by the clock on the wall in the night it is put back, both times', () => {
    const twice = { from: '02:00', to: '03:00' };
    // On 25 October 2026 at 03:00 in Vienna it is 02:00 again.
    const first = Date.UTC(2026, 9, 25, 0, 30);
    for (const each of [first, first + HOUR_MS]) expect(isQuiet(each, twice, 'Europe/Vienna')).toBe(true);
    expect(isQuiet(first + 2 * HOUR_MS, twice, 'Europe/Vienna')).toBe(false);
  });

  it('silence all but what presses, and nothing where there are none', () => {
    const said = (pressing: boolean, quiet: typeof night | null, hour: number) =>
      mannerOf(pressing, { heard: true, felt: false, quiet }, Date.UTC(2026, 5, 12, hour), 'UTC');
    expect(said(false, night, 23)).toEqual({ heard: false, felt: false });
    expect(said(true, night, 23)).toEqual({ heard: true, felt: false });
    expect(said(false, night, 12)).toEqual({ heard: true, felt: false });
    expect(said(false, null, 23)).toEqual({ heard: true, felt: false });
  });
});
