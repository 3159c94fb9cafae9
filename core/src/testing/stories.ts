import { celsius, fahrenheit } from '../units';
import type { FoodEvent, Payload } from '../record';
import { comes, days, happened, hours, leftovers, minutes, moved, putAway, read, START } from './story';
import { offHeat, onHeat, readAt, story, through, type Told } from './told';

const guests = (foodKey: string, over: Partial<Payload<'added'>>, ...told: readonly Told[]) =>
  story(comes(foodKey, { place: 'counter', from: 'guest', condition: 'cooked', ...over }), ...told);
const stew = (...told: readonly Told[]) =>
  story(comes('beef-stew', { condition: 'fresh' }), onHeat(hours(1)), ...told);
const done = through(hours(2), 180, 'centre');
const useBy = { kind: 'useBy', at: days(3) } as const;
const inMicrowave = (at: number) => happened(at, 'cookingStarted', { by: 'microwave' });
const doubtful = (at: number, degreesF: number) =>
  happened(at, 'reading', { temperature: fahrenheit(degreesF), doubtful: true });
const frozen = (foodKey: string, over: Partial<Payload<'added'>> = {}) =>
  comes(foodKey, { condition: 'frozen', place: 'freezer', ...over }, days(-9));

/**
 * Everyday histories beside those of the decisions: nothing is claimed of them, but what is ruled on each at every edge was
 * read and found right, and stays so.
 */
export const stories: readonly (readonly [string, FoodEvent[]])[] = [
  // What comes in.
  ['a guest’s hot stew, an hour out', guests('beef-stew', { outSince: hours(-1) })],
  ['put away at once', guests('beef-stew', { outSince: hours(-1) }, putAway(minutes(10), 0.04))],
  ['straight into the refrigerator', guests('beef-stew', { outSince: hours(-1), place: 'refrigerator' })],
  ['into the freezer', guests('beef-stew', { outSince: hours(-1), place: 'freezer' })],
  [
    'nobody knows since when, and then somebody does',
    guests('beef-stew', {}, happened(hours(1), 'outSince', { since: hours(-1) })),
  ],
  [
    'the same in the refrigerator',
    guests('beef-stew', { place: 'refrigerator' }, happened(hours(1), 'outSince', { since: hours(-1) })),
  ],
  ['known to have come as it left', guests('beef-stew', { outSince: START })],
  ['a stew that came cold', guests('beef-stew', { came: 'cold', outSince: hours(-1) })],
  ['a salad that came hot', guests('potato-salad', { came: 'hot', outSince: hours(-1) })],
  [
    'a takeaway heated before, read hot',
    guests('beef-stew', { from: 'takeaway', reheatedBefore: true, outSince: START }, read(minutes(1), 150)),
  ],
  [
    'and lukewarm an hour later',
    guests(
      'beef-stew',
      { from: 'takeaway', reheatedBefore: true, outSince: START },
      read(minutes(1), 150),
      read(hours(1), 130),
    ),
  ],
  [
    'a delivery heated through',
    guests(
      'beef-stew',
      { from: 'delivery', outSince: hours(-0.5) },
      onHeat(minutes(10)),
      through(minutes(30), 180, 'centre'),
      offHeat(minutes(31)),
    ),
  ],
  [
    'unopened, with a best before',
    story(comes('hot-dogs', { unopened: true, printed: { kind: 'bestBefore', at: days(3) } })),
  ],
  [
    'unopened, with a use-by, opened on the second day',
    story(comes('hot-dogs', { unopened: true, printed: useBy }), happened(days(2), 'opened')),
  ],
  [
    'a salad from room temperature, made an hour ago',
    story(comes('tuna-salad', { fromRoom: true, since: hours(-1) })),
  ],
  ['raw from room temperature is no dish', story(comes('chicken-thighs', { fromRoom: true }))],
  ['carried warm', story(comes('chicken-thighs', { place: 'car' }), moved(minutes(50), 'refrigerator'))],
  ['thawed since nobody knows', story(comes('chicken-thighs', { condition: 'thawed', since: null }))],
  ['bread in the cupboard', story(comes('bread', { place: 'cupboard' }))],
  ['raw potatoes on the counter', story(comes('potatoes', { place: 'counter' }))],
  ['formula, out', story(comes('infant-formula'), moved(minutes(10), 'counter'))],
  // How long it keeps.
  [
    'thawed, frozen again and thawed again',
    story(
      comes('beef-steak', {}, days(-2)),
      moved(days(-1), 'freezer'),
      happened(START, 'thawStarted', { method: 'refrigerator' }),
      happened(days(1), 'thawed'),
      moved(days(2), 'freezer'),
      happened(days(5), 'thawStarted', { method: 'refrigerator' }),
      happened(days(6), 'thawed'),
    ),
  ],
  [
    'soup frozen for a week and thawed',
    story(
      leftovers(days(-8), 'lentil-soup', days(-8)),
      moved(days(-7), 'freezer'),
      moved(START, 'refrigerator'),
    ),
  ],
  [
    'a use-by that stood still in the freezer',
    story(
      comes('chicken-thighs', { printed: useBy, since: null }),
      moved(days(1), 'freezer'),
      happened(days(4), 'thawStarted', { method: 'refrigerator' }),
      happened(days(5), 'thawed'),
    ),
  ],
  [
    'cooked after days nobody counted, and then somebody does',
    story(
      comes('beef-steak', { since: null }),
      onHeat(hours(1)),
      through(hours(1.2), 180),
      offHeat(hours(1.2)),
      happened(hours(1.3), 'dated', { since: days(-3) }),
    ),
  ],
  ['a frozen tub of unknown age', story(leftovers(null), moved(hours(1), 'freezer'))],
  ['steak at the end of its months', story(frozen('beef-steak'))],
  ['eggs of the shop', story(comes('eggs-in-shell'))],
  ['soup with rice in it', story(comes('lentil-soup', { condition: 'cooked', parts: ['cooked-rice'] }))],
  ['a sandwich of cheese and cold cuts', story(comes('hard-cheese', { parts: ['sliced-meats'] }))],
  ['butter beside milk', story(comes('butter', { parts: ['milk'], place: 'counter' }))],
  // On the heat.
  [
    'potatoes by microwave',
    story(
      comes('potatoes', {}),
      inMicrowave(hours(1)),
      through(hours(1.1), 150, 'centre'),
      offHeat(hours(1.1)),
    ),
  ],
  [
    'soup by microwave, read in one place',
    story(leftovers(START), inMicrowave(hours(1)), readAt(hours(1.1), 'centre', 180), offHeat(hours(1.1))),
  ],
  [
    'in two',
    story(
      leftovers(START),
      inMicrowave(hours(1)),
      through(hours(1.1), 180, 'centre', 'edge'),
      offHeat(hours(1.1)),
    ),
  ],
  [
    'kept hot, lower and lower',
    stew(done, readAt(hours(3), 'centre', 143), readAt(hours(3.5), 'centre', 133)),
  ],
  [
    'and half heated up again',
    stew(
      done,
      readAt(hours(3), 'centre', 133),
      readAt(hours(3.2), 'centre', 150),
      readAt(hours(3.4), 'centre', 134),
    ),
  ],
  [
    'and heated through in time',
    stew(done, readAt(hours(3), 'centre', 133), through(hours(3.5), 180, 'centre')),
  ],
  [
    'and again below',
    stew(
      done,
      readAt(hours(3), 'centre', 133),
      through(hours(3.5), 180, 'centre'),
      readAt(hours(4), 'centre', 120),
    ),
  ],
  ['kept hot, unread for three hours, then hot', stew(done, readAt(hours(5), 'centre', 160))],
  ['kept hot, unread for three hours, then not', stew(done, readAt(hours(5), 'centre', 120))],
  [
    'heated again and kept hot',
    story(
      leftovers(START),
      onHeat(hours(1)),
      through(hours(1.5), 180, 'centre'),
      readAt(hours(2), 'centre', 150),
      readAt(hours(2.5), 'centre', 139),
    ),
  ],
  [
    'heated again, read too late',
    story(leftovers(START), onHeat(hours(1)), readAt(hours(3.1), 'centre', 180)),
  ],
  [
    'heated again, off before it was hot, and on again',
    story(
      leftovers(START),
      onHeat(hours(1)),
      readAt(hours(1.2), 'centre', 120),
      offHeat(hours(1.3)),
      onHeat(hours(1.5)),
      through(hours(1.8), 180, 'centre'),
    ),
  ],
  [
    'a cooling rescued',
    stew(
      done,
      offHeat(hours(2)),
      putAway(hours(2.2), 0.12),
      readAt(hours(4.1), 'centre', 80),
      onHeat(hours(4.2)),
      through(hours(4.8), 180, 'centre'),
      offHeat(hours(4.9)),
      putAway(hours(5), 0.02),
    ),
  ],
  [
    'rescued too late',
    stew(
      done,
      offHeat(hours(2)),
      putAway(hours(2.2), 0.12),
      readAt(hours(4.1), 'centre', 80),
      onHeat(hours(5.2)),
      through(hours(6.5), 180, 'centre'),
      offHeat(hours(6.6)),
    ),
  ],
  [
    'fish done by its look, then read low',
    story(
      comes('salmon-side'),
      onHeat(hours(1)),
      happened(hours(1.2), 'signSeen'),
      readAt(hours(1.3), 'thickest', 120),
    ),
  ],
  [
    'read at the target while it rests',
    story(
      comes('beef-steak'),
      onHeat(hours(1)),
      readAt(hours(1.2), 'thickest', 140),
      offHeat(hours(1.2)),
      readAt(hours(1.3), 'thickest', 150),
      readAt(hours(1.3), 'anotherPiece', 150),
    ),
  ],
  [
    'done, and then not',
    story(
      comes('chicken-thighs'),
      onHeat(hours(1)),
      through(hours(1.5), 170),
      readAt(hours(1.6), 'thickest', 150),
      offHeat(hours(1.7)),
    ),
  ],
  ['on the heat and forgotten', stew()],
  [
    'a heavy roast in a slow oven with its fan',
    story(
      comes('beef-roast-boneless', { massKg: 5 }),
      happened(minutes(30), 'ovenOn', { temperature: fahrenheit(250), fan: true }),
      onHeat(hours(1)),
      ...[3, 3.02, 3.04, 3.06, 3.08].flatMap((h) => [
        readAt(hours(h), 'thickest', 145),
        readAt(hours(h), 'edge', 145),
      ]),
      offHeat(hours(3.1)),
    ),
  ],
  // Thawing.
  [
    'by microwave and never ended',
    story(frozen('ground-beef'), happened(START, 'thawStarted', { method: 'microwave' })),
  ],
  [
    'by microwave and cooked at once',
    story(
      frozen('ground-beef'),
      happened(START, 'thawStarted', { method: 'microwave' }),
      happened(minutes(10), 'thawed'),
      onHeat(minutes(20)),
    ),
  ],
  [
    'in still water that nobody changed',
    story(
      frozen('chicken-thighs'),
      happened(START, 'thawStarted', { method: 'coldWater' }),
      happened(minutes(29), 'waterChanged'),
    ),
  ],
  [
    'in water read warm',
    story(
      frozen('chicken-thighs'),
      happened(START, 'thawStarted', { method: 'coldWater', running: true }),
      happened(minutes(29), 'waterRead', { temperature: fahrenheit(75) }),
    ),
  ],
  [
    'in running water, its outside read',
    story(
      frozen('chicken-thighs'),
      happened(START, 'thawStarted', { method: 'coldWater', running: true }),
      readAt(minutes(40), 'surface', 36),
      readAt(minutes(80), 'surface', 48),
    ),
  ],
  [
    'fish in a pack without air',
    story(
      frozen('salmon-side', { withoutAir: true }),
      happened(START, 'thawStarted', { method: 'refrigerator' }),
    ),
  ],
  [
    'opened before it thawed',
    story(
      frozen('salmon-side', { withoutAir: true }),
      happened(START, 'thawStarted', { method: 'refrigerator' }),
      happened(hours(1), 'opened'),
    ),
  ],
  [
    'after water',
    story(
      frozen('salmon-side', { withoutAir: true }),
      happened(START, 'thawStarted', { method: 'coldWater' }),
      happened(minutes(25), 'thawed'),
    ),
  ],
  ['on the counter', story(frozen('chicken-thighs'), moved(START, 'counter'))],
  [
    'in the refrigerator',
    story(frozen('chicken-thighs'), happened(START, 'thawStarted', { method: 'refrigerator' })),
  ],
  // In the cold, and in doubt.
  [
    'a pot read warm the next morning',
    stew(done, offHeat(hours(2)), putAway(hours(2.2), 0.12), readAt(hours(14), 'centre', 60)),
  ],
  [
    'read cold at ten, warm at eleven, cold at noon',
    story(leftovers(START), read(hours(10), 38), read(hours(11), 45), read(hours(12), 38)),
  ],
  [
    'two gaps that overlap',
    story(
      leftovers(START),
      happened(hours(9), 'unaccounted', { since: hours(8) }),
      happened(hours(9.5), 'unaccounted', { since: hours(8.5) }),
    ),
  ],
  [
    'its store too warm since the evening',
    story(leftovers(START), happened(hours(14), 'storeWarm', { since: hours(6) })),
  ],
  [
    'and one cold reading',
    story(leftovers(START), happened(hours(14), 'storeWarm', { since: hours(6) }), read(hours(14.1), 39)),
  ],
  ['in doubt on the heat', story(comes('chicken-thighs'), onHeat(hours(1)), doubtful(hours(1.5), 170))],
  ['in doubt and warm in the refrigerator', story(leftovers(START), doubtful(hours(5), 50))],
  ['in doubt and cold there', story(leftovers(START), doubtful(hours(5), 38))],
  ['in doubt in the freezer', story(leftovers(START), moved(hours(1), 'freezer'), doubtful(hours(5), 38))],
  ['in doubt on the table', story(leftovers(START), moved(hours(1), 'table'), doubtful(hours(1.5), 50))],
  [
    'the air read warm on the table',
    story(
      leftovers(START),
      moved(hours(1), 'table'),
      happened(hours(1.5), 'airRead', { temperature: celsius(34) }),
    ),
  ],
];
