import { foodById } from '../foods';
import { homeRules } from '../guidance';
import { readProblem, solve } from '../schedule';
import { kitchenOf } from '../testing/kitchen';
import { brokenBy } from '../testing/scheduleCheck';
import { HOUR_MS, MINUTE_MS } from '../units';
import { mealProblem, type ColdDish, type CookedDish, type Dish } from '.';

const now = Date.UTC(2026, 5, 12, 8);
const serveAt = now + 10 * HOUR_MS;
const kitchen = kitchenOf({ Ana: [{ from: now, to: now + 14 * HOUR_MS }] });

const common = { prepareMs: 10 * MINUTE_MS, finishMs: 0, waitsMs: 30 * MINUTE_MS, keeps: true };
const fried = (id: string, foodKey: string, minutes: number): CookedDish => ({
  ...common,
  id,
  name: id,
  kind: 'cooked',
  method: 'thawed',
  food: {
    food: foodById(foodKey),
    parts: [],
    form: 'pieces',
    massKg: 0.6,
    condition: 'thawed',
    since: now,
    usedMs: 0,
  },
  heating: { at: 'hob', fastMs: minutes * MINUTE_MS, slowMs: minutes * MINUTE_MS },
  restMs: 0,
});
const salad: ColdDish = { ...common, id: 'salad', name: 'Salad', kind: 'cold', waitsMs: 3 * HOUR_MS };

const prepared = (dishes: readonly Dish[], people = kitchen) => {
  const made = mealProblem(
    { table: { people: 4, smallEaters: 0, serveAt }, dishes, kitchen: people },
    { rulesOf: () => homeRules, zone: 'Europe/Lisbon', now },
  );
  if ('obstacles' in made) throw new Error(JSON.stringify(made.obstacles));
  const problem = readProblem(made.problem);
  const answer = solve(problem);
  if (!('startAt' in answer)) throw new Error(JSON.stringify(answer));
  expect(brokenBy(problem, answer)).toEqual([]);
  const order = dishes
    .map(({ id }) => ({ id, at: answer.startAt[`${id}.prepare`]! }))
    .sort((a, b) => a.at - b.at)
    .map(({ id }) => id);
  return { order, late: answer.serveAt - problem.serveAt };
};

const steak = (minutes: number) => fried('steak', 'beef-steak', minutes);
const chicken = (minutes: number) => fried('chicken', 'chicken-breast-boneless', minutes);

it('prepares what stays raw first, then red meat, then poultry, whatever is longest on the heat', () => {
  for (const dishes of [
    [chicken(25), steak(20), salad],
    [salad, steak(15), chicken(25)],
  ])
    expect(prepared(dishes).order).toEqual(['salad', 'steak', 'chicken']);
});

it('but lets nobody wait long for it', () => {
  const crisp = { ...salad, waitsMs: 20 * MINUTE_MS };
  const { order, late } = prepared([crisp, chicken(60)]);
  expect(late).toBe(0);
  expect(order).toEqual(['chicken', 'salad']);
});
