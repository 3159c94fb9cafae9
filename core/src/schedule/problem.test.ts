import { costOf, readProblem, UnreadableProblem, type ProblemJson } from '.';

const soup: ProblemJson = {
  horizon: 120,
  serveAt: 60,
  cooks: [{ id: 'Ada', free: [[0, 120]] }],
  places: [{ id: 'hob', capacity: 2 }],
  tasks: [{ id: 'soup.heat', minutes: 20, place: 'hob', hands: [[0, 5]] }],
  links: [{ from: 'soup.heat', to: 'serve', max: 10, weight: 0.5 }],
};

it('takes what is absent for the usual', () => {
  const problem = readProblem(soup);
  expect(problem.tasks[0]).toMatchObject({ units: 1, present: false, hands: [[0, 5]] });
  expect(problem.links[0]).toMatchObject({ min: 0, max: 10, of: 'end' });
  expect(problem.places[0]).toMatchObject({ changeMin: 0 });
});

it('takes another way for the same in all it does not say', () => {
  const problem = readProblem({ ...soup, tasks: [{ ...task, options: [{ minutes: 30, cost: 2 }] }] });
  expect(problem.tasks[0]!.options).toEqual([
    { place: 'hob', units: 1, minutes: 30, hands: [[0, 5]], present: false, cost: 2 },
  ]);
  const schedule = { serveAt: 60, startAt: { 'soup.heat': 26 }, chosen: { 'soup.heat': 0 } };
  expect(costOf(problem, schedule)).toBe(2 + 0.5 * 4);
});

const task = soup.tasks[0]!;
it.each([
  ['hands beyond its minutes', { tasks: [{ ...task, hands: [[15, 25]] }] }, 'tasks.0.hands'],
  ['hands before its start', { tasks: [{ ...task, hands: [[-5, 5]] }] }, 'tasks.0.hands'],
  ['a place nobody has', { tasks: [{ ...task, place: 'oven' }] }, 'there is no place “oven”'],
  ['a link to nothing', { links: [{ from: 'soup.heat', to: 'soup.away' }] }, 'there is no task “soup.away”'],
  ['the same task twice', { tasks: [task, task] }, '“soup.heat” is there twice'],
  ['a task of the name of the moment', { tasks: [task, { id: 'serve', minutes: 1 }] }, 'tasks.1.id'],
  ['a weight below nothing', { links: [{ from: 'soup.heat', to: 'serve', weight: -1 }] }, 'links.0.weight'],
  ['a least above its most', { links: [{ from: 'soup.heat', to: 'serve', min: 9, max: 3 }] }, 'links.0.max'],
  ['half a minute', { tasks: [{ ...task, minutes: 2.5 }] }, 'tasks.0.minutes'],
  ['a heat upside down', { tasks: [{ ...task, celsius: [220, 160] }] }, 'tasks.0.celsius'],
  ['a table beyond the horizon', { serveAt: 121 }, 'serveAt'],
  ['a cook nobody is', { tasks: [{ ...task, by: ['Bo'] }] }, 'there is no cook “Bo”'],
  ['work for nobody', { tasks: [{ ...task, by: [] }] }, 'tasks.0.by'],
  [
    'a way to a place nobody has',
    { tasks: [{ ...task, options: [{ place: 'oven' }] }] },
    'tasks.0.options.0.place',
  ],
  [
    'a way too short for its hands',
    { tasks: [{ ...task, options: [{ minutes: 3 }] }] },
    'tasks.0.options.0.hands',
  ],
  ['a cost below nothing', { tasks: [{ ...task, options: [{ cost: -1 }] }] }, 'tasks.0.options.0.cost'],
  [
    'waiting where nobody has room',
    { links: [{ from: 'soup.heat', to: 'serve', hold: { place: 'oven' } }] },
    'links.0.hold.place',
  ],
  ['a course of the name of a task', { courses: [{ id: 'soup.heat', after: 5 }] }, 'courses.0.id'],
  ['a course before the rest', { courses: [{ id: 'pudding', after: -5 }] }, 'courses.0.after'],
  [
    'more cooks by name than can be counted',
    {
      cooks: [...'abcdefghi'].map((id) => ({ id, free: [] })),
      tasks: [{ ...task, by: [...'abcdefghi'] }],
    },
    'no more than 8 cooks',
  ],
  ['a word nobody knows', { tasks: [{ ...task, oven: 'hot' }] }, 'tasks.0'],
  ['a cook who is free for no time', { cooks: [{ id: 'Ada', free: [[5, 5]] }] }, 'cooks.0.free.0'],
] as [string, Partial<ProblemJson>, string][])('refuses %s, and says where', (_, change, where) => {
  const read = () => readProblem({ ...soup, ...change });
  expect(read).toThrow(UnreadableProblem);
  expect(read).toThrow(where);
});

it.each([null, 7, 'soup', [], {}])('refuses what is no problem at all: %p', (nonsense) => {
  expect(() => readProblem(nonsense)).toThrow(UnreadableProblem);
});

it('costs what is late, and what waits', () => {
  const problem = readProblem(soup);
  expect(costOf(problem, { serveAt: 60, startAt: { 'soup.heat': 40 } })).toBe(0);
  expect(costOf(problem, { serveAt: 62, startAt: { 'soup.heat': 38 } })).toBe(2000 + 0.5 * 4);
});
