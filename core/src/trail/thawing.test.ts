import { rulesOf } from '../guidance';
import { days, GUIDANCES, happened, hours, moved, raw, read, stateOf } from '../testing/story';
import { celsius, DAY_MS, fahrenheit, HOUR_MS } from '../units';
import { throughTime } from '.';
import { waterDueAt, usedBeforeFreezing, waterFault, openBy } from '../clocks';
import type { FoodEvent, Payload } from '../record';
import { readInWater, withAtOnceCounted, withMicrowaveOver, withWaterCounted } from './thawing';

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

describe('what counts of a thaw in water', () => {
  const late = hours(4);
  const still = stateOf(inWater());
  const counted = (over: object, now = late, rules = home) =>
    withWaterCounted({ ...still, ...over }, now, rules).exposures.at(-1);

  it('is counted in water alone, while it thaws there', () => {
    expect(counted({})).toMatchObject({ place: 'water', from: hours(1.5) });
    for (const over of [
      { thaw: { ...still.thaw!, method: 'microwave' as const } },
      { place: 'refrigerator' as const },
      { stage: 'thawed' as const },
    ])
      expect(withWaterCounted({ ...still, ...over }, late, home).exposures).toEqual(still.exposures);
  });

  it('is not counted anew while an older stretch runs on', () => {
    const running = { ...counted({})!, to: null };
    const older = { ...running, from: hours(1) };
    expect(withWaterCounted({ ...still, exposures: [older] }, late, home).exposures).toEqual([older]);
    expect(withWaterCounted({ ...still, exposures: [running] }, late, home).exposures).toEqual([running]);
    const younger = { ...running, from: hours(2) };
    const [only, ...others] = withWaterCounted({ ...still, exposures: [younger] }, late, home).exposures;
    expect(only!.from).toBe(hours(1.5));
    expect(others).toEqual([]);
  });
});

describe('a reading in water', () => {
  const still = stateOf(inWater());
  const stretch = { ...at(inWater(), hours(4)).exposures[0]!, to: null };
  const over = { ...stretch, to: hours(2) };
  const elsewhere = { ...stretch, place: 'counter' as const };
  const reading = (when: number, c: number) => ({ at: when, temperature: celsius(c) });
  const exposures = [stretch, over, elsewhere];

  it('counts anew what ran there, and leaves what is over or was elsewhere', () => {
    for (const c of [2, 9])
      expect(readInWater({ ...still, exposures }, reading(hours(2), c), true, home).exposures).toEqual([
        over,
        elsewhere,
      ]);
  });
  it('cold inside proves nothing, and cold outside nothing once it was warm', () => {
    const state = { ...still, exposures };
    expect(readInWater(state, reading(hours(2), 2), false, home)).toBe(state);
    const warm = { ...state, thaw: { ...still.thaw!, warmFrom: hours(1.2) } };
    expect(readInWater(warm, reading(hours(2), 2), true, home)).toBe(warm);
    expect(readInWater({ ...state, thaw: null }, reading(hours(2), 2), true, home).thaw).toBeNull();
  });
  it('warm keeps the earliest moment it was warm', () => {
    const warm = {
      ...still,
      thaw: { ...still.thaw!, warmFrom: hours(1.2), surface: reading(hours(1.9), 3) },
    };
    expect(readInWater(warm, reading(hours(2), 9), true, home).thaw!.warmFrom).toBe(hours(1.2));
    const cold = { ...still, thaw: { ...still.thaw!, surface: reading(hours(1.9), 3) } };
    expect(readInWater(cold, reading(hours(2), 9), true, home).thaw!.warmFrom).toBeGreaterThanOrEqual(
      hours(1.9),
    );
  });
});

describe('a thaw by microwave that nobody ended', () => {
  const state = stateOf(byMicrowave());
  const overAt = hours(1) + home.thawing.cookAtOnce.value.ms;

  it('was over when the food had to be cooked', () => {
    expect(withMicrowaveOver(state, overAt, home)).toBe(state);
    expect(withMicrowaveOver(state, overAt + 1, home).thaw!.atOnceFrom).toBe(overAt);
  });
  it('and no other: not one in water, one that is over, off the heat, or ended', () => {
    for (const over of [
      { thaw: { ...state.thaw!, method: 'coldWater' as const } },
      { stage: 'thawed' as const },
      { place: 'counter' as const },
      { thaw: { ...state.thaw!, atOnceFrom: hours(1.1) } },
      { thaw: null },
    ]) {
      const other = { ...state, ...over };
      expect(withMicrowaveOver(other, overAt + 1, home)).toBe(other);
    }
  });
});

describe('what was to be cooked at once', () => {
  const out = stateOf([...byMicrowave(), happened(hours(1.1), 'thawed')]);
  const from = out.thaw!.atOnceFrom!;
  const late = from + home.thawing.cookAtOnce.value.ms + 1;
  const counts = (over: object) =>
    withAtOnceCounted({ ...out, exposures: [], ...over }, late, home).exposures.length > 0;

  it('counts every minute since, unless it is on the heat, frozen or gone', () => {
    expect(counts({})).toBe(true);
    expect(counts({ place: 'heat', stage: 'cooking' })).toBe(false);
    expect(counts({ place: 'heat', stage: 'thawing' })).toBe(true);
    expect(counts({ place: 'freezer' })).toBe(false);
    expect(counts({ place: 'gone' })).toBe(false);
  });
  it('a cook begun since then ends it, one before does not', () => {
    expect(counts({ cook: { startedAt: from } })).toBe(false);
    expect(counts({ cook: { startedAt: from - 1 } })).toBe(true);
  });
});

it('days used before freezing are those it was not frozen', () => {
  const state = {
    ...stateOf([frozen]),
    frozenSince: hours(72),
    daysFrom: hours(0),
    pauses: [{ from: hours(10), to: hours(34) }],
  };
  expect(usedBeforeFreezing(state)).toBe(48 * HOUR_MS);
  expect(usedBeforeFreezing({ ...state, daysFrom: null })).toBe(0);
  expect(usedBeforeFreezing({ ...state, frozenSince: null })).toBe(0);
});
