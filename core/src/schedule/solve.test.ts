import fc from 'fast-check';
import { costOf, readProblem, solve, type Problem, type ProblemJson, type Schedule, type Solved } from '.';
import { brokenBy } from '../testing/scheduleCheck';
import { WORTH } from './wishes';

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
    by: fc.array(fc.option(fc.integer({ min: 0, max: 1 })), { minLength: 3, maxLength: 3 }),
    /** The last of the tasks can be done in the other place too, shorter or longer; the one before with it. */
    other: fc.option(
      fc.record({
        minutes: fc.integer({ min: 1, max: 2 }),
        cost: fc.constantFrom(0, 0.5),
        both: fc.boolean(),
      }),
      { freq: 2 },
    ),
    course: fc.option(fc.integer({ min: 0, max: 1 }), { freq: 2 }),
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
        hold: fc.boolean(),
      }),
      { maxLength: 4 },
    ),
  })
  .map((drawn): ProblemJson => {
    const { minutes, serveAt, free, place, heat, hands, by, other, course, present, links } = drawn;
    const table = course === null ? 'serve' : 'pudding';
    const name = (node: number) => (node < minutes.length ? `t${node}` : node === 3 ? table : 'serve');
    const celsius = (index: number) =>
      typeof heat[index] === 'number' && { celsius: [heat[index]!, heat[index]!] as [number, number] };
    return {
      horizon: 5,
      serveAt,
      cooks: free.map((from, index) => ({ id: `cook ${index}`, free: [[from, from + 2]] })),
      places: [
        { id: 'oven', capacity: drawn.capacity, changeMin: drawn.changeMin },
        { id: 'ring', capacity: 1 },
      ],
      ...(course !== null && { courses: [{ id: table, after: course }] }),
      tasks: minutes.map((long, index) => ({
        id: name(index),
        minutes: long,
        ...(place[index] && { place: 'oven' }),
        ...(other?.both && { dish: 'stew' }),
        ...celsius(index),
        ...(typeof by[index] === 'number' && by[index]! < free.length && { by: [`cook ${by[index]!}`] }),
        ...(other &&
          index >= minutes.length - (other.both ? 2 : 1) && {
            options: [
              { way: 'ring', place: 'ring', minutes: Math.max(long, other.minutes), cost: other.cost },
            ],
          }),
        ...(hands[index] && long > 0 && { hands: [[0, 1]] as [number, number][] }),
        present: present && index === 0,
      })),
      links: links
        .filter(({ from, to }) => name(from) !== name(to))
        .map(({ from, to, min, more, weight, of, hold }) => ({
          from: name(from),
          to: name(to),
          min,
          ...(more !== null && { max: min + more }),
          weight,
          of,
          ...(hold && { hold: { place: 'oven', ...celsius(2) } }),
        })),
    };
  });

/** The least any schedule costs, found by going through all of them; null where there is none. */
function leastOfAll(problem: Problem): number | null {
  let least: number | null = null;
  const starts = problem.tasks.map(() => 0);
  const ways = problem.tasks.reduce<Record<string, number>[]>(
    (sofar, { id, options }) =>
      sofar.flatMap((chosen) => [chosen, ...options.map((_, index) => ({ ...chosen, [id]: index }))]),
    [{}],
  );
  const walk = (index: number, serveAt: number): void => {
    if (index < starts.length) {
      for (starts[index] = 0; starts[index]! <= problem.horizon; starts[index]! += 1)
        walk(index + 1, serveAt);
      return;
    }
    const startAt = Object.fromEntries(problem.tasks.map(({ id }, at) => [id, starts[at]!]));
    for (const chosen of ways) {
      const schedule = { serveAt, startAt, chosen };
      const cost = costOf(problem, schedule);
      if ((least === null || cost < least) && brokenBy(problem, schedule).length === 0) least = cost;
    }
  };
  for (let { serveAt } = problem; serveAt <= problem.horizon && least === null; serveAt++) walk(0, serveAt);
  return least;
}

describe('what real meals need besides', () => {
  const twoCooks: ProblemJson = {
    horizon: 60,
    serveAt: 30,
    cooks: [
      { id: 'Ada', free: [[0, 60]] },
      { id: 'Bo', free: [[0, 20]] },
    ],
    tasks: [
      { id: 'bird', minutes: 10, hands: [[0, 10]], by: ['Bo'] },
      { id: 'salad', minutes: 10, hands: [[0, 10]] },
    ],
    links: [
      { from: 'bird', to: 'serve', weight: 1 },
      { from: 'salad', to: 'serve', weight: 1 },
    ],
  };

  it('leaves a task to those who may do it', () => {
    // Ada would be there to the end; the bird is Bo's.
    expect(scheduled(solved(twoCooks)).startAt).toEqual({ bird: 10, salad: 20 });
    const both = { ...twoCooks, tasks: twoCooks.tasks.map((task) => ({ ...task, by: ['Bo'] })) };
    expect(scheduled(solved(both)).startAt).toEqual({ bird: expect.any(Number), salad: expect.any(Number) });
    expect(scheduled(solved(both)).cost).toBe(10 + 20);
  });

  it('keeps room for what waits', () => {
    const waiting: ProblemJson = {
      horizon: 60,
      serveAt: 40,
      places: [{ id: 'oven', capacity: 2, changeMin: 5 }],
      tasks: [
        { id: 'pie', minutes: 10, notAfter: 10 },
        { id: 'bread', minutes: 10, place: 'oven', celsius: [220, 220] },
      ],
      links: [
        { from: 'pie', to: 'serve', hold: { place: 'oven', celsius: [70, 90] } },
        { from: 'bread', to: 'serve', weight: 1 },
      ],
    };
    // The pie waits in the oven from its end on: the bread has to be out before, and the oven cool.
    expect(scheduled(solved(waiting)).startAt).toEqual({ pie: 10, bread: 5 });
  });

  it('takes the other place where that is cheaper, and the oven that is hot for it', () => {
    const way = { way: 'second', place: 'oven 2', cost: 3 };
    const two: ProblemJson = {
      ...evening,
      places: [...evening.places!, { id: 'oven 2', capacity: 1 }],
      tasks: [
        ...evening.tasks.map((task) => (task.dish === 'potatoes' ? { ...task, options: [way] } : task)),
        {
          id: 'potatoes.hot',
          dish: 'potatoes',
          minutes: 10,
          place: 'oven',
          units: 0,
          celsius: [220, 230],
          options: [{ ...way, cost: 0 }],
        },
      ],
      links: [...evening.links!, { from: 'potatoes.hot', to: 'potatoes.in', max: 0 }],
    };
    const { chosen, cost } = scheduled(solved(two));
    expect(chosen).toEqual({ 'potatoes.in': 0, 'potatoes.hot': 0 });
    // The roast rests no longer than it has to: 40 minutes of waiting at 0.1 would have cost more.
    expect(cost).toBe(3);
    const dear = {
      ...two,
      tasks: two.tasks.map((task) => ({
        ...task,
        options: task.options?.map((each) => ({ ...each, cost: 30 })),
      })),
    };
    expect(scheduled(solved(dear)).chosen).toBeUndefined();
  });

  it('serves a course after the others', () => {
    const pudding = { ...evening, courses: [{ id: 'pudding', after: 10 }] };
    const links = evening.links!.map((link) =>
      link.from === 'potatoes.in' ? { ...link, to: 'pudding' } : link,
    );
    const { startAt } = scheduled(solved({ ...pudding, links }));
    expect(startAt).toMatchObject({ pudding: 210, 'potatoes.in': 170, 'roast.in': 65 });
  });

  it('says which of them stand in the way', () => {
    const asleep = {
      ...twoCooks,
      serveAt: 0,
      cooks: [
        { id: 'Ada', free: [[0, 60]] as [number, number][] },
        { id: 'Bo', free: [[0, 5]] as [number, number][] },
      ],
    };
    const answer = solved(asleep);
    expect(answer).toMatchObject({
      infeasible: { tasks: ['bird'], cooks: ['Bo'], help: { kind: 'home', cook: 'Bo' } },
    });
  });
});

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

  it('what made it late is taken back: all goes back to where it was', () => {
    fc.assert(
      fc.property(small, fc.nat(), fc.integer({ min: 1, max: 12 }), (json, nth, longer) => {
        const before = solved(json);
        if (!('startAt' in before) || json.tasks.length === 0) return;
        const late = json.tasks[nth % json.tasks.length]!.id;
        const tasks = json.tasks.map((task) =>
          task.id === late ? { ...task, minutes: task.minutes + longer } : task,
        );
        const then = solved({ ...json, tasks }, { before });
        if (!('startAt' in then)) return;
        expect(planned(json, then).serveAt).toBe(before.serveAt);
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

describe('an order that is wished for', () => {
  const cold = (id: string) => ({ id, dish: id, minutes: 20, hands: [[0, 20]] as [number, number][] });
  const toServe = (from: string, weight: number) => ({ from, to: 'serve', weight });
  const two = (weight: number, ...wishes: NonNullable<ProblemJson['wishes']>): ProblemJson => ({
    horizon: 200,
    serveAt: 100,
    cooks: [{ id: 'Ada', free: [[0, 200]] }],
    tasks: [cold('salad'), cold('chicken')],
    links: [toServe('salad', 2 * weight), toServe('chicken', weight)],
    wishes,
  });
  const wish = { first: 'salad', then: 'chicken' };

  it('is kept where it costs little more', () => {
    expect(scheduled(solved(two(0.01))).startAt).toEqual({ salad: 80, chicken: 60 });
    expect(scheduled(solved(two(0.01, wish))).startAt).toEqual({ salad: 60, chicken: 80 });
  });

  it('is not where much more would have to be waited', () => {
    expect(scheduled(solved(two(1, wish)))).toEqual(scheduled(solved(two(1))));
  });

  it('that goes in a circle is kept as far as it can be', () => {
    const answer = scheduled(solved(two(0.01, wish, { first: 'chicken', then: 'salad' })));
    expect(answer.startAt).toEqual({ salad: 60, chicken: 80 });
  });

  it('makes no dinner later and breaks nothing, and costs no more than it is worth', () => {
    fc.assert(
      fc.property(small, fc.infiniteStream(fc.nat()), (json, draw) => {
        const plain = solved(json);
        if (!('startAt' in plain)) return;
        const of = () => json.tasks[draw.next().value % json.tasks.length]!.id;
        const wishes = [0, 1, 2].map(() => ({ first: of(), then: of() }));
        const answer = scheduled(solved({ ...json, wishes }));
        expect(brokenBy(readProblem(json), answer)).toEqual([]);
        expect(answer.serveAt).toBe(plain.serveAt);
        expect(answer.cost).toBeLessThanOrEqual(plain.cost + wishes.length * WORTH + 1e-6);
        const { first, then } = wishes[0]!;
        const { minutes } = json.tasks.find(({ id }) => id === first)!;
        const isKept = ({ startAt }: Schedule) => startAt[first]! + minutes <= startAt[then]!;
        if (isKept(plain)) expect(isKept(answer)).toBe(true);
      }),
    );
  });
});
