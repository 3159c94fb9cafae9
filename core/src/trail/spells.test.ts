import { fahrenheit } from '../units';
import {
  cookedLamb,
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
import type { FoodEvent, Payload } from '../record';

const soup = leftovers(START);
const warm = (at: number, since: number) => happened(at, 'storeWarm', { since });
const off = (at: number, over: Partial<Payload<'powerOff'>> = {}) =>
  happened(at, 'powerOff', { since: at, freezer: 'full', ...over });
const exposures = (...events: FoodEvent[]) => stateOf(events).exposures;

describe('a store that cannot be relied on', () => {
  it('was so since the earliest that was ever said', () => {
    const twice = [soup, warm(hours(2), hours(1)), warm(hours(3), hours(2.5))];
    expect(stateOf(twice).spell).toEqual({ warmFrom: hours(1), power: null });
    const earlier = [soup, warm(hours(3), hours(2.5)), warm(hours(4), hours(1))];
    expect(stateOf(earlier).spell!.warmFrom).toBe(hours(1));
    expect(exposures(...earlier)).toEqual([
      {
        ledger: 'cooked',
        from: hours(1),
        to: null,
        factor: 1,
        place: 'refrigerator',
        side: 'cold',
        startFixed: true,
        certain: false,
        asked: hours(3),
        spell: 'air',
      },
    ]);
  });

  it('counts from whatever came first, and says which', () => {
    expect(exposures(soup, off(START), warm(hours(6), hours(5)))).toMatchObject([
      { from: hours(4), spell: 'power' },
    ]);
    expect(exposures(soup, off(START), warm(hours(6), hours(3)))).toMatchObject([
      { from: hours(3), spell: 'air' },
    ]);
    expect(exposures(soup, warm(hours(6), hours(5)), off(hours(7)))).toMatchObject([
      { from: hours(5), spell: 'air' },
    ]);
  });

  it('counts from sooner once it is said to have been opened, even after it began to count', () =>
    expect(
      exposures(soup, off(START), off(hours(5), { since: START, opened: ['refrigerator'] })),
    ).toMatchObject([{ from: START }]));

  it('does not count twice what counts already', () => {
    const pot = [...cookedLamb(START, 170), putAway(minutes(10), 0.2)];
    const before = exposures(...pot).length;
    expect(exposures(...pot, warm(minutes(30), minutes(20)))).toHaveLength(before);
    expect(exposures(soup, warm(hours(2), hours(1)), warm(hours(3), hours(1)))).toHaveLength(1);
  });

  it('said later to have begun earlier, it asks since it was first said', () => {
    const said = exposures(soup, warm(hours(2), hours(1)), warm(hours(3), minutes(30)));
    expect(said).toMatchObject([{ from: minutes(30), asked: hours(2) }]);
  });

  it('while it is still cold cools what was put in warm', () => {
    const pot = [...cookedLamb(START, 170), putAway(minutes(10)), off(minutes(20))];
    expect(exposures(...pot, read(hours(1), 100))).toEqual(exposures(...pot));
  });

  it('is no more of what was read warm before it got warm', () => {
    const out = [soup, moved(minutes(10), 'counter'), moved(minutes(20), 'refrigerator'), off(minutes(30))];
    expect(exposures(...out).map(({ spell }) => spell)).toEqual([undefined, 'power']);
    const readWarm = exposures(...out, read(hours(3), 60));
    expect(readWarm.filter(({ to }) => to === null)).toMatchObject([{ from: hours(3), readWarm: true }]);
    expect(readWarm.filter(({ spell }) => spell)).toEqual([]);
  });

  it('read cold, it counts from there, and what was before stands', () => {
    const out = [soup, moved(minutes(10), 'counter'), moved(minutes(20), 'refrigerator')];
    const spell = [...out, warm(hours(2), hours(1))];
    expect(exposures(...spell, read(hours(3), 40))).toMatchObject([
      { from: minutes(10), to: minutes(20) },
      { from: hours(3), to: null, spell: 'air' },
    ]);
  });

  it('ice in what is in it is as good as its rule, before and after it got warm', () => {
    const good = { at: hours(1), temperature: fahrenheit(40) };
    expect(stateOf([soup, off(START), happened(hours(1), 'iceSeen')]).lastGood).toEqual(good);
    expect(stateOf([soup, warm(minutes(50), START), happened(hours(1), 'iceSeen')])).toMatchObject({
      lastGood: good,
      exposures: [{ from: hours(1) }],
    });
  });

  it('is right again only of what it was not', () => {
    expect(stateOf([soup, off(START), happened(hours(5), 'storeRight')]).spell).not.toBeNull();
    expect(exposures(soup, off(START), happened(hours(5), 'storeRight'))).toMatchObject([{ to: null }]);
    expect(exposures(soup, warm(hours(2), hours(1)), happened(hours(3), 'powerOn'))).toMatchObject([
      { to: null },
    ]);
  });

  it('is left behind, and is still so where a food is moved about in it', () => {
    const spell = [soup, warm(hours(2), hours(1))];
    expect(stateOf([...spell, putAway(hours(3))]).spell).not.toBeNull();
    expect(exposures(...spell, putAway(hours(3)))).toMatchObject([
      { from: hours(1), to: hours(3) },
      { from: hours(3), to: null, spell: 'air' },
    ]);
    expect(stateOf([...spell, moved(hours(3), 'freezer')])).toMatchObject({ spell: null });
  });
});
