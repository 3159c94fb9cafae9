import { rulesOf } from '../guidance';
import {
  comes,
  cookedLamb,
  GUIDANCES,
  happened,
  hours,
  leftovers,
  minutes,
  raw,
  read,
  readTwice,
  START,
  stateOf,
} from '../testing/story';
import { throughTime } from '.';
import type { FoodEvent } from '../record';
import { cookReadAt } from './throughTime';

const home = rulesOf('home');
const at = (events: FoodEvent[], now: number) => throughTime(stateOf(events), now, home);
const onHeat = [raw(), happened(hours(1), 'cookingStarted')];
const done = [...onHeat, ...readTwice(hours(2), 170)];

describe('food that is kept hot', () => {
  it('may have got cold once nobody read it for as long as hot food is checked', () => {
    expect(at(done, hours(4)).exposures).toEqual([]);
    expect(at(done, hours(4) + 1).exposures).toMatchObject([
      {
        ledger: 'cooked',
        from: hours(4),
        to: null,
        place: 'heat',
        side: 'hot',
        certain: false,
        unread: true,
        startFixed: true,
      },
    ]);
    expect(at([...done, read(hours(3), 150)], hours(5)).exposures).toEqual([]);
    // A hot reading proves that it was hot; a cold one that it was not.
    expect(stateOf([...done, read(hours(5), 150)]).exposures).toEqual([]);
    expect(stateOf([...done, read(hours(5), 100)]).exposures).toMatchObject([
      { certain: true, place: 'heat' },
    ]);
  });

  it('off the heat, raw, or with a clock already, it does not', () => {
    expect(at([...done, happened(hours(3), 'offHeat')], hours(9)).exposures).toHaveLength(1);
    expect(at(onHeat, hours(9)).exposures).toEqual([]);
    expect(at([...done, read(hours(3), 100)], hours(9)).exposures).toHaveLength(1);
    const reheating = [leftovers(START), happened(hours(1), 'cookingStarted')];
    expect(at(reheating, hours(2.9)).exposures).toEqual([]);
  });

  it('done or not, once it was seen hot; in a school its sign says nothing to, too', () => {
    const hot = [...onHeat, read(hours(2), 150)];
    expect(stateOf(hot).cooked).toBe(false);
    expect(at(hot, hours(4)).exposures).toEqual([]);
    expect(at(hot, hours(4) + 1).exposures).toMatchObject([{ ledger: 'raw', from: hours(4), unread: true }]);
    const fish = [
      comes('trout-side'),
      happened(hours(1), 'cookingStarted'),
      happened(hours(1.5), 'signSeen'),
    ];
    const careful = stateOf(fish, GUIDANCES.care);
    expect(careful).toMatchObject({ cooked: false, cook: { signAt: hours(1.5), metAt: null } });
    const care = rulesOf('care');
    expect(throughTime(careful, hours(3.5), care).exposures).toEqual([]);
    expect(throughTime(careful, hours(3.5) + 1, care).exposures).toMatchObject([{ from: hours(3.5) }]);
  });

  it('counts from when it went back on', () => {
    const back = [...done, happened(hours(3), 'offHeat'), happened(hours(3.4), 'cookingStarted')];
    const lastOf = (now: number) => at(back, now).exposures.at(-1)!;
    expect(lastOf(hours(5.4))).toMatchObject({ to: hours(3.4) });
    expect(lastOf(hours(5.4) + 1)).toMatchObject({ from: hours(5.4), to: null });
  });
});

describe('a cook nobody reads', () => {
  it('was last known hot by a hot reading, else when it went on', () => {
    const { cook } = stateOf([...onHeat, read(hours(2), 150), read(hours(3), 100)]);
    expect(cookReadAt(cook!, home)).toBe(hours(2));
    expect(cookReadAt(stateOf(onHeat).cook!, home)).toBe(hours(1));
    const off = stateOf([...onHeat, happened(hours(2), 'offHeat')]).cook!;
    expect(cookReadAt(off, home)).toBe(hours(1));
  });

  it('is over after a day, once, for good', () => {
    expect(at(onHeat, hours(25)).faults).toEqual([]);
    const over = at(onHeat, hours(25) + 1);
    expect(over.faults).toEqual([
      { kind: 'unreadOnHeat', at: hours(25), certain: true, ruleId: 'home.cooking.unread' },
    ]);
    expect(throughTime(over, hours(60), home)).toEqual(over);
    expect(stateOf([...onHeat, ...readTwice(hours(26), 180)]).faults).toHaveLength(1);
    expect(at([...onHeat, read(hours(20), 150)], hours(30)).faults).toEqual([]);
    expect(at([...onHeat, happened(hours(2), 'offHeat')], hours(60)).faults).toEqual([]);
    expect(at(done, hours(60)).faults).toEqual([]);
  });

  it('keeps what was wrong before', () => {
    const part = [
      ...onHeat,
      happened(hours(2), 'offHeat'),
      happened(hours(3), 'putAway', { place: 'refrigerator', portions: 1, depthM: 0.02 }),
      happened(hours(4), 'cookingStarted'),
    ];
    expect(at(part, hours(40)).faults.map(({ kind }) => kind)).toEqual(['partCooked', 'unreadOnHeat']);
  });
});

describe('a reheat', () => {
  const reheating = [leftovers(START), happened(hours(1), 'cookingStarted')];
  it('that is not read at its mark in time is over, once', () => {
    expect(at(reheating, hours(3)).faults).toEqual([]);
    const over = at(reheating, hours(3) + 1);
    expect(over.faults).toEqual([
      { kind: 'notReheated', at: hours(3), certain: true, ruleId: 'home.reheating.within' },
    ]);
    expect(throughTime(over, hours(9), home)).toEqual(over);
    expect(at([...reheating, read(hours(3), 165)], hours(9)).faults).toEqual([]);
    expect(at([...reheating, happened(hours(2), 'offHeat')], hours(9)).faults).toHaveLength(1);
    expect(at([...reheating, happened(hours(2), 'eaten')], hours(9)).faults).toEqual([]);
  });

  it('twice over is two faults, and a first cook is none', () => {
    const twice = [...reheating, happened(hours(4), 'offHeat'), happened(hours(9), 'cookingStarted')];
    expect(at(twice, hours(12)).faults.filter(({ kind }) => kind === 'notReheated')).toHaveLength(2);
    expect(at(onHeat, hours(9)).faults).toEqual([]);
    expect(at(cookedLamb(START), minutes(10)).faults).toEqual([]);
  });
});
