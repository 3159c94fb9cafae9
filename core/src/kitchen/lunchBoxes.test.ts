import fc from 'fast-check';
import { rulesFor } from '../guidance';
import { GUIDANCES } from '../testing/story';
import { HOUR_MS, MINUTE_MS } from '../units';
import { KitchenProblem, keepsUntil, lunchBoxes, takenAlong } from '.';

/** A Sunday, 14:00 in the zone. */
const SUNDAY = Date.UTC(2026, 5, 14, 14);
const NOON = { hour: 12, minute: 30 };
const boxes = (guidance: keyof typeof GUIDANCES, row: 'soupsStews' | 'cookedRice', n = 5) =>
  lunchBoxes(
    { boxes: n, cookedAt: SUNDAY, eatenAt: NOON, zone: 'UTC' },
    rulesFor(GUIDANCES[guidance]).storage[row].refrigerator.value,
  ).map(({ from }) => from[0]);

describe('a Sunday’s lunch boxes', () => {
  it.each([
    // Four days are over on Thursday at 14:00, after Thursday's lunch.
    ['home', 'soupsStews', 'rrrrf'],
    // Seven days with the day of cooking as the first: through Saturday.
    ['code', 'soupsStews', 'rrrrr'],
    ['chain', 'soupsStews', 'rrfff'],
    ['care', 'soupsStews', 'rrfff'],
    // The chain keeps rice for a day.
    ['chain', 'cookedRice', 'rffff'],
  ] as const)('by %s, %s', (guidance, row, from) => expect(boxes(guidance, row).join('')).toBe(from));

  it('never waits in the refrigerator past its days, and longer days never freeze more', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 14 }),
        fc.integer({ min: 0, max: 23 }),
        fc.integer({ min: 1, max: 10 * 24 }),
        fc.integer({ min: 0, max: 48 }),
        (n, hour, keeps, more) => {
          const asked = { boxes: n, cookedAt: SUNDAY, eatenAt: { hour, minute: 0 }, zone: 'Europe/Oslo' };
          const range = (hours: number) => ({
            kind: 'durations' as const,
            lowMs: HOUR_MS,
            highMs: hours * HOUR_MS,
          });
          const found = lunchBoxes(asked, range(keeps));
          expect(found).toHaveLength(n);
          for (const { at, from } of found)
            expect(from === 'refrigerator').toBe(at <= keepsUntil(range(keeps), SUNDAY, 'Europe/Oslo'));
          const cold = (lunches: typeof found) =>
            lunches.filter(({ from }) => from === 'refrigerator').length;
          expect(cold(lunchBoxes(asked, range(keeps + more)))).toBeGreaterThanOrEqual(cold(found));
        },
      ),
    ));

  it('one box a day at the same clock time, over the night the clocks change too', () => {
    const saturday = Date.UTC(2026, 9, 24, 12);
    const lunches = lunchBoxes(
      { boxes: 3, cookedAt: saturday, eatenAt: NOON, zone: 'Europe/Oslo' },
      rulesFor(GUIDANCES.home).storage.soupsStews.refrigerator.value,
    );
    expect(lunches.map(({ at }) => new Date(at).toISOString().slice(8, 16))).toEqual([
      '25T11:30',
      '26T11:30',
      '27T11:30',
    ]);
  });

  it('some boxes there have to be', () => {
    expect(() => boxes('home', 'soupsStews', 0)).toThrow(KitchenProblem);
    expect(() => boxes('home', 'soupsStews', 15)).toThrow(KitchenProblem);
    expect(() => boxes('home', 'soupsStews', Number.NaN)).toThrow(KitchenProblem);
  });
});

describe('taken along', () => {
  const how = (minutes: number, celsius: number | null, guidance: keyof typeof GUIDANCES = 'home') =>
    takenAlong(
      minutes * MINUTE_MS,
      { air: celsius === null ? null : { value: celsius, unit: 'C' }, coolMonth: false },
      rulesFor(GUIDANCES[guidance]),
    ).how;
  const ORDER = ['asItIs', 'inBag', 'tooLong'];

  it('a morning is too long without a bag, and a day with one', () => {
    expect(how(45, 20)).toBe('asItIs');
    expect(how(150, 20)).toBe('inBag');
    expect(how(12 * 60, 20)).toBe('tooLong');
    expect(how(12 * 60, 3)).toBe('asItIs');
  });

  it('takes a time between none and a day, and nothing else', () => {
    expect(how(0, 20)).toBe('asItIs');
    for (const wrong of [-1, 24 * 60 + 1, Number.NaN]) expect(() => how(wrong, 20)).toThrow(KitchenProblem);
  });

  it('is never easier for longer, in warmer air, or where nobody knows how warm it is', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 1100 }),
        fc.integer({ min: 0, max: 300 }),
        fc.integer({ min: -5, max: 45 }),
        fc.integer({ min: 0, max: 20 }),
        fc.constantFrom('home', 'code', 'chain', 'care' as const),
        (minutes, more, air, warmer, guidance) => {
          const worse = (one: string, other: string) =>
            expect(ORDER.indexOf(one)).toBeGreaterThanOrEqual(ORDER.indexOf(other));
          const asItIs = how(minutes, air, guidance as 'home');
          worse(how(minutes + more, air, guidance as 'home'), asItIs);
          worse(how(minutes, air + warmer, guidance as 'home'), asItIs);
          worse(how(minutes, null, guidance as 'home'), asItIs);
        },
      ),
    ));
});
