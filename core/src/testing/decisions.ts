import type { RuleSetId } from '../guidance';
import { comes, days, happened, hours, leftovers, minutes, moved, putAway, read, START } from './story';
import { offHeat, onHeat, readAt, story, through, type Told } from './told';
import { celsius, fahrenheit, MINUTE_MS, SECOND_MS } from '../units';
import type { FoodEvent, Payload, ProbePlace } from '../record';
import type { Verdict } from '../judge';

const turkey = (...told: readonly Told[]) =>
  story(comes('turkey-whole', { massKg: 5, since: START }), onHeat(hours(1)), ...told);
const stuffed = (...told: readonly Told[]) =>
  story(comes('turkey-stuffed', { massKg: 5, since: START }), onHeat(hours(1)), ...told);
const thighs = (...told: readonly Told[]) => story(comes('chicken-thighs'), onHeat(hours(1)), ...told);
const beef = (...told: readonly Told[]) =>
  story(comes('beef-roast-boneless', { massKg: 1.5 }), onHeat(hours(1)), ...told);
/** A stew that is done at two and kept on the heat. */
const keptHot = (...told: readonly Told[]) =>
  story(
    comes('beef-stew', { condition: 'fresh' }),
    onHeat(hours(1)),
    through(hours(2), 180, 'centre'),
    ...told,
  );
/** Potato salad from the refrigerator, on ice from one. */
const onIce = (...told: readonly Told[]) => story(comes('potato-salad'), moved(hours(1), 'ice'), ...told);
/** A reading of what is kept hot, with a look at its cover. */
const check = (when: number, place: ProbePlace, f: number) =>
  read(when, f, 'F', { place, seenTo: { covered: true } });
const edge = (when: number, f: number) => read(when, f, 'F', { place: 'edge' });
const frozenBag = comes('chicken-thighs', { condition: 'frozen', place: 'freezer' }, hours(-9));
const inWater = (running: boolean, ...told: readonly Told[]) =>
  story(
    frozenBag,
    happened(START, 'thawStarted', { method: 'coldWater', ...(running && { running: true as const }) }),
    ...told,
  );
/** Soup frozen in a tub, in running water from START. */
const frozenSoup = (...told: readonly Told[]) =>
  story(
    leftovers(days(-2), 'lentil-soup', days(-2)),
    happened(days(-1), 'moved', { place: 'freezer' }),
    happened(START, 'thawStarted', { method: 'coldWater', running: true }),
    ...told,
  );
const guests = (foodKey: string, over: Partial<Payload<'added'>>, ...told: readonly Told[]) =>
  story(comes(foodKey, { place: 'counter', from: 'guest', condition: 'cooked', ...over }), ...told);
const soup = leftovers(START);
/** Cooked through under every school, in a deep pot in the cold, its first mark missed by what it read. */
const missedMark = (...told: readonly Told[]) =>
  story(
    beef(through(hours(2), 180, 'thickest')),
    offHeat(hours(2)),
    happened(minutes(130), 'putAway', { place: 'refrigerator', portions: 2, depthM: 0.12 }),
    read(minutes(241), 75),
    ...told,
  );

/** What a decision says of one history at a moment, under the guidance in which it is told apart. */
export type Decision = [
  decision: string,
  history: FoodEvent[],
  now: number,
  verdicts: Partial<Record<RuleSetId, Verdict>>,
];
const all = (verdict: Verdict): Record<RuleSetId, Verdict> => ({
  home: verdict,
  code: verdict,
  chain: verdict,
  care: verdict,
});

/** Histories worked by hand from the guidance’s decisions (docs/guidance.md), each with what is ruled on it. */
export const decisions: readonly Decision[] = [
  // §11.21
  [
    '§11.21 a bird read in its breast alone is not known to be done',
    turkey(readAt(hours(3), 'breast', 180), offHeat(hours(3))),
    hours(3),
    all('cannotTell'),
  ],
  [
    '§11.21 nor is it where nobody named the place, twice',
    turkey(read(hours(3), 180), read(hours(3), 181), offHeat(hours(3))),
    hours(3),
    all('cannotTell'),
  ],
  [
    '§11.21 read in two places it is',
    turkey(through(hours(3), 180, 'breast', 'thigh'), offHeat(hours(3))),
    hours(3) + SECOND_MS,
    all('actBy'),
  ],
  [
    '§11.21 a stuffing of 161 °F after a breast of 168 °F',
    stuffed(
      readAt(hours(3), 'breast', 168),
      readAt(hours(3), 'thigh', 168),
      readAt(hours(3), 'stuffing', 161),
      offHeat(hours(3)),
    ),
    hours(3),
    all('useNow'),
  ],
  [
    '§11.21 a stuffing nobody read',
    stuffed(through(hours(3), 180, 'breast', 'thigh'), offHeat(hours(3))),
    hours(3),
    all('cannotTell'),
  ],
  [
    '§11.21 a stuffing alone',
    stuffed(through(hours(3), 180, 'stuffing'), offHeat(hours(3))),
    hours(3),
    all('cannotTell'),
  ],
  [
    '§11.21 all three',
    stuffed(through(hours(3), 180, 'breast', 'thigh', 'stuffing'), offHeat(hours(3))),
    hours(3) + SECOND_MS,
    all('actBy'),
  ],
  [
    '§11.21 one piece of several',
    thighs(through(hours(2), 180, 'thickest'), offHeat(hours(2))),
    hours(2),
    all('cannotTell'),
  ],
  [
    '§11.21 a joint of 2 kg is read once',
    story(
      comes('beef-roast-boneless', { massKg: 2 }),
      onHeat(hours(1)),
      through(hours(3), 180, 'thickest'),
      offHeat(hours(3)),
    ),
    hours(4),
    { home: 'actBy', chain: 'actBy' },
  ],
  [
    '§11.21 over 2 kg in two places',
    story(
      comes('beef-roast-boneless', { massKg: 2.001 }),
      onHeat(hours(1)),
      through(hours(3), 180, 'thickest'),
      offHeat(hours(3)),
    ),
    hours(3),
    all('cannotTell'),
  ],
  [
    '§11.21 a lower reading on the heat undoes its place',
    thighs(through(hours(2), 180), readAt(hours(2.1), 'anotherPiece', 150), offHeat(hours(2.2))),
    hours(2.2),
    all('useNow'),
  ],
  [
    '§11.21 and the same place at the target again mends that',
    thighs(
      through(hours(2), 180),
      readAt(hours(2.1), 'anotherPiece', 150),
      through(hours(2.2), 180, 'anotherPiece'),
      offHeat(hours(2.2)),
    ),
    hours(2.2) + SECOND_MS,
    all('actBy'),
  ],
  [
    '§11.21 off the heat a lower reading is cooling',
    thighs(through(hours(2), 180), offHeat(hours(2)), readAt(hours(2.1), 'thickest', 150)),
    hours(2.2),
    all('actBy'),
  ],
  [
    '§11.21 a held temperature is held between readings no further apart than its time',
    beef(
      readAt(hours(2), 'thickest', 130),
      readAt(hours(2) + 112 * 60_000, 'thickest', 130),
      offHeat(hours(4)),
    ),
    hours(4),
    { code: 'actBy', home: 'useNow', care: 'useNow' },
  ],
  [
    '§11.21 a minute further apart it begins anew',
    beef(
      readAt(hours(2), 'thickest', 130),
      readAt(hours(2) + 113 * 60_000, 'thickest', 130),
      offHeat(hours(4)),
    ),
    hours(4),
    { code: 'useNow' },
  ],
  [
    '§11.21 not across a time off the heat',
    beef(
      readAt(hours(2), 'thickest', 140),
      offHeat(minutes(122)),
      onHeat(minutes(124)),
      readAt(minutes(132), 'thickest', 140),
      offHeat(minutes(133)),
    ),
    minutes(133),
    { code: 'useNow' },
  ],
  [
    '§11.21 nor at rest',
    beef(readAt(hours(2), 'thickest', 145), offHeat(minutes(121)), readAt(minutes(124), 'thickest', 145)),
    minutes(125),
    { code: 'useNow' },
  ],
  // §11.22
  ['§1 on ice it is fine', onIce(), hours(5), all('fine')],
  ['§1 unread past the check it asks', onIce(), hours(5) + SECOND_MS, all('actBy')],
  [
    '§1 unread for longer nobody can tell',
    onIce(),
    hours(7) + SECOND_MS,
    { home: 'cannotTell', code: 'actBy' },
  ],
  ['§1 and then it is over', onIce(), days(2), all('discard')],
  ['§1 a cold reading settles it', onIce(read(hours(4.9), 40)), hours(6), all('fine')],
  ['§1 so does a late one', onIce(read(hours(6), 40)), hours(9), all('fine')],
  [
    '§1 too warm for what nobody read since it went there',
    onIce(read(hours(2.5), 48)),
    hours(2.5),
    { home: 'actBy', code: 'useNow', chain: 'actBy' },
  ],
  [
    '§11.4 for two hours to the second',
    onIce(read(hours(2.5), 48)),
    hours(3),
    { home: 'actBy', code: 'useNow', chain: 'useNow' },
  ],
  [
    '§11.4 and a second more',
    onIce(read(hours(2.5), 48)),
    hours(3) + SECOND_MS,
    { home: 'discard', code: 'useNow', chain: 'useNow' },
  ],
  ['§1 the code’s four hours', onIce(read(hours(2.5), 48)), hours(5) + SECOND_MS, all('discard')],
  [
    '§11.3 by the line between two readings of the place',
    onIce(read(hours(2), 38), read(hours(3), 44)),
    minutes(260),
    { home: 'actBy', code: 'useNow', chain: 'actBy' },
  ],
  [
    '§11.21 another place read cold says nothing of the warm one',
    onIce(read(hours(2.9), 38), edge(hours(3), 48)),
    hours(3) + SECOND_MS,
    { home: 'discard', code: 'useNow', chain: 'useNow' },
  ],
  [
    '§11.21 in either order',
    onIce(edge(hours(2.5), 48), read(hours(2.6), 38)),
    hours(3) + SECOND_MS,
    { home: 'discard', code: 'useNow', chain: 'useNow' },
  ],
  [
    '§1 fresh ice, and every place cold again',
    onIce(edge(hours(2), 48), read(hours(2.1), 38), edge(hours(2.5), 39)),
    hours(4),
    { home: 'fine', code: 'useNow', chain: 'fine' },
  ],
  [
    '§1 from the ice into the refrigerator in time; what was served cold stays out',
    onIce(read(hours(2), 48), moved(hours(2.2), 'refrigerator')),
    hours(5) + SECOND_MS,
    { home: 'fine', code: 'discard', chain: 'fine' },
  ],
  [
    '§1 ice chills nothing: what comes from the table counts on',
    story(comes('potato-salad'), moved(hours(1), 'table'), moved(hours(2), 'ice')),
    hours(3) + SECOND_MS,
    { home: 'discard', code: 'useNow', chain: 'useNow' },
  ],
  [
    '§1 unless it reads cold there',
    story(comes('potato-salad'), moved(hours(1), 'table'), moved(hours(2), 'ice'), read(hours(2), 40)),
    hours(5),
    { home: 'fine', chain: 'fine' },
  ],
  [
    '§1 what was put away warm goes on counting, unless it had the time to get cold',
    keptHot(offHeat(hours(2)), putAway(hours(2.2), 0.02), moved(hours(3), 'ice')),
    hours(5.1),
    { home: 'discard', chain: 'useNow' },
  ],
  [
    '§1 which it had by the morning',
    story(leftovers(START), moved(hours(12), 'ice')),
    hours(15),
    all('fine'),
  ],
  [
    '§11.17 read too warm on ice by a thermometer in doubt',
    onIce(read(hours(2), 48, 'F', { doubtful: true })),
    hours(2),
    all('cannotTell'),
  ],
  [
    '§11.17 read below hot by a thermometer in doubt, where it is kept hot',
    keptHot(read(hours(3), 120, 'F', { doubtful: true })),
    hours(3),
    all('cannotTell'),
  ],
  [
    '§1 from the ice to the table the clock runs',
    onIce(moved(hours(2), 'table')),
    hours(4) + SECOND_MS,
    { home: 'discard', code: 'useNow', chain: 'useNow' },
  ],
  [
    '§11.22 a check of what is kept hot undoes no cook',
    keptHot(check(hours(3.9), 'centre', 150), check(hours(3.9), 'edge', 150)),
    hours(5.9),
    all('fine'),
  ],
  [
    '§11.22 another place found hot a moment ago says nothing of the one that is cold',
    keptHot(check(hours(2.5), 'edge', 180), check(hours(4), 'centre', 180), check(hours(4.5), 'edge', 120)),
    hours(6),
    { home: 'discard', code: 'actBy' },
  ],
  [
    '§11.22 a place nobody found hot since it was done counts from then',
    keptHot(check(hours(4), 'centre', 180), check(hours(4.1), 'edge', 120)),
    hours(4.1),
    { home: 'discard', code: 'actBy' },
  ],
  ['§11.22 done and kept hot it is fine', keptHot(), hours(4), all('fine')],
  ['§11.22 unread past the check it asks', keptHot(), hours(4) + SECOND_MS, all('actBy')],
  ['§11.22 unread for longer nobody can tell', keptHot(), hours(8) + SECOND_MS, { code: 'cannotTell' }],
  ['§11.22 and then it is over', keptHot(), days(2), all('discard')],
  ['§11.22 a hot reading settles it', keptHot(read(hours(3.9), 150)), hours(5), all('fine')],
  [
    '§11.22 below hot it has a clock, on the heat too',
    keptHot(read(hours(3), 120)),
    hours(3.5),
    all('actBy'),
  ],
  ['§11.22 which runs out', keptHot(read(hours(3), 120)), hours(7.1), all('discard')],
  [
    '§11.22 heated through again in time',
    keptHot(read(hours(3), 120), through(hours(3.5), 180, 'centre')),
    hours(3.6),
    all('useNow'),
  ],
  [
    '§11.22 chilled in time',
    keptHot(read(hours(3), 120), offHeat(hours(3.1)), putAway(hours(3.2), 0.02)),
    hours(9.5),
    { home: 'fine', code: 'fine', chain: 'fine' },
  ],
  [
    '§11.22 61 °C: below holding, not in the band',
    keptHot(read(hours(3), 61, 'C')),
    hours(4.9),
    { home: 'fine', code: 'fine', chain: 'actBy', care: 'actBy' },
  ],
  // §11.23
  ['§11.23 out since nobody knows when', guests('lasagne', {}), START, all('cannotTell')],
  [
    '§11.23 and nobody says in the time there was',
    guests('lasagne', {}),
    hours(4) + SECOND_MS,
    all('discard'),
  ],
  ['§11.23 out for an hour already', guests('lasagne', { outSince: hours(-1) }), hours(1), { home: 'actBy' }],
  [
    '§11.23 it counts from there',
    guests('lasagne', { outSince: hours(-1) }),
    hours(1) + SECOND_MS,
    { home: 'discard', care: 'discard' },
  ],
  [
    '§11.23 remembered later',
    guests('lasagne', {}, happened(minutes(5), 'outSince', { since: hours(-1) })),
    hours(1) + SECOND_MS,
    { home: 'discard' },
  ],
  [
    '§11.23 a cold salad is no hot food cooling',
    guests('potato-salad', { outSince: minutes(-10) }),
    minutes(30),
    { code: 'actBy', home: 'actBy', chain: 'actBy' },
  ],
  [
    '§11.23 heated before and read hot',
    guests('lasagne', { outSince: START, reheatedBefore: true }, read(minutes(5), 64, 'C')),
    minutes(6),
    all('useNow'),
  ],
  [
    '§11.23 heated before and lukewarm',
    guests('lasagne', { outSince: START, reheatedBefore: true }, read(minutes(5), 50, 'C')),
    minutes(6),
    all('discard'),
  ],
  [
    '§11.23 put straight into the cold it had been out all the same',
    guests('lasagne', { place: 'refrigerator', outSince: hours(-2.5) }),
    minutes(1),
    { home: 'discard' },
  ],
  // §11.25, §2
  ['§11.25 cook at once', inWater(true, happened(minutes(60), 'thawed')), minutes(90), all('useNow')],
  [
    '§11.25 it ends',
    inWater(true, happened(minutes(60), 'thawed'), moved(minutes(65), 'refrigerator')),
    minutes(300) + SECOND_MS,
    all('discard'),
  ],
  [
    '§11.25 in the refrigerator every minute counts',
    inWater(true, happened(minutes(60), 'thawed'), moved(minutes(65), 'refrigerator')),
    minutes(180) + SECOND_MS,
    { home: 'discard', care: 'discard' },
  ],
  [
    '§11.25 on the heat within 30 min it does not',
    inWater(
      true,
      happened(minutes(60), 'thawed'),
      moved(minutes(65), 'refrigerator'),
      onHeat(minutes(89)),
      through(minutes(150), 180),
      offHeat(minutes(151)),
    ),
    minutes(152),
    { home: 'actBy', code: 'actBy', chain: 'actBy' },
  ],
  [
    '§11.25 out of the water half thawed it is no better in the refrigerator',
    inWater(true, moved(minutes(30), 'refrigerator')),
    minutes(150) + SECOND_MS,
    { home: 'discard' },
  ],
  ['§11.25 still water is no method', inWater(false), minutes(30), { code: 'actBy', chain: 'actBy' }],
  [
    '§11.25 and counts from the start',
    inWater(
      false,
      happened(minutes(29), 'waterChanged'),
      moved(minutes(58), 'refrigerator'),
      moved(hours(10), 'counter'),
    ),
    hours(11.1),
    { home: 'discard' },
  ],
  [
    '§11.25 too warm, from the start',
    inWater(true, happened(minutes(100), 'waterRead', { temperature: fahrenheit(71) })),
    minutes(121),
    { home: 'discard' },
  ],
  [
    '§11.25 its outside read cold, it counts later',
    inWater(true, read(minutes(60), 40, 'F', { place: 'surface' })),
    minutes(60 + 239),
    { code: 'actBy' },
  ],
  [
    '§11.25 the middle read cold says nothing of the outside',
    inWater(true, read(minutes(60), 32)),
    minutes(240) + SECOND_MS,
    { code: 'discard' },
  ],
  [
    '§2 fish closed in a pack without air, thawed in it',
    story(
      comes('trout-side', { condition: 'frozen', place: 'freezer', withoutAir: true }),
      happened(hours(1), 'thawStarted', { method: 'refrigerator' }),
      happened(hours(20), 'thawed'),
    ),
    hours(20) + SECOND_MS,
    all('discard'),
  ],
  [
    '§2 opened before',
    story(
      comes('trout-side', { condition: 'frozen', place: 'freezer', withoutAir: true }),
      happened(hours(1), 'thawStarted', { method: 'refrigerator' }),
      happened(hours(2), 'opened'),
      happened(hours(20), 'thawed'),
    ),
    hours(21),
    { home: 'fine', code: 'fine' },
  ],
  // §11.26
  [
    '§11.26 a minute on the heat mends no missed mark',
    missedMark(onHeat(minutes(245)), offHeat(minutes(246))),
    minutes(247),
    { code: 'useNow', chain: 'useNow' },
  ],
  [
    '§11.26 read at the mark it does',
    missedMark(onHeat(minutes(245)), through(minutes(260), 170), offHeat(minutes(261))),
    minutes(262),
    { code: 'actBy', chain: 'actBy' },
  ],
  [
    '§11.26 read at the mark too late it mends nothing',
    missedMark(onHeat(minutes(350)), through(minutes(490), 170), offHeat(minutes(491))),
    minutes(492),
    all('discard'),
  ],
  [
    '§11.26 a tap off the heat too many takes nothing out of the cold',
    keptHot(offHeat(hours(2)), putAway(hours(2.2), 0.02), offHeat(hours(2.3))),
    hours(9),
    { home: 'fine', code: 'fine', chain: 'fine' },
  ],
  [
    '§11.26 nor does “thawed” said again give days back',
    story(
      comes('chicken-thighs', { condition: 'frozen', place: 'freezer' }, days(-9)),
      happened(days(-1), 'thawStarted', { method: 'refrigerator' }),
      happened(START, 'thawed'),
      happened(days(1.9), 'thawed'),
    ),
    days(2.1),
    all('discard'),
  ],
  [
    '§2 ready-to-eat food read at 41 °F in the water',
    frozenSoup(readAt(minutes(50), 'surface', 41)),
    minutes(51),
    { home: 'actBy', code: 'actBy' },
  ],
  [
    '§2 ready-to-eat food never above 41 °F there',
    frozenSoup(readAt(minutes(30), 'surface', 41), readAt(minutes(50), 'surface', 42)),
    minutes(51),
    { home: 'actBy', code: 'useNow', care: 'useNow' },
  ],
  [
    '§2 minutes in water count with those it was out as cooked food',
    story(
      leftovers(hours(-1), 'lentil-soup', hours(-1)),
      happened(minutes(10), 'moved', { place: 'counter' }),
      happened(minutes(100), 'moved', { place: 'freezer' }),
      happened(days(3), 'thawStarted', { method: 'coldWater' }),
    ),
    days(3) + 70 * MINUTE_MS,
    { home: 'discard' },
  ],
  [
    '§3 the rest is part of it',
    story(comes('beef-steak'), onHeat(hours(1)), through(hours(1.2), 150), offHeat(hours(1.2))),
    minutes(75) - SECOND_MS,
    { home: 'actBy' },
  ],
  [
    '§3 by microwave, code: 165 °F everywhere',
    story(
      comes('beef-steak'),
      happened(hours(1), 'cookingStarted', { by: 'microwave' }),
      through(hours(1.2), 160, 'thickest'),
      offHeat(hours(1.2)),
    ),
    hours(1.3),
    { home: 'actBy', code: 'useNow' },
  ],
  [
    '§3 and stood for 2 min',
    story(
      comes('beef-steak'),
      happened(hours(1), 'cookingStarted', { by: 'microwave' }),
      through(hours(1.2), 170, 'thickest'),
      offHeat(hours(1.2)),
    ),
    hours(1.2) + SECOND_MS,
    { code: 'actBy' },
  ],
  [
    '§3 the roast table holds in its ovens',
    story(
      comes('beef-roast-boneless', { massKg: 1.5 }),
      happened(minutes(30), 'ovenOn', { temperature: fahrenheit(350) }),
      onHeat(hours(1)),
      readAt(hours(2), 'thickest', 145),
      readAt(minutes(124), 'thickest', 145),
      offHeat(minutes(124)),
    ),
    minutes(125),
    { code: 'actBy' },
  ],
  [
    '§3 in a colder one it does not',
    story(
      comes('beef-roast-boneless', { massKg: 1.5 }),
      happened(minutes(30), 'ovenOn', { temperature: fahrenheit(349) }),
      onHeat(hours(1)),
      readAt(hours(2), 'thickest', 145),
      readAt(minutes(124), 'thickest', 145),
      offHeat(minutes(124)),
    ),
    minutes(125),
    { code: 'useNow' },
  ],
  [
    '§9 cold cuts under extra care are heated first',
    story(comes('sliced-meats')),
    hours(1),
    { home: 'fine', code: 'fine', care: 'actBy' },
  ],
  [
    '§9 raw-milk cheese is not eaten',
    story(comes('raw-milk-cheese')),
    hours(1),
    { home: 'fine', care: 'discard' },
  ],
  [
    '§9 and what it is put to is not either',
    story(comes('raw-sprouts')),
    hours(1),
    { home: 'fine', care: 'discard' },
  ],
  [
    '§11.26 and the one reheat is still there',
    missedMark(
      onHeat(minutes(245)),
      through(minutes(260), 170),
      offHeat(minutes(261)),
      putAway(minutes(265), 0.02),
    ),
    hours(12),
    { code: 'fine' },
  ],
  [
    '§11.26 five minutes of browning are no reheat',
    keptHot(offHeat(hours(2.1)), onHeat(hours(2.4)), offHeat(hours(2.5)), putAway(hours(2.6), 0.02)),
    hours(9),
    { home: 'fine', code: 'fine', chain: 'fine' },
  ],
  [
    '§11.26 nor is a second tap',
    keptHot(onHeat(hours(2.1)), onHeat(hours(2.1)), offHeat(hours(2.2)), putAway(hours(2.3), 0.02)),
    hours(9),
    { home: 'fine', code: 'fine', chain: 'fine' },
  ],
  [
    '§11.26 past 30 min it is',
    keptHot(
      offHeat(hours(2.1)),
      onHeat(hours(2.7)),
      through(hours(2.8), 180),
      offHeat(hours(2.9)),
      putAway(hours(3), 0.02),
    ),
    hours(9),
    all('discard'),
  ],
  [
    '§11.26 or once it read below hot',
    keptHot(
      offHeat(hours(2.1)),
      read(hours(2.2), 120),
      onHeat(hours(2.3)),
      through(hours(2.4), 180),
      offHeat(hours(2.5)),
      putAway(hours(2.6), 0.02),
    ),
    hours(9),
    all('discard'),
  ],
  ['§11.26 a reheat has 2 h', story(soup, onHeat(hours(1))), hours(3), all('useNow')],
  ['§11.26 and then is over', story(soup, onHeat(hours(1))), hours(3) + SECOND_MS, all('discard')],
  [
    '§11.26 whatever is read after',
    story(soup, onHeat(hours(1)), through(hours(3.1), 180)),
    hours(3.2),
    all('discard'),
  ],
  // §11.27, §11.28
  ['§11.27 an undated tub', story(leftovers(null)), days(1), all('cannotTell')],
  ['§11.27 known for longer than it keeps', story(leftovers(null)), days(8), all('discard')],
  [
    '§11.27 a gap of 5 h',
    story(soup, happened(hours(6), 'unaccounted', { since: hours(1) })),
    hours(6),
    all('cannotTell'),
  ],
  [
    '§11.27 which nobody closes',
    story(soup, happened(hours(6), 'unaccounted', { since: hours(1) })),
    hours(10) + SECOND_MS,
    all('discard'),
  ],
  [
    '§11.28 read cold at ten and warm at eleven',
    story(soup, read(hours(10), 38), read(hours(11), 45)),
    hours(11),
    all('actBy'),
  ],
  [
    '§11.28 the line between them counts',
    story(soup, read(hours(10), 39), read(hours(11), 41.2)),
    hours(12.6),
    { home: 'discard', code: 'actBy' },
  ],
  [
    '§11.28 too far apart it is thrown away, not asked about',
    story(soup, read(hours(3), 38), read(hours(15), 50)),
    hours(15),
    all('discard'),
  ],
  [
    '§11.28 nobody read it before: since when?',
    story(soup, read(hours(15), 50)),
    hours(15),
    all('cannotTell'),
  ],
  [
    '§11.28 42 °F on day two says nothing of last night’s marks',
    story(keptHot(offHeat(hours(2)), putAway(hours(2.5), 0.02)), read(hours(26), 42)),
    hours(26),
    { code: 'cannotTell' },
  ],
  // §11.29
  [
    '§11.29 the same two hours twice are two',
    story(
      soup,
      happened(hours(5), 'unaccounted', { since: hours(3.2) }),
      happened(hours(5.1), 'unaccounted', { since: hours(3.3) }),
    ),
    hours(6),
    { home: 'fine' },
  ],
  // §11.31
  [
    '§11.31 a thaw of 36 h uses no days',
    story(
      comes('chicken-thighs'),
      moved(hours(12), 'freezer'),
      happened(days(5), 'thawStarted', { method: 'refrigerator' }),
      happened(days(6.5), 'thawed'),
      moved(days(7), 'freezer'),
      happened(days(20), 'thawStarted', { method: 'refrigerator' }),
      happened(days(21), 'thawed'),
    ),
    days(21.4),
    { home: 'fine', code: 'fine' },
  ],
  [
    '§11.31 what was used stays used',
    story(
      comes('chicken-thighs'),
      moved(hours(12), 'freezer'),
      happened(days(5), 'thawStarted', { method: 'refrigerator' }),
      happened(days(6.5), 'thawed'),
      moved(days(7), 'freezer'),
      happened(days(20), 'thawStarted', { method: 'refrigerator' }),
      happened(days(21), 'thawed'),
    ),
    days(22) + SECOND_MS,
    all('discard'),
  ],
  // §11.32
  [
    '§11.32 a use-by before its days are over',
    story(comes('beef-steak', { printed: { kind: 'useBy', at: days(1.5) } })),
    days(1.5),
    all('actBy'),
  ],
  [
    '§11.32 is never exceeded',
    story(comes('beef-steak', { printed: { kind: 'useBy', at: days(1.5) } })),
    days(1.5) + 1,
    all('discard'),
  ],
  [
    '§11.32 nor opened',
    story(comes('sliced-meats', { printed: { kind: 'useBy', at: days(1) } })),
    days(1) + 1,
    all('discard'),
  ],
  [
    '§11.32 nor is it cooked away',
    story(
      comes('beef-steak', { printed: { kind: 'useBy', at: hours(1) } }),
      onHeat(hours(2)),
      through(hours(3), 180, 'thickest'),
    ),
    hours(3),
    all('discard'),
  ],
  [
    '§11.32 cooked in time it has its own days',
    story(
      comes('beef-steak', { printed: { kind: 'useBy', at: hours(5) } }),
      onHeat(hours(2)),
      through(hours(3), 180, 'thickest'),
      offHeat(hours(3)),
      putAway(hours(3.1), 0.02),
    ),
    hours(20),
    { home: 'fine', code: 'fine' },
  ],
  [
    '§11.32 closed it keeps to its use-by',
    story(comes('hot-dogs', { unopened: true, printed: { kind: 'useBy', at: days(20) } })),
    days(15),
    { home: 'fine', code: 'fine', chain: 'fine' },
  ],
  [
    '§11.32 opened it has its days',
    story(
      comes('hot-dogs', { unopened: true, printed: { kind: 'useBy', at: days(20) } }),
      happened(days(2), 'opened'),
    ),
    days(10),
    all('discard'),
  ],
  [
    '§11.32 and never past the use-by',
    story(
      comes('hot-dogs', { unopened: true, printed: { kind: 'useBy', at: days(3) } }),
      happened(days(2), 'opened'),
    ),
    days(3) + 1,
    all('discard'),
  ],
  [
    '§11.32 best before speaks of taste',
    story(comes('milk', { printed: { kind: 'bestBefore', at: hours(1) } })),
    days(2),
    { home: 'fine' },
  ],
  // §11.17
  [
    '§11.17 a thermometer in doubt proves no cook',
    thighs(
      through(hours(2), 180).map(
        (each) => ({ ...each, payload: { ...each.payload, doubtful: true } }) as FoodEvent,
      ),
      offHeat(hours(2)),
    ),
    hours(2),
    all('cannotTell'),
  ],
  [
    '§11.17 and where it shows bad news asks for ice water',
    story(soup, happened(hours(9), 'reading', { temperature: celsius(9), doubtful: true })),
    hours(9),
    all('cannotTell'),
  ],
  [
    '§11.17 what was read in doubt before the cook says nothing of it',
    story(
      comes('chicken-thighs'),
      happened(minutes(1), 'reading', { temperature: fahrenheit(36), doubtful: true }),
      onHeat(hours(3)),
      offHeat(hours(3.1)),
    ),
    hours(3.2),
    { home: 'cannotTell', code: 'cannotTell' },
  ],
  [
    '§11.17 in doubt at the end of a cook it asks from when it left the heat',
    story(
      comes('chicken-thighs'),
      onHeat(hours(1)),
      happened(hours(1.2), 'reading', { temperature: fahrenheit(170), doubtful: true }),
      offHeat(hours(2.9)),
    ),
    hours(3.3),
    { home: 'cannotTell' },
  ],
  [
    '§11.30 cheese that was melted has no one reheat',
    story(comes('hard-cheese'), onHeat(hours(1)), through(hours(1.1), 180), offHeat(hours(1.2))),
    hours(5),
    all('fine'),
  ],
  [
    '§11.27 calendar days end for food of unknown age too',
    story(leftovers(null)),
    Date.UTC(2026, 5, 19),
    { code: 'discard' },
  ],
  [
    '§11.22 taken for done, then not, and unread since: it may be cold',
    story(
      comes('trout-side'),
      onHeat(START),
      readAt(minutes(10), 'thickest', 180),
      readAt(minutes(11), 'thickest', 100),
    ),
    hours(11),
    all('discard'),
  ],
  // §5
  [
    '§5 made from room-temperature things: 4 h',
    story(comes('tuna-salad', { fromRoom: true }), read(hours(3.9), 50)),
    hours(4),
    { code: 'actBy' },
  ],
  [
    '§5 and not down by then',
    story(comes('tuna-salad', { fromRoom: true }), read(hours(4.1), 50)),
    hours(4.1),
    { code: 'discard', chain: 'discard', care: 'discard' },
  ],
];
