import fc from 'fast-check';
import { foldInCare, foldTrail } from '../trail';
import { anyFuture, anyLife } from '../testing/anyLife';
import { at, comes, days, GUIDANCES, happened, hours, leftovers, START } from '../testing/story';
import type { FoodEvent } from '../record';
import type { Guidance } from '../guidance';
import { judge, notForCare, severity } from '.';

const NOT_EATEN = severity('cannotTell');

function why(events: readonly FoodEvent[], now: number, guidance: Guidance = GUIDANCES.home) {
  const [state, inCare] = [foldTrail(events, guidance)!, foldInCare(events, guidance)!];
  return notForCare(state, inCare, at(now, { guidance }));
}

describe('not for who needs extra care', () => {
  const salmon = comes('smoked-salmon', { condition: 'cooked', place: 'refrigerator', since: START });

  it('is what they avoid, though others eat it', () => {
    expect(why([salmon], hours(1))).toMatchObject({ verdict: 'discard' });
    expect(why([salmon], hours(1))!.because).toContain('Others may.');
  });

  it('is what keeps for fewer days with extra care, once these are over', () => {
    const soup = [leftovers(START)];
    expect(why(soup, days(1))).toBeNull();
    expect(why(soup, days(2.9))).toMatchObject({ verdict: 'discard' });
    // Then it is nobody's any more, which is said of it as such.
    expect(why(soup, days(9))).toBeNull();
  });

  it('is told whatever this one food goes by for others, and not where the household goes by extra care', () => {
    const byCode = happened(hours(0.5), 'guided', { choice: { school: 'code', extraCare: false } });
    expect(why([salmon, byCode], hours(1))).not.toBeNull();
    const byCare = happened(hours(0.5), 'guided', { choice: { school: 'home', extraCare: true } });
    expect(why([salmon, byCare], hours(1))).toBeNull();
    expect(why([salmon], hours(1), GUIDANCES.care)).toBeNull();
  });

  it('is nothing where nobody needs extra care, or the food is gone', () => {
    const gone = [salmon, happened(hours(1), 'eaten')];
    expect(notForCare(foldTrail([salmon], GUIDANCES.home)!, undefined, at(hours(1)))).toBeNull();
    expect(why(gone, hours(2))).toBeNull();
  });

  it('in any life: the ruling of extra care itself, told exactly where others may eat and they may not', () => {
    fc.assert(
      fc.property(
        anyLife,
        anyFuture,
        fc.integer({ min: 0, max: 300 }),
        fc.constantFrom(GUIDANCES.home, GUIDANCES.code, GUIDANCES.chain),
        (life, more, later, guidance) => {
          const events = [...life, ...more(life.at(-1)!.at)];
          const now = events.at(-1)!.at + later * 3_600_000;
          const state = foldTrail(events, guidance)!;
          const others = judge(state, at(now, { guidance }));
          const strict = foldTrail(events, GUIDANCES.care)!;
          const theirs = judge(strict, at(now, { guidance: GUIDANCES.care }));
          const told = why(events, now, guidance);
          const apart =
            others !== null &&
            theirs !== null &&
            severity(others.verdict) < NOT_EATEN &&
            severity(theirs.verdict) >= NOT_EATEN;
          expect(told).toEqual(apart ? theirs : null);
        },
      ),
    );
  });
});
