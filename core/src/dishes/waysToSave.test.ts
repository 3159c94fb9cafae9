import { happened, START } from '../testing/story';
import { asked, lambEvents, pieEvents, said, stateOf, wanted } from '../testing/supper';
import { HOUR_MS } from '../units';
import { planMeal, waysToSave } from '.';

/** Wanted in ten hours, when the refrigerator takes two days. */
const soon = { ...wanted, serveAt: START + 10 * HOUR_MS };
const planned = planMeal(asked({ wanted: soon }));
if (planned.kind !== 'scheduled') throw new Error('even late it has no schedule');
const meal = said(said(null, 'mealPlanned', soon), 'mealScheduled', planned.schedule);

it('a meal that is late is saved by a quicker way, and where none is as quick, by a dish less', () => {
  const ways = waysToSave(asked({ wanted: soon, meal }));
  expect(ways.length).toBeGreaterThan(0);
  expect(ways.length).toBeLessThanOrEqual(3);
  for (const { schedule } of ways) expect(schedule.serveAt).toBeLessThan(planned.schedule.serveAt);
  expect(ways.map(({ change }) => [change.kind, change.dish])).toContainEqual(['method', 'lamb']);
  // Each is a whole plan of its own.
  for (const { wanted: changed } of ways) {
    const again = planMeal(asked({ wanted: changed }));
    expect(again.kind).toBe('scheduled');
  }
  const serveAts = ways.map(({ schedule }) => schedule.serveAt);
  expect(serveAts).toEqual([...serveAts].sort((a, b) => a - b));
});

it('what is on the heat already is left as it is', () => {
  const cooking = stateOf(lambEvents(happened(START, 'cookingStarted', {})));
  const ways = waysToSave(
    asked({ wanted: soon, meal, foods: [cooking, stateOf(pieEvents)], now: START + HOUR_MS }),
  );
  expect(ways.filter(({ change }) => change.dish === 'lamb')).toEqual([]);
});

it('what is thawed is not to be thawed another way', () => {
  const thawed = stateOf(
    lambEvents(
      happened(START, 'thawStarted', { method: 'refrigerator' }),
      happened(START + HOUR_MS, 'thawed', {}),
    ),
  );
  const late = { ...wanted, serveAt: START + 2 * HOUR_MS };
  const planned = planMeal(
    asked({ wanted: late, foods: [thawed, stateOf(pieEvents)], now: START + HOUR_MS }),
  );
  if (planned.kind !== 'scheduled') throw new Error(JSON.stringify(planned));
  const meal = said(said(null, 'mealPlanned', late), 'mealScheduled', planned.schedule);
  const ways = waysToSave(
    asked({ wanted: late, meal, foods: [thawed, stateOf(pieEvents)], now: START + HOUR_MS }),
  );
  expect(ways.map(({ change }) => change.kind)).not.toContain('method');
});

it('a meal that was never scheduled has nothing to save', () => expect(waysToSave(asked())).toEqual([]));
