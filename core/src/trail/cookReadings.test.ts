import { rulesOf } from '../guidance';
import {
  comes,
  GUIDANCES,
  happened,
  hours,
  leftovers,
  minutes,
  raw,
  read,
  START,
  stateOf,
} from '../testing/story';
import { offHeat, onHeat, readAt } from '../testing/told';
import type { FoodEvent } from '../record';
import { goalOf, needsOf } from './cookReadings';

const home = rulesOf('home');
const bird = comes('chicken-whole', { form: 'wholeBird', massKg: 1.8 });
const roasting = (...events: FoodEvent[]) => stateOf([bird, onHeat(hours(1)), ...events]);
const soup = leftovers(START);
const heating = (...events: FoodEvent[]) => stateOf([soup, onHeat(hours(1)), ...events]);

describe('a first cook', () => {
  it('that one place of several passed is not done, and a low reading there is no fall from done', () => {
    const state = roasting(readAt(hours(2), 'thigh', 170), readAt(hours(2.2), 'thigh', 120));
    expect(state).toMatchObject({ cooked: false, cook: { metAt: null, fellAt: null } });
  });

  it('taken for done and found lower elsewhere is remembered once for all', () => {
    const done = [readAt(hours(2), 'breast', 170), readAt(hours(2), 'thigh', 170)];
    expect(roasting(...done)).toMatchObject({ cooked: true, through: true, cook: { metAt: hours(2) } });
    const low = readAt(hours(2.1), 'wingJoint', 150);
    const found = roasting(...done, low);
    expect(found).toMatchObject({
      cooked: false,
      through: false,
      cook: { metAt: null, onceMetAt: hours(2), before: null },
    });
    expect(roasting(...done, low, readAt(hours(2.2), 'wingJoint', 155)).cook).toMatchObject({
      onceMetAt: hours(2),
    });
  });

  it('by its sign is done with every place read passed, and not with one below', () => {
    const fillet = [comes('cod', { form: 'fillet' }), onHeat(hours(1))];
    const sign = happened(hours(1.2), 'signSeen');
    expect(stateOf([...fillet, sign])).toMatchObject({ cooked: true });
    const low = readAt(hours(1.1), 'thickest', 130);
    expect(stateOf([...fillet, low, sign])).toMatchObject({ cooked: false });
    expect(stateOf([...fillet, low, readAt(hours(1.15), 'thickest', 150), sign])).toMatchObject({
      cooked: true,
    });
  });

  it('a target met at rest starts its time as cooked food, hot', () => {
    const rested = roasting(
      readAt(hours(2), 'breast', 170),
      offHeat(hours(2)),
      readAt(hours(2.1), 'thigh', 168),
    );
    expect(rested.exposures.at(-1)).toMatchObject({
      ledger: 'cooked',
      side: 'hot',
      from: hours(2.1),
      to: null,
    });
  });

  it('what was held hot falls only below hot, and by its own clock then', () => {
    const done = [readAt(hours(2), 'breast', 170), readAt(hours(2), 'thigh', 170)];
    const fell = roasting(...done, readAt(hours(3), 'breast', 120));
    expect(fell.cook).toMatchObject({ fellAt: hours(3), readings: [{ place: 'breast' }] });
    expect(fell.exposures.at(-1)).toMatchObject({ place: 'heat', side: 'hot', startFixed: true, to: null });
    expect(fell.chill).toMatchObject({ startFixed: true });
    // Through the edge of the band between 77 °C at two and 49 °C at three.
    const from = fell.exposures.at(-1)!.from;
    expect(from).toBeGreaterThan(hours(2.5));
    expect(from).toBeLessThan(hours(3));
    expect(
      roasting(...done, readAt(hours(3), 'breast', 120), readAt(hours(3.1), 'breast', 110)).exposures.at(-1)!
        .from,
    ).toBe(from);
  });

  it('fallen, only every place back at the mark ends its clock, and that was its reheat', () => {
    const done = [readAt(hours(2), 'breast', 170), readAt(hours(2), 'thigh', 170)];
    const fell = [...done, readAt(hours(3), 'breast', 120), readAt(hours(3), 'thigh', 125)];
    const half = roasting(...fell, readAt(hours(3.4), 'breast', 166));
    expect(half).toMatchObject({ reheats: 0, cook: { fellAt: hours(3) } });
    expect(half.exposures.at(-1)!.to).toBeNull();
    const whole = roasting(...fell, readAt(hours(3.4), 'breast', 166), readAt(hours(3.5), 'thigh', 166));
    expect(whole).toMatchObject({
      reheats: 1,
      chill: null,
      cook: { kind: 'reheat', metAt: hours(3.5), fellAt: null },
    });
    expect(whole.exposures.at(-1)!.to).toBe(hours(3.5));
  });
});

describe('heating again', () => {
  it('met, and found lower at another place, is not met; the food was cooked all the same', () => {
    const state = heating(readAt(hours(1.3), 'centre', 166), readAt(hours(1.4), 'edge', 150));
    expect(state).toMatchObject({ cooked: true, cook: { kind: 'reheat', metAt: null } });
  });

  it('on its mark within the time for it it is met, a moment after it is not', () => {
    const within = home.reheating.within.value.ms;
    expect(heating(readAt(hours(1) + within, 'centre', 166)).cook).toMatchObject({
      metAt: hours(1) + within,
    });
    expect(heating(readAt(hours(1) + within + 1, 'centre', 166)).cook).toMatchObject({ metAt: null });
  });

  it('makes what a guest brought hot enough to eat', () => {
    const pie = comes('lasagne', { from: 'guest', came: 'hot', outSince: START });
    expect(stateOf([pie])).toMatchObject({ heatFirst: true, through: false });
    expect(stateOf([pie, onHeat(minutes(20)), readAt(minutes(50), 'centre', 170)])).toMatchObject({
      heatFirst: false,
      through: true,
    });
  });

  it('by microwave is read in two places', () => {
    const cook = stateOf([soup, happened(hours(1), 'cookingStarted', { by: 'microwave' })]);
    expect(needsOf(cook, home)).toEqual({ count: 2, stuffing: false });
    expect(needsOf(heating(), home)).toEqual({ count: 1, stuffing: false });
  });
});

describe('what a cook has to reach', () => {
  it('is nothing without one, or without a rule for it', () => {
    expect(goalOf(stateOf([raw()]), home)).toBeNull();
    expect(needsOf(stateOf([soup]), home)).toEqual({ count: 1, stuffing: false });
    const greens = stateOf([
      comes('leafy-greens', { condition: 'fresh' }),
      onHeat(hours(1)),
      read(hours(1.1), 150),
    ]);
    expect(greens.cook?.metAt ?? null).toBeNull();
  });

  it('by microwave is more for raw animal food, and not for vegetables', () => {
    const by = (food: string) => {
      const state = stateOf(
        [comes(food, { condition: 'fresh' }), happened(hours(1), 'cookingStarted', { by: 'microwave' })],
        GUIDANCES.code,
      );
      const plain = stateOf([comes(food, { condition: 'fresh' }), onHeat(hours(1))], GUIDANCES.code);
      return [goalOf(plain, rulesOf('code')), goalOf(state, rulesOf('code'))];
    };
    const [beef, micro] = by('beef-steak');
    expect(micro).not.toEqual(beef);
    const [peas, microPeas] = by('potatoes');
    expect(microPeas).toEqual(peas);
  });
});
