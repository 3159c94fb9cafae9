import {
  cookedLamb,
  GUIDANCES,
  happened,
  hours,
  leftovers,
  minutes,
  moved,
  putAway,
  read,
  START,
  stateOf,
} from '../testing/story';
import type { FoodEvent } from '../record';

const put = (when: number, by?: 'microwave') => happened(when, 'cookingStarted', by ? { by } : {});
/** Done through and through, and off the heat at START. */
const lamb = cookedLamb(START, 180);
const after = (...more: FoodEvent[]) => stateOf([...lamb, ...more]);

describe('back on the heat', () => {
  it('within half an hour it is the same cook, to the second', () => {
    expect(after(put(minutes(30)))).toMatchObject({
      stage: 'cooking',
      reheats: 0,
      cook: { kind: 'cook', onHeatSince: minutes(30), offHeatAt: null },
    });
    expect(after(put(minutes(30) + 1))).toMatchObject({
      stage: 'reheating',
      reheats: 1,
      cook: { kind: 'reheat', startedAt: minutes(30) + 1 },
    });
  });

  it('but not once it read below hot since, or was in the cold', () => {
    expect(after(read(minutes(5), 139), put(minutes(10))).reheats).toBe(1);
    expect(after(read(minutes(5), 140), put(minutes(10))).reheats).toBe(0);
    expect(after(putAway(minutes(5)), put(minutes(10))).reheats).toBe(1);
    expect(after(moved(minutes(5), 'table'), put(minutes(10))).reheats).toBe(0);
    // What it read on the way up says nothing of the way down.
    const early = [...lamb.slice(0, 4), read(hours(-1), 100), ...lamb.slice(4)];
    expect(stateOf([...early, put(minutes(10))]).reheats).toBe(0);
    // Read cold at the moment it came off, it was below hot.
    expect(after(read(START, 120), put(minutes(10))).reheats).toBe(1);
  });

  it('a reheat that is taken off and put back is one reheat', () => {
    const soup = [leftovers(START), put(hours(1)), happened(hours(1.2), 'offHeat'), put(hours(1.4))];
    expect(stateOf(soup)).toMatchObject({ stage: 'reheating', reheats: 1, cook: { startedAt: hours(1) } });
    expect(stateOf([...soup.slice(0, 3), put(hours(2))])).toMatchObject({
      reheats: 2,
      cook: { startedAt: hours(2) },
    });
  });

  it('a first cook that was not done goes on, however late', () => {
    const raw = lamb.filter(({ type, at }) => type !== 'reading' || at < START);
    expect(stateOf([...raw, put(minutes(100))])).toMatchObject({
      stage: 'cooking',
      cook: { kind: 'cook', metAt: null, startedAt: hours(-3) },
    });
  });
});

describe('a second tap', () => {
  it('changes nothing but what it says of the microwave', () => {
    const soup = [leftovers(START), put(hours(1))];
    const twice = stateOf([...soup, put(hours(1.1))]);
    expect(twice).toMatchObject({
      reheats: 1,
      stage: 'reheating',
      place: 'heat',
      cook: { startedAt: hours(1), by: null, onHeatSince: hours(1) },
    });
    expect(stateOf([...soup, put(hours(1.1), 'microwave')]).cook!.by).toBe('microwave');
    expect(stateOf([leftovers(START), put(hours(1), 'microwave'), put(hours(1.1))]).cook!.by).toBe(
      'microwave',
    );
    expect(after(put(minutes(5), 'microwave')).cook!.by).toBe('microwave');
  });
});

describe('a cooling that is broken off', () => {
  const pot = [...lamb, putAway(minutes(20), 0.2)];
  it('goes on where nobody read it at the mark, and is over where somebody did', () => {
    const put3 = put(hours(3));
    const off = happened(hours(3.5), 'offHeat');
    const code = GUIDANCES.code;
    const hot = read(hours(3.4), 170, 'F', { watchedMs: 15_000 });
    expect(stateOf([...pot, put3], code)).toMatchObject({
      chill: null,
      cook: { heldChill: { startedAt: START } },
    });
    expect(stateOf([...pot, put3, off], code)).toMatchObject({ chill: { startedAt: START }, rescues: 0 });
    expect(stateOf([...pot, put3, hot, off], code)).toMatchObject({
      chill: { startedAt: hours(3.5) },
      rescues: 1,
      reheats: 0,
      faults: [],
    });
  });
});
