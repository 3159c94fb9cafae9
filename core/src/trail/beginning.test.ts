import { rulesOf } from '../guidance';
import { days, happened, hours, leftovers, START, stateOf } from '../testing/story';
import { newFood } from './beginning';
import { newThaw } from './thawing';
import { dividedFrom, type FoodEvent, type FoodState, type Payload } from '.';

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
      frozenSince: null,
      thaw: null,
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
