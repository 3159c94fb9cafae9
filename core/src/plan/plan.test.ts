import fc from 'fast-check';
import { DateTime } from 'luxon';
import { foodById } from '../foods';
import { homeRules, PLAIN_GUIDANCE, ruleById, widened } from '../guidance';
import { METRIC, frozenLamb, happened, hours, planned, read, readTwice, stateOf } from '../testing/story';
import { availableBetween, clockOf, type Availability } from '../time';
import { HOUR_MS, MINUTE_MS, pounds, toKilograms } from '../units';
import {
  agendaOf,
  compareMethods,
  inMicrowave,
  METHOD_WORDS,
  methodWindow,
  obstacleWords,
  PlanProblem,
  rescueOf,
  roastingTime,
  scheduleOf,
  stepWords,
  type MethodPlan,
  type PlanInput,
} from '.';

const everyDay = (from: string, to: string): Availability =>
  Object.fromEntries([1, 2, 3, 4, 5, 6, 7].map((day) => [String(day), [{ from, to }]]));
const AWAKE = everyDay('06:30', '23:30');
const ALWAYS = everyDay('00:00', '00:00');
const lamb = foodById('lamb-shoulder-bone-in');
const local = (zone: string, text: string) => DateTime.fromISO(text, { zone }).toMillis();

const input = (over: Partial<PlanInput> = {}): PlanInput => {
  const zone = over.zone ?? 'Europe/Lisbon';
  const massKg = over.massKg ?? 2.4;
  return {
    food: lamb,
    parts: [],
    usedMs: 0,
    form: 'boneInJoint',
    massKg,
    condition: 'frozen',
    since: null,
    now: local(zone, '2026-06-12T06:45'),
    serveAt: local(zone, '2026-06-13T19:00'),
    cook: roastingTime(over.food ?? lamb, massKg, homeRules) ?? { fastMs: 2 * HOUR_MS, slowMs: 2 * HOUR_MS },
    restMs: 20 * MINUTE_MS,
    availability: AWAKE,
    zone,
    rules: homeRules,
    ...over,
  };
};
const by = (plans: readonly MethodPlan[], method: string) => plans.find((plan) => plan.method === method)!;

describe('roasting time', () => {
  const minutesOf = (food: string, lb: number) => {
    const time = roastingTime(foodById(food), toKilograms(pounds(lb)), homeRules)!;
    return [time.fastMs / MINUTE_MS, time.slowMs / MINUTE_MS, time.outsideChart];
  };
  it('follows the chart', () => expect(minutesOf('lamb-shoulder-bone-in', 5)).toEqual([150, 175, false]));
  it('takes the slower row on a boundary', () =>
    expect(minutesOf('turkey-whole', 12)).toEqual([180, 225, false]));
  it('takes the first row for lighter ones and carries the last one on for heavier', () => {
    expect(minutesOf('turkey-whole', 5)).toEqual([165, 180, true]);
    expect(minutesOf('turkey-whole', 30)).toEqual([338, 375, true]);
  });
  it('has none for a soup', () => expect(roastingTime(foodById('lentil-soup'), 2, homeRules)).toBeNull());
});

describe('2.4 kg of frozen lamb, on the table tomorrow at 19:00', () => {
  const plans = compareMethods(input());

  it('is compared by every way of thawing, in the order of preference', () => {
    expect(plans.map(({ method }) => method)).toEqual([
      'refrigerator',
      'coldWater',
      'microwave',
      'fromFrozen',
    ]);
  });

  it('can start in the refrigerator now, at the latest by the slow end', () => {
    // 5.29 lb: 31 h 45 min at 6 h a pound; 185 min in the oven; 20 min of rest.
    const plan = by(plans, 'refrigerator');
    expect(plan.feasible).toBe(true);
    expect(methodWindow(plan, input().now, 'Europe/Lisbon')).toBe('Start by 07:50');
    expect(plan.window!.to).toBeLessThanOrEqual(plan.cookStartAt - plan.thaw!.slowMs);
  });

  it('cannot be thawed evenly by microwave', () =>
    expect(by(plans, 'microwave').obstacle).toEqual({ why: 'tooThick', byMs: null }));

  it('takes half as long again from frozen', () => {
    expect(by(plans, 'fromFrozen').cook.slowMs).toBe(input().cook.slowMs * 1.5);
  });

  it('names rules that exist', () =>
    plans.flatMap(({ ruleIds }) => ruleIds).forEach((id) => expect(ruleById(id)).toBeTruthy()));

  it('says why and by how much when it is too late', () => {
    const late = input({ now: local('Europe/Lisbon', '2026-06-12T12:00') });
    const plan = by(compareMethods(late), 'refrigerator');
    expect(plan.obstacle!.why).toBe('tooLate');
    expect(obstacleWords(plan, late.now, late.zone)).toMatch(
      /^Too late by \d+ h \d+ min\. Started now, dinner is tomorrow 23:\d\d\.$/,
    );
    expect(plan.soonestServeAt).toBe(late.now + plan.thaw!.slowMs + plan.cook.slowMs + late.restMs);
  });

  it('cold water wants somebody there throughout', () => {
    const away = input({
      availability: {
        ...AWAKE,
        '6': [
          { from: '06:30', to: '10:00' },
          { from: '15:00', to: '23:30' },
        ],
      },
    });
    expect(by(compareMethods(away), 'coldWater').obstacle!.why).toBe('notHomeThroughout');
  });

  it('cooking wants somebody there to start it', () => {
    const away = input({ availability: { ...AWAKE, '6': [{ from: '18:00', to: '23:30' }] } });
    expect(compareMethods(away).filter(({ feasible }) => feasible)).toEqual([]);
    expect(by(compareMethods(away), 'refrigerator').obstacle!.why).toBe('notHomeToCook');
  });
});

describe('food that is not frozen', () => {
  const chicken = foodById('chicken-thighs');
  const fresh = (since: number | null) =>
    compareMethods(input({ food: chicken, form: 'pieces', condition: 'fresh', since }))[0]!;
  it('keeps until the oven, or says by how much it does not', () => {
    const { now, serveAt } = input();
    expect(fresh(now).feasible).toBe(true);
    expect(fresh(serveAt - 50 * HOUR_MS).obstacle!.why).toBe('keepsTooShort');
    expect(fresh(null).obstacle!.why).toBe('ageUnknown');
  });
  it('takes a mixed dish for the shortest-lived of its parts', () => {
    const { serveAt } = input();
    const fresh = (parts: string[]) =>
      compareMethods(input({ condition: 'fresh', parts, since: serveAt - 3 * 24 * HOUR_MS }))[0]!;
    expect(fresh([]).obstacle).toBeNull();
    expect(fresh(['chicken-thighs']).obstacle!.why).toBe('keepsTooShort');
  });

  it('takes off the days it had used up before it was frozen', () => {
    const days = (n: number) => n * 24 * HOUR_MS;
    const serveAt = input().now + days(9);
    const thaw = (usedDays: number) =>
      by(compareMethods(input({ serveAt, usedMs: days(usedDays), availability: ALWAYS })), 'refrigerator');
    const [full, some] = [thaw(0), thaw(4)];
    expect(full.ruleIds).toContain('home.afterThaw.redMeatCut');
    expect(some.ruleIds).toContain('home.storage.roasts.refrigerator');
    expect(some.window!.to).toBe(full.window!.to);
    // Lamb keeps 5 days thawed; with 4 of its 5 used up, one is left.
    expect(some.window!.from - full.window!.from).toBe(days(4));
    expect(thaw(5).obstacle).toEqual({ why: 'keepsTooShort', byMs: full.thaw!.slowMs - full.thaw!.fastMs });
  });

  it('when thawed goes by its limit after thawing', () => {
    const thawed = compareMethods(input({ condition: 'thawed', since: input().now - 5 * 24 * HOUR_MS }))[0]!;
    expect(thawed.obstacle!.why).toBe('keepsTooShort');
  });
});

describe('windows by the wall clock', () => {
  // Spring forward, back, and a zone without changes: the night before the meal has 23, 25 and 24 hours.
  it.each([
    ['Europe/Lisbon', '2026-03-29', 23],
    ['America/New_York', '2026-11-01', 25],
    ['Asia/Kolkata', '2026-03-29', 24],
  ])('in %s on %s are right across midnight and the clock change', (zone, day, hoursInDay) => {
    const serveAt = local(zone, `${day}T19:00`);
    const midnight = local(zone, `${day}T00:00`);
    expect(
      DateTime.fromMillis(midnight, { zone })
        .plus({ days: 1 })
        .diff(DateTime.fromMillis(midnight, { zone }), 'hours').hours,
    ).toBe(hoursInDay);
    const now = serveAt - 60 * HOUR_MS;
    const plan = by(compareMethods(input({ zone, now, serveAt, availability: ALWAYS })), 'refrigerator');
    // True hours, whatever the wall clock does in between.
    expect(plan.window!.to).toBe(plan.cookStartAt - plan.thaw!.slowMs);
    expect(serveAt - plan.cookStartAt).toBe(plan.cook.slowMs + 20 * MINUTE_MS);
    // Bedtime stays bedtime on the wall: nothing starts at night.
    const tucked = by(compareMethods(input({ zone, now, serveAt })), 'refrigerator');
    const wall = clockOf(tucked.window!.to, zone);
    expect(wall >= '06:30' && wall <= '23:30').toBe(true);
  });

  it.each(['Europe/Lisbon', 'America/New_York', 'Asia/Kolkata'])(
    'in %s the cook’s hours are cut by the wall clock and joined across midnight',
    (zone) => {
      const from = local(zone, '2026-10-24T00:00');
      const found = availableBetween(everyDay('20:00', '02:00'), from, from + 2 * 24 * HOUR_MS, zone);
      expect(
        found.map(({ from: a, to: b }) => `${clockOf(a, zone)}-${clockOf(b, zone)}`).slice(0, 2),
      ).toEqual(['00:00-02:00', '20:00-02:00']);
      expect(availableBetween(ALWAYS, from, from + 48 * HOUR_MS, zone)).toHaveLength(1);
    },
  );
});

describe('comparing methods', () => {
  it('never starts a window outside what is possible', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 12, noNaN: true }),
        fc.integer({ min: 1, max: 200 }),
        (massKg, hoursAhead) => {
          const asked = input({ massKg, serveAt: input().now + hoursAhead * HOUR_MS });
          for (const plan of compareMethods(asked)) {
            expect(plan.feasible).toBe(plan.window !== null);
            expect(plan.feasible).toBe(plan.obstacle === null);
            if (!plan.window) continue;
            expect(plan.window.from).toBeGreaterThanOrEqual(asked.now);
            expect(plan.window.from).toBeLessThanOrEqual(plan.window.to);
            expect(plan.window.to + (plan.thaw?.slowMs ?? 0)).toBeLessThanOrEqual(plan.cookStartAt);
          }
        },
      ),
    );
  });

  it('heavier food never starts later', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 4, noNaN: true }),
        fc.double({ min: 0, max: 4, noNaN: true }),
        (massKg, more) => {
          const latest = (kg: number) =>
            by(
              compareMethods(
                input({ massKg: kg, serveAt: input().now + 200 * HOUR_MS, availability: ALWAYS }),
              ),
              'refrigerator',
            ).window!.to;
          expect(latest(massKg + more)).toBeLessThanOrEqual(latest(massKg));
        },
      ),
    );
  });

  it.each([
    ['no weight', { massKg: 0 }, 'mass'],
    ['900 kg', { massKg: 900 }, 'mass'],
    ['not a number', { massKg: NaN }, 'mass'],
    ['a meal in the past', { serveAt: input().now }, 'serveAt'],
    ['no cooking time', { cook: { fastMs: 0, slowMs: 0 } }, 'cook'],
  ])('refuses %s at its field', (_what, wrong, field) => {
    let problem: unknown;
    try {
      compareMethods(input(wrong as Partial<PlanInput>));
    } catch (error) {
      problem = error;
    }
    expect(problem).toBeInstanceOf(PlanProblem);
    expect((problem as PlanProblem).field).toBe(field);
  });
});

describe('by the watts of a microwave', () => {
  const food = foodById('chicken-thighs');
  it('a weaker one is planned longer, a stronger one is looked at sooner and planned no shorter', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 200, max: 2000 }),
        fc.double({ min: 0.1, max: 3, noNaN: true }),
        (watts, massKg) => {
          const usual = inMicrowave(food, massKg, homeRules);
          const own = inMicrowave(food, massKg, homeRules, watts);
          const [stronger, weaker] = watts >= 800 ? [own, usual] : [usual, own];
          expect(stronger.slowMs).toBeLessThanOrEqual(weaker.slowMs);
          const planned = widened(usual, own);
          expect(planned.slowMs).toBe(weaker.slowMs);
          expect(planned.fastMs).toBe(stronger.fastMs);
        },
      ),
    );
  });
});

describe('a plan under way', () => {
  const base = [frozenLamb(), planned()];
  const schedule = (events: Parameters<typeof stateOf>[0], now: number) =>
    scheduleOf(stateOf(events), now, homeRules)!;

  it('begins with the thaw and is on time', () => {
    const found = schedule(base, hours(2));
    expect(found.next!.kind).toBe('startThaw');
    expect(found.lateMs).toBe(0);
    expect(found.steps.map(({ kind }) => kind)).toEqual([
      'startThaw',
      'checkThawed',
      'ovenOn',
      'startCooking',
      'read',
      'offHeat',
      'serve',
      'putAway',
    ]);
  });

  it('moves what follows when a step is late', () => {
    const started = happened(hours(20), 'thawStarted', { method: 'refrigerator' });
    const late = schedule([...base, started], hours(21));
    expect(late.lateMs).toBeGreaterThan(0);
    expect(late.serveAt).toBe(hours(20) + late.steps[1]!.at - hours(20) + (185 + 20) * MINUTE_MS);
  });

  it('offers what still makes it', () => {
    const state = stateOf(base);
    const rescue = rescueOf(state, { now: hours(40), zone: 'UTC', rules: homeRules, availability: ALWAYS })!;
    expect(rescue.lateMs).toBeGreaterThan(0);
    expect(rescue.ways.map(({ method }) => method)).toEqual(['coldWater', 'fromFrozen']);
    expect(
      rescueOf(state, { now: hours(2), zone: 'UTC', rules: homeRules, availability: ALWAYS }),
    ).toBeNull();
  });

  it('asks for water in cold water, then goes on by itself', () => {
    const wet = [
      frozenLamb(),
      planned('coldWater', hours(42)),
      happened(hours(42), 'thawStarted', { method: 'coldWater' }),
    ];
    expect(schedule(wet, hours(42) + 1).next!.kind).toBe('changeWater');
    const words = stepWords(schedule(wet, hours(42) + 1).next!, stateOf(wet), METRIC, homeRules);
    expect(words.title).toBe('Change the water, 1st of 7');
    expect(schedule([...wet, happened(hours(45), 'thawed')], hours(45)).next!.kind).toBe('ovenOn');
  });

  it('is led to the plate and away, each tick being the log entry', () => {
    const events = [...base];
    const next = (now: number) => schedule(events, now).next!.kind;
    events.push(
      happened(hours(10), 'thawStarted', { method: 'refrigerator' }),
      happened(hours(45), 'thawed'),
    );
    expect(next(hours(45))).toBe('ovenOn');
    events.push(happened(hours(46), 'ovenOn'), happened(hours(46.5), 'cookingStarted'));
    expect(next(hours(47))).toBe('read');
    events.push(read(hours(49), 130));
    expect(next(hours(49))).toBe('read');
    events.push(...readTwice(hours(49.2), 146));
    expect(next(hours(49.2))).toBe('offHeat');
    events.push(happened(hours(49.3), 'offHeat'), happened(hours(50), 'served', {}));
    expect(next(hours(50))).toBe('putAway');
    events.push(happened(hours(50.5), 'putAway', { place: 'refrigerator', portions: 4, depthM: 0.05 }));
    expect(scheduleOf(stateOf(events), hours(51), homeRules)).toBeNull();
  });

  it('puts every food’s next need in one list, decisions last', () => {
    const context = { now: hours(2), zone: 'UTC', units: METRIC, guidance: PLAIN_GUIDANCE };
    const suspect = stateOf([
      happened(hours(0), 'added', {
        foodKey: 'beef-stew',
        name: 'Tub',
        massKg: 1,
        form: 'dish',
        condition: 'cooked',
        place: 'refrigerator',
        since: null,
      }),
    ]);
    const agenda = agendaOf([suspect, stateOf(base)], context);
    expect(agenda.map(({ title }) => title)).toEqual([
      'To the lowest shelf',
      'Cannot tell: when was it cooked or opened?',
    ]);
    expect(agenda[1]!.at).toBeNull();
  });
});

it('has a word for every method', () => expect(new Set(Object.values(METHOD_WORDS)).size).toBe(6));
