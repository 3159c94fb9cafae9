import { START } from '../testing/story';
import { asked, lamb, LAMB, MEAL, pie, PIE, said, salad, wanted } from '../testing/supper';
import { HOUR_MS } from '../units';
import type { PlannedDish } from '../record';
import { planMeal } from '.';

const fresh: PlannedDish = { ...lamb, condition: 'fresh', method: 'fresh', since: START };
const supper = said(null, 'mealPlanned', {
  ...wanted,
  serveAt: START + 24 * HOUR_MS,
  dishes: [fresh, salad],
});
const cold: PlannedDish = {
  kind: 'cold',
  id: 'lamb',
  name: 'Lamb',
  foodId: LAMB,
  leftFrom: MEAL,
  prepareMs: 10 * 60_000,
  finishMs: 0,
  waitsMs: HOUR_MS,
  keeps: false,
};

const planned = (hours: number, more: Parameters<typeof asked>[0] = {}) => {
  const meal = { ...wanted, name: 'Cold cuts', serveAt: START + hours * HOUR_MS, dishes: [cold] };
  return planMeal(asked({ wanted: meal, others: [supper], ...more }));
};
const whyOf = (...[hours, more]: Parameters<typeof planned>) => {
  const answer = planned(hours, more);
  return answer.kind === 'obstacles' ? answer.obstacles[0]!.why : answer.kind;
};

describe('what will be left over from another meal', () => {
  it('can be planned with while its food is still raw, for as long as it keeps from that table on', () => {
    expect(whyOf(24 + 17)).toBe('scheduled');
    // Four days from supper; the fifth is over.
    expect(whyOf(24 + 4 * 24 - 7)).toBe('scheduled');
    expect(whyOf(24 + 5 * 24 + 1)).toBe('keepsTooShort');
  });

  it('is not there before that meal is on the table, or when it is not wanted any more', () => {
    expect(whyOf(20)).toBe('notYet');
    expect(whyOf(41, { others: [] })).toBe('sourceGone');
    expect(whyOf(41, { others: [said(supper, 'mealDropped', {})] })).toBe('sourceGone');
    // Nothing of it is begun before it is there.
    const answer = planned(25);
    if (answer.kind !== 'scheduled') throw new Error(JSON.stringify(answer));
    expect(answer.schedule.tasks[0]!.startAt).toBeGreaterThanOrEqual(START + 24 * HOUR_MS);
  });

  it('is nothing of what was left over before, heated once more, brought by a guest, or not put away', () => {
    const after = (change: object) => [
      said(supper, 'mealPlanned', { ...supper.wanted, dishes: [{ ...change } as PlannedDish] }),
    ];
    const left = { ...cold, keeps: true };
    // Its days count from the first table, and not again from each that it comes to.
    expect(whyOf(41, { others: after(left) })).toBe('notKept');
    expect(whyOf(41, { others: after({ ...fresh, keeps: false }) })).toBe('notKept');
    expect(whyOf(41, { others: after({ ...left, leftFrom: undefined, comes: 'guest' }) })).toBe('notKept');
    expect(whyOf(41, { others: after({ ...salad, keeps: true }) })).toBe('sourceGone');
    const pieAgain = { ...pie, foodId: LAMB, keeps: true };
    expect(whyOf(41, { others: after(pieAgain) })).toBe('notKept');
  });

  it('waits for a supper that is late', () => {
    const late = said(supper, 'mealScheduled', { serveAt: START + 42 * HOUR_MS, tasks: [] });
    expect(whyOf(41, { others: [late] })).toBe('notYet');
    expect(whyOf(44, { others: [late] })).toBe('scheduled');
  });

  it('once it is cooked it goes by its own record, whatever became of that meal', () => {
    const meal = { ...wanted, serveAt: START + 24 * HOUR_MS, dishes: [{ ...cold, foodId: PIE }] };
    expect(planMeal(asked({ wanted: meal, others: [] })).kind).toBe('scheduled');
    const long = { ...meal, serveAt: START + 6 * 24 * HOUR_MS };
    expect(planMeal(asked({ wanted: long, others: [] }))).toMatchObject({
      obstacles: [{ why: 'keepsTooShort' }],
    });
  });
});
