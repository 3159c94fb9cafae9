import { readProblem, solve } from '../schedule';
import { homeRules } from '../guidance';
import { kitchenOf } from '../testing/kitchen';
import { HOUR_MS, MINUTE_MS } from '../units';
import { conflictWords, mealProblem, type Meal, type ReheatedDish } from '.';

const now = Date.UTC(2026, 5, 12, 17);
const free = [{ from: now, to: now + 12 * HOUR_MS }];
const warm = (id: string, name: string, celsius: [number, number]): ReheatedDish => ({
  id,
  name,
  kind: 'reheated',
  heating: { at: 'oven', fastMs: 20 * MINUTE_MS, slowMs: 30 * MINUTE_MS, celsius },
  prepareMs: 0,
  finishMs: 0,
  waitsMs: 0,
  keeps: false,
});
const meal: Meal = {
  table: { people: 4, smallEaters: 0, serveAt: now + 3 * HOUR_MS },
  dishes: [warm('pie', 'Fish pie', [160, 170]), warm('bread', 'Flatbread', [220, 230])],
  kitchen: kitchenOf({ Ana: free, Bo: free }),
};

const said = (of: Meal, units: Parameters<typeof conflictWords>[3]) => {
  const made = mealProblem(of, { rulesOf: () => homeRules, zone: 'UTC', now });
  if (!('problem' in made)) throw new Error(JSON.stringify(made));
  const problem = readProblem(made.problem);
  const solved = solve(problem);
  if (!('infeasible' in solved)) throw new Error('There is a schedule.');
  return { words: conflictWords(solved.infeasible, of, made.tasks, units), ...solved.infeasible };
};

it('one oven cannot have two heats at once: by name, in the household’s units, with the change that helps', () => {
  const { words, help } = said(meal, { temperature: 'C', mass: 'metric' });
  expect(words.because).toEqual([
    '2 oven shelves for Fish pie at 160 °C to 170 °C, Flatbread at 220 °C to 230 °C.',
  ]);
  expect(words.help).toMatch(/^(Fish pie|Flatbread) may wait .+ longer for the table\.$/);
  expect(said(meal, { temperature: 'F', mass: 'imperial' }).words.because[0]).toContain('320 °F');
  // Tried and true: with it there is a schedule.
  if (help?.kind !== 'wait') throw new Error('The dishes could wait.');
  const waits = (dish: ReheatedDish) => ({ ...dish, waitsMs: help.minutes * MINUTE_MS });
  const patient = {
    ...meal,
    dishes: meal.dishes.map((dish) => (help.from.startsWith(dish.id) ? waits(dish as ReheatedDish) : dish)),
  };
  expect(() => said(patient, { temperature: 'C', mass: 'metric' })).toThrow('There is a schedule.');
});

it('a cook who is not there is named', () => {
  const away: Meal = {
    ...meal,
    dishes: [meal.dishes[0]!],
    kitchen: kitchenOf({ Ana: [{ from: now, to: now + HOUR_MS }] }),
  };
  const { words } = said(away, { temperature: 'C', mass: 'metric' });
  expect(words).toEqual({
    because: ['Ana is not there all the time, or has both hands full.'],
    help: 'It works with Ana there all the time.',
  });
});
