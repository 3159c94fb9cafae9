import { FIVE } from '../meal';
import type { ProblemJson } from '../schedule';

const up = (minutes: number): number => Math.ceil(minutes / FIVE) * FIVE;
const down = (minutes: number): number => Math.floor(minutes / FIVE) * FIVE;

/**
 * A problem in steps of five minutes, on the strict side: what takes time takes no less, what may wait waits no longer, and nobody is
 * there longer than they are.
 */
export function onFives(problem: ProblemJson): ProblemJson {
  const longer = new Map(problem.tasks.map(({ id, minutes }) => [id, up(minutes) - minutes]));
  return {
    ...problem,
    horizon: down(problem.horizon),
    serveAt: up(problem.serveAt),
    cooks: problem.cooks?.map((cook) => ({
      ...cook,
      free: cook.free.map(([from, to]): Span => [up(from), down(to)]).filter(([from, to]) => from < to),
    })),
    places: problem.places?.map((place) => ({ ...place, changeMin: up(place.changeMin ?? 0) })),
    tasks: problem.tasks.map((task) => ({
      ...task,
      minutes: up(task.minutes),
      hands: joined((task.hands ?? []).map(([from, to]): Span => [down(from), up(to)])),
      notBefore: rounded(task.notBefore, up),
      notAfter: rounded(task.notAfter, down),
    })),
    courses: problem.courses?.map((course) => ({ ...course, after: up(course.after) })),
    links: problem.links?.map((link) => {
      // A task that was made longer ends sooner than it says: what waits after it has waited since then.
      const sooner = link.of === 'start' ? 0 : (longer.get(link.from) ?? 0);
      const [min, max] = [up(link.min ?? 0), rounded(link.max, (most) => down(most - sooner))];
      if (max === null || min <= max) return { ...link, min, max };
      // It has to come at a moment between two fives: a rule comes first, else it comes at the next.
      return link.firm ? { ...link, min: max, max } : { ...link, min, max: min };
    }),
  };
}

const rounded = (minutes: number | null | undefined, round: (minutes: number) => number): number | null =>
  typeof minutes === 'number' ? round(minutes) : null;

/** What asks for a cook while a task runs, no later than it does. */
export const markOnFives = <Mark extends { readonly at: number }>(mark: Mark): Mark => ({
  ...mark,
  at: down(mark.at),
});

type Span = [from: number, to: number];

/** Stretches that meet or overlap as one: one pair of hands does both. */
function joined(spans: readonly Span[]): Span[] {
  return spans.reduce<Span[]>((sofar, [from, to]) => {
    const last = sofar.at(-1);
    if (last && from <= last[1]) last[1] = Math.max(last[1], to);
    else sofar.push([from, to]);
    return sofar;
  }, []);
}
