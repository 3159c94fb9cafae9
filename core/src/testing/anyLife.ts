import fc from 'fast-check';
import { probePlaces, type FoodEvent, type Payload } from '../record';
import { MINUTE_MS } from '../units';
import { happened, START } from './story';

type Step = (at: number) => FoodEvent;

const fahrenheit = (value: number) => ({ value, unit: 'F' }) as const;
const moved =
  (place: Payload<'moved'>['place'], how: Partial<Payload<'moved'>> = {}): Step =>
  (at) =>
    happened(at, 'moved', { place, ...how });

/** What can happen to any food in any kitchen, in an order nobody would plan. */
const done: fc.Arbitrary<Step> = fc.oneof(
  fc.constantFrom<Step>(
    moved('refrigerator'),
    moved('freezer'),
    moved('counter'),
    moved('table'),
    moved('ice'),
    moved('outdoors'),
    moved('outdoors', { season: 'cool' }),
    moved('car'),
    moved('car', { bag: true, season: 'cool' }),
    (at) => happened(at, 'thawStarted', { method: 'refrigerator' }),
    (at) => happened(at, 'thawStarted', { method: 'coldWater' }),
    (at) => happened(at, 'thawStarted', { method: 'coldWater', running: true }),
    (at) => happened(at, 'thawStarted', { method: 'microwave' }),
    (at) => happened(at, 'waterChanged'),
    (at) => happened(at, 'thawed'),
    (at) => happened(at, 'cookingStarted'),
    (at) => happened(at, 'cookingStarted', { by: 'microwave' }),
    (at) => happened(at, 'signSeen'),
    (at) => happened(at, 'offHeat'),
    (at) => happened(at, 'served'),
    (at) => happened(at, 'opened'),
    (at) => happened(at, 'labelled'),
    (at) => happened(at, 'allergens', { contains: ['milk', 'fish'] }),
    (at) => happened(at, 'storeRight'),
    (at) => happened(at, 'powerOn'),
    (at) => happened(at, 'iceSeen'),
  ),
  fc.integer({ min: 40, max: 90 }).map(
    (f): Step =>
      (at) =>
        happened(at, 'waterRead', { temperature: fahrenheit(f) }),
  ),
  fc.tuple(fc.integer({ min: 0, max: 9000 }), fc.constantFrom('useBy', 'bestBefore')).map(
    ([m, kind]): Step =>
      (at) =>
        happened(at, 'printed', { kind, at: at + m * MINUTE_MS }),
  ),
  fc.integer({ min: 0, max: 600 }).map(
    (m): Step =>
      (at) =>
        happened(at, 'outSince', { since: at - m * MINUTE_MS }),
  ),
  fc.integer({ min: 40, max: 110 }).map(
    (f): Step =>
      (at) =>
        happened(at, 'airRead', { temperature: fahrenheit(f) }),
  ),
  fc.constantFrom(0.03, 0.12).map(
    (depthM): Step =>
      (at) =>
        happened(at, 'putAway', { place: 'refrigerator', portions: 2, depthM }),
  ),
  fc.integer({ min: 0, max: 600 }).map(
    (m): Step =>
      (at) =>
        happened(at, 'unaccounted', { since: at - m * MINUTE_MS }),
  ),
  fc.integer({ min: 0, max: 600 }).map(
    (m): Step =>
      (at) =>
        happened(at, 'storeWarm', { since: at - m * MINUTE_MS }),
  ),
  fc.tuple(fc.integer({ min: 0, max: 600 }), fc.constantFrom('full', 'half', 'less'), fc.boolean()).map(
    ([m, freezer, opened]): Step =>
      (at) =>
        happened(at, 'powerOff', {
          since: at - m * MINUTE_MS,
          freezer,
          ...(opened && { opened: ['refrigerator', 'freezer'] }),
        }),
  ),
);

/** What its thermometer can say of it there. */
const read: fc.Arbitrary<Step> = fc.oneof(
  fc
    .record({
      f: fc.integer({ min: 20, max: 200 }),
      place: fc.option(fc.constantFrom(...probePlaces), { nil: undefined }),
      watchedMs: fc.constantFrom(undefined, 15_000),
      doubtful: fc.constantFrom(undefined, undefined, undefined, true as const),
    })
    .map(
      ({ f, ...said }): Step =>
        (at) =>
          happened(at, 'reading', { temperature: fahrenheit(f), ...said }),
    ),
  // Done everywhere, as a cook means it to be.
  fc.constantFrom('thickest', 'anotherPiece', 'stuffing').map(
    (place): Step =>
      (at) =>
        happened(at, 'reading', { temperature: fahrenheit(180), place, watchedMs: 15_000 }),
  ),
);

const beginning = fc.constantFrom<Partial<Payload<'added'>>>(
  { foodKey: 'chicken-thighs', condition: 'fresh', place: 'refrigerator' },
  { foodKey: 'chicken-thighs', condition: 'fresh', place: 'car', bag: true },
  { foodKey: 'lamb-shoulder-bone-in', condition: 'frozen', place: 'freezer' },
  { foodKey: 'beef-steak', condition: 'thawed', place: 'refrigerator' },
  { foodKey: 'lentil-soup', condition: 'cooked', place: 'counter' },
  { foodKey: 'cooked-rice', condition: 'cooked', place: 'refrigerator' },
  { foodKey: 'fish-pie', parts: ['cooked-rice'], condition: 'cooked', place: 'refrigerator', from: 'guest' },
  { foodKey: 'sardines-opened', condition: 'cooked', place: 'cupboard' },
  { foodKey: 'turkey-stuffed', form: 'wholeBird', massKg: 5, condition: 'frozen', place: 'freezer' },
  { foodKey: 'trout-side', form: 'fillet', condition: 'frozen', place: 'freezer', withoutAir: true },
  {
    foodKey: 'lasagne',
    condition: 'cooked',
    place: 'counter',
    from: 'guest',
    outSince: START - 40 * MINUTE_MS,
  },
  { foodKey: 'lasagne', condition: 'cooked', place: 'counter', from: 'takeaway', reheatedBefore: true },
  { foodKey: 'potato-salad', condition: 'cooked', place: 'counter', from: 'guest' },
  { foodKey: 'tuna-salad', condition: 'cooked', place: 'refrigerator', fromRoom: true },
  { foodKey: 'hard-cheese', condition: 'cooked', place: 'refrigerator' },
  { foodKey: 'raw-sprouts', condition: 'cooked', place: 'refrigerator' },
  { foodKey: 'sliced-meats', condition: 'cooked', place: 'refrigerator' },
);

/** From one thing to the next: seconds, minutes, or up to a day, in minutes. */
const pause = fc.oneof(fc.constant(0.25), fc.integer({ min: 1, max: 90 }), fc.integer({ min: 1, max: 1500 }));

/** Things that happen one after the other, seconds to a day apart, from a moment on. */
const happening = (step: fc.Arbitrary<Step>, maxLength: number) =>
  fc.array(fc.tuple(pause, step), { maxLength }).map((steps) => {
    const happen = (from: number) => {
      let at = from;
      return steps.map(([after, make]) => make((at += after * MINUTE_MS)));
    };
    // A counterexample tells what happened.
    return Object.assign(happen, { [fc.toStringMethod]: () => JSON.stringify(happen(START)) });
  });

/** What may be done to a food from a moment on; what is read of one food is not read of another. */
export const anyFuture: fc.Arbitrary<(from: number) => FoodEvent[]> = happening(done, 4);

/** A life of one food from START: up to ten things. */
export const anyLife: fc.Arbitrary<FoodEvent[]> = fc
  .tuple(beginning, fc.boolean(), happening(fc.oneof(done, read), 10))
  .map(([added, dated, steps]) => {
    const begin = happened(START, 'added', {
      foodKey: 'lentil-soup',
      name: 'It',
      massKg: 1,
      form: 'pieces',
      condition: 'cooked',
      place: 'refrigerator',
      since: dated ? START : null,
      ...added,
    });
    return [begin, ...steps(START)];
  });
