import {
  cookedLamb,
  days,
  frozenLamb,
  GUIDANCES,
  happened,
  hours,
  leftovers,
  minutes,
  moved,
  putAway,
  raw,
  read,
  readTwice,
  START,
  stateOf,
} from '../testing/story';
import { bandTime } from '../clocks';
import { HOUR_MS } from '../units';
import type { FoodEvent } from '../record';

const last = (...events: FoodEvent[]) => stateOf(events).exposures.at(-1);
const soup = leftovers(START);

describe('a reading', () => {
  it('is corrected by what its thermometer is off by, and proves nothing in doubt', () => {
    const off = (over: object) =>
      happened(hours(1), 'reading', { temperature: { value: 60, unit: 'F' }, ...over });
    expect(stateOf([soup, off({ correction: -2 })]).lastReading).toEqual({
      at: hours(1),
      temperature: { value: 58, unit: 'F' },
    });
    const doubted = off({ doubtful: true });
    expect(stateOf([soup, doubted])).toEqual({
      ...stateOf([soup]),
      lastAt: hours(1),
      lastIds: [doubted.id],
      doubtful: { at: hours(1), temperature: { value: 60, unit: 'F' } },
    });
    expect(stateOf([soup, doubted, read(hours(2), 39)]).doubtful).toBeNull();
  });

  describe('on the heat', () => {
    const onHeat = [raw(), happened(hours(1), 'cookingStarted')];
    it('is kept with the cook, and as good once it is hot', () => {
      const warm = stateOf([...onHeat, read(hours(1.2), 139)]);
      expect(warm).toMatchObject({ lastGood: null, cook: { metAt: null, readings: [{ at: hours(1.2) }] } });
      expect(stateOf([...onHeat, read(hours(1.2), 140)]).lastGood).toMatchObject({ at: hours(1.2) });
      expect(stateOf([...onHeat, read(hours(1.2), 150), read(hours(1.3), 100)]).lastGood).toMatchObject({
        at: hours(1.2),
      });
    });

    it('meets the target of the food, or when it is heated again that of heating', () => {
      expect(stateOf([...onHeat, read(hours(1.2), 165)]).cook!.metAt).toBeNull();
      expect(stateOf([...onHeat, ...readTwice(hours(1.2), 165)])).toMatchObject({
        cooked: true,
        cook: { metAt: hours(1.2) },
      });
      expect(stateOf([...onHeat, ...readTwice(hours(1.2), 165), read(hours(1.4), 170)]).cook!.metAt).toBe(
        hours(1.2),
      );
      const lamb = [...cookedLamb(START, 150), putAway(minutes(30)), happened(hours(9), 'cookingStarted')];
      // Lamb is done at 145 °F, and heated again to 165 °F.
      expect(stateOf([...lamb, read(hours(9.2), 150)]).cook!.metAt).toBeNull();
      expect(stateOf([...lamb, read(hours(9.2), 165)]).cook!.metAt).toBe(hours(9.2));
    });

    it('of food that thaws there says nothing of a cook', () => {
      const thawing = [frozenLamb(), happened(hours(1), 'thawStarted', { method: 'microwave' })];
      expect(stateOf([...thawing, read(hours(1.1), 150)])).toMatchObject({
        cook: null,
        lastGood: { at: hours(1.1) },
      });
    });
  });

  describe('off the heat', () => {
    it('still meets the target while it rests, and no more once it is served', () => {
      const rests = [
        raw(),
        happened(hours(1), 'cookingStarted'),
        ...readTwice(hours(1.2), 160),
        happened(hours(1.3), 'offHeat'),
      ];
      expect(stateOf([...rests, ...readTwice(hours(1.4), 166)])).toMatchObject({
        cooked: true,
        daysFrom: hours(1.4),
      });
      expect(stateOf([...rests, read(hours(1.4), 160)]).cook!.readings).toHaveLength(3);
      expect(stateOf([...rests, happened(hours(1.35), 'served'), read(hours(1.4), 166)]).cooked).toBe(false);
      const done = [...cookedLamb(START, 170), read(minutes(5), 168)];
      expect(stateOf(done).cook!.readings).toHaveLength(2);
    });

    it('moves the start of the clock on while it is hot, and fixes it once it is not', () => {
      const done = cookedLamb(START, 170);
      expect(last(...done, read(minutes(20), 150))).toMatchObject({ from: minutes(20), startFixed: false });
      const fixed = [...done, read(minutes(20), 150), read(minutes(40), 130)];
      expect(last(...fixed)).toMatchObject({ from: minutes(30), startFixed: true });
      expect(last(...fixed, read(minutes(50), 150))).toMatchObject({ from: minutes(30), startFixed: true });
    });

    it('moves it on while it is cold, and takes off the way that led here', () => {
      const way = [raw({ place: 'car' }), moved(minutes(30), 'counter')];
      expect(stateOf([...way, read(minutes(31), 40)]).exposures).toMatchObject([
        { place: 'counter', from: minutes(31) },
      ]);
      expect(stateOf([...way, read(minutes(31), 41)]).exposures.at(-1)).toMatchObject({ startFixed: true });
    });
  });

  describe('in the cold', () => {
    const pot = [...cookedLamb(START, 170), putAway(minutes(10))];
    it('as cold as a refrigerator is good, and of what was put in warm the first', () => {
      expect(stateOf([soup, read(hours(1), 40)])).toMatchObject({
        lastGood: { at: hours(1) },
        cooledAt: null,
      });
      expect(stateOf([...pot, read(hours(3), 40), read(hours(4), 38)])).toMatchObject({
        cooledAt: hours(3),
        lastGood: { at: hours(4) },
      });
      expect(stateOf([soup, moved(hours(1), 'freezer'), read(hours(2), 0)]).lastGood).toMatchObject({
        at: hours(2),
      });
    });

    it('ends what counted there', () => {
      const deep = [...cookedLamb(START, 170), putAway(minutes(10), 0.2)];
      expect(last(...deep, read(hours(3), 40))).toMatchObject({ from: minutes(10), to: hours(3) });
    });

    it('warm, while what was put in warm has time to cool, says nothing', () =>
      expect(stateOf([...pot, read(hours(1), 100)]).exposures).toEqual(stateOf(pot).exposures));

    it('warm, after that, counts from when it should have been cold', () => {
      const warm = stateOf([...pot, read(hours(9), 50)]).exposures;
      expect(warm.slice(-2)).toMatchObject([
        { from: minutes(10) + 6 * 3_600_000, to: hours(9), certain: false, readWarm: true },
        { from: hours(9), to: null, certain: true, readWarm: true },
      ]);
    });

    it('warm, of what came in cold, counts from the last good reading, else from when it came', () => {
      expect(stateOf([soup, read(hours(5), 50)]).exposures).toMatchObject([
        { from: START, to: hours(5), certain: false },
        { from: hours(5), to: null, certain: true },
      ]);
      expect(stateOf([soup, read(hours(2), 40), read(hours(5), 50)]).exposures).toMatchObject([
        { from: hours(2), to: null, certain: true },
      ]);
      // No further apart than the limit: by the line between the two.
      expect(stateOf([soup, read(hours(2), 38), read(hours(4), 44)]).exposures).toMatchObject([
        { from: hours(2) + HOUR_MS * (2 / 3), to: null, certain: true },
      ]);
      expect(stateOf([soup, read(hours(5), 50), read(hours(6), 60)]).exposures).toEqual(
        stateOf([soup, read(hours(5), 50)]).exposures,
      );
    });

    it('warm, in a store that is warm, makes what was open certain from here', () => {
      const spell = [soup, happened(hours(4), 'storeWarm', { since: hours(2) })];
      expect(stateOf([...spell, read(hours(5), 50)]).exposures).toMatchObject([
        { from: hours(2), to: hours(5), certain: false, spell: 'air' },
        { from: hours(5), to: null, certain: true, readWarm: true },
      ]);
    });

    it('warm, of what was put in warm into a store that is warm, does not wait for it to cool', () => {
      const spell = [...pot, happened(minutes(20), 'storeWarm', { since: minutes(20) })];
      expect(stateOf([...spell, read(hours(1), 100)]).exposures.at(-1)).toMatchObject({
        from: hours(1),
        readWarm: true,
      });
    });

    it('warm, of a pot too deep, makes certain what was not, once it had its time', () => {
      const deep = [...cookedLamb(START, 170), putAway(minutes(10), 0.2)];
      expect(stateOf([...deep, read(hours(1), 100)]).exposures).toEqual(stateOf(deep).exposures);
      expect(stateOf([...deep, read(hours(9), 50)]).exposures.slice(-2)).toMatchObject([
        { from: minutes(10), to: hours(9), certain: false },
        { from: hours(9), to: null, certain: true },
      ]);
    });
  });
});

describe('going from place to place', () => {
  it('raw food that goes on the heat is used; cooked food stops counting and keeps what it was', () => {
    const out = [raw(), moved(hours(1), 'counter'), happened(hours(1.5), 'cookingStarted')];
    expect(stateOf(out).exposures).toMatchObject([{ to: hours(1.5) }]);
    const again = [soup, moved(hours(1), 'counter'), happened(hours(1.5), 'cookingStarted')];
    expect(stateOf(again).exposures).toMatchObject([{ to: hours(1.5) }]);
  });

  it('what was too late to chill runs on in the cold, and ends where it is used', () => {
    const late = [soup, moved(hours(1), 'counter'), moved(hours(4), 'refrigerator')];
    const chain = GUIDANCES.chain;
    expect(stateOf(late, chain).exposures).toMatchObject([{ to: null, runsOn: true, startFixed: true }]);
    expect(stateOf([...late, happened(hours(4.5), 'eaten')], chain).exposures).toMatchObject([
      { to: hours(4.5) },
    ]);
    expect(stateOf([...late, happened(hours(4.5), 'cookingStarted')], chain).exposures).toMatchObject([
      { to: null },
    ]);
    const twice = [soup, moved(minutes(10), 'counter'), moved(minutes(20), 'refrigerator'), ...late.slice(1)];
    expect(stateOf(twice, chain).exposures.map(({ runsOn }) => runsOn)).toEqual([undefined, true]);
  });

  it('counts no more slowly for being out again than it did in the cold', () => {
    const hot = [raw(), moved(START, 'car'), moved(hours(1), 'refrigerator')];
    const out = [...hot, moved(hours(1.5), 'counter'), moved(hours(2), 'refrigerator')];
    const counted = (events: FoodEvent[]) =>
      bandTime(stateOf(events, GUIDANCES.chain).exposures, 'raw', hours(2)).certainMs;
    expect(counted(hot)).toBe(4 * HOUR_MS);
    expect(counted(out)).toBe(counted(hot));
  });

  it('a cooling begins off the heat, ends with leaving the cold, and not with moving in it', () => {
    const pot = [...cookedLamb(START, 170), putAway(minutes(10))];
    expect(stateOf(cookedLamb(START, 170)).chill).toMatchObject({ startedAt: START, closedAt: null });
    expect(stateOf([...pot, moved(hours(1), 'freezer')]).chill).toMatchObject({ closedAt: null });
    const out = [...pot, moved(hours(1), 'counter')];
    expect(stateOf(out).chill).toMatchObject({ closedAt: hours(1) });
    expect(stateOf([...out, moved(hours(2), 'refrigerator'), moved(hours(3), 'table')]).chill).toMatchObject({
      closedAt: hours(1),
    });
    expect(stateOf([...pot, happened(hours(9), 'cookingStarted')]).chill).toBeNull();
    expect(stateOf([...cookedLamb(START, 170), happened(minutes(5), 'served')]).chill).toMatchObject({
      closedAt: null,
    });
    expect(stateOf([soup, moved(hours(1), 'counter')]).chill).toBeNull();
  });

  it('what was put in warm is cooling there until it leaves, however often it is moved within', () => {
    const pot = [...cookedLamb(START, 170), putAway(minutes(10)), read(hours(4), 40)];
    expect(stateOf(pot)).toMatchObject({ coolingSince: minutes(10), cooledAt: hours(4) });
    expect(stateOf([...pot, moved(hours(5), 'freezer')])).toMatchObject({
      coolingSince: minutes(10),
      cooledAt: hours(4),
    });
    const out = [...pot, moved(hours(5), 'counter')];
    expect(stateOf(out)).toMatchObject({ coolingSince: null, cooledAt: null });
    expect(stateOf([...out, moved(hours(5.5), 'refrigerator')])).toMatchObject({ coolingSince: null });
  });

  it('what was read warm and counted twice in the car still does, in the cold and out of it again', () => {
    const read180 = read(minutes(1), 180);
    const carried = [raw(), read180, moved(minutes(2), 'car'), putAway(minutes(3))];
    expect(last(...carried)).toMatchObject({ factor: 2, to: null, readWarm: true });
    expect(last(...carried, moved(minutes(4), 'counter'))).toMatchObject({ factor: 2, to: null });
    // From the car itself to the counter it counts as the counter does.
    expect(last(...carried.slice(0, 3), moved(minutes(4), 'counter'))).toMatchObject({ factor: 1 });
  });

  it('a deep container counts in the cold only while it may be warm', () => {
    const deep = 0.2;
    expect(last(...cookedLamb(START, 170), putAway(minutes(10), deep))).toMatchObject({
      certain: false,
      side: 'hot',
    });
    expect(stateOf([soup, putAway(hours(1), deep)]).exposures).toEqual([]);
    const cooled = [
      ...cookedLamb(START, 170),
      putAway(minutes(10)),
      read(hours(4), 40),
      putAway(hours(5), deep),
    ];
    expect(stateOf(cooled).exposures.filter(({ from }) => from === hours(5))).toEqual([]);
    expect(
      stateOf([...cookedLamb(START, 170), putAway(minutes(10), deep)], GUIDANCES.code).exposures,
    ).toMatchObject([{ to: minutes(10) }]);
  });

  it('days in the freezer are none', () => {
    const frozen = [soup, moved(days(1), 'freezer'), moved(days(5), 'refrigerator')];
    expect(stateOf(frozen).pauses).toEqual([{ from: days(1), to: days(5) }]);
  });
});
