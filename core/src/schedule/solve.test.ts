import fc from 'fast-check';
import { costOf, readProblem, solve, type Problem, type ProblemJson, type Schedule, type Solved } from '.';
import { brokenBy } from '../testing/scheduleCheck';

const solved = (json: ProblemJson, options = {}) => solve(readProblem(json), options);
function scheduled(answer: Solved): Schedule & { cost: number } {
  if (!('startAt' in answer)) throw new Error(JSON.stringify(answer));
  return answer;
}

/** An evening with one oven, one cook, and a roast and potatoes that do not agree about the heat. */
const evening: ProblemJson = {
  horizon: 300,
  serveAt: 200,
  cooks: [{ id: 'Ada', free: [[0, 300]] }],
  places: [
    { id: 'oven', capacity: 2, changeMin: 15 },
    { id: 'board', capacity: 1 },
  ],
  tasks: [
    { id: 'roast.in', dish: 'roast', minutes: 90, place: 'oven', celsius: [160, 170], hands: [[0, 5]] },
    { id: 'roast.carve', dish: 'roast', minutes: 10, place: 'board', hands: [[0, 10]] },
    { id: 'potatoes.in', dish: 'potatoes', minutes: 40, place: 'oven', celsius: [220, 230], hands: [[0, 5]] },
  ],
  links: [
    { from: 'roast.in', to: 'roast.carve', min: 15, max: 90, weight: 0.1 },
    { from: 'roast.carve', to: 'serve', max: 20, weight: 1 },
    { from: 'potatoes.in', to: 'serve', max: 10, weight: 2 },
  ],
};

it('puts what does not agree one after the other, with the change of heat between', () => {
  const answer = scheduled(solved(evening));
  expect(brokenBy(readProblem(evening), answer)).toEqual([]);
  // The potatoes end at the table; the roast leaves the oven 15 min before they go in, and rests until it is carved.
  expect(answer.startAt).toEqual({ 'roast.in': 55, 'potatoes.in': 160, 'roast.carve': 190 });
  expect(answer.cost).toBeCloseTo(0.1 * 30);
});

it('serves as little late as can be where the time wanted cannot be kept', () => {
  const answer = scheduled(solved({ ...evening, serveAt: 60 }));
  expect(answer.serveAt).toBe(145);
  expect(brokenBy(readProblem({ ...evening, serveAt: 60 }), answer)).toEqual([]);
});

it('asks nobody who is asleep', () => {
  const asleep = {
    ...evening,
    cooks: [
      {
        id: 'Ada',
        free: [
          [0, 50],
          [150, 300],
        ] as [number, number][],
      },
    ],
  };
  const answer = scheduled(solved(asleep));
  expect(brokenBy(readProblem(asleep), answer)).toEqual([]);
  expect(answer.startAt['roast.in']).toBeLessThan(50);
});

it('comes to the same for the same seed, and tells of each that is better', () => {
  const told: number[] = [];
  const one = scheduled(
    solved(evening, { seed: 5, onBetter: (_: Schedule, cost: number) => told.push(cost) }),
  );
  expect(scheduled(solved(evening, { seed: 5 }))).toEqual(one);
  expect(told).toEqual([...told].sort((a, b) => b - a));
  expect(told.at(-1)).toBe(one.cost);
});

it('stops when it is told to, with the best so far, or with nothing decided', () => {
  let asked = 0;
  const answer = scheduled(solved(evening, { goOn: () => ++asked < 2 }));
  expect(brokenBy(readProblem(evening), answer)).toEqual([]);
  expect(solved(evening, { goOn: () => false })).toEqual({ undecided: true });
});

it('has nothing to do where there is nothing', () => {
  expect(solved({ horizon: 10, serveAt: 5, tasks: [] })).toEqual({ serveAt: 5, startAt: {}, cost: 0 });
});

/** Small problems of every kind of constraint, on minutes so few that all can be gone through. */
const small = fc
  .record({
    minutes: fc.array(fc.integer({ min: 0, max: 2 }), { minLength: 1, maxLength: 3 }),
    serveAt: fc.integer({ min: 0, max: 3 }),
    free: fc.array(fc.integer({ min: 0, max: 4 }), { maxLength: 2 }),
    place: fc.array(fc.boolean(), { minLength: 3, maxLength: 3 }),
    heat: fc.array(fc.option(fc.integer({ min: 0, max: 1 })), { minLength: 3, maxLength: 3 }),
    hands: fc.array(fc.boolean(), { minLength: 3, maxLength: 3 }),
    present: fc.boolean(),
    capacity: fc.integer({ min: 1, max: 2 }),
    changeMin: fc.integer({ min: 0, max: 1 }),
    links: fc.array(
      fc.record({
        from: fc.integer({ min: 0, max: 3 }),
        to: fc.integer({ min: 0, max: 3 }),
        min: fc.integer({ min: -1, max: 1 }),
        more: fc.option(fc.integer({ min: 0, max: 2 })),
        weight: fc.constantFrom(0, 0.5, 1),
        of: fc.constantFrom('start' as const, 'end' as const),
      }),
      { maxLength: 4 },
    ),
  })
  .map(({ minutes, serveAt, free, place, heat, hands, present, capacity, changeMin, links }): ProblemJson => {
    const name = (node: number) => (node < minutes.length ? `t${node}` : 'serve');
    return {
      horizon: 5,
      serveAt,
      cooks: free.map((from, index) => ({ id: `cook ${index}`, free: [[from, from + 2]] })),
      places: [{ id: 'oven', capacity, changeMin }],
      tasks: minutes.map((long, index) => ({
        id: name(index),
        minutes: long,
        ...(place[index] && { place: 'oven' }),
        ...(typeof heat[index] === 'number' && { celsius: [heat[index]!, heat[index]!] as [number, number] }),
        ...(hands[index] && long > 0 && { hands: [[0, 1]] as [number, number][] }),
        present: present && index === 0,
      })),
      links: links
        .filter(({ from, to }) => name(from) !== name(to))
        .map(({ from, to, min, more, weight, of }) => ({
          from: name(from),
          to: name(to),
          min,
          ...(more !== null && { max: min + more }),
          weight,
          of,
        })),
    };
  });

/** The least any schedule costs, found by going through all of them; null where there is none. */
function leastOfAll(problem: Problem): number | null {
  let least: number | null = null;
  const starts = problem.tasks.map(() => 0);
  const walk = (index: number, serveAt: number): void => {
    if (index < starts.length) {
      for (starts[index] = 0; starts[index]! <= problem.horizon; starts[index]! += 1)
        walk(index + 1, serveAt);
      return;
    }
    const schedule = {
      serveAt,
      startAt: Object.fromEntries(problem.tasks.map(({ id }, at) => [id, starts[at]!])),
    };
    const cost = costOf(problem, schedule);
    if ((least === null || cost < least) && brokenBy(problem, schedule).length === 0) least = cost;
  };
  for (let serveAt = 0; serveAt <= problem.horizon; serveAt++) walk(0, serveAt);
  return least;
}

it('is as cheap as the cheapest of all schedules, and says that there is none where there is none', () => {
  fc.assert(
    fc.property(small, fc.integer(), (json, seed) => {
      const problem = readProblem(json);
      const least = leastOfAll(problem);
      const answer = solve(problem, { seed });
      if (least === null) return expect(answer).toHaveProperty('infeasible');
      expect(brokenBy(problem, scheduled(answer))).toEqual([]);
      expect(scheduled(answer).cost).toBeCloseTo(least, 6);
    }),
  );
});

describe('planned anew after something changed', () => {
  const planned = (json: ProblemJson, before?: Schedule) => scheduled(solved(json, { before }));

  it('nothing moves where nothing changed', () => {
    fc.assert(
      fc.property(small, (json) => {
        const answer = solved(json);
        if (!('startAt' in answer)) return;
        expect(planned(json, answer)).toEqual(answer);
      }),
    );
  });

  it('keeps every constraint, and is no later than it has to be, whatever stood before', () => {
    fc.assert(
      fc.property(small, small, (json, other) => {
        const before = solved(other);
        const least = leastOfAll(readProblem(json));
        const answer = solved(json, 'startAt' in before ? { before } : {});
        if (least === null) return expect(answer).toHaveProperty('infeasible');
        expect(brokenBy(readProblem(json), scheduled(answer))).toEqual([]);
        expect(scheduled(answer).serveAt).toBe(scheduled(solved(json)).serveAt);
      }),
    );
  });

  it('moves the dish that is late, and not the others', () => {
    const before = planned(evening);
    const longer = {
      ...evening,
      tasks: evening.tasks.map((task) =>
        task.id === 'roast.carve' ? { ...task, minutes: 15, hands: [[0, 15]] as [number, number][] } : task,
      ),
    };
    const { startAt, serveAt } = planned(longer, before);
    expect(serveAt).toBe(before.serveAt);
    expect(startAt['potatoes.in']).toBe(before.startAt['potatoes.in']);
    expect(startAt['roast.carve']).toBe(185);
  });
});
