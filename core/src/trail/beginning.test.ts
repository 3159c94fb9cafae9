import { rulesOf } from '../guidance';
import { days, happened, hours, leftovers, START, stateOf } from '../testing/story';
import { newFood, withOutSince } from './beginning';
import { newThaw } from '../clocks';
import { dividedFrom, type FoodState } from '.';
import type { FoodEvent, Payload } from '../record';

type Added = Payload<'added'>;
const added = (over: Partial<Added> = {}) =>
  happened(START, 'added', {
    foodKey: 'chicken-thighs',
    name: 'Thighs',
    massKg: 0.8,
    form: 'pieces',
    condition: 'fresh',
    place: 'refrigerator',
    since: days(-1),
    ...over,
  }) as FoodEvent<'added'>;
const comes = (over: Partial<Added> = {}) => newFood(added(over), rulesOf('home'));
const cooked = { foodKey: 'lentil-soup', condition: 'cooked' } as const;

describe('food that comes in', () => {
  it('is new, and nothing is known of it but what was said', () => {
    const event = added();
    const known = newFood(event, rulesOf('home'));
    expect(known).toEqual({
      foodId: event.foodId,
      foodKey: 'chicken-thighs',
      parts: [],
      name: 'Thighs',
      massKg: 0.8,
      form: 'pieces',
      stage: 'raw',
      place: 'refrigerator',
      placeSince: START,
      shelf: null,
      covered: false,
      sealed: false,
      unopened: false,
      labelled: false,
      labelSays: null,
      allergens: [],
      dividedFrom: null,
      cameAt: START,
      heatFirst: false,
      through: false,
      outUnknown: false,
      printed: null,
      withoutAir: false,
      oven: null,
      doubtful: null,
      cooked: false,
      withCooked: false,
      daysFrom: days(-1),
      pauses: [],
      lastThawedAt: null,
      frozenSince: null,
      thaw: null,
      firstThawedKg: null,
      partFresh: false,
      cook: null,
      exposures: [],
      pastSince: null,
      faults: [],
      closedCounts: [],
      chill: null,
      rescues: 0,
      guidedBy: null,
      coolingSince: null,
      cooledAt: null,
      container: null,
      cooling: null,
      reheats: 0,
      ovenOnAt: null,
      servedAt: null,
      held: null,
      spell: null,
      lastReading: null,
      lastGood: null,
      plan: null,
      lastAt: START,
      lastIds: [event.id],
    } satisfies FoodState);
  });

  it.each<[string, Partial<Added>, Partial<FoodState>]>([
    [
      'bought frozen, it has used no day since it was bought',
      { condition: 'frozen', place: 'freezer' },
      { stage: 'frozen', frozenSince: days(-1), daysFrom: days(-1) },
    ],
    [
      'bought frozen, nobody knows when: as of now',
      { condition: 'frozen', place: 'freezer', since: null },
      { stage: 'frozen', frozenSince: START, daysFrom: START },
    ],
    [
      'frozen at home, it has used its days until now',
      { place: 'freezer' },
      { stage: 'frozen', frozenSince: START, daysFrom: days(-1) },
    ],
    [
      'frozen at home, nobody knows when',
      { place: 'freezer', since: null },
      { stage: 'frozen', frozenSince: START, daysFrom: null },
    ],
    [
      'cooked and frozen, it has used its days until now',
      { ...cooked, condition: 'frozen', foodKey: 'fish-pie', place: 'freezer' },
      { stage: 'frozen' },
    ],
    [
      'frozen and brought home by car',
      { condition: 'frozen', place: 'car' },
      { stage: 'frozen', frozenSince: days(-1) },
    ],
    [
      'thawed already, on a day that is known',
      { condition: 'thawed' },
      {
        stage: 'thawed',
        thaw: {
          ...newThaw('refrigerator', days(-1)),
          thawedAt: days(-1),
        },
      },
    ],
    [
      'thawed already, nobody knows when',
      { condition: 'thawed', since: null },
      { thaw: expect.objectContaining({ startedAt: START, thawedAt: null }) as never },
    ],
    ['cooked', cooked, { cooked: true, stage: 'stored', chill: null, daysFrom: days(-1) }],
    ['eaten as it is, it counts as cooked', { foodKey: 'smoked-salmon' }, { cooked: true, stage: 'stored' }],
    [
      'cooked and standing out, it is taken for hot',
      { ...cooked, place: 'counter' },
      {
        stage: 'stored',
        chill: expect.objectContaining({ startedAt: START }) as never,
        exposures: [
          expect.objectContaining({ ledger: 'cooked', from: START, side: 'hot', factor: 1 }),
        ] as never,
      },
    ],
    [
      'heated again before it came, and standing out, it is eaten while it is hot',
      { ...cooked, place: 'counter', reheatedBefore: true },
      { stage: 'serving', reheats: 1 },
    ],
    [
      'heated again before it came, and cold',
      { ...cooked, reheatedBefore: true },
      { stage: 'stored', reheats: 1 },
    ],
    [
      'raw and standing out',
      { place: 'counter' },
      {
        stage: 'raw',
        chill: null,
        exposures: [
          expect.objectContaining({ ledger: 'raw', from: START, side: 'cold', factor: 1 }),
        ] as never,
      },
    ],
    [
      'cooked and on the way, it came from the cold',
      { ...cooked, place: 'car', season: 'cool' },
      { chill: null, exposures: [expect.objectContaining({ side: 'cold', factor: 1 })] as never },
    ],
    [
      'on the way in air nobody measured',
      { place: 'car' },
      { exposures: [expect.objectContaining({ side: 'cold', factor: 2 })] as never },
    ],
    [
      'a can',
      { foodKey: 'sardines-opened', condition: 'cooked', place: 'cupboard', since: null },
      { sealed: true, exposures: [] },
    ],
  ])('%s', (_, over, expected) => expect(comes(over)).toMatchObject(expected));
});

describe('a portion', () => {
  const whole = stateOf([
    leftovers(START),
    happened(hours(1), 'putAway', { place: 'refrigerator', portions: 6, depthM: 0.04 }),
    happened(hours(1), 'labelled'),
    happened(hours(1), 'coolingPlanned', { how: 'so' } as never),
  ]);
  const part = (over: object = {}) =>
    dividedFrom(whole, {
      ...happened(hours(2), 'portioned', { from: whole.foodId, name: 'Tub', massKg: 0.3, ...over }),
      foodId: 'tub',
    } as FoodEvent<'portioned'>);

  it('is its own, and was through all that its food was', () =>
    expect(part({ portions: 2 })).toEqual({
      ...whole,
      foodId: 'tub',
      name: 'Tub',
      massKg: 0.3,
      container: { portions: 2, depthM: 0.04 },
      plan: null,
      cooling: null,
      labelled: false,
      labelSays: null,
      allergens: [],
      dividedFrom: whole.foodId,
      lastAt: hours(2),
      lastIds: [expect.any(String)],
    }));

  it('of a food whose portions nobody counts has as many', () => expect(part().container!.portions).toBe(6));

  it('of a food in no container is in none', () =>
    expect(
      dividedFrom(
        stateOf([leftovers(START)]),
        happened(hours(1), 'portioned', {
          from: 'x',
          name: 'Tub',
          massKg: 0.3,
          portions: 1,
        }) as FoodEvent<'portioned'>,
      ).container,
    ).toBeNull());
});

describe('a dish somebody brought', () => {
  const dish = { ...cooked, from: 'guest', since: START } as const;

  it('cools in the cold only where it came hot, from elsewhere, into the refrigerator', () => {
    const since = (over: Partial<Added>) => comes({ ...dish, ...over }).coolingSince;
    expect(since({})).toBe(START);
    expect(since({ place: 'counter' })).toBeNull();
    expect(since({ came: 'cold' })).toBeNull();
    expect(since({ from: undefined, came: 'hot' })).toBeNull();
    expect(since({ condition: 'fresh', foodKey: 'chicken-thighs' })).toBeNull();
  });

  it('was out nobody knows how long, where nobody says; a can in the cupboard and what is frozen was not', () => {
    expect(comes(dish).outUnknown).toBe(true);
    expect(comes({ ...dish, outSince: null }).outUnknown).toBe(true);
    expect(comes({ ...dish, outSince: hours(-1) }).outUnknown).toBe(false);
    expect(comes({ ...dish, foodKey: 'sardines-opened', place: 'cupboard' }).outUnknown).toBe(false);
    expect(comes({ ...dish, place: 'freezer' }).outUnknown).toBe(false);
    expect(comes({ ...dish, from: undefined }).outUnknown).toBe(false);
  });

  it('counts from when it left the heat: to its coming, and on where it stays out', () => {
    const exposures = (over: Partial<Added>) =>
      comes({ ...dish, outSince: hours(-1), ...over }).exposures.map(({ from, to, place }) => [
        from,
        to,
        place,
      ]);
    expect(exposures({})).toEqual([[hours(-1), START, 'counter']]);
    expect(exposures({ place: 'counter' })).toEqual([[hours(-1), null, 'counter']]);
    expect(exposures({ place: 'car' })).toEqual([
      [hours(-1), START, 'counter'],
      [START, null, 'car'],
    ]);
    expect(exposures({ outSince: START })).toEqual([]);
    expect(exposures({ outSince: hours(1) })).toEqual([]);
    expect(exposures({ outSince: START, place: 'counter' })).toEqual([[START, null, 'counter']]);
  });

  it('is served while hot only where it was heated before and stands out', () => {
    const stage = (over: Partial<Added>) => comes({ ...dish, reheatedBefore: true, ...over }).stage;
    expect(stage({ place: 'counter' })).toBe('serving');
    expect(stage({})).toBe('stored');
    expect(stage({ place: 'counter', came: 'cold' })).toBe('stored');
    expect(stage({ place: 'counter', reheatedBefore: undefined })).toBe('stored');
  });

  it('begins to cool as it came, and what was made from things at room temperature as it was made', () => {
    expect(comes({ ...dish, outSince: hours(-1) }).chill).toMatchObject({ startedAt: hours(-1) });
    expect(comes({ ...dish, came: 'cold' }).chill).toBeNull();
    expect(comes({ ...cooked, place: 'refrigerator', since: START }).chill).toBeNull();
    expect(comes({ ...cooked, fromRoom: true, since: hours(-1) }).chill).toMatchObject({
      startedAt: hours(-1),
    });
    expect(comes({ fromRoom: true, since: hours(-1) }).chill).toBeNull();
  });

  describe('of which somebody remembers since when it was out', () => {
    const remembered = (over: Partial<Added>, since = hours(-2)) =>
      withOutSince(comes({ ...dish, ...over }), since);

    it('was out from then to its coming, hot or cold as it came', () => {
      const side = (over: Partial<Added>) => remembered(over).exposures[0]?.side;
      expect(remembered({})).toMatchObject({
        outUnknown: false,
        exposures: [{ from: hours(-2), to: START }],
      });
      expect(side({})).toBe('hot');
      expect(side({ came: 'cold' })).toBe('cold');
      expect(withOutSince({ ...comes(dish), heatFirst: false }, hours(-2)).exposures[0]?.side).toBe('hot');
      expect(withOutSince({ ...comes(dish), chill: null }, hours(-2)).exposures[0]?.side).toBe('hot');
    });

    it('was not out at all where it was then that it came', () => {
      expect(remembered({}, START).exposures).toEqual([]);
      expect(remembered({}, hours(1)).exposures).toEqual([]);
    });
  });
});
