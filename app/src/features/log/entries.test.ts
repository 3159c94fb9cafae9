import type { LogEntry } from '@omtel/core/api';
import type { FoodEvent } from '@omtel/core/record';
import { byDay, isSoughtEntry, type Told } from './entries';

const told: Told = {
  units: { temperature: 'C', mass: 'metric' },
  zone: 'UTC',
  today: Date.UTC(2026, 5, 12, 23, 59, 59),
};
const entry = (name: string, at: string, event: object, takenBack?: true): LogEntry => ({
  event: { id: at, foodId: name, at: Date.parse(`${at}Z`), ...event } as FoodEvent,
  name,
  ...(takenBack && { takenBack }),
});

const log = [
  entry('Red lentil soup', '2026-06-12T18:40', {
    type: 'reading',
    payload: { temperature: { value: 62, unit: 'C' } },
  }),
  entry('Fish pie', '2026-06-12T09:00', { type: 'moved', payload: { place: 'counter' } }, true),
  entry('Red lentil soup', '2026-06-11T08:00', { type: 'moved', payload: { place: 'refrigerator' } }),
];
const found = (text: string) => log.filter((each) => isSoughtEntry(each, text, told));

it('puts what happened under its day', () =>
  expect(byDay(log, told).map(({ title, data }) => [title, data.length])).toEqual([
    ['Today', 2],
    ['Yesterday', 1],
  ]));

it.each([
  ['', log],
  ['lentil', [log[0], log[2]]],
  ['LENTIL refrigerator', [log[2]]],
  ['soup today', [log[0]]],
  ['soups fridge', [log[2]]],
  ['yesterday', [log[2]]],
  ['11 june', [log[2]]],
  ['2026-06-12', [log[0], log[1]]],
  ['62', [log[0]]],
  ['counter', [log[1]]],
  ['taken back', [log[1]]],
  ['lamb', []],
])('finds “%s” by food, place, what was done and day', (text, entries) =>
  expect(found(text)).toEqual(entries),
);
