import { ruleById } from '../guidance';
import { aloud } from '../testing/aloud';
import {
  cookedLamb,
  days,
  frozenLamb,
  happened,
  hours,
  leftovers,
  minutes,
  read,
  readTwice,
  rule,
  stateOf,
  verdict,
  START,
} from '../testing/story';
import { fahrenheit, MINUTE_MS, SECOND_MS } from '../units';
import type { FoodEvent } from '../record';
import type { Verdict } from '.';

const putAway = (when: number, depthM = 0.05) =>
  happened(when, 'putAway', { place: 'refrigerator', portions: 4, depthM });
const thigh = (since: number | null, place: 'refrigerator' | 'counter' = 'refrigerator') =>
  happened(START, 'added', {
    foodKey: 'chicken-thighs',
    name: 'Chicken thighs',
    massKg: 1,
    form: 'pieces',
    condition: 'fresh',
    place,
    since,
  });
const off = cookedLamb(START);
const served = [...off, happened(minutes(20), 'served', {})];
const stored = [...served, putAway(minutes(100))];
const water = [frozenLamb(), happened(minutes(0), 'thawStarted', { method: 'coldWater' })];

/** [what it shows, history, moment, ruling] */
const CASES: [string, FoodEvent[], number, Verdict][] = [
  ['time out of heat runs to the limit, to the second', served, minutes(120), 'actBy'],
  ['past 2:00:00 the limit is passed', served, minutes(120) + SECOND_MS, 'discard'],
  ['put away within 2 h leftovers keep', stored, hours(2), 'fine'],
  ['put away at exactly 2 h they still keep', [...served, putAway(minutes(120))], hours(3), 'fine'],
  [
    'put away after 2 h 10 min they are thrown away',
    [...served, putAway(minutes(130))],
    minutes(131),
    'discard',
  ],
  ['an overrun is final: the cold does not mend it', [...served, putAway(minutes(130))], days(1), 'discard'],
  ['days count from the cooking: day 3 is fine', stored, days(3) - MINUTE_MS, 'fine'],
  ['between 3 and 4 days act', stored, days(3), 'actBy'],
  ['the deadline itself still counts', stored, days(4), 'actBy'],
  ['past 4 days throw away', stored, days(4) + SECOND_MS, 'discard'],
  [
    'a hot reading moves the clock on: it starts at the last good one',
    [...served, read(minutes(40), 150)],
    minutes(150),
    'actBy',
  ],
  [
    'warm air counts double',
    [...off, happened(START, 'served'), happened(START, 'airRead', { temperature: fahrenheit(95) })],
    minutes(61),
    'discard',
  ],
  [
    'air at exactly 90 °F counts once',
    [...off, happened(START, 'served'), happened(START, 'airRead', { temperature: fahrenheit(90) })],
    minutes(61),
    'actBy',
  ],
  [
    'too deep, and cold shown in time: fine',
    [...served, putAway(minutes(60), 0.1), read(minutes(110), 40)],
    hours(5),
    'fine',
  ],
  ['too deep: act until the limit', [...served, putAway(minutes(60), 0.1)], minutes(119), 'actBy'],
  [
    'too deep and nothing read: cannot tell',
    [...served, putAway(minutes(60), 0.1)],
    minutes(121),
    'cannotTell',
  ],
  [
    'made shallower in time: fine',
    [...served, putAway(minutes(60), 0.1), putAway(minutes(90), 0.04)],
    hours(5),
    'fine',
  ],
  ['2 in is not too deep', [...served, putAway(minutes(60), 0.0508)], hours(5), 'fine'],
  [
    'off the heat without a reading: cannot tell',
    [...off.slice(0, 4), happened(START, 'offHeat')],
    minutes(5),
    'cannotTell',
  ],
  [
    'below the target: back on the heat',
    [...off.slice(0, 4), read(START, 144.9), happened(START, 'offHeat')],
    minutes(5),
    'useNow',
  ],
  [
    'below the target and then kept: cooking is not done by halves',
    [...off.slice(0, 4), read(START, 144.9), happened(START, 'offHeat'), putAway(minutes(10))],
    minutes(11),
    'discard',
  ],
  [
    'put away without a reading: cannot tell',
    [...off.slice(0, 4), happened(START, 'offHeat'), putAway(minutes(10))],
    minutes(11),
    'cannotTell',
  ],
  [
    'and heating it later does not make it good',
    [
      ...off.slice(0, 4),
      happened(START, 'offHeat'),
      putAway(minutes(10)),
      happened(hours(5), 'cookingStarted'),
      read(hours(6), 170),
    ],
    hours(6),
    'discard',
  ],
  [
    'raw past its days is not made good by cooking',
    [thigh(days(-3)), happened(START, 'cookingStarted'), read(minutes(60), 170)],
    minutes(61),
    'discard',
  ],
  ['nor by freezing', [thigh(days(-3)), happened(START, 'moved', { place: 'freezer' })], days(1), 'discard'],
  [
    'raw of unknown age and cooked: cannot tell',
    [thigh(null), happened(START, 'cookingStarted'), read(minutes(60), 170)],
    minutes(61),
    'cannotTell',
  ],
  [
    'until somebody remembers when it was bought',
    [
      thigh(null),
      happened(START, 'cookingStarted'),
      ...readTwice(minutes(60), 170),
      happened(minutes(61), 'dated', { since: days(-2) }),
      happened(minutes(61), 'offHeat'),
    ],
    minutes(62),
    'actBy',
  ],
  [
    'and that may have been too long ago',
    [
      thigh(null),
      happened(START, 'cookingStarted'),
      read(minutes(60), 170),
      happened(minutes(61), 'dated', { since: days(-2) - 1 }),
    ],
    minutes(61),
    'discard',
  ],
  [
    'read done while resting counts',
    [...off.slice(0, 4), happened(START, 'offHeat'), ...readTwice(minutes(4), 145)],
    minutes(5),
    'actBy',
  ],
  [
    '145 °F is reached by 62.8 °C, not by 62.7',
    [...off.slice(0, 4), read(START, 62.7, 'C'), happened(START, 'offHeat')],
    minutes(5),
    'useNow',
  ],
  [
    'heated once: eat now',
    [...stored, happened(days(1), 'cookingStarted'), read(days(1), 165)],
    days(1),
    'useNow',
  ],
  [
    'heated once and put back: throw away',
    [...stored, happened(days(1), 'cookingStarted'), read(days(1), 165), putAway(days(1) + 1)],
    days(1) + 1,
    'discard',
  ],
  ['no date: cannot tell', [leftovers(null)], hours(1), 'cannotTell'],
  ['no date for raw food either', [thigh(null)], hours(1), 'cannotTell'],
  ['fresh poultry: aim for one day', [thigh(START)], days(1), 'actBy'],
  ['fresh poultry: two days at most', [thigh(START)], days(2) + SECOND_MS, 'discard'],
  ['raw on the counter runs a clock', [thigh(START, 'counter')], hours(2), 'actBy'],
  ['raw on the counter past 2 h', [thigh(START, 'counter')], hours(2) + SECOND_MS, 'discard'],
  [
    'a raw overrun is not cooked away',
    [thigh(START, 'counter'), happened(hours(3), 'cookingStarted'), read(hours(4), 180)],
    hours(4),
    'discard',
  ],
  ['frozen food keeps', [frozenLamb()], days(300), 'fine'],
  [
    'freezing stops the days, thawing resumes them',
    [
      leftovers(days(-2)),
      happened(START, 'moved', { place: 'freezer' }),
      happened(days(30), 'moved', { place: 'refrigerator' }),
    ],
    days(31),
    'actBy',
  ],
  [
    '… and they run out where they stood',
    [
      leftovers(days(-2)),
      happened(START, 'moved', { place: 'freezer' }),
      happened(days(30), 'moved', { place: 'refrigerator' }),
    ],
    days(32) + SECOND_MS,
    'discard',
  ],
  [
    'after thawing red meat has 3 to 5 days',
    [frozenLamb(), happened(START, 'thawStarted', { method: 'refrigerator' }), happened(days(1), 'thawed')],
    days(4) - 1,
    'fine',
  ],
  [
    '… then act',
    [frozenLamb(), happened(START, 'thawStarted', { method: 'refrigerator' }), happened(days(1), 'thawed')],
    days(6),
    'actBy',
  ],
  [
    '… then throw away',
    [frozenLamb(), happened(START, 'thawStarted', { method: 'refrigerator' }), happened(days(1), 'thawed')],
    days(6) + 1,
    'discard',
  ],
  [
    'water changed on time is no band time',
    [...water, happened(minutes(30), 'waterChanged'), happened(minutes(60), 'waterChanged')],
    minutes(90),
    'actBy',
  ],
  [
    'from a missed change on all of it is',
    [...water, happened(minutes(200), 'waterChanged')],
    minutes(151),
    'discard',
  ],
  ['thawed in water: cook at once', [...water, happened(minutes(30), 'thawed')], minutes(45), 'useNow'],
  [
    'on the counter frozen food runs the same clock',
    [frozenLamb(), happened(START, 'moved', { place: 'counter' })],
    hours(2) + 1,
    'discard',
  ],
  [
    'a suspect reading in the refrigerator: since when?',
    [leftovers(START), read(hours(10), 50)],
    hours(10),
    'cannotTell',
  ],
  ['… and known to go on: throw away', [leftovers(START), read(hours(10), 50)], hours(12) + 1, 'discard'],
];

describe('the home chart rules', () => {
  it.each(CASES)('%s', (_what, events, now, expected) => {
    const ruling = rule(events, now);
    expect(ruling.verdict).toBe(expected);
    expect(aloud(ruling)).toMatchSnapshot();
  });

  it('says nothing about food that is gone', () =>
    expect(rule([...stored, happened(hours(3), 'eaten')], hours(4))).toBeNull());
});

describe('a computed thaw', () => {
  const span = (hoursFast: number, hoursSlow: number) => ({
    refrigerator: { fastMs: hoursFast * 60 * MINUTE_MS, slowMs: hoursSlow * 60 * MINUTE_MS },
  });
  const thawing = (computedThaw?: ReturnType<typeof span>) => [
    frozenLamb(),
    happened(START, 'planned', {
      method: 'refrigerator',
      serveAt: days(9),
      cookFastMs: 1,
      cookSlowMs: 1,
      restMs: 0,
      startFrom: START,
      startBy: START,
      computedThaw,
    }),
    happened(START, 'thawStarted', { method: 'refrigerator' }),
  ];
  const until = (events: FoodEvent[], now: number) =>
    rule(events, now).reasons.find(({ ruleId }) => ruleId === 'home.thawing.refrigerator')!.value;

  it('may lengthen what the rule says, never shorten it', () => {
    expect(until(thawing(span(20, 60)), START)).toBe('2 d 12 h to go');
    expect(until(thawing(span(2, 3)), START)).toBe(until(thawing(), START));
  });

  it('starts the clock after thawing no later than the rule', () => {
    // By the rule's fast end the five days begin after 25 h 23 min; heat transfer says it may have been 10 h.
    expect(verdict(thawing(), days(6) + 60 * MINUTE_MS)).toBe('actBy');
    expect(verdict(thawing(span(10, 60)), days(5) + 11 * 60 * MINUTE_MS)).toBe('discard');
  });
});

describe('a ruling', () => {
  it('gives the reason, the limit and what to do', () => {
    const ruling = rule([...served, putAway(minutes(130))], minutes(131));
    expect(ruling.headline).toBe('Throw it away.');
    expect(ruling.because).toBe('It was out of heat and cold for 2 h 10 min. The limit is 2 h in all.');
    expect(ruling.action.kind).toBe('discard');
    expect(ruling.reasons[0]!.ruleId).toBe('home.bandTime.limit');
  });

  it('names a rule that exists for every line of its grounds', () => {
    for (const [, events, now] of CASES) {
      const { reasons } = rule(events, now);
      expect(reasons.length).toBeGreaterThan(0);
      reasons.forEach(({ ruleId }) => expect(ruleById(ruleId)).toBeTruthy());
    }
  });

  it('starts the clock where a straight line between two readings crosses', () => {
    // 150 °F when served, 130 °F forty minutes later: 140 °F half way.
    const events = [...served, read(minutes(20), 150), read(minutes(60), 130)];
    expect(stateOf(events).exposures.at(-1)!.from).toBe(minutes(40));
  });

  it('does not join readings further apart than the limit', () => {
    const events = [...served, read(minutes(20), 150), read(minutes(141), 130)];
    expect(stateOf(events).exposures.at(-1)!.from).toBe(minutes(20));
  });

  it('opens a new ledger at the full cook, once the target is met', () => {
    const state = stateOf(off);
    expect(state.cooked).toBe(true);
    expect(state.exposures).toEqual([expect.objectContaining({ ledger: 'cooked', from: START, to: null })]);
  });
});
