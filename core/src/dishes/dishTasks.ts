import { targetOf } from '../clocks';
import type { RuleSet } from '../guidance';
import { roomFor } from '../kitchen';
import { cookSpan, leftOutMs, wayOf, type Method, type Obstacle, type Way } from '../plan';
import { taskId } from '../record';
import type { CookedDish, Dish } from './dish';
import { COSTS, THAWS, WASH, type TaskRow } from './taskTable';
import { down, during, Template, up, type LinkJson, type Mark, type Tied } from './template';

/** What a dish asks of the schedule; or why it cannot be made like this at all. */
export type DishTasks = Tied | { readonly obstacle: Obstacle };

/** What a dish is planned with: the rules, and the clock of the kitchen. */
export interface Planning {
  readonly rules: RuleSet;
  readonly zone: string;
  readonly now: number;
  readonly serveAt: number;
}

/** Prepared raw food goes on the heat within this time, min. */
const PREPARED_MOST = 30;

/** The tasks of a dish and how they hang together, by the template of its kind. */
export function dishTasks(dish: Dish, planning: Planning): DishTasks {
  const made = new Template(dish.id, planning.rules);
  switch (dish.kind) {
    case 'cooked':
      return cookedTasks(dish, planning, made);
    case 'reheated':
    case 'plain': {
      const kind = dish.kind === 'plain' ? 'cook' : 'reheat';
      made.prepared(up(dish.prepareMs));
      made.heat(kind, dish.heating, { notAfter: latest(dish, planning) }, { weight: COSTS.prepared });
      // Off the heat it stands no longer than food may; at the limit itself it would be too late.
      const most = down(planning.rules.bandTime.limit.value.ms) - 1;
      return made.served(dish, { since: taskId(dish.id, kind), most }, COSTS.ready);
    }
    case 'cold':
      made.prepared(Math.max(1, up(dish.prepareMs)), {}, latest(dish, planning));
      return made.served(dish, null, COSTS.cold);
  }
}

/** The last minute in which what was cooked before may be begun. */
const latest = ({ eatBy = Infinity }: Dish, { now }: Planning): number | null =>
  eatBy === Infinity ? null : down(eatBy - now);

function cookedTasks(dish: CookedDish, planning: Planning, made: Template): DishTasks {
  const { rules, zone, now, serveAt } = planning;
  const { food, method, heating, restMs } = dish;
  const cook = cookSpan(method, heating, rules);
  const way = wayAsRead(dish, wayOf(method, { ...food, rules, zone }, serveAt - restMs - cook.slowMs), rules);
  if (way.obstacle) return { obstacle: way.obstacle };
  const target = targetOf({ ...food, foodKey: food.food.id, oven: null }, rules);
  if (way.thaw && method in THAWS) {
    const minutes = up(way.thaw.slowMs);
    const row = THAWS[method as keyof typeof THAWS];
    const units = method === 'refrigerator' && {
      units: Math.ceil(roomFor(food.food, food.form).coldLitres(food.massKg)),
    };
    made.thawed(row, { minutes, ruleIds: way.ruleIds, marks: marksOf(row, minutes, rules), ...units });
    if (method === 'coldWater') made.beside('washSink', down(way.holdMs));
  }
  // Its raw days go on.
  if (dish.marinateMs) made.then('marinate', { minutes: up(dish.marinateMs) }, { weight: COSTS.thawed });
  if (dish.prepareMs > 0) made.prepared(up(dish.prepareMs) + WASH, { weight: COSTS.thawed });
  made.heat(
    'cook',
    heating,
    {
      minutes: up(cook.slowMs),
      ruleIds: [...(way.thaw ? [] : way.ruleIds), ...(target ? [target.id] : [])],
      notAfter: way.cookBy === null ? null : down(way.cookBy - now),
      readAt: down(cook.fastMs),
    },
    dish.prepareMs > 0
      ? { max: PREPARED_MOST, firm: true, weight: COSTS.prepared }
      : { weight: COSTS.thawed },
  );
  if (way.thaw) {
    made.link({
      from: taskId(dish.id, 'thaw'),
      to: taskId(dish.id, 'cook'),
      ...waitAfter(method, way, rules),
      firm: true,
    });
  }
  const safetyRest = target?.value.restMs ?? 0;
  const resting = up(Math.max(restMs, safetyRest));
  const restRule = safetyRest > 0 ? target! : rules.cooking.jointRest;
  if (resting > 0) made.then('rest', { minutes: resting, ruleIds: [restRule.id] }, { max: 0 });
  const out = leftOutMs({ foodKey: food.food.id, parts: food.parts, cooked: true, withCooked: false }, rules);
  return made.served(dish, { since: taskId(dish.id, 'cook'), most: down(out) }, COSTS.ready);
}

/** A way whose thaw was found icy takes as long as its reading says; what a chart says of the whole is no obstacle any more. */
function wayAsRead({ method, thawLeftMs }: CookedDish, way: Way, rules: RuleSet): Way {
  if (thawLeftMs === undefined || !way.thaw) return way;
  const over = thawLeftMs - rules.thawing.waterMost.value.ms;
  const tooLong = method === 'coldWater' && over > 0;
  return {
    ...way,
    thaw: { fastMs: 0, slowMs: thawLeftMs },
    obstacle: tooLong ? { why: 'tooLongInWater', byMs: over } : undefined,
  };
}

/** When a thaw asks for a cook again: a turn halfway, the water as often as the rules have it changed. */
function marksOf({ again }: TaskRow, minutes: number, { thawing }: RuleSet): Mark[] {
  if (again === 'turn') return [{ at: Math.floor(minutes / 2), what: again }];
  if (again !== 'water' || thawing.waterRunning.value.yes) return [];
  return during(minutes, down(thawing.waterChange.value.ms)).map((at) => ({ at, what: again }));
}

/** How long it may wait for the heat: out of the refrigerator since its fast end, out of water since it was taken out. */
function waitAfter(method: Method, way: Way, rules: RuleSet): Pick<LinkJson, 'of' | 'max'> {
  const { fastMs, slowMs } = way.thaw!;
  if (!way.attended) return { of: 'start', max: down(fastMs + way.holdMs) };
  const { waterCounts, waterMost } = rules.thawing;
  const counts = method === 'coldWater' && waterCounts.value.yes;
  return { max: Math.min(down(way.holdMs), counts ? down(waterMost.value.ms) - up(slowMs) : Infinity) };
}
