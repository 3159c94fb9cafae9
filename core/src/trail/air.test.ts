import fc from 'fast-check';
import { aloud } from '../testing/aloud';
import {
  days,
  GUIDANCES,
  happened,
  hours,
  leftovers,
  minutes,
  read,
  rule,
  START,
  verdict,
} from '../testing/story';
import { fahrenheit, SECOND_MS } from '../units';
import { severity, type Verdict } from '../judge';
import type { FoodEvent, Payload } from '../record';

type Carried = Pick<Payload<'added'>, 'bag' | 'season'>;

/** Fresh chicken, carried home from START. */
const carried = (how: Carried = {}): FoodEvent =>
  happened(START, 'added', {
    foodKey: 'chicken-thighs',
    name: 'Chicken',
    massKg: 1,
    form: 'pieces',
    condition: 'fresh',
    place: 'car',
    since: START,
    ...how,
  });
const home = (at: number) => happened(at, 'moved', { place: 'refrigerator' });
const airRead = (at: number, degreesF: number) =>
  happened(at, 'airRead', { temperature: fahrenheit(degreesF) });
/** Cold leftovers, out to eat from START. */
const out = (place: 'table' | 'outdoors', how: Carried = {}) => [
  leftovers(hours(-1), 'lentil-soup', hours(-1)),
  happened(START, 'moved', { place, ...how }),
];
const COOL = { season: 'cool' } as const;
const BAG = { bag: true } as const;

const CASES: [decision: string, FoodEvent[], moment: number, Verdict][] = [
  ['§11.6: unknown air in the car counts double', [carried()], hours(1), 'actBy'],
  ['§11.6: past one hour', [carried()], hours(1) + SECOND_MS, 'discard'],
  ['§11.6: in the cool months it counts once', [carried(COOL)], hours(2), 'actBy'],
  ['§11.6: until two hours', [carried(COOL)], hours(2) + SECOND_MS, 'discard'],
  ['§11.6: unknown air outdoors counts double', out('outdoors'), hours(1) + SECOND_MS, 'discard'],
  ['§11.6: outdoors in the cool months', out('outdoors', COOL), hours(2), 'actBy'],
  ['§11.6: unknown air indoors counts once', out('table'), hours(2), 'actBy'],
  [
    '§1: measured warm, it was so since it came',
    [...out('table'), airRead(minutes(50), 91)],
    hours(1),
    'actBy',
  ],
  ['§1: and runs out', [...out('table'), airRead(minutes(50), 91)], hours(1) + SECOND_MS, 'discard'],
  ['§1: 90 °F is not above 90 °F', [...out('table'), airRead(minutes(50), 90)], hours(2), 'actBy'],
  [
    'measured cool outdoors, it counts once from there on',
    [...out('outdoors'), airRead(minutes(30), 70)],
    minutes(90),
    'actBy',
  ],
  [
    'and not a second longer',
    [...out('outdoors'), airRead(minutes(30), 70)],
    minutes(90) + SECOND_MS,
    'discard',
  ],
  [
    'a warm kitchen is as warm at its table',
    [...out('table'), airRead(START, 95), happened(minutes(10), 'moved', { place: 'counter' })],
    hours(1) + SECOND_MS,
    'discard',
  ],
  [
    'warm air says nothing of the refrigerator',
    [carried(), home(minutes(20)), airRead(minutes(30), 95)],
    hours(3),
    'fine',
  ],
  ['§11.6: in a bag it asks before it condemns', [carried({ ...BAG, ...COOL })], hours(3), 'cannotTell'],
  ['§11.6: the bag adds no more than 2 h', [carried({ ...BAG, ...COOL })], hours(4), 'cannotTell'],
  ['§11.6: past them', [carried({ ...BAG, ...COOL })], hours(4) + SECOND_MS, 'discard'],
  [
    '§11.6: if it arrives at 40 °F',
    [carried({ ...BAG, ...COOL }), read(hours(3), 40), home(hours(3))],
    hours(4),
    'fine',
  ],
  [
    '§11.6: and not above',
    [carried({ ...BAG, ...COOL }), read(hours(3), 41), home(hours(3))],
    hours(4),
    'cannotTell',
  ],
  [
    'read on the counter, it was cold all the way',
    [
      carried(BAG),
      happened(hours(1.5), 'moved', { place: 'counter' }),
      read(hours(1.6), 39),
      home(hours(1.7)),
    ],
    hours(4),
    'fine',
  ],
  ['home in an hour needs no reading', [carried({ ...BAG, ...COOL }), home(hours(1))], hours(4), 'fine'],
];

describe('air nobody measured, and air somebody did', () => {
  it.each(CASES)('%s', (_decision, events, now, expected) => {
    const ruling = rule(events, now);
    expect(ruling.verdict).toBe(expected);
    expect(aloud(ruling)).toMatchSnapshot();
  });

  it('a bag asks the one question that settles it', () =>
    expect(rule([carried({ ...BAG, ...COOL })], hours(3)).because).toBe(
      'Was it 4 °C or colder when it came home? If nobody can say, throw it away.',
    ));

  it('a gap on the way is not settled by a cold reading', () =>
    expect(
      verdict(
        [
          carried(COOL),
          happened(hours(5), 'unaccounted', { since: hours(1) }),
          happened(hours(5), 'moved', { place: 'counter' }),
          read(hours(5), 38),
        ],
        hours(5.1),
      ),
    ).not.toBe('fine'));
});

describe.each(Object.entries(GUIDANCES))('under %s on the way home', (_name, guidance) => {
  const worse = (events: readonly FoodEvent[], now: number) => severity(verdict(events, now, { guidance }));
  const minute = fc.integer({ min: 0, max: 400 }).map(minutes);
  const how = fc.record({
    bag: fc.constantFrom(true as const, undefined),
    season: fc.constantFrom('cool' as const, undefined),
  });

  it('knowing less of it never improves a ruling', () => {
    fc.assert(
      fc.property(how, minute, minute, ({ bag, season }, arrives, now) => {
        const known = (each: Carried) =>
          [carried(each), home(arrives)].filter(({ at }) => at <= now || at === START);
        expect(worse(known({ season }), now)).toBeGreaterThanOrEqual(worse(known({ bag, season }), now));
        expect(worse(known({ bag }), now)).toBeGreaterThanOrEqual(worse(known({ bag, season }), now));
      }),
    );
  });

  it('coming home later or warmer never improves one', () => {
    fc.assert(
      fc.property(
        how,
        minute,
        fc.nat(200),
        fc.integer({ min: 33, max: 60 }),
        fc.nat(30),
        (carrying, arrives, more, f, warmer) => {
          const story = (after: number, degreesF: number) => [
            carried(carrying),
            read(arrives + after * 60_000, degreesF),
            home(arrives + after * 60_000),
          ];
          const now = days(0.9);
          expect(worse(story(more, f), now)).toBeGreaterThanOrEqual(worse(story(0, f), now));
          expect(worse(story(0, f + warmer), now)).toBeGreaterThanOrEqual(worse(story(0, f), now));
        },
      ),
    );
  });

  it('warmer air never improves one', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('table' as const, 'outdoors' as const),
        fc.nat(90),
        fc.integer({ min: 50, max: 110 }),
        fc.nat(40),
        minute,
        (place, after, f, warmer, now) => {
          const story = (degreesF: number) => [...out(place), airRead(minutes(after), degreesF)];
          const later = Math.max(now, minutes(after));
          expect(worse(story(f + warmer), later)).toBeGreaterThanOrEqual(worse(story(f), later));
        },
      ),
    );
  });
});
