import { LATE_PER_MINUTE, SERVE, type Problem } from '../../core/src/schedule';

/** The grid of the program, min. */
const STEP = 5;

/**
 * The same problem as a mixed-integer program, in the file format solvers read: for each task and each step one number that is one
 * when the task starts there.
 *
 * @param latest no later than this is anything served
 */
export function programOf(problem: Problem, latest: number): string {
  const steps = (minutes: number) => minutes / STEP;
  const { tasks, links, places, cooks, horizon, serveAt } = problem;
  const free = (at: number) =>
    cooks.filter((cook) => cook.free.some(([from, to]) => steps(from) <= at && at < steps(to))).length;
  const length = new Map([...tasks.map(({ id, minutes }) => [id, steps(minutes)] as const), [SERVE, 0]]);
  const options = new Map<string, number[]>([
    [SERVE, range(steps(serveAt), steps(latest))],
    ...tasks.map(({ id, minutes, notBefore, notAfter, present }) => {
      const last = Math.min(steps(horizon - minutes), steps(notAfter ?? horizon));
      const starts = range(steps(notBefore ?? 0), last).filter(
        (at) => !present || range(at, at + steps(minutes) - 1).every((minute) => free(minute) > 0),
      );
      return [id, starts] as const;
    }),
  ]);
  const number = new Map([...options.keys()].map((id, index) => [id, index]));
  const name = (id: string, at: number) => `x${number.get(id)}_${at}`;
  const sum = (id: string, by: number) =>
    options
      .get(id)!
      .filter((at) => at !== 0)
      .map((at) => `${by * at < 0 ? '-' : '+'} ${Math.abs(by * at)} ${name(id, at)}`)
      .join(' ');

  const rows: string[] = [...options].map(
    ([id, starts]) =>
      `${starts.map((at) => name(id, at)).join(' + ') || `0 ${name(SERVE, steps(serveAt))}`} = 1`,
  );
  for (const { from, to, min, max, of } of links) {
    const after = of === 'end' ? length.get(from)! : 0;
    const apart = `${sum(to, 1)} ${sum(from, -1)}`;
    rows.push(`${apart} >= ${after + steps(min)}`);
    if (max !== null) rows.push(`${apart} <= ${after + steps(max)}`);
  }
  /** The starts of a task with which it is at it during a step, from and to counted from its start. */
  const during = (id: string, at: number, from: number, to: number) =>
    options.get(id)!.filter((start) => start + from <= at && at < start + to);
  for (let at = 0; at < steps(horizon); at++) {
    for (const { id: place, capacity } of places) {
      const there = tasks
        .filter((task) => task.place === place && task.units > 0)
        .flatMap(({ id, units }) =>
          during(id, at, 0, length.get(id)!).map((start) => `${units} ${name(id, start)}`),
        );
      if (there.length) rows.push(`${there.join(' + ')} <= ${capacity}`);
    }
    const busy = tasks.flatMap(({ id, hands }) =>
      hands.flatMap(([from, to]) => during(id, at, steps(from), steps(to)).map((start) => name(id, start))),
    );
    if (busy.length) rows.push(`${busy.join(' + ')} <= ${free(at)}`);
  }
  for (const { id: place, changeMin } of places) {
    const minding = tasks.filter((task) => task.place === place && task.celsius);
    for (const a of minding)
      for (const b of minding) {
        if (a === b || (a.celsius![0] <= b.celsius![1] && b.celsius![0] <= a.celsius![1])) continue;
        // While one is in, and as long as the change takes after it, the other is not.
        for (let at = 0; at < steps(horizon); at++) {
          const first = during(a.id, at, 0, length.get(a.id)! + steps(changeMin)).map((start) =>
            name(a.id, start),
          );
          const second = during(b.id, at, 0, length.get(b.id)!).map((start) => name(b.id, start));
          if (first.length && second.length) rows.push(`${[...first, ...second].join(' + ')} <= 1`);
        }
      }
  }
  const weights = new Map<string, number>([[SERVE, LATE_PER_MINUTE]]);
  const add = (id: string, by: number) => weights.set(id, (weights.get(id) ?? 0) + by);
  for (const { from, to, weight } of links) {
    add(to, weight);
    add(from, -weight);
  }
  return [
    'Minimize',
    ` cost: ${[...weights].map(([id, weight]) => sum(id, weight * STEP)).join(' ')}`,
    'Subject To',
    ...rows.map((row, index) => ` r${index}: ${row}`),
    'Binary',
    ` ${[...options].flatMap(([id, starts]) => starts.map((at) => name(id, at))).join(' ')}`,
    'End',
  ].join('\n');
}

/** What the program's cost leaves out, since it is the same for every schedule. */
export function leftOut({ serveAt, tasks, links }: Problem): number {
  const minutes = new Map(tasks.map((task) => [task.id, task.minutes]));
  return links.reduce(
    (sum, { from, min, weight, of }) => sum - weight * (min + (of === 'end' ? (minutes.get(from) ?? 0) : 0)),
    -LATE_PER_MINUTE * serveAt,
  );
}

const range = (from: number, to: number): number[] =>
  Array.from({ length: Math.max(0, Math.floor(to) - from + 1) }, (_, index) => from + index);
