import { v7 as uuid } from 'uuid';
import { happened, START } from '../testing/story';
import { canBeAnothers, eventSchema, payloads, temperatureSchema, type EventType, type Payload } from '.';

const taken = (type: EventType, payload: object) => payloads[type].safeParse(payload).success;
const added: Payload<'added'> = {
  foodKey: 'lentil-soup',
  name: 'Soup',
  massKg: 1,
  form: 'liquid',
  condition: 'cooked',
  place: 'refrigerator',
  since: null,
};
const planned: Payload<'planned'> = {
  method: 'refrigerator',
  serveAt: START,
  cookFastMs: 1,
  cookSlowMs: 1,
  restMs: 0,
  startFrom: START,
  startBy: START,
};
const cooling: Payload<'coolingPlanned'> = {
  marksFrom: START,
  how: 'Two tubs',
  startC: 80,
  container: {
    id: 'tub',
    label: 'Tub',
    base: { kind: 'square', lengthM: 0.2, widthM: 0.15 },
    heightM: 0.1,
    wall: { thicknessM: 0.002, conductivity: 0.2 },
  },
  count: 2,
  lid: false,
  stirred: false,
  stays: [{ place: 'refrigerator', forS: 0 }],
};

describe('a reading of a kitchen thermometer', () => {
  it.each([
    [-40, 'C', true],
    [-40.1, 'C', false],
    [300, 'C', true],
    [300.1, 'C', false],
    [-40, 'F', true],
    [-40.1, 'F', false],
    [301, 'F', true],
    [572, 'F', true],
    [572.1, 'F', false],
    [20, 'K', false],
    ['20', 'C', false],
  ])('of %p °%s is taken: %p', (value, unit, expected) =>
    expect(temperatureSchema.safeParse({ value, unit }).success).toBe(expected),
  );

  it('says why it is not', () =>
    expect(temperatureSchema.safeParse({ value: 999, unit: 'C' }).error!.issues[0]!.message).toBe(
      'A kitchen thermometer shows −40 to 300 °C (−40 to 572 °F).',
    ));
});

describe('what can be recorded', () => {
  it.each<[string, EventType, object, boolean]>([
    ['no weight at all', 'added', { ...added, massKg: 0 }, false],
    ['more than a kitchen holds', 'added', { ...added, massKg: 31 }, false],
    ['a kind nobody knows', 'added', { ...added, foodKey: 'unicorn' }, false],
    ['parts nobody knows', 'added', { ...added, parts: ['unicorn'] }, false],
    ['a can in the cupboard', 'added', { ...added, foodKey: 'sardines-opened', place: 'cupboard' }, true],
    ['soup in the cupboard', 'added', { ...added, place: 'cupboard' }, false],
    [
      'a can of two things in the cupboard',
      'added',
      { ...added, foodKey: 'sardines-opened', parts: ['lentil-soup'], place: 'cupboard' },
      false,
    ],
    ['in a cold bag', 'added', { ...added, place: 'car', bag: true, season: 'cool' }, true],
    ['not in a cold bag', 'added', { ...added, place: 'car', bag: false }, false],
    ['in the warm season, said', 'moved', { place: 'car', season: 'warm' }, false],
    ['on a shelf, covered', 'moved', { place: 'refrigerator', shelf: 'top', covered: true }, true],
    ['on a shelf there is not', 'moved', { place: 'refrigerator', shelf: 'attic' }, false],
    ['covered, perhaps', 'moved', { place: 'refrigerator', covered: 'perhaps' }, false],
    ['one portion', 'putAway', { place: 'refrigerator', portions: 1, depthM: 0.05 }, true],
    ['ninety-nine portions', 'putAway', { place: 'refrigerator', portions: 99, depthM: 0.05 }, true],
    ['a hundred portions', 'putAway', { place: 'refrigerator', portions: 100, depthM: 0.05 }, false],
    ['no portion', 'putAway', { place: 'refrigerator', portions: 0, depthM: 0.05 }, false],
    ['of no depth', 'putAway', { place: 'refrigerator', portions: 1, depthM: 0 }, false],
    [
      'a thermometer ten degrees off',
      'reading',
      { temperature: { value: 4, unit: 'C' }, correction: -10 },
      true,
    ],
    ['one further off', 'reading', { temperature: { value: 4, unit: 'C' }, correction: -10.1 }, false],
    ['a plan', 'planned', planned, true],
    ['one that cooks in no time', 'planned', { ...planned, cookFastMs: 0 }, false],
    [
      'with computed times',
      'planned',
      { ...planned, computedThaw: { refrigerator: { fastMs: 1, slowMs: 2 } } },
      true,
    ],
    [
      'with times less than none',
      'planned',
      { ...planned, computedThaw: { refrigerator: { fastMs: -1, slowMs: 2 } } },
      false,
    ],
    ['with half a span', 'planned', { ...planned, computedThaw: { refrigerator: { fastMs: 1 } } }, false],
    [
      'with a slow end less than none',
      'planned',
      { ...planned, computedThaw: { refrigerator: { fastMs: 0, slowMs: -1 } } },
      false,
    ],
    ['no power, and a freezer nobody looked into', 'powerOff', { since: START }, false],
    ['something that has no more to say', 'thawed', { loudly: true }, false],
    ['an empty note', 'note', { text: '  ' }, false],
    ['a cooling', 'coolingPlanned', cooling, true],
    ['from no moment', 'coolingPlanned', { ...cooling, marksFrom: -1 }, false],
    ['from the end of time', 'coolingPlanned', { ...cooling, marksFrom: 8.64e15 }, true],
    ['from after that', 'coolingPlanned', { ...cooling, marksFrom: 8.64e15 + 2 }, false],
    ['in no words', 'coolingPlanned', { ...cooling, how: ' ' }, false],
    ['in too many', 'coolingPlanned', { ...cooling, how: 'x'.repeat(201) }, false],
    ['from the freezer', 'coolingPlanned', { ...cooling, startC: -40 }, true],
    ['from colder than any', 'coolingPlanned', { ...cooling, startC: -41 }, false],
    ['from hotter than food is', 'coolingPlanned', { ...cooling, startC: 181 }, false],
    [
      'in a container as wide as a table',
      'coolingPlanned',
      { ...cooling, container: { ...cooling.container, heightM: 1.1 } },
      false,
    ],
    [
      'in one of no name',
      'coolingPlanned',
      { ...cooling, container: { ...cooling.container, id: 'x'.repeat(41) } },
      false,
    ],
    [
      'with a label as long as a letter',
      'coolingPlanned',
      { ...cooling, container: { ...cooling.container, label: 'x'.repeat(81) } },
      false,
    ],
    [
      'in a round pot',
      'coolingPlanned',
      { ...cooling, container: { ...cooling.container, base: { kind: 'round', diameterM: 0.3 } } },
      true,
    ],
    [
      'in a square pot with a diameter',
      'coolingPlanned',
      { ...cooling, container: { ...cooling.container, base: { kind: 'square', diameterM: 0.3 } } },
      false,
    ],
    [
      'with walls of nothing',
      'coolingPlanned',
      { ...cooling, container: { ...cooling.container, wall: {} } },
      false,
    ],
    ['in no container', 'coolingPlanned', { ...cooling, count: 0 }, false],
    ['in one', 'coolingPlanned', { ...cooling, count: 1 }, true],
    ['in a hundred', 'coolingPlanned', { ...cooling, count: 100 }, false],
    ['nowhere', 'coolingPlanned', { ...cooling, stays: [] }, false],
    ['in five places', 'coolingPlanned', { ...cooling, stays: Array(5).fill(cooling.stays[0]) }, false],
    ['on the roof', 'coolingPlanned', { ...cooling, stays: [{ place: 'roof', forS: 1 }] }, false],
    [
      'for less than no time',
      'coolingPlanned',
      { ...cooling, stays: [{ place: 'counter', forS: -1 }] },
      false,
    ],
    ['for a day', 'coolingPlanned', { ...cooling, stays: [{ place: 'counter', forS: 86_400 }] }, true],
    ['for longer', 'coolingPlanned', { ...cooling, stays: [{ place: 'counter', forS: 86_401 }] }, false],
  ])('%s (%s %j) is taken: %p', (_, type, payload, expected) => expect(taken(type, payload)).toBe(expected));

  it('is a whole event with ids and a moment', () => {
    const event = { ...happened(START, 'opened'), id: uuid(), foodId: uuid() };
    expect(eventSchema.safeParse(event).success).toBe(true);
    expect(eventSchema.safeParse({ ...event, id: 'one' }).success).toBe(false);
    expect(eventSchema.safeParse({ ...event, foodId: 'one' }).success).toBe(false);
    expect(eventSchema.safeParse({ ...event, at: -1 }).success).toBe(false);
    expect(eventSchema.safeParse({ ...event, at: 8.64e15 + 2 }).success).toBe(false);
    expect(eventSchema.safeParse({ ...event, type: 'sung' }).success).toBe(false);
  });

  it('of one food can turn out to be another’s; how it came and what it was planned for cannot', () => {
    const types = Object.keys(payloads) as EventType[];
    expect(types.filter((type) => !canBeAnothers(type)).sort()).toEqual(
      [
        'added',
        'portioned',
        'dividedOff',
        'joined',
        'joinedTo',
        'storeWarm',
        'storeRight',
        'powerOff',
        'powerOn',
        'planned',
        'planDropped',
        'coolingPlanned',
        'guided',
        'corrected',
      ].sort(),
    );
  });
});
