import { both } from '../../testing/joined';
import {
  at,
  comes,
  GUIDANCES,
  happened,
  hours,
  minutes,
  moved,
  putAway,
  raw,
  read,
  START,
  stateOf,
} from '../../testing/story';
import { foldEvent, type FoodState } from '..';
import { judge } from '../../judge';
import type { FoodEvent } from '../../record';

const last = ({ exposures }: FoodState) => exposures.at(-1);

describe('a reading of the whole', () => {
  const cooked = { foodKey: 'lentil-soup', place: 'counter', since: null } as const;
  const onCounter = (...more: FoodEvent[]) => [comes(cooked.foodKey, cooked), ...more];
  const startAfter = (a: FoodEvent[], b: FoodEvent[]) =>
    last(foldEvent(both(a, b, hours(1)), read(hours(1.5), 180), GUIDANCES.home))!.from;

  it('that is hot moves the start of what was hot, where both may have been', () =>
    expect(startAfter(onCounter(), onCounter())).toBe(hours(1.5)));
  it('moves nothing where one was read below hot, or stood before', () => {
    const fell = onCounter(read(minutes(10), 90));
    const stood = onCounter(moved(minutes(30), 'refrigerator'), moved(minutes(50), 'counter'));
    for (const other of [fell, stood]) {
      expect(startAfter(onCounter(), other)).toBeLessThan(hours(1.5));
      expect(startAfter(other, onCounter())).toBeLessThan(hours(1.5));
    }
  });
});

describe('what is out cold, with hot food put to it', () => {
  it('does not go back from the table, as it would not alone', () => {
    const cold = [comes('sardines-opened', { place: 'counter', since: START })];
    const hot = [comes('lasagne', { place: 'counter', since: START })];
    const code = GUIDANCES.code;
    const served = (food: FoodState) =>
      judge(foldEvent(food, happened(hours(1.5), 'served'), code), at(hours(1.6), { guidance: code }))!
        .verdict;
    const alone = served(stateOf(cold, code));
    expect(alone).toBe('useNow');
    for (const whole of [both(cold, hot, hours(1)), both(hot, cold, hours(1))])
      expect(served(whole)).toBe(alone);
  });
});

describe('a deep pot that is not known to be cold', () => {
  it('goes on counting where it stands, whatever it is put to there', () => {
    const deep = [moved(START, 'counter'), putAway(minutes(1), 0.12)];
    const pot = [comes('lentil-soup', { place: 'counter', since: null }), ...deep];
    expect(last(stateOf(pot))).toMatchObject({ to: null, certain: false });
    expect(last(both([raw()], pot, minutes(2)))).toMatchObject({ to: null, certain: false });
  });
});
