import type { MealLine } from '@omtel/core/meal';
import type { PlacedTask } from '@omtel/core/record';
import type { MealState } from '@omtel/core/trail';
import { HOUR_MS, MINUTE_MS } from '@omtel/core/units';
import { absences, hourMarks, hoursOf, lanesOf } from './lanes';

const START = Date.UTC(2026, 5, 12, 12);
const task = (id: string, hours: number, minutes: number, over: Partial<PlacedTask> = {}): PlacedTask => ({
  id,
  dish: id.split('.')[0]!,
  kind: 'cook',
  startAt: START + hours * HOUR_MS,
  minutes,
  place: 'oven',
  hands: [],
  marks: [],
  ruleIds: [],
  ...over,
});
const mealOf = (...tasks: PlacedTask[]) =>
  ({
    wanted: {
      dishes: [
        { id: 'a', name: 'A' },
        { id: 'b', name: 'B' },
      ],
    },
    schedule: { serveAt: START + 4 * HOUR_MS, tasks },
  }) as unknown as MealState;
const line = { serveAt: START + 4 * HOUR_MS, steps: [] } as unknown as MealLine;
const lanes = (...tasks: PlacedTask[]) => {
  const meal = mealOf(...tasks);
  return lanesOf(meal, line, hoursOf(meal, line));
};

it('draws the cooking and what follows it; a thaw of days reaches in from the left', () => {
  const thaw = task('a.thaw', -40, 42 * 60, { kind: 'thaw', place: undefined });
  const meal = mealOf(thaw, task('a.cook', 1, 120), task('a.putAway', 4.5, 10, { kind: 'putAway' }));
  const hours = hoursOf(meal, line);
  expect(hours).toEqual({
    from: START + 30 * MINUTE_MS,
    to: START + 4.5 * HOUR_MS + 40 * MINUTE_MS,
  });
  expect(lanesOf(meal, line, hours).map(({ label }) => label)).toEqual(['Oven', 'Refrigerator']);
});

it('puts what overlaps in tracks of its own, and what follows in the first that is free', () => {
  const [oven] = lanes(task('a.cook', 1, 60), task('b.cook', 1.5, 60), task('a.reheat', 2, 60));
  expect(oven!.tracks).toBe(2);
  expect(oven!.tasks.map(({ task: { id }, track }) => [id, track])).toEqual([
    ['a.cook', 0],
    ['b.cook', 1],
    ['a.reheat', 0],
  ]);
});

it('an oven warming up takes no room', () =>
  expect(lanes(task('a.ovenOn', 0.5, 30, { kind: 'ovenOn' }), task('a.cook', 1, 60))[0]!.tasks).toHaveLength(
    1,
  ));

it('marks whole hours, and tells when a cook is away', () => {
  const at = (hours: number) => START + hours * HOUR_MS;
  expect(hourMarks({ from: at(0.5), to: at(3) })).toEqual([at(1), at(2), at(3)]);
  expect(
    absences(
      [
        { from: at(0), to: at(1) },
        { from: at(2), to: at(9) },
      ],
      { from: at(0.5), to: at(3) },
    ),
  ).toEqual([{ from: at(1), to: at(2) }]);
  expect(absences([], { from: at(0), to: at(1) })).toEqual([{ from: at(0), to: at(1) }]);
});
