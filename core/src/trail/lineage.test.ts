import fc from 'fast-check';
import { PLAIN_GUIDANCE } from '../guidance';
import { evening } from '../testing/evening';
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
  read,
  START,
  verdict,
} from '../testing/story';
import { BrokenTrail, foldTrail, wholeHistory } from '.';
import { judge, severity } from '../judge';
import type { FoodEvent } from '../record';

const TUB_ID = '01900000-0000-7000-8000-000000000001';
const SOUP_ID = '01900000-0000-7000-8000-000000000002';
const of = (foodId: string, event: FoodEvent): FoodEvent => ({ ...event, foodId });
const dividedAt = (when: number): FoodEvent =>
  of(TUB_ID, happened(when, 'portioned', { from: FOOD_ID, name: 'Tub', massKg: 0.5, portions: 1 }));
const ruled = (
  own: readonly FoodEvent[],
  others: Record<string, readonly FoodEvent[]>,
  now: number,
  guidance = PLAIN_GUIDANCE,
) => judge(foldTrail(own, guidance, new Map(Object.entries(others)))!, at(now, { guidance }))!.verdict;
const putAway = (when: number) =>
  happened(when, 'putAway', { place: 'refrigerator', portions: 4, depthM: 0.03 });
const batch = [...cookedLamb(START), putAway(minutes(60))];
const moment = fc.integer({ min: 0, max: 8 * 24 * 60 }).map(minutes);

describe('a batch divided', () => {
  it('portions inherit all that happened and go separate ways', () => {
    const tub = [
      dividedAt(hours(2)),
      of(TUB_ID, happened(days(1), 'moved', { place: 'freezer' })),
      of(TUB_ID, happened(days(30), 'moved', { place: 'refrigerator' })),
    ];
    const others = { [FOOD_ID]: batch };
    expect(verdict(batch, days(5))).toBe('discard');
    // One of its four days was used before the freezer; three are left after it.
    expect(ruled(tub, others, days(33))).toBe('actBy');
    expect(ruled(tub, others, days(33) + 1)).toBe('discard');
  });

  it('what is left of it weighs less and has fewer portions', () => {
    const left = foldTrail(
      [...batch, happened(hours(2), 'dividedOff', { to: TUB_ID, massKg: 0.5, portions: 1 })],
      PLAIN_GUIDANCE,
    )!;
    expect(left.massKg).toBeCloseTo(1.9);
    expect(left.container!.portions).toBe(3);
  });

  it('a correction of the batch reaches its portions', () => {
    const reading = batch.find(({ type }) => type === 'reading')!;
    const withdrawn = happened(days(1), 'corrected', { eventId: reading.id, withdrawn: true });
    expect(ruled([dividedAt(hours(2))], { [FOOD_ID]: batch }, hours(3))).toBe('fine');
    expect(ruled([dividedAt(hours(2))], { [FOOD_ID]: [...batch, withdrawn] }, hours(3))).toBe('cannotTell');
  });

  it('what happens to the batch later does not', () => {
    const more = [...batch, happened(hours(3), 'moved', { place: 'counter' })];
    expect(verdict(more, hours(9))).toBe('discard');
    expect(ruled([dividedAt(hours(2))], { [FOOD_ID]: more }, hours(9))).toBe('fine');
  });

  it('under every guidance a portion left as it is is ruled as the batch is', () => {
    fc.assert(
      fc.property(evening, moment, fc.constantFrom(...Object.values(GUIDANCES)), (events, now, guidance) => {
        const known = events.filter((event) => event.at <= now);
        expect(ruled([dividedAt(now)], { [FOOD_ID]: known }, now, guidance)).toBe(
          verdict(known, now, { guidance }),
        );
      }),
    );
  });

  it('needs the history it came with', () => {
    expect(() => foldTrail([dividedAt(START)], PLAIN_GUIDANCE)).toThrow(BrokenTrail);
    expect(wholeHistory([dividedAt(hours(2))], new Map([[FOOD_ID, batch]]))).toHaveLength(batch.length + 1);
    const later = [...batch, happened(hours(3), 'labelled')];
    expect(wholeHistory([dividedAt(hours(2))], new Map([[FOOD_ID, later]]))).toHaveLength(batch.length + 1);
  });

  it('of a food that never came there is none', () => {
    const [came] = batch;
    const never = [...batch, happened(hours(9), 'corrected', { eventId: came!.id, withdrawn: true })];
    expect(foldTrail([dividedAt(hours(2))], PLAIN_GUIDANCE, new Map([[FOOD_ID, never]]))).toBeNull();
  });
});

describe('two foods put together', () => {
  const joined = (when: number) => happened(when, 'joined', { with: SOUP_ID });

  it('are as the older of both', () => {
    const soup = [of(SOUP_ID, leftovers(days(-3), 'lentil-soup', days(-3)))];
    expect(ruled([...batch, joined(hours(2))], { [SOUP_ID]: soup }, hours(3))).toBe('actBy');
    expect(ruled([...batch, joined(hours(2))], { [SOUP_ID]: soup }, days(1) + 1)).toBe('discard');
  });

  it('and the other is gone', () => {
    const gone = [...batch, happened(hours(2), 'joinedTo', { into: SOUP_ID })];
    expect(judge(foldTrail(gone, PLAIN_GUIDANCE)!, at(hours(3)))).toBeNull();
  });

  it('where the other never came, it is as it was', () => {
    const came = of(SOUP_ID, leftovers(days(-3), 'lentil-soup', days(-3)));
    const never = of(SOUP_ID, happened(hours(1), 'corrected', { eventId: came.id, withdrawn: true }));
    const others = new Map([[SOUP_ID, [came, never]]]);
    const put = joined(hours(2));
    expect(foldTrail([...batch, put], PLAIN_GUIDANCE, others)).toEqual({
      ...foldTrail(batch, PLAIN_GUIDANCE),
      lastAt: put.at,
      lastIds: [put.id],
    });
  });

  it('of unknown age when one of them is', () => {
    const soup = [of(SOUP_ID, leftovers(null, 'lentil-soup', hours(-1)))];
    expect(ruled([...batch, joined(hours(2))], { [SOUP_ID]: soup }, hours(3))).toBe('cannotTell');
  });

  it('are never ruled better than either alone', () => {
    fc.assert(
      fc.property(
        evening,
        evening,
        moment,
        fc.constantFrom(...Object.values(GUIDANCES)),
        (a, b, now, guidance) => {
          const one = a.filter((event) => event.at <= now);
          const other = b.filter((event) => event.at <= now).map((event) => of(SOUP_ID, event));
          const both = severity(ruled([...one, joined(now)], { [SOUP_ID]: other }, now, guidance));
          expect(both).toBeGreaterThanOrEqual(severity(verdict(one, now, { guidance })));
          expect(both).toBeGreaterThanOrEqual(severity(ruled(other, {}, now, guidance)));
        },
      ),
    );
  });
});

describe('what nobody saw', () => {
  it('a gap longer than the limit cannot be told, and a longer one never improves it', () => {
    const gap = (ms: number) => [
      leftovers(START),
      happened(hours(9), 'unaccounted', { since: hours(9) - ms }),
    ];
    expect(verdict(gap(hours(2) - START), hours(9))).toBe('fine');
    expect(verdict(gap(hours(2) - START + 1), hours(9))).toBe('cannotTell');
    fc.assert(
      fc.property(fc.nat(600), fc.nat(600), moment, (length, more, now) => {
        const later = Math.max(now, hours(9));
        const worse = (n: number) => severity(verdict(gap(minutes(n) - START), later));
        expect(worse(length + more)).toBeGreaterThanOrEqual(worse(length));
      }),
    );
  });

  const warmNight = [leftovers(START), happened(hours(14), 'storeWarm', { since: hours(6) })];
  it('a warm refrigerator asks for a reading; the clock runs from its last good record', () => {
    expect(verdict(warmNight, hours(14))).toBe('cannotTell');
    expect(verdict([leftovers(START), happened(hours(7), 'storeWarm', { since: hours(6) })], hours(7))).toBe(
      'actBy',
    );
  });
  it('food read cold was cold all along', () =>
    expect(verdict([...warmNight, read(hours(14), 40)], hours(15))).toBe('actBy'));
  it('and from then on its clock runs, until the store is right again', () => {
    const right = happened(hours(15), 'storeRight');
    expect(verdict([...warmNight, read(hours(14), 40)], hours(16) + 1)).toBe('cannotTell');
    expect(verdict([...warmNight, read(hours(14), 40), right], hours(20))).toBe('fine');
  });
  it('food read warm is out of the cold from then on for certain', () =>
    expect(verdict([...warmNight, read(hours(14), 48)], hours(16) + 1)).toBe('discard'));
  it('it never touches what is not in the store', () =>
    expect(
      verdict(
        [
          ...batch,
          happened(minutes(70), 'moved', { place: 'table' }),
          happened(minutes(80), 'storeWarm', { since: START }),
        ],
        minutes(81),
      ),
    ).toBe('actBy'));
});

describe('a reading by a thermometer', () => {
  const thick = [...cookedLamb(START).slice(0, 4)];
  const readBy = (value: number, more: object) => [
    read(START, value, 'F', more),
    read(START, value, 'F', { place: 'edge', ...more }),
  ];
  const off = happened(START, 'offHeat');
  it('that reads off is corrected', () => {
    expect(verdict([...thick, ...readBy(147, { correction: -2 }), off], minutes(5))).toBe('actBy');
    expect(foldTrail([...thick, ...readBy(146, { correction: -2 }), off], PLAIN_GUIDANCE)!.cooked).toBe(
      false,
    );
    expect(foldTrail([...thick, ...readBy(144, { correction: 1 }), off], PLAIN_GUIDANCE)!.cooked).toBe(true);
  });
  it('that was dropped proves nothing', () =>
    expect(verdict([...thick, ...readBy(180, { doubtful: true }), off], minutes(5))).toBe('cannotTell'));
});

describe('a dish brought by somebody else', () => {
  const brought = (more: object) =>
    happened(START, 'added', {
      foodKey: 'lasagne',
      name: 'Lasagne',
      massKg: 1,
      form: 'dish',
      condition: 'cooked',
      place: 'counter',
      since: START,
      from: 'guest',
      ...more,
    });
  it('has its own clock', () => expect(verdict([brought({})], hours(2) + 1)).toBe('discard'));
  it('that had been heated again is eaten while it is hot, and not kept', () => {
    const again = { reheatedBefore: true, outSince: START };
    expect(verdict([brought(again)], START)).toBe('cannotTell');
    expect(verdict([brought(again), read(minutes(1), 140)], minutes(2))).toBe('useNow');
    expect(verdict([brought(again), read(minutes(1), 139.9)], minutes(2))).toBe('discard');
    expect(verdict([brought({ reheatedBefore: true }), putAway(minutes(10))], minutes(11))).toBe('discard');
  });
});

describe('a mixed dish', () => {
  const mixed = (parts: string[], more: object = {}) =>
    happened(START, 'added', {
      foodKey: 'mashed-potatoes',
      parts,
      name: 'Pie',
      massKg: 1,
      form: 'dish',
      condition: 'cooked',
      place: 'refrigerator',
      since: START,
      ...more,
    });
  it('keeps as long as its shortest-lived part', () => {
    expect(verdict([mixed([])], days(3))).toBe('actBy');
    expect(verdict([mixed(['gravy'])], days(2) + 1)).toBe('discard');
  });
  it('is cooked to the strictest of its targets', () => {
    const raw = (parts: string[]) => [
      mixed(parts, { condition: 'fresh' }),
      happened(minutes(1), 'cookingStarted'),
      read(minutes(40), 145),
      happened(minutes(41), 'offHeat'),
    ];
    expect(verdict(raw([]), minutes(42))).toBe('actBy');
    expect(verdict(raw(['chicken-thighs']), minutes(42))).toBe('useNow');
  });
  it('is left out with extra care for the one part that is', () =>
    expect(verdict([mixed(['smoked-salmon'])], START, { guidance: GUIDANCES.care })).toBe('discard'));
  it('more parts never improve a ruling', () => {
    const parts = fc.array(
      fc.constantFrom('gravy', 'chicken-thighs', 'cooked-rice', 'smoked-salmon', 'milk'),
      { maxLength: 4 },
    );
    fc.assert(
      fc.property(
        parts,
        parts,
        moment,
        fc.constantFrom(...Object.values(GUIDANCES)),
        (some, more, now, guidance) => {
          const worse = (all: string[]) => severity(verdict([mixed(all)], now, { guidance }));
          expect(worse([...some, ...more])).toBeGreaterThanOrEqual(worse(some));
        },
      ),
    );
  });
});

it('a food ruled by other guidance than the household’s is so for its whole history', () => {
  const chosen = happened(hours(5), 'guided', { choice: { school: 'code', extraCare: false } });
  const served = [...cookedLamb(START, 170), happened(minutes(1), 'served', {})];
  expect(verdict(served, hours(3))).toBe('discard');
  expect(verdict([...served, chosen], hours(3))).toBe('useNow');
  const back = happened(hours(6), 'guided', { choice: null });
  expect(verdict([...served, chosen, back], hours(3))).toBe('discard');
});

describe('a batch divided and put together again, over and over', () => {
  // Folded anew for each that refers to it, this would take as many folds as there are grains on a chessboard.
  it('is folded once for every step', () => {
    const STEPS = 60;
    const partOf = (step: number) =>
      `01900000-0000-7000-8000-0000000001${step.toString(16).padStart(2, '0')}`;
    const others: Record<string, FoodEvent[]> = { [FOOD_ID]: [...batch] };
    for (let step = 0; step < STEPS; step++) {
      const [part, when] = [partOf(step), hours(2) + step * 60_000];
      others[part] = [
        of(part, happened(when, 'portioned', { from: FOOD_ID, name: 'Tub', massKg: 0.1 })),
        of(part, happened(when + 20_000, 'joinedTo', { into: FOOD_ID })),
      ];
      others[FOOD_ID]!.push(
        happened(when, 'dividedOff', { to: part, massKg: 0.1 }),
        happened(when + 20_000, 'joined', { with: part }),
      );
    }
    expect(ruled(others[FOOD_ID]!, others, hours(4))).toBe(verdict(batch, hours(4)));
  });
});
