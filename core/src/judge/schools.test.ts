import { foodById } from '../foods';
import type { RuleSetId } from '../guidance';
import { aloud } from '../testing/aloud';
import {
  days,
  GUIDANCES,
  happened,
  hours,
  leftovers,
  minutes,
  moved,
  read,
  rule,
  START,
} from '../testing/story';
import { celsius, DAY_MS, SECOND_MS } from '../units';
import type { FoodEvent, Payload } from '../record';
import type { JudgeContext, Verdict } from '.';

/** Read on arrival from the freezer: a joint, thawed in the refrigerator and cooked until it reads `degrees`. */
const lamb = (...readings: FoodEvent[]): FoodEvent[] => [
  raw('lamb-shoulder-bone-in', { condition: 'frozen', place: 'freezer', at: hours(-60) }),
  happened(hours(-40), 'thawStarted', { method: 'refrigerator' }),
  happened(hours(-4), 'thawed'),
  happened(hours(-3), 'cookingStarted'),
  ...readings,
];

type Added = Partial<Payload<'added'>> & { at?: number };
function raw(foodKey: string, { at = START, ...over }: Added = {}): FoodEvent {
  return happened(at, 'added', {
    foodKey,
    name: 'It',
    massKg: 1,
    form: foodById(foodKey).forms[0]!,
    condition: 'fresh',
    place: 'refrigerator',
    since: at,
    ...over,
  });
}

/** Cooked through under any school, and off the heat at START. */
const done = [...lamb(read(START, 170)), happened(START, 'offHeat')];
const stored = (at: number, depthM = 0.02) =>
  happened(at, 'putAway', { place: 'refrigerator', portions: 2, depthM });
const DEEP_M = 0.12;
const deep = (at: number) => stored(at, DEEP_M);
const cookedRice = (at: number) => [
  raw('cooked-rice', { condition: 'cooked', place: 'counter' }),
  happened(at, 'putAway', { place: 'refrigerator', portions: 2, depthM: 0.02 }),
];
const inAnother = ({ at, payload }: FoodEvent) =>
  happened(at, 'reading', { ...(payload as Payload<'reading'>), place: 'anotherPiece' });
/** Chicken on the heat since an hour before START, with what it read. */
const chicken = (...readings: FoodEvent[]) => [
  raw('chicken-thighs', { at: hours(-2) }),
  happened(hours(-1), 'cookingStarted'),
  // Several pieces are read in two.
  ...readings.flatMap((each) => [each, inAnother(each)]),
  happened(minutes(50), 'offHeat'),
];
const steak = (...readings: FoodEvent[]) => [
  raw('beef-steak', { at: hours(-2) }),
  happened(hours(-1), 'cookingStarted'),
  ...readings,
  happened(minutes(50), 'offHeat'),
];
const second = (n: number) => START + n * SECOND_MS;
const inRunning = () => [
  raw('chicken-thighs', { condition: 'frozen', place: 'freezer', at: hours(-9) }),
  happened(START, 'thawStarted', { method: 'coldWater', running: true }),
];
const inWater = (...more: FoodEvent[]) => [
  raw('chicken-thighs', { condition: 'frozen', place: 'freezer', at: hours(-9) }),
  happened(START, 'thawStarted', { method: 'coldWater' }),
  ...Array.from({ length: 12 }, (_, i) => happened(minutes(25 * (i + 1)), 'waterChanged')),
  ...more,
];
/** Leftovers in the cold, out to eat from START, and back. */
const outToEat = [leftovers(hours(-1), 'lentil-soup', hours(-1)), moved(START, 'table')];
const servedCold = (backAt: number) => [...outToEat, moved(backAt, 'refrigerator')];
const thawedMeat = (more: FoodEvent[]) => [
  raw('lamb-shoulder-bone-in', { condition: 'frozen', place: 'freezer', at: days(-5) }),
  happened(days(-3), 'thawStarted', { method: 'refrigerator' }),
  happened(START, 'thawed'),
  ...more,
];
/** The end of the seventh day, the day of START being the first: 18 June, 23:59:59 UTC. */
const SEVENTH_ENDS = Date.UTC(2026, 5, 18, 23, 59, 59);
const AUTUMN = Date.UTC(2026, 9, 20, 11);
const SPRING = Date.UTC(2026, 2, 25, 12);
const LONDON = { zone: 'Europe/London' };
const soupAt = (at: number) => [leftovers(at, 'lentil-soup', at)];
const rescued = [
  ...done,
  deep(minutes(60)),
  read(minutes(130), 75),
  happened(minutes(135), 'cookingStarted'),
  read(minutes(140), 170),
  read(minutes(140) + 15 * SECOND_MS, 170),
  happened(minutes(142), 'offHeat'),
];

type Case = [
  decision: string,
  history: readonly FoodEvent[],
  moment: number,
  Verdict,
  Partial<JudgeContext>?,
];

const CASES: Record<RuleSetId, readonly Case[]> = {
  // The home chart's own cases stand in judge.test.ts; here are those in which the schools part.
  home: [
    ['§1: 2 h in all, to the second', done, minutes(120), 'actBy'],
    ['§1: past 2:00:00 it is thrown away', done, minutes(120) + SECOND_MS, 'discard'],
    ['§1: cold food put out to eat may go back', servedCold(minutes(110)), hours(5), 'fine'],
    ['§3: 145 °F for a whole cut', steak(read(minutes(49), 145)), minutes(51), 'actBy'],
    ['§3: 165 °F for poultry, at once', chicken(read(minutes(49), 165)), minutes(51), 'actBy'],
    [
      '§11.2: food cooling on the counter is band time',
      [...done, deep(minutes(125))],
      minutes(126),
      'discard',
    ],
    [
      '§11.20: the cooling marks are advice',
      [...done, deep(minutes(60)), read(minutes(119), 40)],
      hours(7),
      'fine',
    ],
    ['§6: leftovers, 4 days of 24 h', [...done, stored(minutes(30))], days(4), 'actBy'],
    [
      '§11.2: a deep pot that was out again is as deep as it was',
      [...done, deep(minutes(10)), moved(minutes(20), 'counter'), moved(minutes(30), 'refrigerator')],
      minutes(130),
      'cannotTell',
    ],
    [
      '§11.3: read warm in the cold, it counts on when it comes back',
      [...soupAt(START), read(hours(9), 44), moved(hours(9.2), 'counter'), moved(hours(9.4), 'refrigerator')],
      hours(11.1),
      'discard',
    ],
    [
      '§11.3: until it is read cold',
      [
        ...soupAt(START),
        moved(hours(9), 'counter'),
        moved(hours(9.4), 'refrigerator'),
        read(hours(9.5), 44),
        read(hours(10), 39),
      ],
      hours(14),
      'fine',
    ],
    [
      '§11.8: true hours across the autumn change',
      soupAt(AUTUMN + 3 * DAY_MS),
      AUTUMN + 7 * DAY_MS,
      'actBy',
      LONDON,
    ],
    [
      '§11.8: and one second more',
      soupAt(AUTUMN + 3 * DAY_MS),
      AUTUMN + 7 * DAY_MS + SECOND_MS,
      'discard',
      LONDON,
    ],
    ['§11.8: true hours across the spring change', soupAt(SPRING), SPRING + 4 * DAY_MS, 'actBy', LONDON],
    [
      '§11.8: and one second more in spring',
      soupAt(SPRING),
      SPRING + 4 * DAY_MS + SECOND_MS,
      'discard',
      LONDON,
    ],
    [
      '§11.8: a move of time zone changes no 24-hour day',
      soupAt(START),
      days(4),
      'actBy',
      { zone: 'Asia/Tokyo' },
    ],
    ['§11.12: water on time is not band time', inWater(), minutes(320), 'actBy'],
    [
      '§2: refreezing after the refrigerator is allowed',
      thawedMeat([moved(days(1), 'freezer')]),
      days(2),
      'fine',
    ],
    [
      '§11.1: only the first full cook opens the second ledger',
      [...done, stored(minutes(30))],
      days(1),
      'fine',
    ],
  ],
  code: [
    [
      '§1: put out to eat cold it does not go back, by whatever way',
      [
        ...outToEat,
        moved(hours(1), 'refrigerator'),
        moved(hours(2), 'counter'),
        moved(hours(2.5), 'refrigerator'),
      ],
      hours(4) + SECOND_MS,
      'discard',
    ],
    [
      '§5: a hot dish that came in cools by the same marks',
      [raw('lasagne', { condition: 'cooked', place: 'counter' }), deep(minutes(10))],
      minutes(120) + SECOND_MS,
      'useNow',
    ],
    [
      '§5: and nobody knows of it past both',
      [raw('lasagne', { condition: 'cooked', place: 'counter' }), deep(minutes(10))],
      hours(6) + SECOND_MS,
      'cannotTell',
    ],
    ['§1: 4 h in all', outToEat, hours(4), 'useNow'],
    ['§1: past 4:00:00 it is thrown away', outToEat, hours(4) + SECOND_MS, 'discard'],
    ['§1: hot food on the table has 4 h, but is not kept', done, hours(3), 'useNow'],
    ['§1: and past them is thrown away', done, hours(4) + SECOND_MS, 'discard'],
    ['§1: cold food put out to eat does not go back', servedCold(minutes(10)), minutes(20), 'useNow'],
    [
      '§1: it is used within the 4 h, wherever it stands',
      servedCold(minutes(10)),
      hours(4) + SECOND_MS,
      'discard',
    ],
    ['§1: 41 °F is cold', [...done, stored(minutes(60)), read(hours(20), 41)], hours(30), 'fine'],
    ['§1: 135 °F is hot: the clock moves on', [...done, read(minutes(60), 135)], minutes(179), 'actBy'],
    ['§5: shallow, and in the cold in time', [...done, stored(minutes(60))], hours(7), 'fine'],
    ['§5: 1 in is not too deep', [...done, stored(minutes(60), 0.0254)], hours(7), 'fine'],
    ['§5: deep: the first mark runs to 2:00:00', [...done, deep(minutes(60))], minutes(120), 'actBy'],
    ['§5: deep and nothing read by then', [...done, deep(minutes(60))], minutes(120) + SECOND_MS, 'useNow'],
    [
      '§5: deep and nothing read by either mark',
      [...done, deep(minutes(60))],
      hours(6) + SECOND_MS,
      'cannotTell',
    ],
    [
      '§11.4: the first mark is met at the mark',
      [...done, deep(minutes(60)), read(minutes(120), 70)],
      hours(3),
      'actBy',
    ],
    [
      '§11.4: so is the second',
      [...done, deep(minutes(60)), read(minutes(119), 70), read(hours(6), 41)],
      hours(7),
      'fine',
    ],
    [
      '§5: warmer than 41 °F past 6 h is thrown away',
      [...done, deep(minutes(60)), read(minutes(119), 70), read(hours(6) + SECOND_MS, 41.1)],
      hours(7),
      'discard',
    ],
    [
      '§5: the first mark missed: heat it again at once',
      [...done, deep(minutes(60)), read(minutes(130), 70.1)],
      minutes(131),
      'useNow',
    ],
    ['§11.16: heated again, it starts again', rescued, minutes(150), 'actBy'],
    ['§11.16: and does not use up the serving reheat', [...rescued, stored(minutes(160))], hours(9), 'fine'],
    [
      '§11.16: but only once',
      [...rescued, deep(minutes(160)), read(minutes(142 + 121), 71)],
      minutes(142 + 122),
      'discard',
    ],
    [
      '§5: heated again too late, and never read',
      [...done, deep(minutes(60)), happened(hours(7), 'cookingStarted'), read(hours(7), 170)],
      hours(7),
      'cannotTell',
    ],
    ['§6: seven calendar days, the first being day 1', [...done, stored(minutes(30))], SEVENTH_ENDS, 'actBy'],
    ['§6: day 7 ends at 23:59:59', [...done, stored(minutes(30))], SEVENTH_ENDS + SECOND_MS, 'discard'],
    ['§11.8: across the autumn change', soupAt(AUTUMN), Date.UTC(2026, 9, 26, 23, 59, 59), 'actBy', LONDON],
    ['§11.8: and no second longer', soupAt(AUTUMN), Date.UTC(2026, 9, 27, 0, 0, 0), 'discard', LONDON],
    ['§11.8: across the spring change', soupAt(SPRING), Date.UTC(2026, 2, 31, 22, 59, 59), 'actBy', LONDON],
    [
      '§11.8: and no second longer in spring',
      soupAt(SPRING),
      Date.UTC(2026, 2, 31, 23, 0, 0),
      'discard',
      LONDON,
    ],
    [
      '§11.8: after a move of time zone the earlier end',
      [...done, stored(minutes(30))],
      SEVENTH_ENDS + SECOND_MS,
      'discard',
      { zone: 'America/Los_Angeles', formerZones: ['UTC'] },
    ],
    [
      '§11.9: the freezer counts both the day in and the day out',
      [...done, stored(minutes(30)), moved(days(1), 'freezer'), moved(days(8), 'refrigerator')],
      Date.UTC(2026, 5, 24, 23, 59, 59),
      'actBy',
    ],
    [
      '§11.9: and no second longer',
      [...done, stored(minutes(30)), moved(days(1), 'freezer'), moved(days(8), 'refrigerator')],
      Date.UTC(2026, 5, 25, 0, 0, 0),
      'discard',
    ],
    [
      '§3: ground meat 155 °F for 17 s',
      burger(read(second(0), 155), read(second(17), 155)),
      minutes(51),
      'actBy',
    ],
    ['§3: and not for 16 s', burger(read(second(0), 155), read(second(16), 155)), minutes(170), 'useNow'],
    [
      '§3: a roast 130 °F for 112 min',
      [...lamb(read(minutes(-112), 130), read(START, 130)), happened(START, 'offHeat'), stored(minutes(1))],
      hours(7),
      'fine',
    ],
    [
      '§11.15: a lower reading starts the time anew',
      [
        ...lamb(read(minutes(-112), 130), read(minutes(-1), 129.9), read(START, 130)),
        happened(START, 'offHeat'),
        stored(minutes(1)),
      ],
      hours(7),
      'discard',
    ],
    [
      '§11.15: rows are not added up',
      [
        ...lamb(read(minutes(-60), 131), read(minutes(-20), 131), read(START, 136)),
        happened(START, 'offHeat'),
        stored(minutes(1)),
      ],
      hours(7),
      'discard',
    ],
    [
      '§3: the rise after the oven counts when it is read',
      [
        ...lamb(read(minutes(-4), 140)),
        happened(minutes(-3), 'offHeat'),
        read(START, 158),
        stored(minutes(1)),
      ],
      hours(7),
      'fine',
    ],
    ['§2: minutes in water count', inWater(), hours(4), 'actBy'],
    ['§2: past 4 h of them it is thrown away', inWater(), hours(4) + SECOND_MS, 'discard'],
    [
      '§7: a reheat is held 15 s',
      reheated(read(hours(21), 165), read(hours(21) + 15 * SECOND_MS, 165)),
      hours(22),
      'useNow',
    ],
  ],
  chain: [
    [
      '§5: a hot dish that came in cools by the same marks',
      [raw('lasagne', { condition: 'cooked', place: 'counter' }), deep(minutes(10))],
      minutes(120) + SECOND_MS,
      'useNow',
    ],
    [
      '§5: and nobody knows of it past both',
      [raw('lasagne', { condition: 'cooked', place: 'counter' }), deep(minutes(10))],
      hours(6) + SECOND_MS,
      'cannotTell',
    ],
    ['§11.4: chilled under 2:00:00 it keeps', [...done, stored(minutes(120) - SECOND_MS)], hours(6), 'fine'],
    ['§11.4: at 2:00:00 it is no longer chilled', [...done, stored(minutes(120))], minutes(121), 'useNow'],
    ['§11.4: it is used up to 4:00:00', [...done, stored(minutes(120))], hours(4), 'useNow'],
    [
      '§11.4: and past them thrown away, in the cold too',
      [...done, stored(minutes(120))],
      hours(4) + SECOND_MS,
      'discard',
    ],
    [
      '§1: raw food as well',
      [raw('chicken-thighs', { place: 'counter' }), moved(hours(3), 'refrigerator')],
      hours(3),
      'useNow',
    ],
    [
      '§1: cooking it is using it',
      [
        raw('chicken-thighs', { place: 'counter' }),
        happened(hours(3), 'cookingStarted'),
        read(hours(4), 76, 'C'),
        read(hours(4), 76, 'C', { place: 'anotherPiece' }),
        happened(hours(5), 'offHeat'),
      ],
      hours(5),
      'actBy',
    ],
    [
      '§11.5: 70 °F is not 21 °C',
      [...done, deep(minutes(60)), read(minutes(119), 70)],
      minutes(150),
      'useNow',
    ],
    [
      '§11.4: 21 °C at the mark is',
      [...done, deep(minutes(60)), read(minutes(120), 21, 'C')],
      minutes(150),
      'actBy',
    ],
    [
      '§5: then 5 °C within 4 h more',
      [...done, deep(minutes(30)), read(minutes(120), 21, 'C'), read(hours(6), 5, 'C')],
      hours(7),
      'fine',
    ],
    [
      '§5: and not a second later',
      [...done, deep(minutes(30)), read(minutes(120), 21, 'C'), read(hours(6) + SECOND_MS, 5.1, 'C')],
      hours(7),
      'discard',
    ],
    ['§5: 5 cm is not too deep', [...done, stored(minutes(60), 0.05)], hours(7), 'fine'],
    ['§5: rice within 1 h', cookedRice(minutes(60)), hours(3), 'fine'],
    ['§5: and no second later', cookedRice(minutes(60) + SECOND_MS), minutes(90), 'useNow'],
    ['§6: leftovers 2 days', [...done, stored(minutes(30))], days(2), 'actBy'],
    ['§6: and no second longer', [...done, stored(minutes(30))], days(2) + SECOND_MS, 'discard'],
    ['§6: rice 1 day', cookedRice(minutes(30)), days(1) + SECOND_MS, 'discard'],
    ['§2: raw meat is cooked within 24 h of thawing', thawedMeat([]), days(1), 'actBy'],
    ['§2: and no second later', thawedMeat([]), days(1) + SECOND_MS, 'discard'],
    [
      '§11.9: thawed cooked food 24 h too',
      [
        leftovers(hours(-1), 'lentil-soup', hours(-1)),
        moved(START, 'freezer'),
        moved(days(9), 'refrigerator'),
      ],
      days(10),
      'actBy',
    ],
    [
      '§11.9: whatever was left of its days',
      [
        leftovers(hours(-1), 'lentil-soup', hours(-1)),
        moved(START, 'freezer'),
        moved(days(9), 'refrigerator'),
      ],
      days(10) + SECOND_MS,
      'discard',
    ],
    ['§2: raw food is not frozen again', thawedMeat([moved(hours(2), 'freezer')]), days(1), 'useNow'],
    ['§3: 75 °C is met on reaching it', chicken(read(minutes(49), 75, 'C')), minutes(51), 'actBy'],
    [
      '§11.5: 165 °F fails 75 °C',
      [...chicken(read(minutes(49), 165)), stored(minutes(55))],
      hours(1),
      'discard',
    ],
    [
      '§3: 70 °C for 2 min',
      [...chicken(read(minutes(40), 70, 'C'), read(minutes(42), 70, 'C')), stored(minutes(55))],
      hours(1),
      'fine',
    ],
    [
      '§3: and not for 1:59',
      [...chicken(read(minutes(40), 70, 'C'), read(minutes(42) - SECOND_MS, 70, 'C')), stored(minutes(55))],
      hours(1),
      'discard',
    ],
    [
      '§11.15: the time is held without a gap',
      [
        ...chicken(read(minutes(0), 60, 'C'), read(minutes(30), 59.9, 'C'), read(minutes(45), 60, 'C')),
        stored(minutes(55)),
      ],
      hours(1),
      'discard',
    ],
    [
      '§11.5: 145 °F fails 63 °C',
      [...steak(read(minutes(49), 145)), stored(minutes(55))],
      hours(1),
      'discard',
    ],
    [
      '§3: 63 °C for a whole cut',
      [...steak(read(minutes(49), 63, 'C')), stored(minutes(55))],
      hours(1),
      'fine',
    ],
    ['§3: pork to 75 °C', [...pork(read(minutes(49), 63, 'C')), stored(minutes(55))], hours(1), 'discard'],
    ['§1: 63 °C is hot', [...done, read(minutes(60), 63, 'C')], minutes(179), 'actBy'],
    ['§2: 90 min in running water', inRunning(), minutes(90), 'actBy'],
    ['§11.25: past them all of it counts: under 2 h', inRunning(), minutes(120) - SECOND_MS, 'actBy'],
    ['§11.25: past them all of it counts: to 4 h', inRunning(), hours(4), 'useNow'],
    ['§11.25: and no second longer', inRunning(), hours(4) + SECOND_MS, 'discard'],
    ['§11.25: still water is no method, whatever its changes', inWater(), minutes(120), 'useNow'],
    [
      '§11.25: nor is running water above 15 °C',
      [...inRunning(), happened(minutes(10), 'waterRead', { temperature: celsius(15.1) })],
      minutes(120),
      'useNow',
    ],
    [
      '§11.25: 15 °C is cold enough',
      [...inRunning(), happened(minutes(10), 'waterRead', { temperature: celsius(15) })],
      minutes(90),
      'actBy',
    ],
  ],
  care: [
    [
      '§1: nor does what had not cooled yet when it was put out',
      [...done, deep(minutes(10)), moved(minutes(20), 'table'), moved(minutes(25), 'refrigerator')],
      minutes(131),
      'discard',
    ],
    [
      '§5: a hot dish that came in, deep in the cold and never read',
      [raw('lasagne', { condition: 'cooked', place: 'counter' }), deep(minutes(10))],
      minutes(120) + SECOND_MS,
      'cannotTell',
    ],
    ['§9: the shortest time in the band', done, minutes(120) + SECOND_MS, 'discard'],
    ['§9: and not chilled at the limit', [...done, stored(minutes(120))], minutes(120), 'useNow'],
    ['§9: cold food put out to eat does not go back', servedCold(minutes(10)), minutes(20), 'useNow'],
    [
      '§11.22: the clock runs from the edge of the band, 140 °F, not from hot holding',
      [...done, read(minutes(60), 140)],
      minutes(180) - SECOND_MS,
      'actBy',
    ],
    [
      '§11.22: below it, from the line between two readings',
      [...done, read(minutes(60), 139.9)],
      minutes(180),
      'discard',
    ],
    ['§9: 63 °C with 145.5 °F is', [...done, read(minutes(60), 145.5)], minutes(172), 'actBy'],
    ['§9: no pink whole cuts', [...steak(read(minutes(49), 145)), stored(minutes(55))], hours(1), 'discard'],
    [
      '§9: 70 °C for 2 min',
      [...steak(read(minutes(40), 70, 'C'), read(minutes(42), 70, 'C')), stored(minutes(55))],
      hours(1),
      'fine',
    ],
    ['§9: or 75 °C', [...steak(read(minutes(49), 75, 'C')), stored(minutes(55))], hours(1), 'fine'],
    [
      '§9: no equivalents below 70 °C',
      [...steak(read(minutes(0), 65, 'C'), read(minutes(45), 65, 'C')), stored(minutes(55))],
      hours(1),
      'discard',
    ],
    [
      '§11.14: poultry passes on every plain temperature',
      [...chicken(read(minutes(49), 165)), stored(minutes(55))],
      hours(1),
      'discard',
    ],
    ['§11.14: 75 °C', [...chicken(read(minutes(49), 75, 'C')), stored(minutes(55))], hours(1), 'fine'],
    ['§9: leftovers 2 days', [...done, stored(minutes(30))], days(2) + SECOND_MS, 'discard'],
    ['§11.7: raw poultry', [raw('chicken-thighs')], days(1) + SECOND_MS, 'discard'],
    ['§11.7: a raw joint', [raw('lamb-shoulder-bone-in')], days(3), 'actBy'],
    ['§9: rice 1 day', cookedRice(minutes(30)), days(1) + SECOND_MS, 'discard'],
    [
      '§9: opened cans 2 days',
      [raw('canned-beans-opened', { condition: 'cooked' })],
      days(2) + SECOND_MS,
      'discard',
    ],
    ['§9: no refreezing raw', thawedMeat([moved(hours(2), 'freezer')]), hours(3), 'useNow'],
    ['§9: no cold-smoked fish', [raw('smoked-salmon', { condition: 'cooked' })], START, 'discard'],
    ['§9: no raw egg dishes', [raw('raw-egg-mousse', { condition: 'cooked' })], START, 'discard'],
    ['§9: no raw sprouts', [raw('raw-sprouts', { condition: 'cooked' })], START, 'discard'],
    [
      '§11.14: the earlier of both counts: seven calendar days for milk',
      [raw('milk', { condition: 'cooked' })],
      SEVENTH_ENDS + SECOND_MS,
      'discard',
    ],
    [
      '§9: the shallower depth: 5 cm is too deep',
      [...done, stored(minutes(60), 0.05)],
      minutes(121),
      'cannotTell',
    ],
    ['§9: the marks rule', [...done, deep(minutes(30)), read(minutes(119), 70)], minutes(121), 'cannotTell'],
    [
      '§9: reheats at least 75 °C, held 15 s',
      reheated(read(hours(21), 75, 'C'), read(hours(21) + 15 * SECOND_MS, 75, 'C')),
      hours(21.5),
      'useNow',
    ],
  ],
};

function burger(...readings: FoodEvent[]): FoodEvent[] {
  return [
    raw('ground-beef', { at: hours(-2) }),
    happened(hours(-1), 'cookingStarted'),
    ...readings,
    happened(minutes(50), 'offHeat'),
  ];
}
function pork(...readings: FoodEvent[]): FoodEvent[] {
  return [
    raw('pork-chops', { at: hours(-2) }),
    happened(hours(-1), 'cookingStarted'),
    ...readings,
    happened(minutes(50), 'offHeat'),
  ];
}
function reheated(...readings: FoodEvent[]): FoodEvent[] {
  return [
    ...done,
    stored(minutes(30)),
    happened(hours(20), 'cookingStarted'),
    ...readings,
    happened(hours(21.2), 'offHeat'),
  ];
}

describe.each(Object.keys(CASES) as RuleSetId[])('under %s', (id) => {
  it.each(CASES[id])('%s', (_decision, events, now, expected, over = {}) => {
    const ruling = rule(events, now, { ...over, guidance: GUIDANCES[id] });
    expect(ruling.verdict).toBe(expected);
    expect(aloud(ruling)).toMatchSnapshot();
  });
});

it('there are at least 60 worked cases', () =>
  expect(Object.values(CASES).flat().length).toBeGreaterThanOrEqual(60));
