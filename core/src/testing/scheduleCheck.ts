import { SERVE, type Problem, type Schedule } from '../schedule';

/** Every constraint of a problem that a schedule breaks, minute by minute and pair by pair, as sentences; none if it keeps all. */
export function brokenBy(problem: Problem, { serveAt, startAt }: Schedule): string[] {
  const { horizon, cooks, places, tasks, links } = problem;
  const broken: string[] = [];
  const must = (holds: boolean, sentence: string) => holds || broken.push(sentence);
  const startOf = (id: string) => (id === SERVE ? serveAt : startAt[id]!);
  const endOf = (id: string) => startOf(id) + (tasks.find((task) => task.id === id)?.minutes ?? 0);
  must(serveAt >= problem.serveAt && serveAt <= horizon, 'served too early or beyond the horizon');
  for (const { id, notBefore, notAfter } of tasks) {
    const start = startAt[id];
    if (start === undefined) {
      broken.push(`${id} is not there`);
      continue;
    }
    must(Number.isInteger(start) && start >= (notBefore ?? 0) && start >= 0, `${id} starts too early`);
    must(start <= (notAfter ?? Infinity), `${id} starts too late`);
    must(endOf(id) <= horizon, `${id} ends beyond the horizon`);
  }
  for (const { from, to, min, max, of } of links) {
    const wait = startOf(to) - (of === 'start' ? startOf(from) : endOf(from));
    must(wait >= min, `${to} comes ${min - wait} min too soon after ${from}`);
    must(wait <= (max ?? Infinity), `${to} comes ${wait - (max ?? 0)} min too late after ${from}`);
  }
  const within = (at: number, [from, to]: readonly [number, number]) => from <= at && at < to;
  for (let at = 0; at < horizon; at++) {
    const free = cooks.filter((cook) => cook.free.some((span) => within(at, span))).length;
    const runs = tasks.filter(({ id }) => within(at, [startOf(id), endOf(id)]));
    const hands = runs.flatMap(({ id, hands: spans }) =>
      spans.filter((span) => within(at - startOf(id), span)),
    );
    must(hands.length <= free, `${hands.length} hands for ${free} cooks at ${at}`);
    must(free > 0 || !runs.some(({ present }) => present), `nobody there at ${at}`);
    for (const { id: place, capacity } of places) {
      const units = runs.filter((task) => task.place === place).reduce((sum, task) => sum + task.units, 0);
      must(units <= capacity, `${units} units in ${place} at ${at}`);
    }
  }
  for (const { id: place, changeMin } of places) {
    const minding = tasks.filter((task) => task.place === place && task.celsius);
    for (const a of minding)
      for (const b of minding) {
        if (a.id >= b.id || (a.celsius![0] <= b.celsius![1] && b.celsius![0] <= a.celsius![1])) continue;
        const apart = startOf(b.id) >= endOf(a.id) + changeMin || startOf(a.id) >= endOf(b.id) + changeMin;
        must(apart, `${a.id} and ${b.id} do not agree on the heat of ${place}`);
      }
  }
  return broken;
}
