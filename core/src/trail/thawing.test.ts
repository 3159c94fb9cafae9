import { rulesOf } from '../guidance';
import { days, GUIDANCES, happened, hours, moved, raw, read, stateOf } from '../testing/story';
import { celsius, DAY_MS, fahrenheit, HOUR_MS } from '../units';
import { throughTime, waterDueAt, type FoodEvent, type Payload } from '.';
import { waterFault } from './thawing';
import { openBy } from './withoutAir';

const home = rulesOf('home');
const code = rulesOf('code');
type Thaw = Payload<'thawStarted'>;
const thaw = (when: number, method: Thaw['method'], more: Partial<Thaw> = {}) =>
  happened(when, 'thawStarted', { method, ...more });
const frozen = raw({ condition: 'frozen', place: 'freezer' });
const inWater = (...more: FoodEvent[]) => [frozen, thaw(hours(1), 'coldWater'), ...more];
const byMicrowave = (...more: FoodEvent[]) => [frozen, thaw(hours(1), 'microwave'), ...more];
const at = (events: FoodEvent[], now: number, rules = home) => throughTime(stateOf(events), now, rules);

describe('a thaw that is begun', () => {
  it('knows its method and nothing more', () => {
    expect(stateOf(inWater()).thaw).toMatchObject({
      method: 'coldWater',
      startedAt: hours(1),
      running: false,
      usedMs: 0,
      atOnceFrom: null,
    });
    expect(stateOf([frozen, thaw(hours(1), 'coldWater', { running: true })]).thaw!.running).toBe(true);
  });

  it('is cooked at once after water, wherever it thaws on; out of the freezer it begins anew', () => {
    const on = (...more: FoodEvent[]) => stateOf(inWater(...more)).thaw!.atOnceFrom;
    expect(on(thaw(hours(2), 'refrigerator'))).toBe(hours(2));
    expect(on(moved(hours(2), 'refrigerator'), thaw(hours(3), 'refrigerator'))).toBe(hours(2));
    expect(on(thaw(hours(2), 'coldWater'))).toBeNull();
    expect(on(moved(hours(2), 'freezer'), thaw(days(3), 'refrigerator'))).toBeNull();
    const rescued = [frozen, thaw(hours(1), 'refrigerator'), thaw(hours(20), 'refrigerator')];
    expect(stateOf(rescued).thaw!.atOnceFrom).toBeNull();
  });

  it('remembers what it had used of its days, its stays in the freezer left out', () => {
    const used = [
      raw(),
      moved(days(0.5), 'freezer'),
      moved(days(3), 'refrigerator'),
      happened(days(4), 'thawed'),
      moved(days(4.25), 'freezer'),
      thaw(days(9), 'refrigerator'),
    ];
    expect(stateOf(used).thaw).toMatchObject({ usedMs: 0.75 * DAY_MS, keptMs: 0.25 * DAY_MS });
    expect(
      stateOf([raw({ since: null }), moved(days(1), 'freezer'), thaw(days(3), 'refrigerator')]).thaw!.usedMs,
    ).toBe(0);
  });
});

describe('water', () => {
  it('is due to be changed where it stands, and food is in it', () => {
    expect(waterDueAt(stateOf(inWater()), home)).toBe(hours(1.5));
    expect(waterDueAt(stateOf(inWater(happened(hours(1.4), 'waterChanged'))), home)).toBe(hours(1.9));
    expect(waterDueAt(stateOf([frozen, thaw(hours(1), 'coldWater', { running: true })]), home)).toBeNull();
    expect(waterDueAt(stateOf(inWater(moved(hours(2), 'refrigerator'))), home)).toBeNull();
    expect(waterDueAt(stateOf([frozen]), home)).toBeNull();
  });

  it('is no method where it stands, is too warm, or for too long', () => {
    const begun = stateOf(inWater()).thaw!;
    const running = { ...begun, running: true };
    expect(waterFault(begun, hours(2), home)).toBeNull();
    expect(waterFault(begun, hours(2), code)).toBe('still');
    expect(waterFault(running, hours(5), code)).toBeNull();
    expect(waterFault(running, hours(5) + 1, code)).toBe('long');
    expect(waterFault({ ...running, water: fahrenheit(70) }, hours(2), code)).toBeNull();
    expect(waterFault({ ...running, water: fahrenheit(70.1) }, hours(2), code)).toBe('warm');
  });

  it('keeps the warmest it was read', () => {
    const water = (...degrees: number[]) =>
      stateOf(
        inWater(
          ...degrees.map((c, i) => happened(hours(1 + i / 10), 'waterRead', { temperature: celsius(c) })),
        ),
      ).thaw!.water;
    expect(water(12, 14, 13)).toEqual(celsius(14));
    expect(stateOf([raw(), happened(hours(1), 'waterRead', { temperature: celsius(9) })]).thaw).toBeNull();
  });

  it('counts from the missed change, and from the start once it is no method', () => {
    const missed = at(inWater(), hours(1.5) + 1).exposures;
    expect(missed).toMatchObject([
      { ledger: 'raw', from: hours(1.5), to: null, place: 'water', side: 'cold', startFixed: true },
    ]);
    expect(at(inWater(), hours(1.5)).exposures).toEqual([]);
    const warm = inWater(happened(hours(2), 'waterRead', { temperature: fahrenheit(80) }));
    expect(at(warm, hours(2.1)).exposures).toMatchObject([{ from: hours(1), to: null }]);
    expect(at(warm, hours(2.1)).exposures).toHaveLength(1);
    expect(at(inWater(moved(hours(1.2), 'refrigerator')), hours(9)).exposures).toMatchObject([
      // Out of the water half thawed it is cooked at once.
      { from: hours(1.2), runsOn: true, place: 'refrigerator' },
    ]);
  });

  it('begins later where its outside was read cold, for good where anything was read warm', () => {
    const outside = (when: number, f: number) => read(when, f, 'F', { place: 'surface' });
    const exposures = (...more: FoodEvent[]) =>
      throughTime(stateOf(inWater(...more), GUIDANCES.code), hours(4), code).exposures;
    expect(exposures()).toMatchObject([{ from: hours(1), to: null }]);
    expect(exposures(outside(hours(2), 41))).toMatchObject([{ from: hours(2), to: null }]);
    expect(exposures(read(hours(2), 33))).toMatchObject([{ from: hours(1), to: null }]);
    // By the line between two readings of it.
    expect(exposures(outside(hours(2), 39), outside(hours(3), 43))).toMatchObject([
      { from: hours(2.5), to: null },
    ]);
    expect(exposures(outside(hours(2), 50), outside(hours(3), 39))).toMatchObject([
      { from: hours(1), to: null },
    ]);
    expect(
      exposures(outside(hours(2), 39), outside(hours(2.5), 60), outside(hours(3), 80))[0]!.from,
    ).toBeLessThan(hours(2.1));
  });
});

describe('a microwave', () => {
  it('that nobody ended was over after half an hour, and every minute counts from then', () => {
    expect(at(byMicrowave(), hours(1.5)).thaw!.atOnceFrom).toBeNull();
    expect(at(byMicrowave(), hours(1.5) + 1).thaw).toMatchObject({
      method: 'microwave',
      atOnceFrom: hours(1.5),
    });
    expect(at(byMicrowave(), hours(2)).exposures).toEqual([]);
    expect(at(byMicrowave(), hours(2) + 1).exposures).toMatchObject([
      { from: hours(1.5), to: null, runsOn: true },
    ]);
    const cooking = byMicrowave(happened(hours(1.2), 'cookingStarted'));
    expect(at(cooking, hours(3)).exposures).toEqual([]);
    expect(at(inWater(), hours(1.4)).thaw!.atOnceFrom).toBeNull();
  });
});

describe('what is to be cooked at once', () => {
  const thawed = (...more: FoodEvent[]) => [
    frozen,
    thaw(hours(1), 'coldWater', { running: true }),
    happened(hours(2), 'thawed'),
    ...more,
  ];
  const chilled = moved(hours(2.1), 'refrigerator');
  it('counts from the thaw’s end past half an hour, once, in the refrigerator too', () => {
    expect(at(thawed(chilled), hours(2.5)).exposures).toMatchObject([{ to: hours(2.1) }]);
    const late = at(thawed(chilled), hours(2.5) + 1);
    expect(late.exposures).toMatchObject([
      { to: hours(2.1) },
      { from: hours(2), to: null, runsOn: true, startFixed: true, side: 'cold' },
    ]);
    expect(throughTime(late, hours(5), home)).toEqual(late);
  });
  it('but not in the freezer, nor once it is on the heat or gone', () => {
    const nothingMore = (event: FoodEvent) =>
      expect(at(thawed(chilled, event), hours(9)).exposures.some(({ to }) => to === null)).toBe(false);
    nothingMore(moved(hours(2.2), 'freezer'));
    nothingMore(happened(hours(2.2), 'cookingStarted'));
    nothingMore(happened(hours(2.2), 'discarded'));
  });
});

describe('fish closed in a pack without air', () => {
  const pack = raw({
    foodKey: 'cod',
    form: 'fillet',
    condition: 'frozen',
    place: 'freezer',
    withoutAir: true,
    massKg: 1,
  });
  const by = (...more: FoodEvent[]) => openBy(stateOf([pack, ...more]), home);
  const fast = 24 * HOUR_MS;
  it('is opened before it may have thawed, or at once after water', () => {
    expect(by()).toBeNull();
    expect(by(thaw(hours(1), 'refrigerator'))).toBe(hours(1) + fast);
    expect(by(thaw(hours(1), 'refrigerator'), happened(hours(9), 'thawed'))).toBe(hours(9));
    expect(by(thaw(hours(1), 'refrigerator'), happened(days(3), 'thawed'))).toBe(hours(1) + fast);
    expect(by(thaw(hours(1), 'coldWater'))).toBeNull();
    expect(by(thaw(hours(1), 'coldWater'), happened(hours(2), 'thawed'))).toBe(hours(2.5));
  });
  it('opened in time it is fish like any other; later that is past mending, and kept with what was before', () => {
    const opened = (when: number) =>
      stateOf([pack, thaw(hours(1), 'refrigerator'), happened(hours(9), 'thawed'), happened(when, 'opened')]);
    expect(opened(hours(9))).toMatchObject({ withoutAir: false, faults: [] });
    expect(opened(hours(9) + 1)).toMatchObject({
      withoutAir: false,
      faults: [{ kind: 'withoutAir', at: hours(9) }],
    });
    const cooked = [
      pack,
      thaw(hours(1), 'refrigerator'),
      happened(hours(9), 'thawed'),
      happened(hours(10), 'cookingStarted'),
    ];
    expect(stateOf(cooked).faults).toMatchObject([{ kind: 'withoutAir' }]);
    expect(stateOf([raw(), happened(hours(1), 'opened')]).faults).toEqual([]);
  });
});
