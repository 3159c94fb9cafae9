import fc from 'fast-check';
import { catalogue, foodById } from '../foods';
import { rulesFor, type RuleSet } from '../guidance';
import { at, cameFor, GUIDANCES, happened, readHot, START } from '../testing/story';
import { HOUR_MS, MINUTE_MS, toMetres } from '../units';
import { foldTrail } from '../trail';
import { judge } from '../judge';
import type { FoodEvent } from '../record';
import { compareMethods, leftOutMs, methods, ovenOf, scheduleOf, type MethodPlan, type PlanInput } from '.';

const ALWAYS_HOME = Object.fromEntries(
  [1, 2, 3, 4, 5, 6, 7].map((day) => [String(day), [{ from: '00:00', to: '00:00' }]]),
);

const cooked = catalogue.filter(({ cooking }) => cooking !== null);
const wanted = fc.record({
  food: fc.constantFrom(...cooked.map(({ id }) => id)).map(foodById),
  formNo: fc.nat(3),
  massKg: fc.double({ min: 0.1, max: 9, noNaN: true }),
  condition: fc.constantFrom('frozen', 'fresh', 'thawed'),
  guidance: fc.constantFrom(...Object.values(GUIDANCES)),
  method: fc.constantFrom(...methods),
  aheadH: fc.integer({ min: 3, max: 9 * 24 }),
  cookMin: fc.integer({ min: 10, max: 240 }),
  restMin: fc.integer({ min: 5, max: 30 }),
  /** Whether it starts as late as it can, or as early. */
  late: fc.boolean(),
  /** Whether it is found thawed at the slow end, or at the fast one. */
  slow: fc.boolean(),
});

/** Everything a cook does who follows a plan to the minute, and logs it. */
function followed(input: PlanInput, plan: MethodPlan, late: boolean, slow: boolean): FoodEvent[] {
  const { food, form, massKg, rules, now } = input;
  const events = [
    cameFor(input, now),
    happened(now, 'planned', {
      method: plan.method,
      serveAt: plan.serveAt,
      cookFastMs: input.cook.fastMs,
      cookSlowMs: input.cook.slowMs,
      restMs: input.restMs,
      startFrom: plan.window!.from,
      startBy: plan.window!.to,
    }),
  ];
  if (plan.thaw) events.push(...thawed(plan, rules, late ? plan.window!.to : plan.window!.from, slow));
  const { cookStartAt, offHeatAt, serveAt } = plan;
  const oven = ovenOf({ foodKey: food.id, massKg }, rules);
  if (oven) events.push(happened(cookStartAt, 'ovenOn', { temperature: oven }));
  events.push(happened(cookStartAt, 'cookingStarted'));
  events.push(...readHot(offHeatAt, { foodKey: food.id, form }));
  events.push(happened(offHeatAt, 'offHeat'), happened(serveAt, 'served'));
  return events;
}

function thawed(
  { method, thaw, cookStartAt }: MethodPlan,
  rules: RuleSet,
  startAt: number,
  slow: boolean,
): FoodEvent[] {
  const running = method === 'coldWater' && rules.thawing.waterRunning.value.yes;
  const thawedAt = startAt + (slow ? thaw!.slowMs : thaw!.fastMs);
  // In water it lies until it is nearly time to cook it.
  const atOnceMs = rules.thawing.cookAtOnce.value.ms;
  const endAt = method === 'coldWater' ? Math.max(thawedAt, cookStartAt - atOnceMs) : thawedAt;
  const changes: FoodEvent[] = [];
  if (method === 'coldWater' && !running)
    for (let t = startAt + 30 * MINUTE_MS; t < endAt; t += 30 * MINUTE_MS)
      changes.push(happened(t, 'waterChanged'));
  return [
    happened(startAt, 'thawStarted', {
      method: method as 'refrigerator' | 'coldWater' | 'microwave',
      ...(running && { running: true as const }),
    }),
    ...changes,
    happened(endAt, 'thawed'),
  ];
}

it('a plan that is followed to the minute ends in “fine” (guidance, §11.11, §11.25)', () => {
  const made = new Map<string, number>();
  fc.assert(
    fc.property(wanted, (w) => {
      const rules = rulesFor(w.guidance);
      const cook = { fastMs: w.cookMin * MINUTE_MS, slowMs: w.cookMin * MINUTE_MS };
      const input: PlanInput = {
        food: w.food,
        parts: [],
        form: w.food.forms[w.formNo % w.food.forms.length]!,
        massKg: w.massKg,
        condition: w.condition,
        since: START - 2 * HOUR_MS,
        usedMs: 0,
        serveAt: START + w.aheadH * HOUR_MS,
        cook,
        restMs: w.restMin * MINUTE_MS,
        availability: ALWAYS_HOME,
        now: START,
        zone: 'UTC',
        rules,
      };
      const plan = compareMethods(input).find(({ method, feasible }) => feasible && method === w.method);
      fc.pre(plan !== undefined);
      made.set(w.method, (made.get(w.method) ?? 0) + 1);
      const events = followed(input, plan, w.late, w.slow);
      const served = foldTrail(events, w.guidance)!;
      const by = scheduleOf(served, plan.serveAt, rules)!.steps.find(({ kind }) => kind === 'putAway')!.at;
      expect(by).toBeLessThanOrEqual(plan.offHeatAt + leftOutMs(served, rules));
      const kept = [
        ...events,
        happened(Math.max(by, plan.serveAt), 'putAway', {
          place: 'refrigerator',
          portions: 2,
          depthM: toMetres(rules.cooling.depth.value.most),
        }),
      ];
      const ruling = judge(foldTrail(kept, w.guidance)!, at(by + HOUR_MS, { guidance: w.guidance }))!;
      expect([ruling.verdict, ruling.headline, ruling.because]).toEqual([
        'fine',
        ruling.headline,
        ruling.because,
      ]);
    }),
    { numRuns: 4 * (fc.readConfigureGlobal()?.numRuns ?? 100) },
  );
  // Every way was tried, or this shows nothing of it.
  expect([...made.keys()].sort()).toEqual([...methods].sort());
});
