import fc from 'fast-check';
import { foodById } from '../foods';
import { chainRules, codeRules, homeRules, type RuleSet } from '../guidance';
import { readProblem, SERVE, solve } from '../schedule';
import { kitchenOf } from '../testing/kitchen';
import { brokenBy } from '../testing/scheduleCheck';
import { HOUR_MS, MINUTE_MS } from '../units';
import { mealProblem, type ColdDish, type CookedDish, type Meal, type ReheatedDish } from '.';

const now = Date.UTC(2026, 5, 12, 17, 2);
const at = (hours: number) => now + hours * HOUR_MS;
const zone = 'Europe/Lisbon';

/** Home and awake from seven to eleven, every day, from now on. */
const days = (from: number, to: number, count = 5) =>
  Array.from({ length: count }, (_, day) => ({
    from: Math.max(now, Date.UTC(2026, 5, 12 + day, from - 1)),
    to: Date.UTC(2026, 5, 12 + day, to - 1),
  })).filter((each) => each.from < each.to);

const kitchen = kitchenOf({ Ana: days(7, 23), Bo: days(16, 23) });

const common = { prepareMs: 15 * MINUTE_MS, finishMs: 0, waitsMs: 20 * MINUTE_MS, keeps: true };
const lamb: CookedDish = {
  ...common,
  id: 'lamb',
  name: 'Lamb',
  kind: 'cooked',
  method: 'refrigerator',
  food: {
    food: foodById('lamb-shoulder-bone-in'),
    parts: [],
    form: 'boneInJoint',
    massKg: 2.4,
    condition: 'frozen',
    since: null,
    usedMs: 0,
  },
  heating: { at: 'oven', fastMs: 135 * MINUTE_MS, slowMs: 165 * MINUTE_MS, celsius: [160, 170] },
  restMs: 20 * MINUTE_MS,
  finishMs: 10 * MINUTE_MS,
};
const trout: CookedDish = {
  ...lamb,
  id: 'trout',
  name: 'Trout',
  method: 'coldWater',
  food: { ...lamb.food, food: foodById('trout-side'), form: 'fillet', massKg: 0.8 },
  heating: { at: 'hob', fastMs: 12 * MINUTE_MS, slowMs: 18 * MINUTE_MS },
  restMs: 0,
  waitsMs: 5 * MINUTE_MS,
};
const bread: ReheatedDish = {
  ...common,
  id: 'pie',
  name: 'Pie',
  kind: 'reheated',
  heating: { at: 'oven', fastMs: 25 * MINUTE_MS, slowMs: 35 * MINUTE_MS, celsius: [200, 220] },
};
const salad: ColdDish = { ...common, id: 'salad', name: 'Salad', kind: 'cold', waitsMs: 60 * MINUTE_MS };
const supper: Meal = {
  table: { people: 9, smallEaters: 2, serveAt: at(50) },
  dishes: [lamb, trout, bread, salad],
  kitchen,
};

const planned = (meal: Meal, rules: RuleSet = homeRules) => {
  const made = mealProblem(meal, { rulesOf: () => rules, zone, now });
  if ('obstacles' in made) throw new Error(JSON.stringify(made.obstacles));
  const problem = readProblem(made.problem);
  const schedule = solve(problem, { seed: 1, rounds: 4 });
  if (!('startAt' in schedule)) throw new Error(JSON.stringify(schedule));
  return { ...made, problem, schedule };
};

describe('a supper of four dishes', () => {
  it.each([
    ['home', homeRules],
    ['code', codeRules],
    ['chain', chainRules],
  ] as const)('has one schedule by %s, on time, that keeps every constraint', (_school, rules) => {
    const { problem, schedule, tasks } = planned(supper, rules);
    expect(brokenBy(problem, schedule)).toEqual([]);
    expect(schedule.serveAt).toBe(problem.serveAt);
    const start = (id: string) => schedule.startAt[id]!;
    const end = (id: string) => start(id) + tasks.get(id)!.minutes;
    // Thawed and not too long: by the rule; heated one after the other, since one oven has one heat.
    expect(start('lamb.prepare')).toBeGreaterThanOrEqual(end('lamb.thaw'));
    expect(start('pie.reheat')).toBeGreaterThanOrEqual(end('lamb.cook') + 15);
    expect(start('trout.cook')).toBeGreaterThanOrEqual(end('trout.thaw'));
    expect(start('trout.cook') - end('trout.thaw')).toBeLessThanOrEqual(30);
  });

  it('names the rules of what has one, and every task is of a dish', () => {
    const { tasks } = planned(supper);
    expect(tasks.get('lamb.thaw')!.ruleIds).toContain(homeRules.thawing.refrigerator.id);
    expect(tasks.get('lamb.ovenOn')!.ruleIds).toEqual([homeRules.cooking.preheat.id]);
    for (const [id, { dish, kind, ruleIds }] of tasks) {
      expect(id).toBe(`${dish}.${kind}`);
      expect(ruleIds).not.toEqual([]);
    }
    expect(tasks.get('lamb.cook')!.ruleIds).toContain(homeRules.cooking.targets.roast.id);
  });

  it('puts away in time what stood since it left the heat, and not before they have eaten', () => {
    const { schedule, tasks } = planned(supper);
    for (const id of ['lamb', 'trout']) {
      const away = schedule.startAt[`${id}.putAway`]!;
      const outOf = schedule.startAt[`${id}.cook`]! + tasks.get(`${id}.cook`)!.minutes;
      expect(away + 10 - outOf).toBeLessThanOrEqual(120);
      expect(away).toBeGreaterThanOrEqual(schedule.serveAt + 30);
    }
  });
});

it('what is marinated lies in the cold between its thaw and its board, and its raw days go on', () => {
  const inMarinade = (hours: number): Meal => ({
    ...supper,
    dishes: [{ ...lamb, marinateMs: hours * HOUR_MS }],
  });
  const { problem, schedule, tasks } = planned(inMarinade(12));
  expect(brokenBy(problem, schedule)).toEqual([]);
  const end = (id: string) => schedule.startAt[id]! + tasks.get(id)!.minutes;
  expect(schedule.startAt['lamb.marinate']!).toBeGreaterThanOrEqual(end('lamb.thaw'));
  expect(schedule.startAt['lamb.prepare']!).toBeGreaterThanOrEqual(end('lamb.marinate'));
  expect(tasks.get('lamb.marinate')).toMatchObject({ place: 'refrigerator', minutes: 12 * 60 });
  // Longer than raw food may lie after its thaw there is no schedule.
  const made = mealProblem(inMarinade(70), { rulesOf: () => homeRules, zone, now });
  if ('obstacles' in made) throw new Error(JSON.stringify(made.obstacles));
  expect(solve(readProblem(made.problem), { rounds: 0 })).toHaveProperty('infeasible');
});

describe('what stands in the way before any schedule', () => {
  it('is said for each dish: too thick for the method, too old, no such place', () => {
    const old: CookedDish = {
      ...trout,
      id: 'old',
      method: 'fresh',
      food: { ...trout.food, condition: 'fresh', since: now - 24 * HOUR_MS },
    };
    const meal: Meal = {
      ...supper,
      kitchen: { ...kitchen, rings: 0 },
      dishes: [{ ...lamb, method: 'microwave' }, old, { ...trout, id: 'ringless' }],
    };
    const made = mealProblem(meal, { rulesOf: () => homeRules, zone, now });
    expect('obstacles' in made && made.obstacles.map(({ dish, why }) => [dish, why])).toEqual([
      ['lamb', 'tooThick'],
      ['old', 'keepsTooShort'],
      ['ringless', 'noPlace'],
    ]);
  });
});

describe('templates', () => {
  const minutes = (min: number, max: number) => fc.integer({ min, max }).map((n) => n * MINUTE_MS);
  it('are problems a schedule can read, whatever the minutes', () => {
    fc.assert(
      fc.property(
        minutes(1, 300),
        minutes(0, 200),
        minutes(0, 60),
        fc.option(minutes(1, 40), { nil: undefined }),
        fc.constantFrom(...(['refrigerator', 'coldWater', 'fromFrozen'] as const)),
        (fastMs, more, prepareMs, everyMs, method) => {
          const dish: CookedDish = {
            ...lamb,
            method,
            prepareMs,
            heating: { ...lamb.heating, fastMs, slowMs: fastMs + more, ...(everyMs && { everyMs }) },
            food: { ...lamb.food, massKg: 1 },
          };
          const made = mealProblem({ ...supper, dishes: [dish] }, { rulesOf: () => homeRules, zone, now });
          if ('obstacles' in made) throw new Error(JSON.stringify(made.obstacles));
          const { tasks, links } = readProblem(made.problem);
          const cook = tasks.find(({ id }) => id === 'lamb.cook')!;
          expect(cook.minutes * MINUTE_MS).toBeGreaterThanOrEqual(fastMs + more);
          for (let i = 1; i < cook.hands.length; i++)
            expect(cook.hands[i]![0]).toBeGreaterThan(cook.hands[i - 1]![1]);
          expect(links.some(({ to }) => to === SERVE)).toBe(true);
        },
      ),
    );
  });
});
