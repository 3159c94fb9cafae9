import fc from 'fast-check';
import { at, days, GUIDANCES, hours, leftovers, minutes, moved, raw, START, stateOf } from '../testing/story';
import { judge, judgeLately } from '.';

const soup = stateOf([leftovers(START)]);

describe('a ruling asked for again within the minute', () => {
  it('is the same', () => {
    const first = judgeLately(soup, at(hours(1)));
    expect(judgeLately(soup, at(hours(1) + 30_000))).toBe(first);
    expect(first).toEqual(judge(soup, at(hours(1))));
  });

  it('is made anew in the next one, for what is earlier, in other units or zones, and by other guidance', () => {
    const units = { temperature: 'F', mass: 'imperial' } as const;
    for (const context of [
      at(hours(1) + 60_000),
      at(hours(1) - 1),
      at(hours(1), { units }),
      at(hours(1), { zone: 'Europe/Dublin' }),
      at(hours(1), { guidance: GUIDANCES.code }),
      at(hours(1), { formerZones: ['UTC'] }),
    ]) {
      const first = judgeLately(soup, at(hours(1)));
      expect(judgeLately(soup, context)).not.toBe(first);
      expect(judgeLately(soup, context)).toEqual(judge(soup, context));
    }
  });

  it('never stands past the moment it speaks of', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(
          soup,
          stateOf([raw()]),
          stateOf([leftovers(START), moved(hours(1), 'counter')]),
          stateOf([raw({ place: 'counter' }), moved(minutes(50), 'refrigerator')]),
        ),
        fc.integer({ min: START, max: days(6) }),
        fc.nat(60_000),
        (state, then, later) => {
          const ruling = judgeLately({ ...state }, at(then));
          for (const edge of [ruling?.until, ruling?.deadline?.at]) {
            if (typeof edge !== 'number' || edge < START) continue;
            const again = { ...state };
            judgeLately(again, at(edge - 1));
            expect(judgeLately(again, at(edge + 1))!.verdict).toBe(judge(state, at(edge + 1))!.verdict);
          }
          const verdict = judgeLately({ ...state }, at(then + later))!.verdict;
          expect(verdict).toBe(judge(state, at(then + later))!.verdict);
        },
      ),
    ));
});
