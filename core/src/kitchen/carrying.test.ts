import fc from 'fast-check';
import { rulesOf, ruleSetIds } from '../guidance';
import { celsius, fahrenheit, HOUR_MS, MINUTE_MS } from '../units';
import { carryingTime, KitchenProblem, type Carried } from '.';

const home = (carried: Partial<Carried>) =>
  carryingTime({ air: celsius(20), coolMonth: false, outMs: 0, ...carried }, rulesOf('home'));

describe('how long chilled food may be on its way', () => {
  it('is what may go back into the cold; warm air counts double; a bag adds two hours', () => {
    expect(home({})).toMatchObject({ leftMs: 2 * HOUR_MS, inBagMs: 4 * HOUR_MS, warm: false });
    expect(home({ air: fahrenheit(91) })).toMatchObject({
      leftMs: HOUR_MS,
      inBagMs: 3 * HOUR_MS,
      warm: true,
    });
    // 90 °F itself is not above it.
    expect(home({ air: fahrenheit(90) })).toMatchObject({ leftMs: 2 * HOUR_MS, warm: false });
    expect(home({ outMs: 30 * MINUTE_MS })).toMatchObject({ leftMs: 90 * MINUTE_MS });
  });

  it('air nobody knows is warm, unless the month is a cool one', () => {
    expect(home({ air: null }).leftMs).toBe(HOUR_MS);
    expect(home({ air: null, coolMonth: true }).leftMs).toBe(2 * HOUR_MS);
  });

  it('has no clock in air as cold as a refrigerator, and no bag where the time is over already', () => {
    expect(home({ air: fahrenheit(40) })).toMatchObject({ leftMs: null, inBagMs: null });
    expect(home({ air: fahrenheit(40.1) }).leftMs).toBe(2 * HOUR_MS);
    expect(home({ outMs: 2 * HOUR_MS })).toMatchObject({ leftMs: 0, inBagMs: 0 });
  });

  it('goes by the school: the metric chain chills again below two hours only', () => {
    const chain = carryingTime({ air: celsius(20), coolMonth: false, outMs: 0 }, rulesOf('chain'));
    expect(chain).toMatchObject({ leftMs: 2 * HOUR_MS, inclusive: false });
    expect(chain.rules[0]!.id).toBe('chain.bandTime.chillAgain');
  });

  it('refuses what cannot be', () => {
    expect(() => home({ air: celsius(81) })).toThrow('From −80 to 80 °C.');
    for (const outMs of [-1, NaN, 25 * HOUR_MS]) expect(() => home({ outMs })).toThrow(KitchenProblem);
  });

  it('is never longer in warmer air, after more time out, or by more care; the same in either unit', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...ruleSetIds),
        fc.double({ min: -20, max: 50, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.integer({ min: 0, max: 300 }),
        fc.integer({ min: 0, max: 100 }),
        (id, c, warmer, out, longer) => {
          const of = (air: Carried['air'], minutes: number, school = id) => {
            const { leftMs, inBagMs } = carryingTime(
              { air, coolMonth: true, outMs: minutes * MINUTE_MS },
              rulesOf(school),
            );
            return [leftMs ?? Infinity, inBagMs ?? Infinity] as const;
          };
          const [left, bag] = of(celsius(c), out);
          expect(bag).toBeGreaterThanOrEqual(left);
          const worse = [of(celsius(c + warmer), out), of(celsius(c), out + longer)];
          worse.forEach(([less, lessInBag]) => {
            expect(less).toBeLessThanOrEqual(left);
            expect(lessInBag).toBeLessThanOrEqual(bag);
          });
          expect(of(celsius(c), out, 'care')[0]).toBeLessThanOrEqual(left);
          // A whole degree of the one unit that is one of the other too is the same air.
          const whole = Math.round(c / 5) * 5;
          expect(of(fahrenheit((whole * 9) / 5 + 32), out)).toEqual(of(celsius(whole), out));
        },
      ),
    ));
});
