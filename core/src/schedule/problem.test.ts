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
