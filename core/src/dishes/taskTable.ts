import type { RuleSet } from '../guidance';
import type { Method } from '../plan';
import type { MarkKind, TaskKind } from '../record';

/** What a kind of task asks of the kitchen, whatever the dish. Minutes of hands are what the work usually takes: no rule asks for them. */
export interface TaskRow {
  /** Where it is done; what is heated says so itself. */
  readonly place?: string;
  /** The room it takes there, where that is not one. */
  readonly units?: number;
  /** Its minutes, where they are the same for every dish. */
  readonly minutes?: number;
  /** Both hands from its beginning to its end, or so many minutes of its beginning, and of its end. */
  readonly hands: 'all' | { readonly first: number; readonly last?: number };
  /** Somebody is home and awake all through. */
  readonly present?: true;
  /** What asks for a cook again while it runs. */
  readonly again?: MarkKind;
  /** The rules it is done by, where its dish brings none of its own. */
  readonly rules?: (rules: RuleSet) => readonly { readonly id: string }[];
}

/** Board, knife, sink and hands are washed and sanitised after what is raw, so that no salad meets its board in between, min. */
export const WASH = 5;

const AT_THE_HEAT = { first: 3, last: 3 };

/** The kinds of tasks that every method does alike. */
export const TASKS: Readonly<Record<Exclude<TaskKind, 'thaw'>, TaskRow>> = {
  washSink: {
    place: 'sink',
    minutes: WASH,
    hands: 'all',
    rules: ({ keepingApart }) => [keepingApart.sanitiser],
  },
  // It lies in the room that what thawed there had.
  marinate: {
    place: 'refrigerator',
    units: 0,
    hands: { first: 10 + WASH },
    rules: ({ bands, keepingApart }) => [bands.refrigerator, keepingApart.sanitiser],
  },
  prepare: { place: 'board', hands: 'all', rules: ({ keepingApart }) => [keepingApart.hands] },
  ovenOn: { place: 'oven', units: 0, hands: { first: 1 }, rules: ({ cooking }) => [cooking.preheat] },
  cook: { hands: AT_THE_HEAT },
  reheat: { hands: AT_THE_HEAT, rules: ({ reheating }) => [reheating.target, reheating.within] },
  rest: { hands: { first: 0 } },
  finish: { place: 'board', hands: 'all', rules: ({ keepingApart }) => [keepingApart.hands] },
  putAway: { minutes: 10, hands: 'all', rules: ({ bandTime, cooling }) => [bandTime.limit, cooling.depth] },
};

/** Thawing, by method. */
export const THAWS: Readonly<Record<Exclude<Method, 'fresh' | 'thawed' | 'fromFrozen'>, TaskRow>> = {
  refrigerator: { place: 'refrigerator', hands: { first: 2 } },
  coldWater: { place: 'sink', hands: { first: 5 }, present: true, again: 'water' },
  microwave: { place: 'microwave', hands: { first: 2 }, present: true, again: 'turn' },
};

/** Minutes of hands when something is asked for again. */
export const MARK_HANDS: Readonly<Record<MarkKind, number>> = { water: 2, turn: 2, stir: 1, read: 3 };

/** Waiting costs little, and less the less it harms: prepared raw food, what is ready and cools, dirty dishes. */
export const COSTS = { thawed: 0.01, prepared: 0.1, ready: 1, cold: 0.02, away: 0.01 };
