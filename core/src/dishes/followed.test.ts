import fc from 'fast-check';
import { catalogue, foodById } from '../foods';
import { rulesFor, type RuleSet } from '../guidance';
import { judge } from '../judge';
import { methods, ovenOf, type Method } from '../plan';
import type { FoodEvent } from '../record';
import { readProblem, solve, type Schedule } from '../schedule';
import { kitchenOf } from '../testing/kitchen';
import { brokenBy } from '../testing/scheduleCheck';
import { at, cameFor, GUIDANCES, happened, moved, readHot, START } from '../testing/story';
import { foldTrail } from '../trail';
import { DAY_MS, HOUR_MS, MINUTE_MS, toMetres } from '../units';
import { mealProblem, type CookedDish, type MealTask } from '.';

const cooked = catalogue.filter(({ cooking }) => cooking !== null);
const minutes = (min: number, max: number) => fc.integer({ min, max }).map((n) => n * MINUTE_MS);

const conditionOf = (method: Method) => (method === 'fresh' || method === 'thawed' ? method : 'frozen');

const dishes = fc
  .record({
    food: fc.constantFrom(...cooked.map(({ id }) => id)).map(foodById),
    formNo: fc.nat(3),
    massKg: fc.double({ min: 0.1, max: 5, noNaN: true }),
    method: fc.constantFrom(...methods),
    at: fc.constantFrom('oven', 'hob'),
    heat: fc.constantFrom(
      ...([
        [150, 165],
        [160, 180],
        [200, 220],
      ] as const),
    ),
    cookMs: minutes(10, 180),
    prepareMs: minutes(0, 20),
    restMs: minutes(0, 30),
    finishMs: minutes(0, 15),
    waitsMs: minutes(0, 25),
  })
  .map(({ food, formNo, massKg, method, at: where, heat, cookMs, ...rest }): Omit<CookedDish, 'id'> => ({
    ...rest,
    name: food.name,
    kind: 'cooked',
    keeps: true,
    method,
    food: {
      food,
      parts: [],
      form: food.forms[formNo % food.forms.length]!,
      massKg,
      condition: conditionOf(method),
      since: START - 2 * HOUR_MS,
      usedMs: 0,
    },
    heating: { at: where, fastMs: cookMs, slowMs: cookMs, ...(where === 'oven' && { celsius: heat }) },
  }));

const wanted = fc.record({
  dishes: fc.array(dishes, { minLength: 1, maxLength: 3 }),
  guidance: fc.constantFrom(...Object.values(GUIDANCES)),
  aheadH: fc.integer({ min: 54, max: 96 }),
});

const clock = (minute: number) => START + minute * MINUTE_MS;

/** Everything cooks do who follow a schedule to the minute, and log it, for one of its dishes. */
function followed(
  dish: CookedDish,
  { startAt, serveAt }: Schedule,
  tasks: ReadonlyMap<string, MealTask>,
  rules: RuleSet,
): FoodEvent[] {
  const { food, form, massKg, condition } = dish.food;
  const start = (kind: string) => {
    const minute = startAt[`${dish.id}.${kind}`];
    return minute === undefined ? null : clock(minute);
  };
  const end = (kind: string) => start(kind)! + tasks.get(`${dish.id}.${kind}`)!.minutes * MINUTE_MS;
  const events = [cameFor(dish.food, START)];
  const thaw = start('thaw');
  if (thaw !== null) {
    const running = dish.method === 'coldWater' && rules.thawing.waterRunning.value.yes;
    events.push(
      happened(thaw, 'thawStarted', {
        method: dish.method as 'refrigerator' | 'coldWater' | 'microwave',
        ...(running && { running: true as const }),
      }),
    );
    if (dish.method === 'coldWater' && !running)
      for (const [from] of tasks.get(`${dish.id}.thaw`)!.hands!.slice(1))
        events.push(happened(thaw + from * MINUTE_MS, 'waterChanged'));
    events.push(happened(end('thaw'), 'thawed'));
  }
  const prepare = start('prepare');
  if (prepare !== null && condition !== 'frozen') events.push(moved(prepare, 'counter'));
  const oven = ovenOf({ foodKey: food.id, massKg }, rules);
  const cook = start('cook')!;
  if (oven && dish.heating.at === 'oven') events.push(happened(cook, 'ovenOn', { temperature: oven }));
  events.push(
    happened(cook, 'cookingStarted'),
    ...readHot(end('cook'), { foodKey: food.id, form }),
    happened(end('cook'), 'offHeat'),
    happened(clock(serveAt), 'served'),
    happened(end('putAway'), 'putAway', {
      place: 'refrigerator',
      portions: 2,
      depthM: toMetres(rules.cooling.depth.value.most),
    }),
  );
  return events;
}

it('a meal that is followed to the minute ends every dish in “fine”, by every school and extra care', () => {
  const made = new Map<string, number>();
  fc.assert(
    fc.property(wanted, ({ dishes: some, guidance, aheadH }) => {
      const rules = rulesFor(guidance);
      const all = some.map((dish, i): CookedDish => ({ ...dish, id: `dish${i}` }));
      const always = [{ from: START, to: START + 9 * DAY_MS }];
      const kitchen = kitchenOf({ Ana: always, Bo: always });
      const table = { people: 4, smallEaters: 0, serveAt: START + aheadH * HOUR_MS };
      const meal = mealProblem(
        { table, dishes: all, kitchen },
        { rulesOf: () => rules, zone: 'UTC', now: START },
      );
      fc.pre('problem' in meal);
      const problem = readProblem(meal.problem);
      const schedule = solve(problem, { seed: 1, rounds: 0 });
      fc.pre('startAt' in schedule);
      expect(brokenBy(problem, schedule)).toEqual([]);
      for (const dish of all) {
        made.set(dish.method, (made.get(dish.method) ?? 0) + 1);
        const events = followed(dish, schedule, meal.tasks, rules);
        const ruling = judge(foldTrail(events, guidance)!, at(events.at(-1)!.at + HOUR_MS, { guidance }))!;
        expect([dish.name, dish.method, ruling.verdict, ruling.headline, ruling.because]).toEqual([
          dish.name,
          dish.method,
          'fine',
          ruling.headline,
          ruling.because,
        ]);
      }
    }),
    { numRuns: Math.ceil((fc.readConfigureGlobal()?.numRuns ?? 100) / 2) },
  );
  // Every way was tried, or this shows nothing of it.
  expect([...made.keys()].sort()).toEqual([...methods].sort());
});
