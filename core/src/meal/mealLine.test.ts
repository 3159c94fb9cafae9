import { planMeal } from '../dishes';
import { homeRules } from '../guidance';
import type { PlacedTask } from '../record';
import { happened, START } from '../testing/story';
import { asked, lambEvents, pieEvents, said, settings, stateOf, wanted } from '../testing/supper';
import type { FoodState, MealState } from '../trail';
import { DAY_MS, HOUR_MS, MINUTE_MS } from '../units';
import {
  kitchenFor,
  mealLine,
  mealStepWords,
  outOfCold,
  TABLE,
  timerWords,
  toDo,
  underWay,
  whoDoes,
  type Cook,
  type MealStep,
} from '.';

const answer = planMeal(asked());
if (answer.kind !== 'scheduled') throw new Error('the supper has no schedule');
const { schedule } = answer;
const meal: MealState = said(
  said(null, 'mealPlanned', { ...wanted, dishes: [...answer.dishes] }),
  'mealScheduled',
  schedule,
);
const { cooks } = kitchenFor(settings, START, START + 5 * DAY_MS);
const frozen = [stateOf(lambEvents()), stateOf(pieEvents)];
const lineOf = (of: MealState, foods: readonly FoodState[] = frozen) => mealLine(of, foods, cooks)!;
const task = (id: string): PlacedTask => schedule.tasks.find((each) => each.id === id)!;
const kinds = (steps: readonly MealStep[], dish: string) =>
  steps.filter((step) => step.dish?.id === dish).map(({ kind }) => kind);

describe('the line of a meal', () => {
  const line = lineOf(meal);

  it('has every step of a dish in the order it is done, and the table once', () => {
    // The oven is hot in time, whenever that is.
    expect(kinds(line.steps, 'lamb').filter((kind) => kind !== 'ovenOn')).toEqual([
      'thaw',
      'feelForIce',
      'prepare',
      'on',
      'read',
      'off',
      'finish',
      'putAway',
    ]);
    expect(kinds(line.steps, 'salad')).toEqual(['prepare']);
    expect(line.steps.filter(({ kind }) => kind === 'serve').map(({ id, at }) => [id, at])).toEqual([
      [TABLE, schedule.serveAt],
    ]);
    for (let i = 1; i < line.steps.length; i++)
      expect(line.steps[i]!.at).toBeGreaterThanOrEqual(line.steps[i - 1]!.at);
  });

  it('begins with the first that is not done; what happened to a food is a tick', () => {
    expect(toDo(line, START)[0]!.kind).toBe('thaw');
    const thawing = stateOf(lambEvents(happened(START + HOUR_MS, 'thawStarted', { method: 'refrigerator' })));
    const after = lineOf(meal, [thawing, frozen[1]!]);
    expect(toDo(after, START)[0]!.kind).toBe('feelForIce');
    const thaw = after.steps.find(({ kind }) => kind === 'thaw')!;
    expect([thaw.at, thaw.doneAt]).toEqual([START + HOUR_MS, START + HOUR_MS]);
  });

  it('what is cooked was thawed and prepared, ticked or not', () => {
    const at = task('lamb.cook').startAt;
    const cooking = stateOf(
      lambEvents(
        happened(START, 'thawStarted', { method: 'refrigerator' }),
        happened(at, 'cookingStarted', {}),
      ),
    );
    const after = lineOf(meal, [cooking, frozen[1]!]);
    for (const step of after.steps.filter(({ dish }) => dish?.id === 'lamb'))
      expect([step.kind, step.doneAt !== null]).toEqual([
        step.kind,
        ['thaw', 'feelForIce', 'ovenOn', 'prepare', 'on'].includes(step.kind),
      ]);
  });

  it('a supper of another day is not this one', () => {
    const servedBefore = stateOf([
      ...pieEvents,
      { ...happened(START - 2 * HOUR_MS, 'served', {}), foodId: pieEvents[0]!.foodId },
    ]);
    expect(
      lineOf(meal, [frozen[0]!, servedBefore]).steps.find(({ kind }) => kind === 'serve')!.doneAt,
    ).toBeNull();
  });

  it('one dish on the table is no reason to forget the one in the oven', () => {
    const at = schedule.serveAt - HOUR_MS;
    const served = stateOf([...pieEvents, { ...happened(at, 'served', {}), foodId: pieEvents[0]!.foodId }]);
    const after = lineOf(meal, [frozen[0]!, served]);
    const left = (dish: string) =>
      kinds(
        after.steps.filter(({ doneAt }) => doneAt === null),
        dish,
      );
    expect(left('lamb')).toContain('off');
    expect(left('pie')).not.toContain('off');
    expect(after.steps.find(({ kind }) => kind === 'serve')!.doneAt).toBeNull();
  });

  it('food that was at hand and is gone asks for nothing more; food still to come does', () => {
    expect(
      kinds(
        lineOf(meal, [frozen[1]!]).steps.filter(({ doneAt }) => doneAt === null),
        'lamb',
      ),
    ).toEqual([]);
    const toBuy = {
      ...meal,
      wanted: {
        ...meal.wanted,
        dishes: meal.wanted.dishes.map((dish) => ({ ...dish, comes: 'shop' as const })),
      },
    };
    expect(
      kinds(
        lineOf(toBuy, [frozen[1]!]).steps.filter(({ doneAt }) => doneAt === null),
        'lamb',
      ),
    ).toContain('on');
  });

  it('is over once all is put away', () => {
    const when = schedule.serveAt;
    const served = said(meal, 'mealTicked', {
      dish: TABLE,
      name: 'Supper',
      kind: 'serve',
      part: 'done',
      at: when,
    });
    expect(lineOf(served).over).toBe(false);
    expect(toDo(lineOf(served), START)[0]!.kind).toBe('putAway');
    expect(lineOf(served, []).over).toBe(true);
  });

  it('says when hands are free, and is late only against what was wanted', () => {
    expect(line.lateMs).toBe(0);
    for (const { from, to } of line.free) {
      expect(to - from).toBeGreaterThanOrEqual(15 * MINUTE_MS);
      expect(line.doing.some((each) => each.from < to && from < each.to)).toBe(false);
    }
    const late = said(meal, 'mealScheduled', { ...schedule, serveAt: schedule.serveAt + 20 * MINUTE_MS });
    expect(lineOf(late).lateMs).toBe(20 * MINUTE_MS);
  });
});

describe('an oven for two dishes', () => {
  const heated = (id: string, from: number, celsius: [number, number]): PlacedTask[] => [
    {
      ...task('pie.ovenOn'),
      id: `${id}.ovenOn`,
      dish: id,
      startAt: from - 20 * MINUTE_MS,
      minutes: 20,
      celsius,
    },
    { ...task('pie.reheat'), id: `${id}.reheat`, dish: id, startAt: from, minutes: 40, celsius },
  ];
  const two = said(
    said(null, 'mealPlanned', {
      ...wanted,
      dishes: [
        { ...meal.wanted.dishes[1]!, id: 'a' },
        { ...meal.wanted.dishes[1]!, id: 'b' },
      ],
    }),
    'mealScheduled',
    {
      serveAt: START + 3 * HOUR_MS,
      tasks: [
        ...heated('a', START + HOUR_MS, [180, 210]),
        ...heated('b', START + HOUR_MS + 10 * MINUTE_MS, [200, 230]),
      ],
    },
  );
  it('is turned on once, to what both bear', () => {
    const { steps } = lineOf(two);
    const on = steps.filter(({ kind }) => kind === 'ovenOn');
    expect(on.map(({ dish }) => dish!.id)).toEqual(['a']);
    expect(on[0]!.celsius).toEqual([200, 210]);
    const words = mealStepWords(on[0]!, {
      rules: homeRules,
      units: { temperature: 'F', mass: 'imperial' },
      food: null,
    });
    expect(words.title).toBe('Oven to 400 °F');
  });
});

describe('who does what', () => {
  const free = (id: string, ...spans: [number, number][]): Cook => ({
    id,
    name: id,
    free: spans.map(([from, to]) => ({ from: START + from * MINUTE_MS, to: START + to * MINUTE_MS })),
  });
  const job = (id: string, at: number, minutes: number): PlacedTask => ({
    ...task('salad.prepare'),
    id,
    dish: id,
    startAt: START + at * MINUTE_MS,
    minutes,
    hands: [[0, minutes]],
  });
  const shared = (tasks: PlacedTask[], ...all: Cook[]) =>
    Object.fromEntries(whoDoes(tasks, all).map(({ task: id, cook }) => [id, cook]));

  it('nobody is asked to be in two places, or while away', () => {
    expect(
      shared(
        [job('one', 0, 10), job('two', 5, 10), job('three', 20, 10)],
        free('Ana', [0, 60]),
        free('Bo', [0, 20]),
      ),
    ).toEqual({ one: 'Ana', two: 'Bo', three: 'Ana' });
    expect(shared([job('late', 50, 20)], free('Ana', [0, 60]))).toEqual({ late: null });
  });

  it('what only one may do is theirs, and others do what stands beside it', () => {
    const both = [free('Ana', [0, 60]), free('Bo', [0, 60])] as const;
    const bird = { ...job('bird', 5, 10), by: ['Ana'] };
    expect(shared([job('salad', 0, 10), bird], ...both)).toEqual({ salad: 'Bo', bird: 'Ana' });
    expect(shared([{ ...job('salad', 0, 10), who: 'Bo' }], ...both)).toEqual({ salad: 'Bo' });
    // Whoever was named and may not have it in hand does not get it.
    expect(shared([{ ...bird, who: 'Bo' }], ...both)).toEqual({ bird: 'Ana' });
  });
});

describe('what is under way', () => {
  const ticked = (kind: 'prepare' | 'ovenOn', dish: string, at: number) => ({
    dish,
    name: dish,
    kind,
    part: 'begun' as const,
    at,
  });
  const at = task('salad.prepare').startAt;
  const begun = said(meal, 'mealTicked', ticked('prepare', 'salad', at), at);
  const running = (of: typeof meal, foods = frozen) =>
    underWay(of, foods).map((timer) => [timerWords(timer), timer.endsAt]);

  it('has its time from when it was begun, first to end first', () => {
    expect(running(meal)).toEqual([]);
    expect(running(begun)).toEqual([['Preparing Salad', at + task('salad.prepare').minutes * MINUTE_MS]]);
    const hot = said(begun, 'mealTicked', ticked('ovenOn', 'pie', at - HOUR_MS), at);
    expect(running(hot).map(([words]) => words)).toEqual(['Oven heating up for Pie', 'Preparing Salad']);
  });

  it('is over when what comes after it has begun, or all is on the table', () => {
    const thawing = stateOf(lambEvents(happened(START + HOUR_MS, 'thawStarted', { method: 'refrigerator' })));
    expect(running(meal, [thawing, frozen[1]!]).map(([words]) => words)).toEqual(['Lamb thaws']);
    const further = said(meal, 'mealTicked', ticked('prepare', 'lamb', at), at);
    expect(running(further, [thawing, frozen[1]!]).map(([words]) => words)).toEqual(['Preparing Lamb']);
    const served = said(
      begun,
      'mealTicked',
      { dish: TABLE, name: 'Supper', kind: 'serve', part: 'done', at },
      at,
    );
    expect(running(served)).toEqual([]);
  });
});

describe('of several that are due at once', () => {
  const step = (kind: MealStep['kind'], at: number, doneAt: number | null = null) =>
    ({
      ...lineOf(meal).steps[0]!,
      id: `${kind} ${at}`,
      kind,
      at: START + at * MINUTE_MS,
      doneAt,
    }) as MealStep;
  const kindsAt = (now: number, ...steps: MealStep[]) =>
    toDo({ steps }, START + now * MINUTE_MS).map(({ kind }) => kind);

  it('the one that does harm soonest comes first, and what is to come by its time', () => {
    const steps = [step('washSink', 0), step('prepare', 0), step('off', 1), step('water', 2), step('on', 9)];
    expect(kindsAt(2, ...steps)).toEqual(['water', 'off', 'prepare', 'washSink', 'on']);
    expect(kindsAt(-1, ...steps)).toEqual(['washSink', 'prepare', 'off', 'water', 'on']);
  });

  it('what was left for long has done harm before what is due just now', () => {
    expect(kindsAt(60, step('prepare', 0), step('off', 60))).toEqual(['prepare', 'off']);
    expect(kindsAt(5, step('prepare', 0), step('off', 5))).toEqual(['off', 'prepare']);
  });

  it('asks for nothing that is done, or is done along the way', () => {
    expect(kindsAt(9, step('off', 0, START), step('stir', 1), step('turn', 2), step('serve', 3))).toEqual([
      'serve',
    ]);
  });
});

describe('out of the cold', () => {
  it('counts from the board to the heat, and from the heat until it is put away', () => {
    const { spans, leftMs } = outOfCold(meal.wanted.dishes[0]!, schedule, frozen[0]!, homeRules);
    const end = (id: string) => task(id).startAt + task(id).minutes * MINUTE_MS;
    expect(spans).toEqual([
      { from: task('lamb.prepare').startAt, to: task('lamb.cook').startAt },
      { from: end('lamb.cook'), to: end('lamb.putAway') },
    ]);
    expect(leftMs).toBe(2 * HOUR_MS - (spans[1]!.to - spans[1]!.from));
    expect(leftMs).toBeGreaterThanOrEqual(0);
  });
});

it('an oven that is on says nothing of what is still to be prepared', () => {
  const on = said(meal, 'mealTicked', {
    dish: 'lamb',
    name: 'Lamb',
    kind: 'ovenOn',
    part: 'begun',
    at: task('lamb.ovenOn').startAt,
  });
  const { steps } = lineOf(on);
  const doneOf = (kind: string) =>
    steps.find((step) => step.kind === kind && step.dish?.id === 'lamb')!.doneAt;
  expect(doneOf('ovenOn')).not.toBeNull();
  expect(doneOf('prepare')).toBeNull();
});

it('what lies thawing and is to be finished another way has that before it', () => {
  const foods = [stateOf(lambEvents(happened(START, 'thawStarted', { method: 'refrigerator' }))), frozen[1]!];
  const dishes = meal.wanted.dishes.map((dish) =>
    dish.kind === 'cooked' ? { ...dish, method: 'coldWater' as const, thawLeftMs: HOUR_MS } : dish,
  );
  const other = said(meal, 'mealPlanned', { ...meal.wanted, dishes });
  const thaw = lineOf(other, foods).steps.find(({ kind }) => kind === 'thaw')!;
  expect(thaw.doneAt).toBeNull();
});

it('every step has words: what to do, why, and what its tick says, where it has one', () => {
  const seen = new Set<string>();
  const dishes = [
    ...meal.wanted.dishes,
    {
      ...meal.wanted.dishes[0]!,
      id: 'bird',
      form: 'wholeBird',
      foodKey: 'chicken-whole',
      method: 'coldWater',
    },
  ] as MealState['wanted']['dishes'];
  const bird = (['thaw', 'washSink', 'prepare', 'cook'] as const).map((kind): PlacedTask => ({
    ...task('lamb.cook'),
    id: `bird.${kind}`,
    dish: 'bird',
    kind,
    marks: [
      { at: 30, what: 'water' },
      { at: 40, what: 'turn' },
      { at: 50, what: 'stir' },
    ],
  }));
  const all: MealState = {
    ...meal,
    wanted: { ...meal.wanted, dishes },
    schedule: { ...schedule, tasks: [...schedule.tasks, ...bird] },
  };
  for (const step of mealLine(all, frozen, cooks)!.steps) {
    const { title, detail, tick } = mealStepWords(step, {
      rules: homeRules,
      units: { temperature: 'C', mass: 'metric' },
      food: null,
    });
    seen.add(step.kind);
    expect(title).toMatch(/^[A-Z]/);
    expect(detail).toMatch(/[.]$/);
    expect(tick === '').toBe(step.kind === 'stir' || step.kind === 'turn');
  }
  expect(seen.size).toBe(14);
});
