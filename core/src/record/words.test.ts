import {
  comes,
  days,
  frozenLamb,
  happened,
  hours,
  leftovers,
  METRIC,
  minutes,
  read,
  rule,
  START,
  stateOf,
} from '../testing/story';
import { byEatNext, VERDICT_WORDS, verdicts } from '../judge';
import { eventWords, payloads, placeWords, settle, type EventType, type FoodEvent } from '.';

const CONTEXT = { units: METRIC, zone: 'UTC' };
const IMPERIAL = { units: { temperature: 'F', mass: 'imperial' } as const, zone: 'UTC' };

const ID = '01900000-0000-7000-8000-00000000aaaa';

describe('what happened, in words', () => {
  const SAID: [FoodEvent, string][] = [
    [frozenLamb(), '2.4 kg, frozen, in the freezer'],
    [comes('lentil-soup', { condition: 'cooked', massKg: 1 }), '1 kg, cooked, in the refrigerator'],
    [comes('milk', { condition: 'cooked', massKg: 1 }), '1 kg, ready to eat, in the refrigerator'],
    [happened(START, 'thawStarted', { method: 'refrigerator' }), 'Thawing in the refrigerator'],
    [happened(START, 'thawStarted', { method: 'coldWater' }), 'Thawing in cold water'],
    [happened(START, 'waterChanged'), 'Water changed'],
    [happened(START, 'thawed'), 'Thawed'],
    [happened(START, 'ovenOn'), 'Oven on'],
    [happened(START, 'cookingStarted'), 'On the heat'],
    [read(START, 61, 'C'), 'Read 61 °C'],
    [happened(START, 'offHeat'), 'Off the heat'],
    [happened(START, 'served', {}), 'On the table'],
    [
      happened(START, 'putAway', { place: 'refrigerator', portions: 1, depthM: 0.05 }),
      'Put away in the refrigerator, 1 portion, 5 cm deep',
    ],
    [happened(START, 'moved', { place: 'car' }), 'Put in the car'],
    [happened(START, 'eaten'), 'Eaten'],
    [happened(START, 'discarded'), 'Thrown away'],
    [
      happened(START, 'dated', { since: hours(-30) }),
      'Counts from Thursday 11:00'.replace('Thursday', 'yesterday'),
    ],
    [happened(START, 'corrected', { eventId: START.toString(), at: START }), 'Set right'],
    [happened(START, 'corrected', { eventId: START.toString(), withdrawn: true }), 'Taken back'],
    [happened(START, 'note', { text: 'Smells of thyme' }), 'Smells of thyme'],
    [happened(START, 'planDropped'), 'Plan dropped'],
    [happened(START, 'portioned', { from: ID, name: 'Tub', massKg: 0.5 }), '500 g divided off'],
    [happened(START, 'dividedOff', { to: ID, massKg: 0.5 }), '500 g went off as another food'],
    [happened(START, 'joined', { with: ID }), 'Another food was put to it'],
    [happened(START, 'joinedTo', { into: ID }), 'Put to another food'],
    [happened(START, 'unaccounted', { since: hours(-1) }), 'Nobody knows where it was since 16:00'],
    [happened(START, 'storeWarm', { since: hours(-1) }), 'Its store was too warm, last right 16:00'],
    [happened(START, 'storeRight'), 'Its store is right again'],
    [happened(START, 'powerOff', { since: hours(-1), freezer: 'full' }), 'The power is off since 16:00'],
    [happened(START, 'powerOn'), 'The power is back'],
    [happened(START, 'iceSeen'), 'Still has ice in it'],
    [happened(START, 'opened'), 'Opened'],
    [happened(START, 'labelled'), 'Labelled'],
    [happened(START, 'allergens', { contains: ['fish', 'milk'] }), 'Contains fish, milk'],
    [
      happened(START, 'planned', {
        method: 'fresh',
        serveAt: hours(2),
        cookFastMs: 1,
        cookSlowMs: 1,
        restMs: 0,
        startFrom: START,
        startBy: START,
      }),
      'Planned for 19:00',
    ],
    [happened(START, 'signSeen'), 'Done by its look'],
    [
      happened(START, 'reading', {
        temperature: { value: 74, unit: 'C' },
        place: 'thigh',
        watchedMs: 15_000,
      }),
      'Read 74 °C, the inner thigh, for 15 s',
    ],
    [
      happened(START, 'outSince', { since: START - 30 * 60_000 }),
      'Out of heat and cold since 16:30, before it came',
    ],
    [happened(START, 'printed', { kind: 'useBy', at: START }), 'Use-by Friday 12 June, as printed'],
    [happened(START, 'printed', { kind: 'bestBefore', at: START }), 'Best before Friday 12 June, as printed'],
    [happened(START, 'waterRead', { temperature: { value: 14, unit: 'C' } }), 'The water read 14 °C'],
    [happened(START, 'thawStarted', { method: 'coldWater', running: true }), 'Thawing in running water'],
    [
      happened(START, 'ovenOn', { temperature: { value: 163, unit: 'C' }, fan: true }),
      'Oven on, 163 °C, with its fan',
    ],
    [happened(START, 'cookingStarted', { by: 'microwave' }), 'In the microwave'],
    [happened(START, 'airRead', { temperature: { value: 34, unit: 'C' } }), 'Air there 34 °C'],
    [
      happened(START, 'coolingPlanned', { how: 'two tubs on the shelf' } as never),
      'Cooling: two tubs on the shelf',
    ],
    [happened(START, 'guided', { choice: { school: 'code', extraCare: false } }), 'Ruled by Service code'],
    [happened(START, 'guided', { choice: { school: 'code', extraCare: true } }), 'Ruled by Extra care'],
    [happened(START, 'guided', { choice: null }), 'Ruled as the household’s other food'],
    [
      happened(START, 'moved', { place: 'refrigerator', shelf: 'lower' }),
      'Put in the refrigerator, lower shelf',
    ],
    [happened(START, 'moved', { place: 'car', bag: true }), 'Put in the car, in a cold bag'],
    [
      happened(START, 'putAway', { place: 'freezer', portions: 3, depthM: 0.03 }),
      'Put away in the freezer, 3 portions, 3 cm deep',
    ],
    [
      happened(START, 'reading', { temperature: { value: 61, unit: 'C' }, place: 'centre', correction: 1.5 }),
      'Read 61 °C, the centre, +1.5 for its thermometer',
    ],
    [
      happened(START, 'reading', { temperature: { value: 61, unit: 'C' }, correction: -2, doubtful: true }),
      'Read 61 °C, −2 for its thermometer; the thermometer is in doubt',
    ],
  ];

  it.each(SAID)('%#: %j reads %j', (event, words) => expect(eventWords(event, CONTEXT)).toBe(words));

  it('has words for everything that can happen', () =>
    expect(new Set(SAID.map(([{ type }]) => type))).toEqual(new Set(Object.keys(payloads) as EventType[])));

  it('speaks the household’s units', () => {
    expect(eventWords(frozenLamb(), IMPERIAL)).toBe('5 lb 5 oz, frozen, in the freezer');
    expect(eventWords(read(START, 61, 'C'), IMPERIAL)).toBe('Read 141.8 °F');
    expect(placeWords('heat')).toBe('on the heat');
  });

  it('has a fixed word for every ruling', () =>
    expect(new Set(verdicts.map((verdict) => VERDICT_WORDS[verdict])).size).toBe(verdicts.length));
});

describe('eat next', () => {
  it('puts what must not be eaten first, then what has least time left, then the frozen', () => {
    const named = (name: string, events: Parameters<typeof rule>[0]) => ({
      name,
      ruling: rule(events, days(3) + 1),
    });
    const foods = [
      named('frozen', [frozenLamb()]),
      named('fresh soup', [leftovers(days(2), 'lentil-soup', days(2))]),
      named('old soup', [leftovers(days(0))]),
      named('no date', [leftovers(null)]),
      named('spoiled', [leftovers(days(-3))]),
    ];
    expect([...foods].sort(byEatNext).map(({ name }) => name)).toEqual([
      'spoiled',
      'no date',
      'old soup',
      'fresh soup',
      'frozen',
    ]);
  });
});

describe('settling corrections', () => {
  it('moves an event to when it really happened, and keeps the rest in order', () => {
    const [a, b] = [happened(minutes(0), 'thawed'), happened(minutes(10), 'ovenOn')];
    const moved = happened(minutes(20), 'corrected', { eventId: a.id, at: minutes(15) });
    expect(settle([a, b, moved]).map(({ type }) => type)).toEqual(['ovenOn', 'thawed']);
    expect(stateOf([frozenLamb(minutes(-9)), a, b, moved]).lastAt).toBe(minutes(15));
  });
});
