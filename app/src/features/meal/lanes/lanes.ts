import { SECOND_OVEN, type MealLine, type MealStep } from '@omtel/core/meal';
import type { PlacedTask } from '@omtel/core/record';
import type { Interval } from '@omtel/core/time';
import type { MealState } from '@omtel/core/trail';
import { HOUR_MS, MINUTE_MS } from '@omtel/core/units';

/** A task in its lane: what is above it at the same time lies in another track. */
export interface LaneTask extends Interval {
  readonly task: PlacedTask;
  readonly label: string;
  readonly track: number;
  /** The step a press on it is about. */
  readonly step: MealStep | undefined;
}

export interface Lane {
  readonly id: string;
  readonly label: string;
  readonly tasks: readonly LaneTask[];
  readonly tracks: number;
  /** How many tracks lie above it. */
  readonly above: number;
}

/** Places in the order they are looked for: heat first, then water and cold, then where hands work. */
const PLACES: readonly (readonly [id: string, label: string])[] = [
  ['oven', 'Oven'],
  [SECOND_OVEN, 'Second oven'],
  ['hob', 'Rings'],
  ['grill', 'Grill'],
  ['slowCooker', 'Slow cooker'],
  ['microwave', 'Microwave'],
  ['sink', 'Sink'],
  ['refrigerator', 'Refrigerator'],
  ['board', 'Board'],
];
const WIDEST_MS = 8 * HOUR_MS;
/** What is before and after it is seen for so long. */
const ROOM_MS = 30 * MINUTE_MS;

export const endOf = ({ startAt, minutes }: PlacedTask): number => startAt + minutes * MINUTE_MS;

const placeOf = ({ place, kind }: PlacedTask): string | undefined =>
  place ?? (kind === 'thaw' ? 'refrigerator' : undefined);

/** The hours that are drawn: the cooking and what follows it; a thaw of days reaches in from the left. */
export function hoursOf({ schedule }: MealState, line: MealLine): Interval {
  const tasks = schedule?.tasks ?? [];
  const to = Math.max(line.serveAt, ...tasks.map(endOf)) + ROOM_MS;
  const begins = tasks.filter(({ kind }) => kind !== 'thaw').map(({ startAt }) => startAt);
  const from = Math.max(Math.min(line.serveAt, ...begins) - ROOM_MS, to - WIDEST_MS);
  return { from, to };
}

/** Each place that is used, with its tasks side by side where they overlap. */
export function lanesOf(meal: MealState, line: MealLine, hours: Interval): Lane[] {
  const tasks = meal.schedule?.tasks ?? [];
  const nameOf = (task: PlacedTask) => meal.wanted.dishes.find(({ id }) => id === task.dish)?.name ?? '';
  let above = 0;
  return PLACES.flatMap(([id, label]) => {
    const there = tasks
      .filter((task) => placeOf(task) === id && task.kind !== 'ovenOn')
      .filter((task) => endOf(task) > hours.from && task.startAt < hours.to)
      .sort((a, b) => a.startAt - b.startAt || endOf(b) - endOf(a));
    if (there.length === 0) return [];
    const tracks: number[] = [];
    const placed = there.map((task): LaneTask => {
      const free = tracks.findIndex((until) => until <= task.startAt);
      const track = free < 0 ? tracks.length : free;
      tracks[track] = endOf(task);
      return {
        task,
        track,
        from: task.startAt,
        to: endOf(task),
        label: LABELS[task.kind]?.(nameOf(task)) ?? nameOf(task),
        step: line.steps.find((step) => step.task?.id === task.id),
      };
    });
    const lane = { id, label, tasks: placed, tracks: tracks.length, above };
    above += lane.tracks;
    return [lane];
  });
}

const LABELS: Partial<Record<PlacedTask['kind'], (name: string) => string>> = {
  finish: (name) => `finish ${name}`,
  washSink: () => 'wash it',
  marinate: (name) => `${name}, marinade`,
};

/** The whole hours of a stretch. */
export function hourMarks({ from, to }: Interval): number[] {
  const first = Math.ceil(from / HOUR_MS) * HOUR_MS;
  return Array.from(
    { length: Math.max(0, Math.floor((to - first) / HOUR_MS) + 1) },
    (_, i) => first + i * HOUR_MS,
  );
}

/** When a cook is not there, within a stretch. */
export function absences(free: readonly Interval[], { from, to }: Interval): Interval[] {
  const gone: Interval[] = [];
  let at = from;
  for (const span of free) {
    if (span.to <= from || span.from >= to) continue;
    if (span.from > at) gone.push({ from: at, to: span.from });
    at = Math.max(at, span.to);
  }
  if (at < to) gone.push({ from: at, to });
  return gone;
}
