import fc from 'fast-check';
import { standOf, TABLE } from '../meal';
import { happened, START } from '../testing/story';
import { asked, lamb, lambEvents, pie, pieEvents, said, settings, stateOf, wanted } from '../testing/supper';
import { atClock, clockOf } from '../time';
import type { FoodEvent, PlannedDish } from '../record';
import type { MealState } from '../trail';
import { HOUR_MS, MINUTE_MS } from '../units';
import { planMeal, type MealAnswer } from '.';

type Scheduled = Extract<MealAnswer, { kind: 'scheduled' }>;
function scheduled(answer: MealAnswer): Scheduled {
  if (answer.kind !== 'scheduled') throw new Error(JSON.stringify(answer));
  return answer;
}

const plannedMeal = (): { meal: MealState; answer: Scheduled } => {
  const answer = scheduled(planMeal(asked()));
  const dishes = [...answer.dishes];
  const meal = said(said(null, 'mealPlanned', { ...wanted, dishes }), 'mealScheduled', answer.schedule);
  return { meal, answer };
};

const startOf = ({ schedule }: Pick<Scheduled, 'schedule'>, id: string) =>
  schedule.tasks.find((task) => task.id === id)!.startAt;

describe('a meal of three dishes', () => {
  const { meal, answer } = plannedMeal();

  it('is on the table when it was wanted, with how the lamb thaws worked out', () => {
    expect(answer.schedule.serveAt).toBe(wanted.serveAt);
    expect(answer.dishes[0]).toHaveProperty('computedThaw.refrigerator.slowMs');
    expect(answer.moved).toEqual([]);
  });

  it('stays as it is while nothing happens', () => {
    const again = scheduled(planMeal(asked({ meal, wanted: meal.wanted, now: START + 5 * HOUR_MS })));
    expect(again.schedule).toEqual(answer.schedule);
    expect(again.moved).toEqual([]);
  });

  it('keeps what has begun where it began, and moves what follows from it', () => {
    const late = startOf(answer, 'lamb.thaw') + 3 * HOUR_MS;
    const foods = [
      stateOf(lambEvents(happened(late, 'thawStarted', { method: 'refrigerator' }))),
      stateOf(pieEvents),
    ];
    const again = scheduled(planMeal(asked({ meal, wanted: meal.wanted, foods, now: late + MINUTE_MS })));
    expect(startOf(again, 'lamb.thaw')).toBe(late);
    // It began late, so it is its end that moved.
    expect(again.moved).toContainEqual({ task: 'lamb.thaw', byMs: expect.any(Number), end: true });
    const thawed = late + again.schedule.tasks.find(({ id }) => id === 'lamb.thaw')!.minutes * MINUTE_MS;
    expect(startOf(again, 'lamb.prepare')).toBeGreaterThanOrEqual(thawed);
    expect(startOf(again, 'salad.prepare')).toBe(
      startOf(answer, 'salad.prepare') + (again.schedule.serveAt - answer.schedule.serveAt),
    );
  });

  it('a task that is pinned stays, and the rest goes round it', () => {
    const at = startOf(answer, 'salad.prepare') - 20 * MINUTE_MS;
    const tasks = answer.schedule.tasks.map((task) =>
      task.id === 'salad.prepare' ? { ...task, startAt: at, pinned: true as const } : task,
    );
    const pinned = said(meal, 'mealScheduled', { ...answer.schedule, tasks });
    const again = scheduled(planMeal(asked({ meal: pinned, wanted: meal.wanted })));
    expect(startOf(again, 'salad.prepare')).toBe(at);
    expect(again.schedule.tasks.find(({ id }) => id === 'salad.prepare')!.pinned).toBe(true);
    expect(again.schedule.serveAt).toBe(wanted.serveAt);
  });

  it('once it is served only the clearing away is left', () => {
    const when = answer.schedule.serveAt;
    const served = said(
      meal,
      'mealTicked',
      { dish: TABLE, name: 'Supper', kind: 'serve', part: 'done', at: when },
      when,
    );
    const stand = standOf(served, [stateOf(lambEvents()), stateOf(pieEvents)]);
    expect(stand.servedAt).toBe(when);
    expect(stand.tasks.get('salad.prepare')!.doneAt).not.toBeNull();
    expect(stand.tasks.has('lamb.putAway')).toBe(false);
    const again = scheduled(
      planMeal(asked({ meal: served, wanted: meal.wanted, now: when + 10 * MINUTE_MS })),
    );
    expect(again.schedule.serveAt).toBe(when);
    expect(startOf(again, 'lamb.putAway')).toBeGreaterThanOrEqual(when + 30 * MINUTE_MS);
  });
});

it('a school of its own for one food counts for that dish', () => {
  const strict = stateOf(
    lambEvents(happened(START - HOUR_MS, 'guided', { choice: { school: 'code', extraCare: true } })),
  );
  const { schedule } = scheduled(planMeal(asked({ foods: [strict, stateOf(pieEvents)] })));
  const rules = schedule.tasks.find(({ id }) => id === 'lamb.thaw')!.ruleIds;
  const plain = scheduled(planMeal(asked())).schedule.tasks.find(({ id }) => id === 'lamb.thaw')!.ruleIds;
  expect(rules).not.toEqual(plain);
});

it('says what stands in the way by dish, before any schedule', () => {
  const answer = planMeal(asked({ wanted: { ...wanted, dishes: [{ ...lamb, method: 'microwave' }] } }));
  expect(answer).toEqual({ kind: 'obstacles', obstacles: [{ dish: 'lamb', why: 'tooThick', byMs: null }] });
});

describe('what of the stores is no food for a meal', () => {
  const whyOf = (...[over]: Parameters<typeof asked>) => {
    const answer = planMeal(asked(over));
    return answer.kind === 'obstacles' ? answer.obstacles.map(({ dish, why }) => [dish, why]) : answer.kind;
  };
  const pieOf = (...more: FoodEvent[]) =>
    stateOf([...pieEvents, ...more.map((event) => ({ ...event, foodId: pieEvents[0]!.foodId }))]);
  const days = (n: number) => ({ wanted: { ...wanted, serveAt: START + n * 24 * HOUR_MS, dishes: [pie] } });

  it('a leftover past its days by then, and in the freezer it keeps', () => {
    // Four days since this morning.
    expect(whyOf({ ...days(2), foods: [pieOf()] })).toBe('scheduled');
    expect(whyOf({ ...days(4), foods: [pieOf()] })).toEqual([['pie', 'keepsTooShort']]);
    expect(
      whyOf({ ...days(4), foods: [pieOf(happened(START - HOUR_MS, 'moved', { place: 'freezer' }))] }),
    ).toBe('scheduled');
  });

  it('by who eats it: past the days of extra care where one of them who needs that does', () => {
    const table = [{ id: 'ines', name: 'Ines', small: false, care: 'pregnancy' }] as const;
    const eaten = (over: object, dish: object = {}) =>
      whyOf({
        foods: [pieOf()],
        settings: { ...settings, table },
        wanted: { ...days(2).wanted, dishes: [{ ...pie, ...dish }], ...over },
      });
    expect(eaten({})).toEqual([['pie', 'keepsTooShort']]);
    expect(eaten({ without: ['ines'] })).toBe('scheduled');
    expect(eaten({}, { without: ['ines'] })).toBe('scheduled');
    expect(eaten({ without: ['somebody else'] })).toEqual([['pie', 'keepsTooShort']]);
  });

  it('one of which nobody knows how old it is, and one that stood out too long', () => {
    const [came] = pieEvents;
    const unknown = stateOf([{ ...came!, payload: { ...came!.payload, since: null } } as FoodEvent]);
    expect(whyOf({ ...days(1), foods: [unknown] })).toEqual([['pie', 'ageUnknown']]);
    const out = pieOf(happened(START - 5 * HOUR_MS, 'moved', { place: 'counter' }));
    expect(whyOf({ ...days(1), foods: [out] })).toEqual([['pie', 'discard']]);
  });

  it('late, it is still heated within its days', () => {
    const answer = scheduled(planMeal(asked({ ...days(2), foods: [pieOf()] })));
    const heat = answer.schedule.tasks.find(({ kind }) => kind === 'reheat')!;
    expect(heat.startAt).toBeLessThan(START + 90 * HOUR_MS);
  });
});

describe('a kitchen with two ovens', () => {
  const shelf = { shelves: 1, widestM: null, fan: false };
  const twoOvens = { ...settings, kitchen: { ...settings.kitchen, ovens: [shelf, shelf] } };
  const bread = { ...pie, id: 'bread', name: 'Bread', foodId: null, waitsMs: 0 } as PlannedDish;
  const dishes = [{ ...pie, waitsMs: 0 }, bread];
  const meal = { ...wanted, serveAt: START + 4 * HOUR_MS, dishes: [...dishes] };
  const answer = scheduled(planMeal(asked({ wanted: meal, settings: twoOvens })));
  const placeOf = ({ schedule }: Pick<Scheduled, 'schedule'>, id: string) =>
    schedule.tasks.find((task) => task.id === id)!.place;

  it('heats each dish in one that is hot for it, both at once', () => {
    expect(planMeal(asked({ wanted: meal })).kind).toBe('scheduled');
    for (const id of ['pie', 'bread'])
      expect(placeOf(answer, `${id}.ovenOn`)).toBe(placeOf(answer, `${id}.reheat`));
    expect(placeOf(answer, 'pie.reheat')).not.toBe(placeOf(answer, 'bread.reheat'));
  });

  it('what is in one stays there, whatever else changes', () => {
    const other = dishes.find(({ id }) => placeOf(answer, `${id}.reheat`) === 'oven2')!;
    const at = startOf(answer, `${other.id}.ovenOn`);
    const planned = said(said(null, 'mealPlanned', meal), 'mealScheduled', answer.schedule);
    const ticked = said(
      planned,
      'mealTicked',
      { dish: other.id, name: other.name, kind: 'ovenOn', part: 'begun', at },
      at,
    );
    const later = { ...meal, serveAt: meal.serveAt + HOUR_MS };
    const again = scheduled(
      planMeal(asked({ meal: ticked, wanted: later, settings: twoOvens, now: at + MINUTE_MS })),
    );
    for (const kind of ['ovenOn', 'reheat']) expect(placeOf(again, `${other.id}.${kind}`)).toBe('oven2');
  });
});

it('a task is given to a cook by name, and stays with them', () => {
  const { meal, answer } = plannedMeal();
  const named = (who: string) => ({
    ...answer.schedule,
    tasks: answer.schedule.tasks.map((task) => (task.id === 'salad.prepare' ? { ...task, who } : task)),
  });
  const until = clockOf(answer.schedule.serveAt - HOUR_MS, 'UTC');
  const early = Object.fromEntries(
    ['1', '2', '3', '4', '5', '6', '7'].map((day) => [day, [{ from: '06:00', to: until }]]),
  );
  const leaving = {
    ...settings,
    cooks: settings.cooks.map((cook) => (cook.id === 'b' ? { ...cook, availability: early } : cook)),
  };
  const again = (who: string) =>
    scheduled(
      planMeal(
        asked({ meal: said(meal, 'mealScheduled', named(who)), wanted: meal.wanted, settings: leaving }),
      ),
    );
  // Bo is gone in the last hour, so the salad is made before.
  const salad = again('b').schedule.tasks.find(({ id }) => id === 'salad.prepare')!;
  expect(salad.who).toBe('b');
  expect(salad.startAt + salad.minutes * MINUTE_MS).toBeLessThanOrEqual(answer.schedule.serveAt - HOUR_MS);
  expect(startOf(again('a'), 'salad.prepare')).toBeGreaterThan(salad.startAt);
});

it('a meal wanted too soon is served as early as it can be', () => {
  const { schedule } = scheduled(planMeal(asked({ wanted: { ...wanted, serveAt: START + HOUR_MS } })));
  expect(schedule.serveAt).toBeGreaterThan(START + HOUR_MS);
});

it('planned anew after any tick, early or late, nothing that has begun is moved', () => {
  const { meal, answer } = plannedMeal();
  const ticks = answer.schedule.tasks.filter(({ kind }) => kind === 'prepare' || kind === 'ovenOn');
  fc.assert(
    fc.property(
      fc.subarray(ticks, { minLength: 1 }),
      fc.integer({ min: -90, max: 90 }),
      fc.integer({ min: 0, max: 60 }),
      (some, off, later) => {
        const shifted = some.map(({ id, dish, kind, startAt }) => ({
          id,
          dish,
          kind,
          at: startAt + off * MINUTE_MS,
        }));
        const now = Math.max(...shifted.map((each) => each.at)) + later * MINUTE_MS;
        const ticked = shifted.reduce(
          (sofar, { dish, kind, at: when }) =>
            said(sofar, 'mealTicked', { dish, name: dish, kind, part: 'begun', at: when }, when),
          meal,
        );
        const again = planMeal(asked({ meal: ticked, wanted: meal.wanted, now }));
        if (again.kind !== 'scheduled') return;
        for (const { id, at: when } of shifted) expect(startOf(again, id)).toBe(when);
        expect(again.schedule.serveAt).toBeGreaterThanOrEqual(wanted.serveAt);
        expect(again.moved.flatMap(({ task, end }) => (end ? [] : [task]))).not.toEqual(
          expect.arrayContaining(shifted.map(({ id }) => id)),
        );
      },
    ),
    { numRuns: 12 },
  );
});

it.each([
  ['back', Date.UTC(2026, 9, 24, 16)],
  ['forward', Date.UTC(2026, 2, 28, 17)],
])(
  'the night the clocks go %s: the table is at seven by the wall, and nobody is asked while asleep by it',
  (_way, now) => {
    const zone = 'Europe/Lisbon';
    const serveAt = atClock(now, 3, { hour: 19, minute: 0 }, zone);
    const { schedule } = scheduled(
      planMeal(asked({ now, settings: { ...settings, zone }, wanted: { ...wanted, serveAt }, foods: [] })),
    );
    expect(clockOf(schedule.serveAt, zone)).toBe('19:00');
    for (const { startAt, hands } of schedule.tasks)
      for (const [from, to] of hands)
        for (const minute of [from, to - 1]) {
          const clock = clockOf(startAt + minute * MINUTE_MS, zone);
          expect(clock >= '06:00' && clock < '23:30').toBe(true);
        }
  },
);
