import { rulesOf, type RuleSetId } from '../guidance';
import { at, comes, happened, hours, leftovers, minutes, raw, read, START, stateOf } from '../testing/story';
import { celsius, DAY_MS, HOUR_MS, SECOND_MS } from '../units';
import type { FoodState } from '../trail';
import type { Ruling } from '.';
import { cookAtOnceCheck } from './checks/cookAtOnce';
import { cookedThroughCheck } from './checks/cookedThrough';
import { daysCheck } from './checks/days';
import { faultsCheck } from './checks/faults';
import { freezerCheck } from './checks/freezer';
import { fromElsewhereCheck } from './checks/fromElsewhere';
import { heatedFirstCheck } from './checks/heatedFirst';
import { keptCheck } from './checks/kept';
import { printedCheck } from './checks/printed';
import { reheatCheck } from './checks/reheat';
import { restCheck } from './checks/rest';
import { thermometerCheck } from './checks/thermometer';
import { openExposure, newThaw } from '../clocks';
import type { Check } from './finding';

// Each check alone, on states set up by hand: at its edges, and where it has nothing to say.
const found = (check: Check, state: FoodState, now: number, id: RuleSetId = 'home') =>
  check(state, { ...at(now), rules: rulesOf(id) });
const one = (check: Check, state: FoodState, now: number, id?: RuleSetId) => found(check, state, now, id)[0]!;
const home = rulesOf('home');
const thighs = stateOf([raw()]);
const soup = stateOf([leftovers(START)]);
const cheese = stateOf([comes('hard-cheese')]);

describe('cooked at once', () => {
  const thaw = { ...newThaw('coldWater', START, {}), thawedAt: hours(1), atOnceFrom: hours(1) };
  const due = hours(1) + home.thawing.cookAtOnce.value.ms;
  const state: FoodState = { ...thighs, thaw, stage: 'thawed', place: 'counter' };
  const cooking = (startedAt: number) => ({ startedAt }) as NonNullable<FoodState['cook']>;

  it('by the moment it is due, and no later one is named after', () => {
    expect(one(cookAtOnceCheck, state, due)).toMatchObject({
      until: due,
      headline: expect.stringMatching(/^Cook it now, by/),
    });
    expect(one(cookAtOnceCheck, state, due + 1)).toMatchObject({
      until: null,
      headline: expect.stringMatching(/^Cook it now\. It was due/),
      action: { kind: 'cook', label: 'Cook' },
    });
    expect(one(cookAtOnceCheck, { ...state, cooked: true }, due).action).toEqual({
      kind: 'heat',
      label: 'Heat',
    });
  });

  it('until it is on the heat, or back in the freezer', () => {
    expect(found(cookAtOnceCheck, { ...state, cook: cooking(hours(1)) }, due)).toEqual([]);
    expect(found(cookAtOnceCheck, { ...state, cook: cooking(hours(1) - 1) }, due)).toHaveLength(1);
    expect(found(cookAtOnceCheck, { ...state, place: 'heat', stage: 'cooking' }, due)).toEqual([]);
    expect(found(cookAtOnceCheck, { ...state, place: 'heat', stage: 'thawing' }, due)).toHaveLength(1);
    expect(found(cookAtOnceCheck, { ...state, place: 'freezer' }, due)).toEqual([]);
  });

  it('and never what no band concerns', () =>
    expect(found(cookAtOnceCheck, { ...cheese, thaw }, due)).toEqual([]));
});

describe('in the freezer', () => {
  const frozen: FoodState = { ...soup, place: 'freezer', stage: 'frozen', frozenSince: START };
  // The chart gives soups two to three months.
  const best = Date.UTC(2026, 8, 12, 17);

  it('is said of what is frozen, and is there', () => {
    expect(found(freezerCheck, { ...frozen, place: 'counter' }, hours(1))).toEqual([]);
    expect(found(freezerCheck, { ...frozen, frozenSince: null }, hours(1))).toEqual([]);
  });
  it('is best by the end of its months', () => {
    expect(one(freezerCheck, frozen, best)).toMatchObject({
      verdict: 'fine',
      headline: expect.stringContaining('Best by'),
      reason: { value: 'safe' },
    });
    expect(one(freezerCheck, frozen, best + 1)).toMatchObject({
      headline: expect.stringContaining('Best was'),
      reason: { value: 'past its best' },
    });
  });
  it('of unknown age nobody can tell, until nobody could in all its days', () => {
    const unknown: FoodState = { ...frozen, daysFrom: null };
    const over = START + home.storage.soupsStews.refrigerator.value.highMs;
    expect(one(freezerCheck, unknown, over)).toMatchObject({
      verdict: 'cannotTell',
      action: { kind: 'sayWhen' },
    });
    expect(one(freezerCheck, unknown, over + 1).verdict).toBe('discard');
    expect(one(freezerCheck, { ...unknown, cooked: false }, hours(1)).verdict).toBe('fine');
    expect(one(freezerCheck, { ...unknown, cooked: false, withCooked: true }, hours(1)).verdict).toBe(
      'cannotTell',
    );
  });
});

describe('kept hot', () => {
  const pot = stateOf([
    comes('lentil-soup', { condition: 'fresh' }),
    happened(hours(1), 'cookingStarted'),
    read(hours(2), 180),
  ]);
  const kept: FoodState = { ...pot, cooked: true, cook: { ...pot.cook!, metAt: hours(2) }, exposures: [] };
  const low = (when: number) => ({ at: when, temperature: celsius(50) });

  it('counts from when it was last known hot', () => {
    const every = home.holding.hotCheck.value.ms;
    expect(one(keptCheck, kept, hours(2.5))).toMatchObject({ verdict: 'fine', until: hours(2) + every });
    expect(one(keptCheck, { ...kept, lastGood: low(hours(3)) }, hours(3.5)).until).toBe(hours(3) + every);
    expect(one(keptCheck, { ...kept, lastGood: null }, hours(3.5)).until).toBe(hours(2) + every);
    const back = { ...kept.cook!, onHeatSince: hours(2.4) };
    expect(one(keptCheck, { ...kept, cook: back }, hours(3.5)).until).toBe(hours(2.4) + every);
  });
  it('too cold only by a reading since it was done', () => {
    expect(one(keptCheck, { ...kept, lastReading: low(hours(2)) }, hours(2.5)).verdict).toBe('actBy');
    expect(one(keptCheck, { ...kept, lastReading: low(hours(2) - 1) }, hours(2.5)).verdict).toBe('fine');
    expect(one(keptCheck, { ...kept, lastReading: null }, hours(2.5)).verdict).toBe('fine');
  });
  it('leaves it to the band clock that runs, but of what has none', () => {
    const running = openExposure([], { ledger: 'cooked', from: hours(2), place: 'heat', side: 'hot' });
    const cold = { ...kept, lastReading: low(hours(2)), exposures: running };
    expect(found(keptCheck, cold, hours(2.5))).toEqual([]);
    expect(one(keptCheck, { ...cold, foodKey: 'hard-cheese', parts: [] }, hours(2.5)).verdict).toBe('actBy');
  });
});

describe('heated once', () => {
  const heated = (over: Partial<FoodState>): FoodState => ({
    ...soup,
    reheats: 1,
    stage: 'serving',
    place: 'table',
    ...over,
  });
  const cook = { kind: 'reheat', startedAt: hours(1), metAt: null } as NonNullable<FoodState['cook']>;

  it.each<[string, Partial<FoodState>, Ruling['verdict']]>([
    ['on the table it is eaten', {}, 'useNow'],
    ['stored anywhere it is thrown away', { stage: 'stored', place: 'counter' }, 'discard'],
    ['frozen too', { stage: 'frozen', place: 'freezer' }, 'discard'],
    ['frozen and out again too', { stage: 'frozen', place: 'counter' }, 'discard'],
    ['in the cold too, whatever it was there for', { stage: 'serving', place: 'refrigerator' }, 'discard'],
    ['more than once it is thrown away anywhere', { reheats: 2 }, 'discard'],
    ['taken for raw again it had its reheat all the same', { cooked: false }, 'useNow'],
  ])('%s', (_what, over, verdict) => expect(one(reheatCheck, heated(over), hours(2)).verdict).toBe(verdict));

  it('on the heat it has until its time is over, for the first time or to mend its cooling', () => {
    const by = hours(1) + home.reheating.within.value.ms;
    const on = (over: object) =>
      one(
        reheatCheck,
        { ...soup, stage: 'reheating', place: 'heat', cook: { ...cook, ...over } },
        hours(1.5),
      );
    expect(on({})).toMatchObject({
      verdict: 'useNow',
      until: by,
      because: 'Then eat it at once: it is heated once.',
    });
    expect(on({ kind: 'rescue' }).because).toBe('Read there, it may cool once more.');
    expect(on({ kind: 'cook' })).toBeUndefined();
  });
  it('taken off before it was hot it goes back on', () => {
    const off = one(reheatCheck, heated({ cook }), hours(1.5));
    expect(off).toMatchObject({ action: { kind: 'heat', label: 'Heat' }, because: 'It has until 20:00.' });
  });
  it('not yet it may be', () =>
    expect(one(reheatCheck, soup, hours(1))).toMatchObject({
      verdict: 'fine',
      action: { kind: 'heat', label: 'Heat' },
    }));
});

describe('cooked through', () => {
  const bird = stateOf([
    comes('chicken-whole', { form: 'wholeBird', massKg: 1.8 }),
    happened(hours(1), 'cookingStarted'),
    read(hours(2), 170, 'F', { place: 'thigh' }),
  ]);
  const both = stateOf([
    comes('chicken-whole', { form: 'wholeBird', massKg: 1.8 }),
    happened(hours(1), 'cookingStarted'),
    read(hours(2), 170, 'F', { place: 'thigh' }),
    read(hours(2), 150, 'F', { place: 'breast' }),
  ]);

  it('is a question of a first cook alone, and of none that was kept half done', () => {
    const heating = { ...bird, cook: { ...bird.cook!, kind: 'reheat' as const } };
    expect(found(cookedThroughCheck, heating, hours(2))).toEqual([]);
    const fault = (kind: 'partCooked' | 'refrozen') => ({
      ...bird,
      faults: [{ kind, at: START, certain: true, ruleId: home.cooking.unread.id }],
    });
    expect(found(cookedThroughCheck, fault('partCooked'), hours(2))).toEqual([]);
    expect(found(cookedThroughCheck, fault('refrozen'), hours(2))).toHaveLength(1);
  });
  it('on the heat asks for the other place once one is there, and only then', () => {
    expect(one(cookedThroughCheck, bird, hours(2)).headline).toMatch(/^Read .* too\.$/);
    expect(one(cookedThroughCheck, both, hours(2)).headline).toMatch(/^On the heat, to/);
    expect(
      one(cookedThroughCheck, { ...bird, cook: { ...bird.cook!, readings: [] } }, hours(2)).headline,
    ).toMatch(/^On the heat, to/);
  });
  it('on the heat unread for too long nobody can tell', () => {
    const unread = home.cooking.unread.value.ms;
    expect(one(cookedThroughCheck, bird, hours(2) + unread).verdict).toBe('fine');
    expect(one(cookedThroughCheck, bird, hours(2) + unread + 1)).toMatchObject({
      verdict: 'cannotTell',
      reason: { value: 'no reading', ruleId: home.cooking.unread.id },
    });
  });
  it('off the heat below its target goes back, by its clock or at once', () => {
    const off: FoodState = { ...both, stage: 'resting', place: 'counter' };
    expect(one(cookedThroughCheck, { ...off, exposures: [] }, hours(2))).toMatchObject({
      until: null,
      headline: 'Not done. Put it back on the heat.',
    });
  });
});

describe('the days it keeps', () => {
  const beans = comes('canned-vegetables-opened', { condition: 'cooked' });
  it('of a can are had out of it', () => {
    const opened: FoodState = { ...stateOf([beans]), form: 'can' };
    const words = (state: FoodState) =>
      found(daysCheck, state, hours(1))
        .map(({ headline, because }) => headline + because)
        .join();
    expect(words(opened)).toMatch(/out of the can/);
    expect(words({ ...opened, form: 'dish' })).not.toMatch(/out of the can/);
    expect(words({ ...soup, form: 'can' })).not.toMatch(/out of the can/);
    expect(words({ ...opened, parts: ['lentil-soup'] })).toMatch(/out of the can/);
  });
});

describe('a printed date', () => {
  const milk = { ...stateOf([comes('milk')]), unopened: false };
  const best: FoodState = { ...milk, printed: { kind: 'bestBefore', at: hours(5) } };
  const useBy: FoodState = { ...milk, printed: { kind: 'useBy', at: hours(40) } };
  it('best before is past after it, and forbids nothing', () => {
    expect(one(printedCheck, best, hours(5))).toMatchObject({
      verdict: 'fine',
      reason: { value: 'not yet' },
      action: { kind: 'none', label: '' },
    });
    expect(one(printedCheck, best, hours(5) + 1)).toMatchObject({
      verdict: 'fine',
      reason: { value: 'past its best' },
    });
  });
  it('use-by waits while it is frozen or on the heat', () => {
    expect(found(printedCheck, { ...useBy, frozenSince: START }, hours(41))).toEqual([]);
    expect(found(printedCheck, { ...useBy, place: 'heat' }, hours(41))).toEqual([]);
    expect(one(printedCheck, useBy, hours(40)).verdict).toBe('actBy');
    expect(one(printedCheck, useBy, hours(40) + 1).verdict).toBe('discard');
  });
});

describe('the rest of a target', () => {
  const steak = stateOf([
    comes('beef-steak', { condition: 'fresh' }),
    happened(hours(1), 'cookingStarted'),
    read(hours(1.2), 150),
    happened(hours(1.2), 'offHeat'),
  ]);
  it('is over at its end', () => {
    const { until } = one(restCheck, steak, hours(1.2));
    expect(until).toBe(hours(1.2) + 180 * SECOND_MS);
    expect(found(restCheck, steak, until! - 1)).toHaveLength(1);
    expect(found(restCheck, steak, until!)).toEqual([]);
  });
  it('is none on the heat, before it came off, or of what is heated again', () => {
    expect(found(restCheck, { ...steak, place: 'heat' }, hours(1.2))).toEqual([]);
    expect(found(restCheck, { ...steak, cook: { ...steak.cook!, offHeatAt: null } }, hours(1.2))).toEqual([]);
    expect(found(restCheck, { ...steak, cook: { ...steak.cook!, kind: 'reheat' } }, hours(1.2))).toEqual([]);
  });
});

describe('from elsewhere, heated already', () => {
  const takeaway = stateOf([
    comes('lasagne', {
      from: 'takeaway',
      came: 'hot',
      outSince: START,
      reheatedBefore: true,
      place: 'counter',
    }),
  ]);
  const reading = (when: number, c: number) => ({ at: when, temperature: celsius(c) });
  const said = (over: Partial<FoodState>, now = hours(1)) =>
    found(fromElsewhereCheck, { ...takeaway, heatFirst: true, ...over }, now).at(-1);

  it('is hot by its last reading, as long as that is worth something', () => {
    const good = reading(minutes(10), 70);
    const until = minutes(10) + home.holding.hotCheck.value.ms;
    expect(said({ lastReading: good, lastGood: good }, until)).toMatchObject({ verdict: 'useNow', until });
    expect(said({ lastReading: good, lastGood: good }, until + 1)).toMatchObject({ verdict: 'cannotTell' });
  });
  it('is too cold by its last reading, if that was no good', () => {
    expect(said({ lastReading: reading(minutes(20), 40), lastGood: reading(minutes(10), 70) })).toMatchObject(
      { verdict: 'discard' },
    );
    expect(said({ lastReading: reading(minutes(20), 40), lastGood: null })).toMatchObject({
      verdict: 'discard',
    });
    expect(said({ lastReading: null, lastGood: null })).toMatchObject({ verdict: 'cannotTell' });
  });
  it('on the heat nothing is asked of it', () =>
    expect(said({ place: 'heat', outUnknown: false })).toBeUndefined());
  it('nothing is asked of what no band concerns', () =>
    expect(found(fromElsewhereCheck, { ...cheese, outUnknown: true, heatFirst: true }, hours(1))).toEqual(
      [],
    ));
});

describe('from elsewhere, to be heated first', () => {
  it('waits in the freezer and on the heat', () => {
    const pie: FoodState = { ...soup, heatFirst: true };
    for (const over of [{ frozenSince: START }, { place: 'heat' as const }])
      expect(found(heatedFirstCheck, { ...pie, ...over }, hours(1))).toEqual([]);
  });
});

describe('thawed and frozen again uncooked', () => {
  const fault = {
    kind: 'refrozen',
    at: START,
    certain: true,
    ruleId: home.refreezing.afterWaterOrMicrowave.id,
  } as const;
  it('is cooked next, or eaten, within the days after thawing', () => {
    const state: FoodState = { ...thighs, faults: [fault] };
    const until = START + home.afterThaw.delicate.value.highMs;
    expect(one(faultsCheck, state, until)).toMatchObject({
      verdict: 'useNow',
      until,
      action: { kind: 'cook', label: 'Cook' },
    });
    expect(one(faultsCheck, state, until + 1).verdict).toBe('discard');
    expect(one(faultsCheck, { ...state, cooked: true }, START + DAY_MS).action).toEqual({
      kind: 'eat',
      label: 'Eaten',
    });
  });
  it('heated too long without getting hot is eaten by nobody', () =>
    expect(
      one(faultsCheck, { ...soup, faults: [{ ...fault, kind: 'notReheated' }] }, hours(1)),
    ).toMatchObject({
      verdict: 'discard',
      headline: 'Eat none of it. Throw it away.',
    }));
});

describe('a thermometer in doubt', () => {
  const cook = { startedAt: hours(1), metAt: null, offHeatAt: hours(2), kind: 'cook' } as NonNullable<
    FoodState['cook']
  >;
  const off = (over: Partial<FoodState>): FoodState => ({
    ...thighs,
    place: 'counter',
    cook,
    doubtful: { at: hours(1), temperature: celsius(75) },
    ...over,
  });
  it('proves nothing of a cook it was read in, from its first moment', () => {
    expect(one(thermometerCheck, off({}), hours(2)).verdict).toBe('cannotTell');
    const before = { at: hours(1) - 1, temperature: celsius(75) };
    expect(one(thermometerCheck, off({ doubtful: before }), hours(2)).verdict).toBe('fine');
  });
  it('takes nothing from what another proved', () =>
    expect(one(thermometerCheck, off({ cook: { ...cook, metAt: hours(2) } }), hours(2)).verdict).toBe(
      'fine',
    ));
  it('too long unsettled it is over', () => {
    const limit = hours(2) + 2 * HOUR_MS;
    expect(one(thermometerCheck, off({}), limit).verdict).toBe('cannotTell');
    expect(one(thermometerCheck, off({}), limit + 1).verdict).toBe('discard');
  });
});
