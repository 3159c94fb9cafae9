import { foodById } from '../foods';
import { homeRules } from '../guidance';
import type { Kitchen } from '../meal';
import { readProblem, solve } from '../schedule';
import { kitchenOf } from '../testing/kitchen';
import { brokenBy } from '../testing/scheduleCheck';
import { DAY_MS, HOUR_MS, MINUTE_MS } from '../units';
import { conflictWords, mealProblem, type CookedDish, type Dish, type Meal, type ReheatedDish } from '.';

const now = Date.UTC(2026, 5, 12, 8);
const free = [{ from: now, to: now + 5 * DAY_MS }];
const kitchen = kitchenOf({ Ana: free, Bo: free });
const common = { prepareMs: 0, finishMs: 0, waitsMs: 0, keeps: false };

const warmed = (id: string, celsius: [number, number], more: Partial<ReheatedDish> = {}): ReheatedDish => ({
  ...common,
  id,
  name: id,
  kind: 'reheated',
  heating: { at: 'oven', fastMs: 30 * MINUTE_MS, slowMs: 30 * MINUTE_MS, celsius },
  ...more,
});
const turkey: CookedDish = {
  ...common,
  id: 'bird',
  name: 'Turkey',
  kind: 'cooked',
  method: 'fresh',
  food: {
    food: foodById('turkey-whole'),
    parts: [],
    form: 'wholeBird',
    massKg: 7,
    condition: 'fresh',
    since: now,
    usedMs: 0,
  },
  heating: { at: 'oven', fastMs: 3 * HOUR_MS, slowMs: 4 * HOUR_MS, celsius: [163, 175] },
  prepareMs: 20 * MINUTE_MS,
  restMs: 20 * MINUTE_MS,
  waitsMs: 20 * MINUTE_MS,
};
const soup: CookedDish = {
  ...turkey,
  id: 'soup',
  name: 'Soup',
  food: { ...turkey.food, food: foodById('beef-stew'), form: 'liquid', massKg: 4 },
  heating: { at: 'hob', fastMs: HOUR_MS, slowMs: HOUR_MS },
};

const mealOf = (dishes: Dish[], change: Partial<Kitchen> = {}, inHours = 8): Meal => ({
  table: { people: 4, smallEaters: 0, serveAt: now + inHours * HOUR_MS },
  dishes,
  kitchen: { ...kitchen, ...change },
});
const made = (meal: Meal) => mealProblem(meal, { rulesOf: () => homeRules, zone: 'UTC', now });
const obstacles = (meal: Meal) => {
  const answer = made(meal);
  return 'obstacles' in answer ? answer.obstacles : [];
};
const solved = (meal: Meal) => {
  const answer = made(meal);
  if (!('problem' in answer)) throw new Error(JSON.stringify(answer));
  const problem = readProblem(answer.problem);
  const schedule = solve(problem, { rounds: 4 });
  if ('startAt' in schedule) expect(brokenBy(problem, schedule)).toEqual([]);
  return { schedule, tasks: answer.tasks, meal };
};
const scheduled = (meal: Meal) => {
  const { schedule } = solved(meal);
  if (!('startAt' in schedule)) throw new Error(JSON.stringify(schedule));
  return schedule;
};

describe('what does not fit is said before anything is bought', () => {
  it('a bird longer than the widest tin', () => {
    const narrow = (widestM: number | null) =>
      mealOf([turkey], { ovens: [{ shelves: 2, widestM, fan: false }] });
    expect(obstacles(narrow(0.25))).toEqual([
      { dish: 'bird', byMs: null, why: 'tooWide', needs: expect.closeTo(0.33, 1) },
    ]);
    expect(obstacles(narrow(0.45))).toEqual([]);
    // Nobody measured: it is not held against the bird.
    expect(obstacles(narrow(null))).toEqual([]);
  });

  it('a pot too small for the soup; and what is fried in a pan asks for none', () => {
    expect(obstacles(mealOf([soup], { potLitres: 4 }))[0]).toMatchObject({
      why: 'potTooSmall',
      needs: expect.closeTo(5, 0),
    });
    expect(obstacles(mealOf([soup], { potLitres: 6 }))).toEqual([]);
    const steak = { ...soup, food: { ...soup.food, form: 'steak' as const } };
    expect(obstacles(mealOf([steak], { potLitres: 1 }))).toEqual([]);
  });

  it('no room in the refrigerator to thaw in', () => {
    const frozen: CookedDish = {
      ...turkey,
      method: 'refrigerator',
      food: { ...turkey.food, condition: 'frozen', since: null },
    };
    expect(obstacles(mealOf([frozen], { coldLitres: 10 }, 110))).toEqual([
      { dish: 'bird', byMs: null, why: 'noRoomToThaw', needs: 14 },
    ]);
    expect(obstacles(mealOf([frozen], { coldLitres: 20 }, 110))).toEqual([]);
  });

  it('a bird that nobody here may have in hand', () => {
    const cooks = kitchen.cooks.map((cook) => ({ ...cook, noRawPoultry: true }));
    expect(obstacles(mealOf([turkey], { cooks }))).toMatchObject([{ dish: 'bird', why: 'nobodyMay' }]);
    expect(obstacles(mealOf([soup], { cooks }))).toEqual([]);
  });

  it.each([
    ['no oven', warmed('pie', [160, 170]), { ovens: [] }],
    ['no warm drawer', warmed('pie', [160, 170], { heldAt: 'warm' }), {}],
  ] as [string, Dish, Partial<Kitchen>][])('%s', (_, dish, change) => {
    expect(obstacles(mealOf([dish], change))).toMatchObject([{ why: 'noPlace' }]);
  });
});

describe('a slow cooker', () => {
  const heating = { at: 'slowCooker', fastMs: 5 * HOUR_MS, slowMs: 6 * HOUR_MS } as const;
  const stew: CookedDish = { ...soup, heating };
  const whyNot = (dish: Dish, slowCooker = true) =>
    obstacles(mealOf([dish], { slowCooker })).map(({ why }) => why);

  it('cooks what is fresh, where there is one', () => {
    expect(whyNot(stew)).toEqual([]);
    expect(whyNot(stew, false)).toEqual(['noPlace']);
  });

  it('is given nothing frozen, and nothing that was cooked before', () => {
    const frozen = { ...stew.food, condition: 'frozen', since: null } as const;
    expect(whyNot({ ...stew, method: 'fromFrozen', food: frozen })).toEqual(['tooSlow']);
    expect(whyNot({ ...warmed('pie', [160, 180]), heating })).toEqual(['tooSlow']);
  });
});

it('two birds that do not lie in the refrigerator together are said both', () => {
  const bird = (id: string): CookedDish => ({
    ...turkey,
    id,
    name: id,
    method: 'refrigerator',
    food: { ...turkey.food, massKg: 2, food: foodById('chicken-whole'), condition: 'frozen', since: null },
  });
  const meal = (coldLitres: number) => mealOf([bird('one'), bird('two')], { coldLitres }, 100);
  expect(obstacles(meal(7))).toEqual(
    ['one', 'two'].map((dish) => ({ dish, byMs: null, why: 'noRoomToThaw', needs: 8 })),
  );
  expect(scheduled(meal(8)).cost).toBeLessThan(1000);
});

it('with a second oven dishes of two heats are ready together', () => {
  const dishes = [warmed('pie', [160, 170]), warmed('bread', [220, 230])];
  expect(solved(mealOf(dishes)).schedule).toHaveProperty('infeasible');
  const two = { ovens: [...kitchen.ovens, { shelves: 1, widestM: null, fan: false }] };
  const { chosen, startAt } = scheduled(mealOf(dishes, two));
  // What is in the other oven is heated there.
  expect(
    Object.keys(chosen!)
      .map((id) => id.split('.')[1])
      .sort(),
  ).toEqual(['ovenOn', 'reheat']);
  expect(new Set(Object.keys(chosen!).map((id) => id.split('.')[0])).size).toBe(1);
  expect(startAt['pie.reheat']).toBe(startAt['bread.reheat']);
});

it('what is too long for one oven goes into the other', () => {
  const ovens = [
    { shelves: 2, widestM: 0.2, fan: false },
    { shelves: 2, widestM: 0.6, fan: false },
  ];
  const answer = made(mealOf([turkey], { ovens }));
  if (!('tasks' in answer)) throw new Error(JSON.stringify(answer));
  expect(answer.tasks.get('bird.cook')).toMatchObject({ place: 'oven2' });
  expect(answer.tasks.get('bird.ovenOn')).toMatchObject({ place: 'oven2' });
});

it('raw poultry is in the hands of those who may, and of them alone', () => {
  const [ana, bo] = kitchen.cooks;
  const noon = { ...bo!, free: [{ from: now, to: now + 4 * HOUR_MS }] };
  const words = (meal: Meal) => {
    const { schedule, tasks } = solved(meal);
    return 'startAt' in schedule
      ? schedule.serveAt
      : 'infeasible' in schedule &&
          conflictWords(schedule.infeasible, meal, tasks, { temperature: 'C', mass: 'metric' }).help;
  };
  expect(words(mealOf([turkey], { cooks: [ana!, noon] }))).toBe(8 * 60);
  // Ana is there all day; the bird is Bo's, who is not.
  const barred = [{ ...ana!, noRawPoultry: true }, noon];
  expect(words(mealOf([turkey], { cooks: barred }))).toBe('It works with Bo there all the time.');
});

it('what is kept hot takes room while it waits', () => {
  const held = {
    heldAt: 'warm' as const,
    waitsMs: HOUR_MS,
    heating: { at: 'microwave' as const, fastMs: 20 * MINUTE_MS, slowMs: 20 * MINUTE_MS },
  };
  const dishes = ['a', 'b', 'c'].map((id) => warmed(id, [0, 0], held));
  // One after the other in the microwave; two of them wait, for which there is room for one.
  const { schedule, tasks, meal } = solved(mealOf(dishes, { warm: 1 }));
  if (!('infeasible' in schedule)) throw new Error('Two wait in a drawer for one.');
  expect(
    conflictWords(schedule.infeasible, meal, tasks, { temperature: 'C', mass: 'metric' }).because,
  ).toContain('A warm drawer for one dish for a, b, c.');
  expect(scheduled(mealOf(dishes, { warm: 2 })).cost).toBeLessThan(1000);
});

it('a later course comes to the table after the rest', () => {
  const pudding = warmed('pudding', [160, 170], { afterMs: 10 * MINUTE_MS });
  const { startAt, serveAt } = scheduled(mealOf([warmed('pie', [160, 170]), pudding]));
  expect(startAt['pudding.reheat']! + 30).toBe(serveAt + 10);
  expect(startAt['pie.reheat']! + 30).toBe(serveAt);
});
