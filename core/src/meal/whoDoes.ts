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
 * Whose hands a task asks for, by their ids: the cook who was named, if that is one who may; else all who may.
 *
 * @returns undefined where anybody may
 */
export const boundTo = ({ by, who }: Pick<PlacedTask, 'by' | 'who'>): readonly string[] | undefined =>
  who !== undefined && (by ?? [who]).includes(who) ? [who] : by;

/** A stretch as it is shared out: of which dish, and who may have it in hand. */
interface Stretch extends Omit<Doing, 'cook'> {
  readonly dish: string;
  readonly able: readonly Cook[];
}

/**
 * Shares out what there is to do: each stretch goes to a cook who is there and free, first to whoever had that dish in hand last, else
 * to whoever is free longest; what only some may do is given out before what anybody can. The schedule sees to it that there are hands
 * enough; nobody is asked to be in two places.
 */
export function whoDoes(tasks: readonly PlacedTask[], cooks: readonly Cook[]): readonly Doing[] {
  const given = new Map<string, Stretch[]>(cooks.map(({ id }) => [id, []]));
  const doing = tasks
    .flatMap((task) => stretchesOf(task, cooks))
    .sort((a, b) => a.able.length - b.able.length || inOrder(a, b))
    .map((stretch): Doing => {
      const cook = cookFor(stretch, given);
      if (cook) given.get(cook.id)!.push(stretch);
      const { task, fromMinute, toMinute, from, to } = stretch;
      return { task, fromMinute, toMinute, from, to, cook: cook?.id ?? null };
    });
  return doing.sort(inOrder);
}

function stretchesOf(task: PlacedTask, cooks: readonly Cook[]): Stretch[] {
  const bound = boundTo(task);
  const able = cooks.filter(({ id }) => bound?.includes(id) ?? true);
  return task.hands.map(([fromMinute, toMinute]) => ({
    task: task.id,
    dish: task.dish,
    able,
    fromMinute,
    toMinute,
    from: task.startAt + fromMinute * MINUTE_MS,
    to: task.startAt + toMinute * MINUTE_MS,
  }));
}

const inOrder = (a: Omit<Doing, 'cook'>, b: Omit<Doing, 'cook'>): number =>
  a.from - b.from || a.to - b.to || (a.task < b.task ? -1 : 1);

/** Before all that anybody did. */
const NEVER = 0;

function cookFor(
  { dish, able, from, to }: Stretch,
  given: ReadonlyMap<string, readonly Stretch[]>,
): Cook | null {
  const free = able.filter(
    (cook) =>
      cook.free.some((span) => span.from <= from && to <= span.to) &&
      given.get(cook.id)!.every((other) => other.to <= from || to <= other.from),
  );
  const lastEnd = (cook: Cook, which: (stretch: Stretch) => boolean) =>
    given
      .get(cook.id)!
      .reduce((end, each) => (each.to <= from && which(each) ? Math.max(end, each.to) : end), NEVER);
  const ofDish = (cook: Cook) => lastEnd(cook, (each) => each.dish === dish);
  const known = free.filter((cook) => ofDish(cook) > NEVER).sort((a, b) => ofDish(b) - ofDish(a))[0];
  if (known) return known;
  const idleSince = (cook: Cook) => lastEnd(cook, () => true);
  return free.sort((a, b) => idleSince(a) - idleSince(b))[0] ?? null;
}
