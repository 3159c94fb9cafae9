import { planMeal } from '../dishes';
import { homeRules } from '../guidance';
import { asked, lamb } from '../testing/supper';
import { DAY_MS } from '../units';
import { buyingOf } from '.';

const answer = planMeal(asked());
if (answer.kind !== 'scheduled') throw new Error('the supper has no schedule');
const { schedule } = answer;
const task = (id: string) => schedule.tasks.find((each) => each.id === id)!;

it('fresh food is bought no sooner than it keeps until the heat, and all before it is needed', () => {
  const bird = { ...lamb, foodKey: 'chicken-thighs', form: 'pieces' as const, condition: 'fresh' as const };
  const { from, by } = buyingOf(bird, schedule, homeRules);
  expect(from).toBe(task('lamb.cook').startAt - DAY_MS);
  expect(by).toBe(task('lamb.thaw').startAt);
  expect(buyingOf(lamb, schedule, homeRules).from).toBeNull();
});
