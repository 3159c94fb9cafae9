import { taskId } from '../record';
import { homeRules } from '../guidance';
import { happened, read, START } from '../testing/story';
import { asked, lamb, lambEvents, pie, pieEvents, said, stateOf, wanted } from '../testing/supper';
import { HOUR_MS, MINUTE_MS } from '../units';
import { planMeal, type MealAnswer } from '.';
import { asRead } from './asRead';
import type { Oven } from '../meal';

type Scheduled = Extract<MealAnswer, { kind: 'scheduled' }>;
const scheduled = (answer: MealAnswer): Scheduled => {
  if (answer.kind !== 'scheduled') throw new Error(JSON.stringify(answer));
  return answer;
};

/** Fresh lamb for the evening after, in the oven since three. */
const fresh = { ...lamb, condition: 'fresh', method: 'fresh', since: START } as const;
const meal = { ...wanted, serveAt: START + 26 * HOUR_MS, dishes: [fresh, pie] };
const onHeat = START + 22 * HOUR_MS;
const roasting = (...readings: [afterMin: number, celsius: number][]) =>
  stateOf(
    lambEvents(
      happened(START, 'moved', { place: 'refrigerator' }),
      happened(START + MINUTE_MS, 'thawed', {}),
      happened(onHeat, 'cookingStarted', {}),
      ...readings.map(([after, celsius]) => read(onHeat + after * MINUTE_MS, celsius, 'C')),
    ),
  );
const still = [{ shelves: 2, widestM: null, fan: false }];
const inA = (ovens: readonly Oven[]) => ({ rules: homeRules, ovens });
const slowMs = (...readings: [number, number][]) => {
  const dish = asRead(fresh, roasting(...readings), inA(still));
  return 'heating' in dish ? dish.heating.slowMs : NaN;
};

describe('what the probe says of when a joint is done', () => {
  it('nothing while nothing was read, or off the heat', () => {
    expect(asRead(fresh, roasting(), inA(still))).toBe(fresh);
    expect(asRead(fresh, null, inA(still))).toBe(fresh);
    expect(asRead(pie, roasting([60, 30]), inA(still))).toBe(pie);
  });

  it('the colder it reads, the longer it takes', () => {
    const [cold, warm] = [slowMs([75, 22]), slowMs([75, 34])];
    expect(cold).toBeGreaterThan(warm);
    expect(warm).toBeGreaterThan(75 * MINUTE_MS);
    // What no oven and joint explain says nothing.
    expect(slowMs([75, 4.9])).toBe(fresh.heating.slowMs);
  });

  it('in an oven with a fan the same reading is told otherwise; of two ovens both need one', () => {
    const fan = { ...still[0]!, fan: true };
    const told = (...ovens: Oven[]) => asRead(fresh, roasting([75, 22]), inA(ovens));
    expect(told(fan)).not.toEqual(told(...still));
    expect(told(fan, ...still)).toEqual(told(...still));
    expect(told(fan, fan)).toEqual(told(fan));
  });
});

it('a joint that is slower than planned makes dinner late, and says so; one that is done is done', () => {
  const planned = scheduled(planMeal(asked({ wanted: meal, foods: [stateOf(pieEvents)], now: START })));
  const state = said(said(null, 'mealPlanned', meal), 'mealScheduled', planned.schedule);
  const at = (afterMin: number, ...readings: [number, number][]) =>
    scheduled(
      planMeal(
        asked({
          meal: state,
          wanted: meal,
          foods: [roasting(...readings), stateOf(pieEvents)],
          now: onHeat + afterMin * MINUTE_MS,
        }),
      ),
    );
  const minutesOf = ({ schedule }: Scheduled) =>
    schedule.tasks.find(({ id }) => id === taskId('lamb', 'cook'))!.minutes;
  const begun = at(1);
  const slow = at(121, [120, 26]);
  expect(minutesOf(slow)).toBeGreaterThan(minutesOf(begun));
  expect(slow.moved).toContainEqual(expect.objectContaining({ task: 'lamb.cook', end: true }));
  expect(slow.schedule.serveAt).toBeGreaterThanOrEqual(begun.schedule.serveAt);
});
