import { readProblem, solve, type Conflict, type ProblemJson } from '.';

function conflictOf(json: ProblemJson): Conflict {
  const answer = solve(readProblem(json));
  if (!('infeasible' in answer)) throw new Error(JSON.stringify(answer));
  return answer.infeasible;
}

const heat = (dish: string, more = {}) => ({
  id: `${dish}.heat`,
  dish,
  minutes: 10,
  place: 'microwave',
  ...more,
});
const atOnce = (dish: string) => ({ from: `${dish}.heat`, to: 'serve', max: 0 });
const home: ProblemJson = {
  horizon: 120,
  serveAt: 60,
  cooks: [{ id: 'Ada', free: [[0, 120]] }],
  places: [
    { id: 'microwave', capacity: 1 },
    { id: 'oven', capacity: 1, changeMin: 15 },
  ],
  tasks: [heat('peas'), heat('pie'), { id: 'salad.toss', dish: 'salad', minutes: 5 }],
  links: [atOnce('peas'), atOnce('pie')],
};

it('names the two that cannot both be the last in one place, and nothing else', () => {
  const { tasks, places, cooks, because, help } = conflictOf(home);
  expect([tasks, places, cooks]).toEqual([['peas.heat', 'pie.heat'], ['microwave'], []]);
  expect(because[0]).toBe('microwave has room for 1: peas.heat, pie.heat');
  // One of them may wait for as long as the other takes.
  expect(help).toEqual({ kind: 'wait', from: 'peas.heat', to: 'serve', minutes: 10 });
});

it('there is a schedule without any one of them, and with what helps', () => {
  const { help } = conflictOf(home);
  const feasible = (json: ProblemJson) => 'startAt' in solve(readProblem(json));
  for (const dish of ['peas', 'pie'])
    expect(
      feasible({
        ...home,
        tasks: home.tasks.filter((task) => task.dish !== dish),
        links: home.links!.filter(({ from }) => from !== `${dish}.heat`),
      }),
    ).toBe(true);
  const tasks = home.tasks.map((task) => ({ ...task, place: undefined }));
  expect(feasible({ ...home, tasks })).toBe(true);
  const links = home.links!.map((link) =>
    help?.kind === 'wait' && link.from === help.from ? { ...link, max: link.max! + help.minutes } : link,
  );
  expect(feasible({ ...home, links })).toBe(true);
});

it('names the one who is not at home, and that it would help if they were', () => {
  const { tasks, cooks, because, help } = conflictOf({
    ...home,
    cooks: [
      {
        id: 'Ada',
        free: [
          [0, 20],
          [100, 120],
        ],
      },
    ],
    tasks: [{ id: 'bird.thaw', dish: 'bird', minutes: 60, present: true }],
    links: [],
  });
  expect([tasks, cooks]).toEqual([['bird.thaw'], ['Ada']]);
  expect(because).toContain('Ada is free only from 0 to 20, 100 to 120 min');
  expect(help).toEqual({ kind: 'home', cook: 'Ada' });
});

it('says at what heats an oven would have to be at once', () => {
  const { because, help } = conflictOf({
    ...home,
    tasks: [
      heat('roast', { place: 'oven', celsius: [160, 170] }),
      heat('bread', { place: 'oven', celsius: [230, 230], units: 0 }),
    ],
    links: [atOnce('roast'), atOnce('bread')],
  });
  expect(because[0]).toBe('oven has room for 1: roast.heat at 160–170 °C, bread.heat at 230 °C');
  expect(help).toEqual({ kind: 'wait', from: 'roast.heat', to: 'serve', minutes: 25 });
});

it('never offers to make longer what is a rule', () => {
  const roast = heat('roast', { place: 'oven', celsius: [160, 170] });
  const bread = heat('bread', { place: 'oven', celsius: [230, 230], units: 0 });
  const firm = { ...atOnce('roast'), firm: true };
  const one = { ...home, tasks: [roast, bread], links: [firm, atOnce('bread')] };
  expect(conflictOf(one).help).toEqual({ kind: 'wait', from: 'bread.heat', to: 'serve', minutes: 25 });
  const both = { ...one, links: [firm, { ...atOnce('bread'), firm: true }] };
  expect(conflictOf(both).help?.kind).not.toBe('wait');
});

it('links that contradict each other are a conflict of their own', () => {
  const { tasks, places, cooks } = conflictOf({
    ...home,
    tasks: [heat('peas'), heat('pie')],
    links: [
      { from: 'peas.heat', to: 'pie.heat', min: 5 },
      { from: 'pie.heat', to: 'peas.heat', min: 5 },
    ],
  });
  expect([tasks, places, cooks]).toEqual([['peas.heat', 'pie.heat'], [], []]);
});
