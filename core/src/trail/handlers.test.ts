import { rulesOf } from '../guidance';
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
import { HOUR_MS } from '../units';
import type { EventType, FoodEvent, Payload } from '../record';
import type { FoodState } from '.';

const soup = leftovers(START);
const thaw = (at: number, method: Payload<'thawStarted'>['method'] = 'refrigerator') =>
  happened(at, 'thawStarted', { method });
const plan: Payload<'planned'> = {
  method: 'refrigerator',
  serveAt: days(3),
  cookFastMs: 1,
  cookSlowMs: 1,
  restMs: 0,
  startFrom: START,
  startBy: START,
};

describe('what is noted changes nothing else', () => {
  it.each<[EventType, object]>([
    ['note', { text: 'Smells of thyme' }],
    ['guided', { choice: null }],
  ])('%s', (type, payload) =>
    expect({ ...stateOf([soup, happened(hours(1), type, payload as never)]), lastIds: [] }).toEqual({
      ...stateOf([soup]),
      lastAt: hours(1),
      lastIds: [],
    }),
  );

  it.each<[string, FoodEvent, Partial<FoodState>]>([
    ['the oven is on', happened(hours(1), 'ovenOn'), { ovenOnAt: hours(1) }],
    ['labelled by hand', happened(hours(1), 'labelled', {}), { labelled: true, labelSays: null }],
    [
      'labelled with a date',
      happened(hours(1), 'labelled', { says: { kind: 'useBy', at: hours(90) } }),
      { labelled: true, labelSays: { kind: 'useBy', at: hours(90) } },
    ],
    ['what it contains', happened(hours(1), 'allergens', { contains: ['milk'] }), { allergens: ['milk'] }],
    ['planned', happened(hours(1), 'planned', plan), { plan }],
    [
      'a cooling that was planned',
      happened(hours(1), 'coolingPlanned', { how: 'so' } as never),
      { cooling: { plannedAt: hours(1), plan: { how: 'so' } as never, coldest: null } },
    ],
    ['on the table', happened(hours(1), 'served'), { place: 'table', stage: 'serving', servedAt: hours(1) }],
  ])('%s', (_, event, expected) => expect(stateOf([soup, event])).toMatchObject(expected));

  it('a dropped plan is no plan', () =>
    expect(
      stateOf([soup, happened(hours(1), 'planned', plan), happened(hours(2), 'planDropped')]).plan,
    ).toBeNull());

  it.each<[EventType, object, string]>([
    ['eaten', {}, 'eaten'],
    ['discarded', {}, 'discarded'],
    ['joinedTo', { into: 'x' }, 'joined'],
  ])('%s, it is gone, and its plan with it', (type, payload, stage) =>
    expect(
      stateOf([soup, happened(hours(1), 'planned', plan), happened(hours(2), type, payload as never)]),
    ).toMatchObject({ place: 'gone', stage, plan: null }),
  );
});

describe('a reading while it cools', () => {
  const cooling = [soup, happened(hours(1), 'coolingPlanned', { how: 'so' } as never)];
  it('is the coldest there was', () => {
    const coldest = (...reads: FoodEvent[]) => stateOf([...cooling, ...reads]).cooling!.coldest;
    expect(coldest(read(hours(2), 90))).toEqual({ value: 90, unit: 'F' });
    expect(coldest(read(hours(2), 90), read(hours(3), 80))).toEqual({ value: 80, unit: 'F' });
    expect(coldest(read(hours(2), 80), read(hours(3), 90))).toEqual({ value: 80, unit: 'F' });
    expect(stateOf([soup, read(hours(2), 90)]).cooling).toBeNull();
  });
});

describe('a date somebody remembers', () => {
  it('is that of its days, and of its thaw where that was not known', () => {
    const thawed = raw({ condition: 'thawed', since: null });
    const dated = stateOf([thawed, happened(hours(1), 'dated', { since: hours(-9) })]);
    expect(dated).toMatchObject({ daysFrom: hours(-9), thaw: { thawedAt: hours(-9) } });
    const known = raw({ condition: 'thawed', since: hours(-5) });
    expect(stateOf([known, happened(hours(1), 'dated', { since: hours(-9) })]).thaw!.thawedAt).toBe(
      hours(-5),
    );
  });

  it('is not of a thaw that runs, or of what is cooked by now', () => {
    const thawing = [frozenLamb(), thaw(hours(1)), happened(hours(2), 'dated', { since: hours(-9) })];
    expect(stateOf(thawing).thaw!.thawedAt).toBeNull();
    const cooked = [
      raw({ condition: 'thawed', since: null }),
      happened(hours(1), 'cookingStarted'),
      read(hours(2), 170),
      happened(hours(2), 'offHeat'),
      happened(hours(3), 'dated', { since: hours(-9) }),
    ];
    expect(stateOf(cooked).thaw!.thawedAt).toBeNull();
  });

  it('lies in the past', () =>
    expect(stateOf([leftovers(null), happened(hours(1), 'dated', { since: days(9) })]).daysFrom).toBe(
      hours(1),
    ));
});

describe('thawing', () => {
  it.each([
    ['refrigerator', 'refrigerator'],
    ['coldWater', 'water'],
    ['microwave', 'heat'],
  ] as const)('by %s goes on the %s', (method, place) =>
    expect(stateOf([frozenLamb(), thaw(hours(1), method)])).toMatchObject({
      place,
      stage: 'thawing',
      thaw: { method, startedAt: hours(1), lastChangeAt: hours(1), changes: 0, thawedAt: null },
    }),
  );

  it('counts the changes of its water', () => {
    const water = [frozenLamb(), thaw(START, 'coldWater')];
    const changed = [...water, happened(minutes(20), 'waterChanged'), happened(minutes(40), 'waterChanged')];
    expect(stateOf(changed).thaw).toMatchObject({ changes: 2, lastChangeAt: minutes(40) });
    expect(stateOf([...changed, happened(minutes(40) + 59_999, 'waterChanged')]).thaw).toMatchObject({
      changes: 2,
      lastChangeAt: minutes(40),
    });
    expect(stateOf([...changed, happened(minutes(41), 'waterChanged')]).thaw!.changes).toBe(3);
    expect(stateOf([soup, happened(hours(1), 'waterChanged')]).thaw).toBeNull();
  });

  it('ends in the refrigerator where it was, and elsewhere on the counter', () => {
    const done = (method: Payload<'thawStarted'>['method']) =>
      stateOf([frozenLamb(), thaw(START, method), happened(minutes(25), 'thawed')]);
    expect(done('refrigerator')).toMatchObject({ place: 'refrigerator', stage: 'thawed', exposures: [] });
    expect(done('coldWater')).toMatchObject({ place: 'counter', thaw: { thawedAt: minutes(25) } });
    expect(stateOf([soup, happened(hours(1), 'thawed')]).stage).toBe('stored');
  });

  it('remembers the days it had used up before the freezer, once', () => {
    const used = [
      raw(),
      moved(days(1), 'freezer'),
      thaw(days(9)),
      happened(days(9.5), 'thawed'),
      moved(days(10), 'freezer'),
      thaw(days(20), 'coldWater'),
    ];
    expect(stateOf(used.slice(0, 3)).thaw!.usedMs).toBe(24 * HOUR_MS);
    // Days in the freezer were none, nor was the thawing; the half day after it was.
    expect(stateOf(used).thaw!.usedMs).toBe(1.5 * 24 * HOUR_MS);
    expect(stateOf([...used.slice(0, 3), thaw(days(9.2), 'coldWater')]).thaw!.usedMs).toBe(24 * HOUR_MS);
    expect(stateOf([raw({ since: null, place: 'freezer' }), thaw(days(9))]).thaw!.usedMs).toBe(0);
  });
});

describe('cooking', () => {
  const onHeat = [raw(), happened(hours(1), 'cookingStarted')];
  it('goes on where a reading was too low, and is another after it was done', () => {
    const again = [
      ...onHeat,
      read(hours(1.5), 120),
      happened(hours(1.6), 'offHeat'),
      happened(hours(1.7), 'cookingStarted'),
    ];
    expect(stateOf(again).cook).toMatchObject({ startedAt: hours(1), offHeatAt: null, metAt: null });
    expect(stateOf(again).cook!.readings).toHaveLength(1);
    const heated = [...cookedLamb(START), happened(hours(1), 'cookingStarted')];
    expect(stateOf(heated)).toMatchObject({
      stage: 'reheating',
      cook: { startedAt: hours(1), readings: [], metAt: null },
    });
  });

  it('is done by the sign its rule allows, once, and by none where it allows none', () => {
    const fish = [raw({ foodKey: 'trout-side' }), happened(hours(1), 'cookingStarted')];
    const seen = happened(hours(1.5), 'signSeen');
    expect(stateOf([...fish, seen])).toMatchObject({
      cooked: true,
      daysFrom: hours(1.5),
      cook: { metAt: hours(1.5) },
    });
    expect(stateOf([...fish, seen, happened(hours(2), 'signSeen')]).cook!.metAt).toBe(hours(1.5));
    expect(stateOf([...onHeat, seen])).toMatchObject({ cooked: false, cook: { metAt: null } });
    expect(stateOf([raw({ foodKey: 'trout-side' }), seen]).cooked).toBe(false);
    // Eaten as it is, it has nothing to reach.
    expect(stateOf([soup, happened(hours(1), 'cookingStarted'), seen]).cook!.metAt).toBeNull();
  });

  it('off the heat it rests, where it was on it', () => {
    expect(stateOf([...onHeat, happened(hours(2), 'offHeat')])).toMatchObject({
      stage: 'resting',
      place: 'counter',
      cook: { offHeatAt: hours(2) },
    });
    expect(stateOf([raw(), happened(hours(2), 'offHeat')]).cook).toBeNull();
  });

  it('done while it rests, its clock goes on as that of cooked food', () => {
    const rested = [...onHeat, happened(hours(2), 'offHeat'), ...readTwice(hours(2.1), 170)];
    expect(stateOf(rested).exposures).toMatchObject([
      { ledger: 'raw', to: hours(2.1) },
      { ledger: 'cooked', from: hours(2.1), to: null, side: 'hot' },
    ]);
  });
});

describe('putting away', () => {
  it.each<[string, FoodEvent[], FoodState['stage']]>([
    ['raw', [raw()], 'raw'],
    ['thawed', [raw({ condition: 'thawed' })], 'thawed'],
    ['thawing', [frozenLamb(), thaw(hours(1))], 'thawing'],
    ['cooked', [soup], 'stored'],
  ])('what is %s stays so', (_, events, stage) =>
    expect(stateOf([...events, putAway(hours(2))]).stage).toBe(stage),
  );

  it('has its shelf and lid as said, and needs a new label and plan', () => {
    const before = [soup, happened(hours(1), 'labelled'), happened(hours(1), 'planned', plan)];
    expect(stateOf([...before, putAway(hours(2))])).toMatchObject({
      shelf: null,
      covered: false,
      labelled: false,
      plan: null,
      container: { portions: 2, depthM: 0.03 },
    });
    const covered = [soup, moved(hours(1), 'refrigerator', { shelf: 'top', covered: true })];
    expect(stateOf([...covered, putAway(hours(2))])).toMatchObject({ shelf: null, covered: true });
    expect(stateOf([...covered, putAway(hours(2), 0.03, { shelf: 'door', covered: false })])).toMatchObject({
      shelf: 'door',
      covered: false,
    });
  });
});

describe('moving', () => {
  it('within the refrigerator changes what is said and no more', () => {
    const on = [soup, moved(hours(1), 'refrigerator', { shelf: 'top', covered: true })];
    expect(stateOf([...on, moved(hours(2), 'refrigerator', { shelf: 'lower' })])).toMatchObject({
      shelf: 'lower',
      covered: true,
      placeSince: START,
    });
    expect(stateOf([...on, moved(hours(2), 'refrigerator', { covered: false })])).toMatchObject({
      shelf: 'top',
      covered: false,
    });
  });

  it('elsewhere leaves the shelf, and takes the lid along', () => {
    const on = [soup, moved(hours(1), 'refrigerator', { shelf: 'top', covered: true })];
    expect(stateOf([...on, moved(hours(2), 'counter')])).toMatchObject({
      shelf: null,
      covered: true,
    });
    expect(stateOf([...on, moved(hours(2), 'freezer', { covered: false })])).toMatchObject({
      covered: false,
    });
  });

  it('half cooked into the cold is a fault, out of it is none', () => {
    const half = [
      raw(),
      happened(hours(1), 'cookingStarted'),
      read(hours(1.2), 120),
      happened(hours(1.3), 'offHeat'),
    ];
    for (const place of ['refrigerator', 'freezer'] as const)
      expect(stateOf([...half, moved(hours(1.4), place)]).faults).toMatchObject([{ kind: 'partCooked' }]);
    expect(stateOf([...half, moved(hours(1.4), 'table')]).faults).toEqual([]);
  });

  it('out of the freezer thaws what is raw, and keeps what is cooked', () => {
    expect(stateOf([frozenLamb(), moved(hours(1), 'refrigerator')])).toMatchObject({
      stage: 'thawing',
      thaw: { startedAt: hours(1) },
    });
    const frozen = [soup, moved(hours(1), 'freezer')];
    expect(stateOf([...frozen, moved(days(1), 'refrigerator')])).toMatchObject({
      stage: 'stored',
      frozenSince: null,
      pauses: [{ from: hours(1), to: days(1) }],
    });
    expect(stateOf([...frozen, moved(hours(2), 'freezer')])).toMatchObject({
      frozenSince: hours(1),
      pauses: [],
    });
  });

  it('a deep pot out and back is as deep as it was, and in the cold all along it is not new there', () => {
    const pot = [...cookedLamb(START, 170), putAway(minutes(10), 0.2)];
    const back = [...pot, moved(minutes(20), 'counter'), moved(minutes(30), 'refrigerator')];
    expect(stateOf(back).exposures.at(-1)).toMatchObject({
      place: 'refrigerator',
      from: minutes(30),
      certain: false,
    });
    const frozen = [...pot, moved(minutes(20), 'freezer')];
    expect(stateOf(frozen).exposures.filter(({ from }) => from === minutes(20))).toEqual([]);
  });
});

describe('freezing again', () => {
  const twice = (method: Payload<'thawStarted'>['method'], guidance = GUIDANCES.home) =>
    stateOf([frozenLamb(), thaw(hours(1), method), moved(hours(9), 'freezer')], guidance).faults;
  it('is a fault where the school says so of how it thawed', () => {
    expect(twice('refrigerator')).toEqual([]);
    expect(twice('coldWater')).toMatchObject([
      { kind: 'refrozen', at: hours(9), certain: true, ruleId: 'home.refreezing.afterWaterOrMicrowave' },
    ]);
    expect(twice('refrigerator', GUIDANCES.chain)).toMatchObject([
      { ruleId: 'chain.refreezing.afterRefrigerator' },
    ]);
    expect(rulesOf('home').refreezing.afterRefrigerator.value.yes).toBe(true);
  });
});

describe('heating again', () => {
  const pot = [...cookedLamb(START, 170), putAway(minutes(30), 0.2)];
  const heated = (at: number, guidance = GUIDANCES.code) =>
    stateOf([...pot, happened(at, 'cookingStarted')], guidance);
  it('is a rescue while the second mark runs, once it is read at the mark, and a reheat after', () => {
    expect(heated(hours(3))).toMatchObject({ rescues: 0, reheats: 0, faults: [], cook: { kind: 'rescue' } });
    const mended = [
      ...pot,
      happened(hours(3), 'cookingStarted'),
      read(hours(3.2), 170, 'F', { watchedMs: 15_000 }),
      happened(hours(3.3), 'offHeat'),
    ];
    expect(stateOf(mended, GUIDANCES.code)).toMatchObject({ rescues: 1, chill: { startedAt: hours(3.3) } });
    const unread = mended.filter(({ type, at }) => type !== 'reading' || at === START);
    expect(stateOf(unread, GUIDANCES.code)).toMatchObject({ rescues: 0, chill: { startedAt: START } });
    const second = [...mended, putAway(hours(3.4), 0.2), happened(hours(6), 'cookingStarted')];
    expect(stateOf(second, GUIDANCES.code)).toMatchObject({ rescues: 1, reheats: 1 });
  });
  it('keeps what was lost of its cooling as a fault where the marks bind', () => {
    expect(heated(hours(7)).faults).toMatchObject([{ kind: 'coolingMissed', certain: false, at: hours(7) }]);
    expect(heated(hours(1))).toMatchObject({ reheats: 1, faults: [] });
    expect(heated(hours(7), GUIDANCES.home)).toMatchObject({ reheats: 1, faults: [] });
    const missed = stateOf(
      [...pot, read(hours(6.5), 60), happened(hours(7), 'cookingStarted')],
      GUIDANCES.code,
    );
    expect(missed.faults).toMatchObject([
      { kind: 'coolingMissed', certain: true, ruleId: 'code.cooling.firstMark' },
    ]);
  });
});

describe('what is left of what was divided', () => {
  it('weighs less, in fewer portions, and is never nothing', () => {
    const off = (massKg: number, portions?: number) =>
      happened(hours(1), 'dividedOff', { to: 'x', massKg, ...(portions && { portions }) });
    const batch = [soup, putAway(START)];
    expect(stateOf([...batch, off(0.4, 1)])).toMatchObject({ massKg: 0.6, container: { portions: 1 } });
    expect(stateOf([...batch, off(1, 2)])).toMatchObject({ massKg: 0.001, container: { portions: 1 } });
    expect(stateOf([...batch, off(0.4)]).container).toEqual({ portions: 2, depthM: 0.03 });
    expect(stateOf([soup, off(0.4, 1)]).container).toBeNull();
  });
});

describe('a gap', () => {
  it('is a stretch nobody is certain of, in the past', () =>
    expect(stateOf([soup, happened(hours(3), 'unaccounted', { since: hours(1) })]).exposures).toEqual([
      {
        ledger: 'cooked',
        from: hours(1),
        to: hours(3),
        place: 'refrigerator',
        side: 'cold',
        factor: 1,
        certain: false,
        asked: hours(3),
        startFixed: true,
      },
    ]));
});
