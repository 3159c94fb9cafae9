import { rulesOf } from '../guidance';
import { at, days, happened, hours, START } from '../testing/story';
import { foldEvent, type LastKnown, setAside } from '../trail';
import { PLAIN_GUIDANCE } from '../guidance';
import { judge } from '.';

const rules = rulesOf('home');
const soup: LastKnown = {
  foodId: '01900000-0000-7000-8000-000000000000',
  foodKey: 'lentil-soup',
  name: 'Grandmother’s soup',
  massKg: 1.2,
  form: 'liquid',
  place: 'refrigerator',
};
const ruled = (over: Partial<LastKnown>, now = hours(1)) =>
  judge(setAside({ ...soup, ...over }, START, rules), at(now));

describe('a food whose history cannot be folded', () => {
  it('whatever it was, nobody can tell', () => {
    for (const place of ['refrigerator', 'freezer', 'counter', 'cupboard', 'heat', 'water'] as const)
      expect(ruled({ place })).toMatchObject({
        verdict: 'cannotTell',
        headline: 'Cannot tell: its record cannot be read.',
        action: { kind: 'discard' },
      });
    // A kind that no catalogue holds any more.
    expect(ruled({ foodKey: 'unicorn' })).toMatchObject({ verdict: 'cannotTell' });
  });

  it('is shown by its name where it was', () =>
    expect(setAside(soup, START, rules)).toMatchObject({ ...soup, setAside: true, lastAt: START }));

  it('is not asked for ever', () => {
    for (const place of ['refrigerator', 'counter', 'freezer'] as const)
      expect(ruled({ place }, days(30))).toMatchObject({ verdict: 'discard' });
  });

  it('and gone is gone', () => {
    expect(ruled({ place: 'gone' })).toBeNull();
    const thrown = foldEvent(setAside(soup, START, rules), happened(hours(1), 'discarded'), PLAIN_GUIDANCE);
    expect(judge(thrown, at(hours(2)))).toBeNull();
  });
});
