import type { PlacedTask } from '../record';
import { MINUTE_MS } from '../units';
import type { Cook } from './kitchen';

/** A stretch of a task in which hands are busy, and whose. */
export interface Doing {
  readonly task: string;
  readonly fromMinute: number;
  readonly toMinute: number;
  readonly from: number;
  readonly to: number;
  /** The id of the cook; null where nobody is there for it. */
  readonly cook: string | null;
}

/**
 * Shares out what there is to do: each stretch goes to a cook who is there and free, first to whoever had that dish in hand last, else
 * to whoever is free longest. The schedule sees to it that there are hands enough; nobody is asked to be in two places.
 */
export function whoDoes(tasks: readonly PlacedTask[], cooks: readonly Cook[]): readonly Doing[] {
  const stretches = tasks
    .flatMap((task) =>
      task.hands.map(([fromMinute, toMinute]) => ({
        task: task.id,
        dish: task.dish,
        fromMinute,
        toMinute,
        from: task.startAt + fromMinute * MINUTE_MS,
        to: task.startAt + toMinute * MINUTE_MS,
      })),
    )
    .sort((a, b) => a.from - b.from || a.to - b.to || (a.task < b.task ? -1 : 1));
  const busyUntil = new Map<string, number>(cooks.map(({ id }) => [id, -Infinity]));
  const lastOf = new Map<string, string>();
  return stretches.map(({ dish, ...stretch }) => {
    const { from, to } = stretch;
    const able = cooks.filter(
      ({ id, free }) => busyUntil.get(id)! <= from && free.some((span) => span.from <= from && to <= span.to),
    );
    const known = able.find(({ id }) => lastOf.get(dish) === id);
    const idlest = able.reduce<Cook | null>(
      (best, each) => (best && busyUntil.get(best.id)! <= busyUntil.get(each.id)! ? best : each),
      null,
    );
    const cook = (known ?? idlest)?.id ?? null;
    if (cook) {
      busyUntil.set(cook, to);
      lastOf.set(dish, cook);
    }
    return { ...stretch, cook };
  });
}
