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

  describe('that speaks of a moment in the middle of one', () => {
    const from = START + 20_123;
    const out = stateOf([leftovers(from, 'lentil-soup', from), moved(from + 3_600_000, 'counter')]);
    const edge = judge(out, at(from + 3_700_000))!.until!;
    const asked = (...moments: number[]) => {
      const state = { ...out };
      return moments.map((moment) => judgeLately(state, at(moment))!);
    };

    it('is made anew once the moment is past, and not before', () => {
      expect(edge % 60_000).toBe(20_123);
      const [first, still, past] = asked(edge - 9_000, edge, edge + 1);
      expect(still).toBe(first);
      expect(past).not.toBe(first);
      expect(past).toEqual(judge(out, at(edge + 1)));
      expect(past!.verdict).not.toBe(first!.verdict);
    });

    it('is made anew after it was asked for at the very moment', () => {
      const [first, past] = asked(edge, edge + 1);
      expect(past).not.toBe(first);
      expect(past!.verdict).not.toBe(first!.verdict);
    });

    it('stands for the rest of the minute once the moment is past', () => {
      const [past, later] = asked(edge + 1, edge + 9_000);
      expect(later).toBe(past);
    });

    it('is made anew for an earlier moment of the same minute', () => {
      const [later, same, earlier] = asked(edge - 5_000, edge - 5_000, edge - 9_000);
      expect(same).toBe(later);
      expect(earlier).not.toBe(later);
    });

    it('is nothing for what is gone, asked for twice', () => {
      const gone = { ...out, place: 'gone' as const };
      expect([judgeLately(gone, at(edge)), judgeLately(gone, at(edge))]).toEqual([null, null]);
    });
  });
});
