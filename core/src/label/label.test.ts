import {
  at,
  cookedLamb,
  days,
  GUIDANCES,
  happened,
  hours,
  leftovers,
  minutes,
  read,
  START,
  stateOf,
} from '../testing/story';
import { DAY_MS } from '../units';
import { labelDateOf, labelDateWords, labelOf, outdatedLabel } from '.';

type Events = Parameters<typeof stateOf>[0];
const label = (events: Events, now: number, guidance = GUIDANCES.home) =>
  labelOf(stateOf(events, guidance), at(now, { guidance }));
const stew: Events = [
  ...cookedLamb(START, 170),
  happened(minutes(40), 'putAway', { place: 'refrigerator', portions: 5, depthM: 0.03 }),
];
const bought = (foodKey: string, more: object = {}) =>
  happened(START, 'added', {
    foodKey,
    name: 'It',
    massKg: 1,
    form: 'pieces',
    condition: 'fresh',
    place: 'refrigerator',
    since: hours(-2),
    ...more,
  });

describe('the label of a container', () => {
  it('says contents, when it was cooked, use-by and best by, and that it was not heated again', () =>
    expect(label(stew, hours(1))).toEqual({
      contents: 'Lamb shoulder, 5 portions',
      since: 'Cooked Fri 12 June 2026, 17:00',
      date: 'Use by Tue 16 June 2026, 17:00',
      aim: 'Best by Mon 15 June 2026',
      heated: 'Not heated again',
      contains: null,
      by: null,
      replaces: null,
    }));

  it('goes by the guidance the food goes by', () => {
    expect(label(stew, hours(1), GUIDANCES.care).date).toBe('Use by Sun 14 June 2026, 17:00');
    expect(label(stew, hours(1), GUIDANCES.code).date).toBe('Use by Thu 18 June 2026, 23:59');
    expect(label(stew, hours(1), GUIDANCES.chain).date).toBe('Use by Sun 14 June 2026, 17:00');
  });

  it('names one portion as one, and who made it', () => {
    const single = happened(minutes(40), 'putAway', { place: 'refrigerator', portions: 1, depthM: 0.03 });
    const one = [...cookedLamb(START, 170), single];
    expect(label(one, hours(1)).contents).toBe('Lamb shoulder, 1 portion');
    expect(labelOf(stateOf(one), at(hours(1)), '  Ines ').by).toBe('By Ines');
    expect(labelOf(stateOf(one), at(hours(1)), ' ').by).toBeNull();
  });

  it('frozen says since when, and until when it is at its best', () =>
    expect(label([...stew, happened(hours(20), 'moved', { place: 'freezer' })], days(3))).toMatchObject({
      date: 'Frozen Sat 13 June 2026, 13:00',
      aim: 'At its best until Thu 13 August 2026',
    }));

  it('of unknown age promises nothing', () =>
    expect(label([leftovers(null)], hours(1))).toMatchObject({
      contents: 'Soup',
      since: 'Date unknown',
      date: 'No use-by: date unknown',
      aim: null,
    }));

  it.each([
    [
      'raw: when it was bought',
      [bought('chicken-thighs')],
      { since: 'Bought Fri 12 June 2026, 15:00', heated: null },
    ],
    [
      'raw and thawed: since when it is',
      [
        bought('chicken-thighs', { condition: 'frozen', place: 'freezer' }),
        happened(hours(1), 'thawStarted', { method: 'refrigerator' }),
        happened(hours(30), 'thawed'),
      ],
      { since: 'Thawed Sat 13 June 2026, 23:00', date: 'Use by Mon 15 June 2026, 23:00' },
    ],
    [
      'eaten as it is: when it was opened',
      [bought('milk')],
      { since: 'Opened Fri 12 June 2026, 15:00', heated: null },
    ],
  ] as const)('%s', (_, events, says) => expect(label([...events], hours(31))).toMatchObject(says));

  it('a date printed by its maker is never exceeded, opened or not', () => {
    const printed = { kind: 'useBy', at: START + DAY_MS } as const;
    expect(label([bought('chicken-thighs', { printed })], hours(1)).date).toBe(
      'Use by Sat 13 June 2026, 17:00',
    );
    expect(label([bought('milk', { printed, unopened: true })], hours(1))).toMatchObject({
      since: 'Not opened',
      date: 'Use by Sat 13 June 2026, 17:00',
    });
    const best = { kind: 'bestBefore', at: START + DAY_MS } as const;
    expect(label([bought('chicken-thighs', { printed: best })], hours(1)).date).toBe(
      'Use by Sun 14 June 2026, 15:00',
    );
  });

  it('closed, or of no days at all, it is told so', () => {
    const can = bought('canned-beans-opened', { condition: 'cooked', place: 'cupboard', form: 'can' });
    expect(label([can], hours(1))).toMatchObject({
      since: 'Not opened',
      date: 'Its days begin when it is opened',
      aim: null,
    });
  });

  it('heated again is not to be kept', () => {
    const again = [...stew, happened(days(1), 'cookingStarted'), read(days(1), 170)];
    expect(label(again, days(1)).heated).toBe('Heated again: not kept');
  });

  it('says what was noted that some cannot eat, in one order, and nothing of what was not', () => {
    const noted = (...contains: ('milk' | 'fish' | 'nuts')[]) =>
      label([...stew, happened(hours(1), 'allergens', { contains })], hours(2)).contains;
    expect(noted('nuts', 'milk')).toBe('Contains milk, nuts');
    expect(noted('milk', 'nuts')).toBe('Contains milk, nuts');
    expect(noted()).toBeNull();
  });
});

describe('a label printed earlier', () => {
  const says = (events: Events, now: number, guidance = GUIDANCES.home) =>
    labelDateOf(stateOf(events, guidance), at(now, { guidance }));
  const outdated = (events: Events, now: number, guidance = GUIDANCES.home) =>
    outdatedLabel(stateOf(events, guidance), at(now, { guidance }));
  const labelled = (date: ReturnType<typeof says>) => happened(hours(2), 'labelled', { says: date });
  const printed = [...stew, labelled(says(stew, hours(2)))];

  it('holds while its date does', () => {
    expect(outdated(stew, hours(3))).toBeNull();
    expect(outdated(printed, days(2))).toBeNull();
    expect(outdated([...stew, happened(hours(2), 'labelled', {})], days(2))).toBeNull();
  });

  it.each<[string, Events[number][], typeof GUIDANCES.home, string]>([
    [
      'frozen',
      [happened(hours(20), 'moved', { place: 'freezer' })],
      GUIDANCES.home,
      'Frozen Sat 13 June 2026, 13:00',
    ],
    ['by another school', [], GUIDANCES.chain, 'Use by Sun 14 June 2026, 17:00'],
    [
      'dated anew',
      [happened(hours(20), 'dated', { since: hours(-24) })],
      GUIDANCES.home,
      'Use by Mon 15 June 2026, 17:00',
    ],
  ])('is printed again: %s', (_, more, guidance, now) => {
    const events = [...printed, ...more];
    const was = outdated(events, hours(21), guidance);
    expect(was && labelDateWords(was, at(hours(21)))).toBe('Use by Tue 16 June 2026, 17:00');
    expect(label(events, hours(21), guidance)).toMatchObject({
      date: now,
      replaces: 'In place of “Use by Tue 16 June 2026, 17:00”',
    });
  });

  it('counts no more once what it stood on is divided or put away anew', () => {
    const anew = [
      ...printed,
      happened(hours(4), 'putAway', { place: 'refrigerator', portions: 2, depthM: 0.03 }),
    ];
    expect(stateOf(anew)).toMatchObject({ labelled: false, labelSays: null });
    expect(outdated(anew, hours(5))).toBeNull();
  });
});
