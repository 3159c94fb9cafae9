import { SERVE, type Problem, type Schedule } from '../schedule';

/** Every constraint of a problem that a schedule breaks, minute by minute and pair by pair, as sentences; none if it keeps all. */
export function brokenBy(problem: Problem, { serveAt, startAt, chosen = {} }: Schedule): string[] {
  const { horizon, cooks, places, links } = problem;
  const tasks = problem.tasks.map((task) => ({ ...task, ...task.options[chosen[task.id] ?? -1] }));
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
  for (const dish of new Set(tasks.map((task) => task.dish ?? task.id))) {
    const its = tasks.filter((task) => (task.dish ?? task.id) === dish);
    const wayOf = ({ id, options }: (typeof its)[number]) => options[chosen[id] ?? -1]?.way;
    const ways = new Set(its.flatMap((task) => wayOf(task) ?? []));
    must(ways.size <= 1, `${dish} is done ${ways.size} ways`);
    for (const way of ways)
      for (const task of its)
        must(
          wayOf(task) === way || !task.options.some((option) => option.way === way),
          `${task.id} is not done the way of ${dish}`,
        );
  }
  const waiting = links.flatMap(({ from, to, of, hold }) =>
    hold
      ? [
          {
            ...hold,
            id: `${from} waiting`,
            begins: of === 'start' ? startOf(from) : endOf(from),
            ends: startOf(to),
          },
        ]
      : [],
  );
  const within = (at: number, [from, to]: readonly [number, number]) => from <= at && at < to;
  for (let at = 0; at < horizon; at++) {
    const free = cooks.filter((cook) => cook.free.some((span) => within(at, span))).length;
    const runs = tasks.filter(({ id }) => within(at, [startOf(id), endOf(id)]));
    const hands = runs.flatMap(({ id, hands: spans }) =>
      spans.filter((span) => within(at - startOf(id), span)),
    );
    must(hands.length <= free, `${hands.length} hands for ${free} cooks at ${at}`);
    const bound = runs.flatMap(({ id, by, hands: spans }) =>
      spans.filter((span) => within(at - startOf(id), span)).map(() => by ?? cooks.map((cook) => cook.id)),
    );
    const there = cooks.filter((cook) => cook.free.some((span) => within(at, span))).map(({ id }) => id);
    must(shared(bound, there), `nobody left who may at ${at}`);
    must(free > 0 || !runs.some(({ present }) => present), `nobody there at ${at}`);
    for (const { id: place, capacity } of places) {
      const waits = waiting.filter(({ begins, ends }) => within(at, [begins, ends]));
      const units = [...runs, ...waits]
        .filter((each) => each.place === place)
        .reduce((sum, each) => sum + each.units, 0);
      must(units <= capacity, `${units} units in ${place} at ${at}`);
    }
  }
  for (const { id: place, changeMin } of places) {
    const minding = [
      ...tasks.map((task) => ({ ...task, begins: startOf(task.id), ends: endOf(task.id) })),
      ...waiting.filter(({ begins, ends }) => begins < ends),
    ].filter((each) => each.place === place && each.celsius);
    minding.forEach((a, index) => {
      for (const b of minding.slice(0, index)) {
        if (a.celsius![0] <= b.celsius![1] && b.celsius![0] <= a.celsius![1]) continue;
        const apart = b.begins >= a.ends + changeMin || a.begins >= b.ends + changeMin;
        must(apart, `${a.id} and ${b.id} do not agree on the heat of ${place}`);
      }
    });
  }
  return broken;
}

/** Whether each job finds a cook of its own, tried in every way. */
const shared = (jobs: readonly (readonly string[])[], cooks: readonly string[]): boolean => {
  const [job, ...rest] = jobs;
  if (!job) return true;
  return cooks.some(
    (id) =>
      job.includes(id) &&
      shared(
        rest,
        cooks.filter((other) => other !== id),
      ),
  );
};
