import fc from 'fast-check';
import { anyLife } from '../testing/anyLife';
import {
  at,
  cookedLamb,
  days,
  FOOD_ID,
  GUIDANCES,
  happened,
  hours,
  leftovers,
  minutes,
  moved,
  putAway,
  raw,
  read,
  rule,
  START,
} from '../testing/story';
import { DAY_MS, HOUR_MS, MINUTE_MS } from '../units';
import { type Cause, causeOf, causes, MONTHS_BACK, monthsOf, type Parting, partingOf, savings } from '.';

type Events = Parameters<typeof partingOf>[0];
const NONE = new Map();
const context = at(START);
const parting = (events: Events, guidance = GUIDANCES.home) =>
  partingOf(events, NONE, { ...context, guidance });
const thrown = (when: number) => happened(when, 'discarded');
const eaten = (when: number) => happened(when, 'eaten');
const stew: Events = [...cookedLamb(START, 170), putAway(minutes(40))];

describe('how a food left', () => {
  it('what is still here has not left', () => expect(parting(stew)).toBeNull());

  it('eaten in its days it left well', () =>
    expect(parting([...stew, eaten(days(1))])).toEqual({
      foodId: FOOD_ID,
      name: 'Lamb shoulder',
      massKg: 2.4,
      at: days(1),
      how: 'eaten',
      cause: null,
      nearly: false,
    }));

  // Cooked at START, four days by the home charts, three by the chain's calendar days.
  it.each([
    ['home', days(3) - 1, false],
    ['home', days(3) + 1, true],
    ['home', days(4), true],
    ['home', days(4) + 1, false],
    ['chain', days(1) + 1, true],
    ['care', days(1) + 1, true],
  ] as const)('by %s, eaten with less than a day to go, it nearly did not', (school, when, nearly) =>
    expect(parting([...stew, eaten(when)], GUIDANCES[school])?.nearly).toBe(nearly),
  );

  it.each<[Cause, Events]>([
    ['unwanted', [...stew, thrown(days(1))]],
    ['days', [...stew, thrown(days(6))]],
    ['undated', [leftovers(null), thrown(days(1))]],
    ['leftOut', [...cookedLamb(START, 170), thrown(hours(7))]],
    [
      'leftOut',
      [raw({ condition: 'frozen', place: 'freezer' }), moved(hours(1), 'counter'), thrown(hours(30))],
    ],
    [
      'thawing',
      [
        raw({ condition: 'frozen', place: 'freezer' }),
        happened(hours(1), 'thawStarted', { method: 'coldWater' }),
        happened(hours(1.5), 'thawed'),
        moved(hours(1.5), 'freezer'),
        thrown(days(20)),
      ],
    ],
    ['again', [...stew, happened(days(1), 'cookingStarted'), read(days(1), 170), thrown(days(1) + HOUR_MS)]],
    ['days', [raw({ since: START }), thrown(days(9))]],
  ])('thrown away because of %s', (cause, events) =>
    expect(parting(events)).toMatchObject({ how: 'discarded', cause, nearly: false }),
  );

  it('whatever happened to it, it has one cause where it was thrown away, and none where it was eaten', () =>
    fc.assert(
      fc.property(anyLife, fc.integer({ min: 0, max: 6 * 24 * 60 }), (events, wait) => {
        const when = events.at(-1)!.at + wait * MINUTE_MS;
        const { verdict } = rule(events, when);
        const { cause } = parting([...events, thrown(when)])!;
        expect(causes).toContain(cause);
        expect(cause === 'unwanted').toBe(verdict === 'fine' || verdict === 'actBy');
        expect(parting([...events, eaten(when)])).toMatchObject({ how: 'eaten', cause: null });
      }),
    ));

  it('a throwing away that was taken back is none, and one set right counts as it is', () => {
    const gone = thrown(days(6));
    const back = happened(days(6), 'corrected', { eventId: gone.id, withdrawn: true });
    const sooner = happened(days(6), 'corrected', { eventId: gone.id, at: days(1) });
    expect(parting([...stew, gone, back])).toBeNull();
    expect(parting([...stew, gone, sooner])).toMatchObject({ at: days(1), cause: 'unwanted' });
  });

  it('one that never came left nothing', () => {
    const came = leftovers(START);
    const never = happened(hours(1), 'corrected', { eventId: came.id, withdrawn: true });
    expect(parting([came, thrown(hours(1)), never])).toBeNull();
  });

  it('a part of a batch is as heavy as the part, and has the batch’s past', () => {
    const partId = '01900000-0000-7000-8000-00000000ffff';
    const part = (event: Events[number]) => ({ ...event, foodId: partId }) as Events[number];
    const portioned = part(happened(days(1), 'portioned', { from: FOOD_ID, name: 'Slices', massKg: 0.4 }));
    const others = new Map([[FOOD_ID, stew]]);
    expect(partingOf([portioned, part(thrown(days(6)))], others, context)).toMatchObject({
      foodId: partId,
      massKg: 0.4,
      cause: 'days',
    });
  });
});

describe('why', () => {
  const ruled = (verdict: Parameters<typeof causeOf>[0]['verdict'], ruleId: string) =>
    causeOf({ verdict, reasons: [{ label: '', value: '', detail: '', ruleId }] });

  it('is what decided, whichever the school', () => {
    expect(ruled('discard', 'home.storage.soupsStews.refrigerator')).toBe('days');
    expect(ruled('discard', 'code.cooling.firstMark')).toBe('cooling');
    expect(ruled('useNow', 'chain.printedDate')).toBe('days');
    expect(ruled('cannotTell', 'care.bandTime.limit')).toBe('unnoted');
    expect(ruled('cannotTell', 'home.thermometer.icePoint')).toBe('thermometer');
  });

  it('what was fine for a while yet was not wanted', () => {
    expect(ruled('fine', 'home.storage.soupsStews.refrigerator')).toBe('unwanted');
    expect(ruled('actBy', 'home.bandTime.limit')).toBe('unwanted');
    expect(causeOf({ verdict: 'fine', reasons: [] })).toBe('unwanted');
  });
});

describe('looking back', () => {
  let serial = 0;
  const left = (when: number, more: Partial<Parting> = {}): Parting => ({
    foodId: `${++serial}`,
    name: 'Soup',
    massKg: 1,
    at: when,
    how: 'eaten',
    cause: null,
    nearly: false,
    ...more,
  });
  const lost = (when: number, cause: Cause, massKg = 1) => left(when, { how: 'discarded', cause, massKg });

  it('goes by the months of the household’s zone, the empty ones too', () => {
    // 30 June 23:30 UTC is July already in Tokyo.
    const late = Date.UTC(2026, 5, 30, 23, 30);
    const now = Date.UTC(2026, 6, 31, 12);
    const parts = [left(late, { massKg: 2 }), lost(late, 'days', 3), left(late, { nearly: true, massKg: 4 })];
    const kg = (zone: string) =>
      monthsOf(parts, now, zone)
        .filter(({ eatenKg }) => eatenKg > 0)
        .map(({ month, eatenKg, nearlyKg, discardedKg }) => [month, eatenKg, nearlyKg, discardedKg]);
    expect(kg('UTC')).toEqual([['2026-06', 6, 4, 3]]);
    expect(kg('Asia/Tokyo')).toEqual([['2026-07', 6, 4, 3]]);
    const months = monthsOf(parts, now, 'UTC').map(({ month }) => month);
    expect(months).toHaveLength(MONTHS_BACK);
    expect(new Set(months).size).toBe(MONTHS_BACK);
    expect(months[0]).toBe('2025-08');
    expect(months.at(-1)).toBe('2026-07');
  });

  it('loses nothing that left in these months', () => {
    const now = Date.UTC(2026, 6, 31, 12);
    const parts = Array.from({ length: 330 }, (__, day) =>
      day % 3 ? lost(now - day * DAY_MS, causes[day % causes.length]!) : left(now - day * DAY_MS),
    );
    const months = monthsOf(parts, now, 'Europe/Lisbon');
    const sum = months.reduce((all, { eatenKg, discardedKg }) => all + eatenKg + discardedKg, 0);
    expect(sum).toBe(330);
    expect(months.flatMap(({ discarded }) => discarded)).toHaveLength(220);
  });

  it('says what would have saved most, by weight, then by how often', () => {
    const parts = [
      lost(START, 'days', 0.5),
      lost(START, 'days', 0.5),
      lost(START, 'leftOut', 1),
      lost(START, 'unwanted', 3),
      left(START, { massKg: 9 }),
    ];
    expect(savings(parts)).toEqual([
      { cause: 'unwanted', times: 1, kg: 3 },
      { cause: 'days', times: 2, kg: 1 },
      { cause: 'leftOut', times: 1, kg: 1 },
    ]);
    expect(savings([])).toEqual([]);
  });
});
