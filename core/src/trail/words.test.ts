import {
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
import { byEatNext, eventWords, placeWords, settle, sketchTrail, VERDICT_WORDS, verdicts } from '.';

const CONTEXT = { units: METRIC, zone: 'UTC' };
const IMPERIAL = { units: { temperature: 'F', mass: 'imperial' } as const, zone: 'UTC' };

describe('what happened, in words', () => {
  it.each([
    [frozenLamb(), '2.4 kg, frozen, in the freezer'],
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
    [happened(START, 'corrected', { eventId: START.toString(), at: START }), 'Time corrected'],
    [happened(START, 'corrected', { eventId: START.toString(), withdrawn: true }), 'Taken back'],
    [happened(START, 'note', { text: 'Smells of thyme' }), 'Smells of thyme'],
    [happened(START, 'planDropped'), 'Plan dropped'],
  ])('%#: %j reads %j', (event, words) => expect(eventWords(event, CONTEXT)).toBe(words));

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
      named('fresh soup', [leftovers(days(2))]),
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

describe('the sketch of a trail', () => {
  const events = [
    frozenLamb(days(-20)),
    happened(hours(0), 'thawStarted', { method: 'refrigerator' }),
    happened(hours(30), 'cookingStarted'),
    read(hours(33), 150),
    happened(hours(33), 'offHeat'),
  ];
  const sketch = sketchTrail(events, hours(34));

  it('runs in order of time, through every reading, and ends where it is asked to', () => {
    for (let i = 1; i < sketch.line.length; i++)
      expect(sketch.line[i]!.at).toBeGreaterThanOrEqual(sketch.line[i - 1]!.at);
    expect(sketch.readings).toHaveLength(1);
    expect(sketch.line.find(({ at }) => at === hours(33))!.temperatureC).toBeCloseTo((150 - 32) / 1.8, 6);
    expect(sketch.line.at(-1)!.at).toBe(hours(34));
  });

  it('is drawn from the leaving of the freezer on, and for a while at least', () => {
    expect(sketch.from).toBe(hours(0));
    const young = sketchTrail([leftovers(START)], minutes(1));
    expect(young.to - young.from).toBeGreaterThanOrEqual(3 * 3_600_000);
  });

  it('knows nothing of what comes later, and nothing of a food without a beginning', () => {
    expect(sketchTrail(events, hours(10)).readings).toEqual([]);
    expect(sketchTrail([happened(START, 'thawed')], hours(1)).line).toEqual([]);
  });

  it('warms in the refrigerator and further in the oven', () => {
    const temperature = (at: number) => sketch.line.filter((point) => point.at <= at).at(-1)!.temperatureC;
    expect(temperature(hours(1))).toBeGreaterThan(temperature(hours(0)));
    expect(temperature(hours(33))).toBeGreaterThan(temperature(hours(30)));
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
