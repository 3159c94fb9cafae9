import { PLAIN_GUIDANCE } from '../guidance';
import { days, FOOD_ID, happened, hours, leftovers, rule, START, stateOf, verdict } from '../testing/story';
import { SECOND_MS } from '../units';
import { eventSchema, type FoodEvent, type Payload } from '../record';
import { foldTrail } from '.';

const can = (over: Partial<Payload<'added'>> = {}): FoodEvent =>
  happened(START, 'added', {
    foodKey: 'sardines-opened',
    name: 'Sardines',
    massKg: 0.12,
    form: 'can',
    condition: 'cooked',
    place: 'cupboard',
    since: null,
    ...over,
  });
const toCold = (at: number) => happened(at, 'moved', { place: 'refrigerator' });

describe('a can in the cupboard', () => {
  it('keeps closed, and nothing counts', () => {
    const ruling = rule([can()], days(400));
    expect(ruling.verdict).toBe('fine');
    expect(ruling.until).toBeNull();
    expect(ruling.headline).toBe('Keeps closed, to its printed date.');
  });

  it('its days begin with the opening', () => {
    const opened = [can(), happened(days(30), 'opened'), toCold(days(30) + 60_000)];
    expect(verdict(opened, days(31))).toBe('fine');
    expect(verdict(opened, days(34))).toBe('actBy');
    expect(verdict(opened, days(34) + SECOND_MS)).toBe('discard');
  });

  it('opened and left in the cupboard it stands out', () => {
    const opened = [can(), happened(START, 'opened')];
    expect(stateOf(opened).place).toBe('counter');
    expect(verdict(opened, hours(2))).toBe('actBy');
    expect(verdict(opened, hours(2) + SECOND_MS)).toBe('discard');
  });

  it('opened in the refrigerator it was cold', () => {
    const opened = [can(), toCold(days(1)), happened(days(9), 'opened')];
    expect(stateOf(opened).place).toBe('refrigerator');
    expect(verdict(opened, days(10))).toBe('fine');
    expect(verdict(opened, days(13) + SECOND_MS)).toBe('discard');
  });

  it.each<[string, FoodEvent]>([
    ['put on the counter', happened(days(1), 'moved', { place: 'counter' })],
    ['put in a warm car', happened(days(1), 'moved', { place: 'car' })],
    ['labelled', happened(days(1), 'labelled')],
    ['a note made of it', happened(days(1), 'note', { text: 'The last one' })],
    ['lost sight of', happened(days(1), 'unaccounted', { since: hours(1) })],
    ['in a warm refrigerator', happened(days(1), 'storeWarm', { since: hours(1) })],
  ])('%s it is closed yet', (_what, event) => {
    expect(stateOf([can(), event]).sealed).toBe(true);
    expect(verdict([can(), event], days(60))).toBe('fine');
  });

  it.each<[string, FoodEvent]>([
    ['served', happened(days(1), 'served')],
    ['heated', happened(days(1), 'cookingStarted')],
    ['read', happened(days(1), 'reading', { temperature: { value: 20, unit: 'C' } })],
    [
      'put away in portions',
      happened(days(1), 'putAway', { place: 'refrigerator', portions: 2, depthM: 0.02 }),
    ],
    ['frozen', happened(days(1), 'moved', { place: 'freezer' })],
  ])('%s, somebody opened it, said or not', (_what, event) => {
    const state = stateOf([can(), event]);
    expect(state.sealed).toBe(false);
    expect(state.daysFrom).toBe(days(1));
  });

  it('opened again, or open from the start, it gets no new days', () => {
    const twice = [can(), happened(days(1), 'opened'), toCold(days(1) + 1), happened(days(3), 'opened')];
    expect(stateOf(twice).daysFrom).toBe(days(1));
    const soup = [leftovers(START), happened(days(3), 'opened')];
    expect(verdict(soup, days(4) + 1)).toBe('discard');
  });

  it('divided or put to another food it is open', () => {
    const partId = '01900000-0000-7000-8000-00000000000a';
    const part = happened(days(1), 'portioned', { from: FOOD_ID, name: 'Half', massKg: 0.05 });
    const half = foldTrail([{ ...part, foodId: partId }], PLAIN_GUIDANCE, new Map([[FOOD_ID, [can()]]]))!;
    expect(half).toMatchObject({ sealed: false, daysFrom: days(1), place: 'counter' });
    const dish = { ...leftovers(START), foodId: partId };
    const joined = { ...happened(days(1), 'joined', { with: FOOD_ID }), foodId: partId };
    const both = foldTrail([dish, joined], PLAIN_GUIDANCE, new Map([[FOOD_ID, [can()]]]))!;
    expect(both).toMatchObject({ sealed: false, daysFrom: START });
  });

  it('nothing but an unopened can comes into the cupboard', () => {
    expect(eventSchema.safeParse(can()).success).toBe(true);
    expect(eventSchema.safeParse(can({ foodKey: 'lentil-soup' })).success).toBe(false);
    expect(eventSchema.safeParse(can({ parts: ['lentil-soup'] })).success).toBe(false);
    expect(eventSchema.safeParse(can({ foodKey: 'nothing-known' })).success).toBe(false);
  });
});
