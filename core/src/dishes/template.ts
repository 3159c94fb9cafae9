import type { RuleSet } from '../guidance';
import { taskId, type HeldPlace, type MarkKind, type TaskKind } from '../record';
import { SERVE, type ProblemJson } from '../schedule';
import { MINUTE_MS, toCelsius } from '../units';
import type { Dish, Heating } from './dish';
import { COSTS, MARK_HANDS, TASKS, type TaskRow } from './taskTable';

type TaskJson = ProblemJson['tasks'][number];
export type LinkJson = NonNullable<ProblemJson['links']>[number];

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

/** The tasks of one dish, and how they hang together. */
export interface Tied {
  readonly tasks: readonly MealTask[];
  readonly links: readonly LinkJson[];
}

/** Late would be unsafe or spoil dinner: what takes time is rounded up, what limits it down. */
export const up = (ms: number): number => Math.ceil(ms / MINUTE_MS);
export const down = (ms: number): number => Math.floor(ms / MINUTE_MS);

/** From so many minutes on between two stirs, each is a task of its own. */
const SELDOM = 15;
/** An oven that keeps food hot is no more than so much hotter than it has to be, K. */
const HELD_UP_TO_K = 40;
/** Nobody clears away before they have eaten, min. */
const AT_TABLE = 30;
/** An oven is not kept hot for nothing longer, min. */
const HOT_MOST = 10;

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

/** Every so many minutes, between the first and the last. */
export const during = (minutes: number, every: number): number[] =>
  Array.from({ length: Math.max(0, Math.ceil(minutes / every) - 1) }, (_, i) => (i + 1) * every);

/** What a dish says of a task of its own; the rest says the table. */
type Draft = Partial<Omit<TaskJson, 'id'>> & {
  readonly ruleIds?: readonly string[];
  readonly marks?: readonly Mark[];
};

/** Puts a dish's tasks in a row, each after the one before. */
export class Template {
  private readonly tasks: MealTask[] = [];
  private readonly links: LinkJson[] = [];
  private last: string | null = null;

  constructor(
    private readonly dish: string,
    private readonly rules: RuleSet,
  ) {}

  then(kind: Exclude<TaskKind, 'thaw'>, draft: Draft, link: Partial<LinkJson> = {}): void {
    this.next(this.add(kind, TASKS[kind], draft), link);
  }

  thawed(row: TaskRow, draft: Draft): void {
    this.next(this.add('thaw', row, draft), {});
  }

  /** On a board; nothing where it takes no time. */
  prepared(minutes: number, link: Partial<LinkJson> = {}, notAfter: number | null = null): void {
    if (minutes > 0) this.then('prepare', { minutes, notAfter }, link);
  }

  /** Something that has to be done within so many minutes of the last task, and holds nothing else up. */
  beside(kind: Exclude<TaskKind, 'thaw'>, max: number): void {
    this.links.push({ from: this.last!, to: this.add(kind, TASKS[kind]), max, firm: true });
  }

  link(link: LinkJson): void {
    this.links.push(link);
  }

  /** Onto the heat, into an oven that is hot by then. */
  heat(
    kind: 'cook' | 'reheat',
    { at, celsius, everyMs, slowMs }: Heating,
    { readAt, ...draft }: Draft & { readonly readAt?: number },
    link: Partial<LinkJson> = {},
  ): void {
    const { minutes = up(slowMs) } = draft;
    const heat = celsius && at === 'oven' ? { celsius: [...celsius] as [number, number] } : {};
    const stirs = everyMs
      ? during(minutes, up(everyMs)).map((from): Mark => ({ at: from, what: 'stir' }))
      : [];
    const reads: Mark[] = readAt === undefined ? [] : [{ at: readAt, what: 'read' }];
    // Stirred again and again, it wants somebody near rather than a pair of hands.
    const near = everyMs !== undefined && up(everyMs) < SELDOM;
    const row = { ...TASKS[kind], place: at };
    const task = { ...draft, minutes, ...heat, marks: [...stirs, ...reads] };
    this.next(
      this.add(kind, row, { ...task, present: near, ...(near && { hands: handsOf(row, minutes, reads) }) }),
      link,
    );
    if (at !== 'oven') return;
    const on = this.add('ovenOn', TASKS.ovenOn, {
      minutes: up(this.rules.cooking.preheat.value.ms),
      ...heat,
    });
    this.links.push({ from: on, to: this.last!, max: HOT_MOST });
  }

  /** To the table, and what is left into the cold: by a limit that runs since a task's end, or since the table. */
  served(
    { finishMs, waitsMs, heldAt, afterMs, keeps }: Dish,
    limit: { readonly since: string; readonly most: number } | null,
    weight: number,
  ): Tied {
    if (finishMs > 0) this.then('finish', { minutes: up(finishMs) }, { weight });
    const table = afterMs ? courseId(afterMs) : SERVE;
    const hold = heldAt && { hold: this.heldIn(heldAt) };
    this.links.push({ from: this.last!, to: table, max: down(waitsMs), weight, ...hold });
    if (limit) this.links.push({ from: limit.since, to: table, max: limit.most, firm: true });
    if (keeps) {
      const away = this.add('putAway', TASKS.putAway);
      this.links.push({ from: table, to: away, min: AT_TABLE, weight: COSTS.away });
      const most = limit && limit.most - TASKS.putAway.minutes!;
      if (most !== null) this.links.push({ from: limit!.since, to: away, max: most, firm: true });
    }
    return { tasks: this.tasks, links: this.links };
  }

  private heldIn(place: HeldPlace): NonNullable<LinkJson['hold']> {
    if (place !== 'oven') return { place };
    const least = toCelsius(this.rules.bands.hotHolding.value.at);
    return { place, celsius: [least, least + HELD_UP_TO_K] };
  }

  private next(id: string, link: Partial<LinkJson>): void {
    if (this.last) this.links.push({ from: this.last, to: id, ...link });
    this.last = id;
  }

  private add(kind: TaskKind, row: TaskRow, { ruleIds, marks = [], ...draft }: Draft = {}): string {
    const id = taskId(this.dish, kind);
    const { place, units, present, rules } = row;
    const minutes = draft.minutes ?? row.minutes!;
    this.tasks.push({
      place,
      units,
      present,
      hands: handsOf(row, minutes, marks),
      ...draft,
      minutes,
      id,
      dish: this.dish,
      kind,
      ruleIds: ruleIds ?? rules?.(this.rules).map((rule) => rule.id) ?? [],
      marks,
    });
    return id;
  }
}

type Stretch = [from: number, to: number];

/** When a task keeps hands busy: as its row says, and whenever it asks again. */
function handsOf({ hands }: TaskRow, minutes: number, marks: readonly Mark[]): Stretch[] {
  if (hands === 'all') return [[0, minutes]];
  const { first, last = 0 } = hands;
  const again = marks.map(({ at, what }): Stretch => [at, at + MARK_HANDS[what]]);
  return together([[0, first], [minutes - last, minutes], ...again], minutes);
}

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
