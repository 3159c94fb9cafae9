import { targetOf } from '../clocks';
import type { RuleSet } from '../guidance';
import { cookSpan, leftOutMs, wayOf, type Method, type Obstacle, type Way } from '../plan';
import { taskId, type HeldPlace, type MarkKind, type TaskKind } from '../record';
import { SERVE, type ProblemJson } from '../schedule';
import { MINUTE_MS, toCelsius } from '../units';
import type { CookedDish, Dish, Heating } from './dish';

type TaskJson = ProblemJson['tasks'][number];
type LinkJson = NonNullable<ProblemJson['links']>[number];

/** One thing to do for a dish, as the schedule places it, with the rules it comes from. */
export interface MealTask extends TaskJson {
  readonly dish: string;
  readonly kind: TaskKind;
  readonly ruleIds: readonly string[];
  /** What asks for a cook while it runs, in minutes from its start. */
  readonly marks: readonly Mark[];
}

export interface Mark {
  readonly at: number;
  readonly what: MarkKind;
}

/** What a dish asks of the schedule; or why it cannot be made like this at all. */
export type DishTasks =
  | { readonly tasks: readonly MealTask[]; readonly links: readonly LinkJson[] }
  | { readonly obstacle: Obstacle };

/** What a dish is planned with: the rules, and the clock of the kitchen. */
export interface Planning {
  readonly rules: RuleSet;
  readonly zone: string;
  readonly now: number;
  readonly serveAt: number;
}

/** Late would be unsafe or spoil dinner: what takes time is rounded up, what limits it down. */
const up = (ms: number): number => Math.ceil(ms / MINUTE_MS);
const down = (ms: number): number => Math.floor(ms / MINUTE_MS);

/** Minutes of hands, by what the work usually takes: no rule asks for them. */
const HANDS = {
  into: 3,
  outOf: 3,
  read: 3,
  stir: 1,
  toShelf: 2,
  toWater: 5,
  changeWater: 2,
  marinate: 10,
  turn: 2,
  ovenOn: 1,
};
/** Board, knife, sink and hands are washed and sanitised after what is raw, so that no salad meets its board in between, min. */
const WASH = 5;
const CLEAR = 10;
/** From so many minutes on between two stirs, each is a task of its own. */
const SELDOM = 15;
/** A litre of food on its tray, with air about it, takes so many of a refrigerator. */
const COLD_LITRES_A_KG = 2;
/** An oven that keeps food hot is no more than so much hotter than it has to be, K. */
const HELD_UP_TO_K = 40;
/** Nobody clears away before they have eaten, min. */
const AT_TABLE = 30;
/** Prepared raw food goes on the heat within this time, and an oven is not kept hot for nothing longer, min. */
const [PREPARED_MOST, HOT_MOST] = [30, 10];
/** Waiting costs little, and less the less it harms: prepared raw food, what is ready and cools, dirty dishes. */
const COSTS = { thawed: 0.01, prepared: 0.1, ready: 1, cold: 0.02, away: 0.01 };

/** The tasks of a dish and how they hang together, by the template of its kind. */
export function dishTasks(dish: Dish, planning: Planning): DishTasks {
  switch (dish.kind) {
    case 'cooked':
      return cookedTasks(dish, planning);
    case 'reheated':
    case 'plain': {
      const { bandTime, reheating } = planning.rules;
      const made = new Template(dish.id, planning.rules);
      const kind = dish.kind === 'plain' ? 'cook' : 'reheat';
      made.prepared(up(dish.prepareMs));
      made.heat(
        dish.heating,
        {
          kind,
          minutes: up(dish.heating.slowMs),
          notAfter: latest(dish, planning),
          ruleIds: dish.kind === 'plain' ? [] : [reheating.target.id, reheating.within.id],
        },
        { weight: COSTS.prepared },
      );
      // Off the heat it stands no longer than food may; at the limit itself it would be too late.
      const most = down(bandTime.limit.value.ms) - 1;
      return made.served(dish, { since: taskId(dish.id, kind), most }, COSTS.ready);
    }
    case 'cold': {
      const made = new Template(dish.id, planning.rules);
      made.prepared(Math.max(1, up(dish.prepareMs)), {}, latest(dish, planning));
      return made.served(dish, null, COSTS.cold);
    }
  }
}

const COURSE = 'course ';
const courseId = (afterMs: number): string => `${COURSE}${up(afterMs)}`;

/** Whether a link ends at the table, with all or with a later course. */
export const toTable = ({ to }: { readonly to: string }): boolean => to === SERVE || to.startsWith(COURSE);

/** The courses that come after the rest, by the dishes they are made of. */
export const coursesOf = (dishes: readonly Dish[]): NonNullable<ProblemJson['courses']> =>
  [...new Set(dishes.flatMap(({ afterMs }) => (afterMs ? [up(afterMs)] : [])))].map((after) => ({
    id: courseId(after * MINUTE_MS),
    after,
  }));

/** The last minute in which what was cooked before may be begun. */
const latest = ({ eatBy = Infinity }: Dish, { now }: Planning): number | null =>
  eatBy === Infinity ? null : down(eatBy - now);

function cookedTasks(dish: CookedDish, planning: Planning): DishTasks {
  const { rules, zone, now, serveAt } = planning;
  const { food, method, heating, restMs } = dish;
  const cook = cookSpan(method, heating, rules);
  const way = wayAsRead(dish, wayOf(method, { ...food, rules, zone }, serveAt - restMs - cook.slowMs), rules);
  if (way.obstacle) return { obstacle: way.obstacle };
  const target = targetOf({ ...food, foodKey: food.food.id, oven: null }, rules);
  const made = new Template(dish.id, rules);
  if (way.thaw) {
    const minutes = up(way.thaw.slowMs);
    const units = Math.ceil(COLD_LITRES_A_KG * food.massKg);
    made.then({ kind: 'thaw', minutes, ruleIds: way.ruleIds, ...thawing(method, minutes, units, rules) });
    if (method === 'coldWater')
      made.beside({ kind: 'washSink', minutes: WASH, place: 'sink', hands: [[0, WASH]] }, down(way.holdMs));
  }
  if (dish.marinateMs) made.marinated(up(dish.marinateMs));
  if (dish.prepareMs > 0) made.prepared(up(dish.prepareMs) + WASH, { weight: COSTS.thawed });
  made.heat(
    heating,
    {
      kind: 'cook',
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
  if (resting > 0) made.then({ kind: 'rest', minutes: resting, ruleIds: [restRule.id] }, { max: 0 });
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

function thawing(method: Method, minutes: number, units: number, rules: RuleSet): Partial<Draft> {
  if (method === 'refrigerator') return { place: 'refrigerator', units, hands: [[0, HANDS.toShelf]] };
  const attended = (place: string, first: number, marks: readonly Mark[]) => ({
    place,
    present: true,
    marks,
    hands: together([[0, first], ...marks.map(handsAt)], minutes),
  });
  if (method === 'microwave')
    return attended('microwave', HANDS.turn, [{ at: Math.floor(minutes / 2), what: 'turn' }]);
  const every = down(rules.thawing.waterChange.value.ms);
  const changes = rules.thawing.waterRunning.value.yes
    ? []
    : during(minutes, every).map((at): Mark => ({ at, what: 'water' }));
  return attended('sink', HANDS.toWater, changes);
}

/** Every so many minutes, between the first and the last. */
const during = (minutes: number, every: number): number[] =>
  Array.from({ length: Math.max(0, Math.ceil(minutes / every) - 1) }, (_, i) => (i + 1) * every);

const MARK_HANDS: Record<MarkKind, number> = {
  water: HANDS.changeWater,
  turn: HANDS.turn,
  stir: HANDS.stir,
  read: HANDS.read,
};
const handsAt = ({ at, what }: Mark): Stretch => [at, at + MARK_HANDS[what]];

/** How long it may wait for the heat: out of the refrigerator since its fast end, out of water since it was taken out. */
function waitAfter(method: Method, way: Way, rules: RuleSet): Pick<LinkJson, 'of' | 'max'> {
  const { fastMs, slowMs } = way.thaw!;
  if (!way.attended) return { of: 'start', max: down(fastMs + way.holdMs) };
  const { waterCounts, waterMost } = rules.thawing;
  const counts = method === 'coldWater' && waterCounts.value.yes;
  return { max: Math.min(down(way.holdMs), counts ? down(waterMost.value.ms) - up(slowMs) : Infinity) };
}

type Stretch = [from: number, to: number];

/** Stretches in order, cut to a task's minutes; those that meet are one, since one pair of hands does both. */
function together(stretches: readonly Stretch[], minutes: number): Stretch[] {
  const joined: Stretch[] = [];
  for (const [from, to] of [...stretches].sort(([a], [b]) => a - b)) {
    const [start, end] = [Math.max(0, from), Math.min(minutes, to)];
    const last = joined.at(-1);
    if (start >= end) continue;
    if (last && start <= last[1]) last[1] = Math.max(last[1], end);
    else joined.push([start, end]);
  }
  return joined;
}

type Draft = Pick<TaskJson, 'minutes'> &
  Partial<TaskJson> & {
    readonly kind: TaskKind;
    readonly ruleIds?: readonly string[];
    readonly marks?: readonly Mark[];
  };

/** Puts a dish's tasks in a row, each after the one before. */
class Template {
  private readonly tasks: MealTask[] = [];
  private readonly links: LinkJson[] = [];
  private last: string | null = null;

  constructor(
    private readonly dish: string,
    private readonly rules: RuleSet,
  ) {}

  then(draft: Draft, link: Partial<LinkJson> = {}): void {
    const before = this.last;
    this.last = this.add(draft);
    if (before) this.links.push({ from: before, to: this.last, ...link });
  }

  /** On a board, both hands busy; nothing where it takes no time. */
  prepared(minutes: number, link: Partial<LinkJson> = {}, notAfter: number | null = null): void {
    if (minutes > 0)
      this.then({ kind: 'prepare', minutes, place: 'board', hands: [[0, minutes]], notAfter }, link);
  }

  /** Back into the refrigerator in what flavours it; what of it is raw is washed away at once. Its raw days go on. */
  marinated(minutes: number): void {
    const hands: Stretch[] = [[0, Math.min(minutes, HANDS.marinate + WASH)]];
    // It lies in the room that what thawed there had.
    this.then(
      { kind: 'marinate', minutes, place: 'refrigerator', units: 0, hands },
      { weight: COSTS.thawed },
    );
  }

  /** Something that has to be done within so many minutes of the last task, and holds nothing else up. */
  beside(draft: Draft, max: number): void {
    this.links.push({ from: this.last!, to: this.add(draft), max, firm: true });
  }

  link(link: LinkJson): void {
    this.links.push(link);
  }

  /** Onto the heat, into an oven that is hot by then. */
  heat(
    { at, celsius, everyMs }: Heating,
    { readAt, ...draft }: Draft & { readonly kind: 'cook' | 'reheat'; readonly readAt?: number },
    link: Partial<LinkJson> = {},
  ): void {
    const { minutes } = draft;
    const heat = celsius && at === 'oven' ? { celsius: [...celsius] as [number, number] } : {};
    const stirs = everyMs
      ? during(minutes, up(everyMs)).map((from): Mark => ({ at: from, what: 'stir' }))
      : [];
    const reads: Mark[] = readAt === undefined ? [] : [{ at: readAt, what: 'read' }];
    const marks = [...stirs, ...reads];
    // Stirred again and again, it wants somebody near rather than a pair of hands.
    const near = everyMs !== undefined && up(everyMs) < SELDOM;
    const hands: Stretch[] = [
      [0, HANDS.into],
      [minutes - HANDS.outOf, minutes],
      ...(near ? reads : marks).map(handsAt),
    ];
    this.then({ ...draft, place: at, ...heat, marks, present: near, hands: together(hands, minutes) }, link);
    if (at !== 'oven') return;
    const { preheat } = this.rules.cooking;
    const on = this.add({
      kind: 'ovenOn',
      minutes: up(preheat.value.ms),
      place: 'oven',
      units: 0,
      ...heat,
      hands: [[0, HANDS.ovenOn]],
      ruleIds: [preheat.id],
    });
    this.links.push({ from: on, to: this.last!, max: HOT_MOST });
  }

  /** To the table, and what is left into the cold: by a limit that runs since a task's end, or since the table. */
  served(
    { finishMs, waitsMs, heldAt, afterMs, keeps }: Dish,
    limit: { readonly since: string; readonly most: number } | null,
    weight: number,
  ): DishTasks {
    if (finishMs > 0) {
      const minutes = up(finishMs);
      this.then({ kind: 'finish', minutes, place: 'board', hands: [[0, minutes]] }, { weight });
    }
    const table = afterMs ? courseId(afterMs) : SERVE;
    const hold = heldAt && { hold: this.heldIn(heldAt) };
    this.links.push({ from: this.last!, to: table, max: down(waitsMs), weight, ...hold });
    if (limit) this.links.push({ from: limit.since, to: table, max: limit.most, firm: true });
    if (keeps) {
      const away = this.add({ kind: 'putAway', minutes: CLEAR, hands: [[0, CLEAR]] });
      this.links.push({ from: table, to: away, min: AT_TABLE, weight: COSTS.away });
      if (limit) this.links.push({ from: limit.since, to: away, max: limit.most - CLEAR, firm: true });
    }
    return { tasks: this.tasks, links: this.links };
  }

  /** What a task is done by where its dish says nothing of its own. */
  private rulesOf(kind: TaskKind): string[] {
    const { keepingApart, bands, bandTime, cooling } = this.rules;
    switch (kind) {
      case 'washSink':
        return [keepingApart.sanitiser.id];
      case 'marinate':
        return [bands.refrigerator.id, keepingApart.sanitiser.id];
      case 'prepare':
      case 'finish':
        return [keepingApart.hands.id];
      case 'putAway':
        return [bandTime.limit.id, cooling.depth.id];
      default:
        return [];
    }
  }

  private heldIn(place: HeldPlace): NonNullable<LinkJson['hold']> {
    if (place !== 'oven') return { place };
    const least = toCelsius(this.rules.bands.hotHolding.value.at);
    return { place, celsius: [least, least + HELD_UP_TO_K] };
  }

  private add({ kind, ruleIds = this.rulesOf(kind), marks = [], ...task }: Draft): string {
    const id = taskId(this.dish, kind);
    this.tasks.push({ ...task, id, dish: this.dish, kind, ruleIds, marks });
    return id;
  }
}
