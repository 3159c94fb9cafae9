import { rulesFor, type Guidance, type GuidanceChoice, type RuleSet } from '../guidance';
import { dividedFrom, newFood } from './beginning';
import { type FoodEvent, inOrder, isBeginning, settle } from '../record';
import { handlers } from './events';
import { worseOfBoth } from './joining';
import { opened, stillSealed, unpacked } from './sealed';
import { begunBy, counting } from './spells';
import type { FoodState } from './state';
import { throughTime } from './throughTime';

/** Grows with every change of what the fold makes of the same events, so that stored states of an older one are redone. */
export const FOLD_VERSION = 14;

/** A trail must begin with the food being added, and hold one food only. */
export class BrokenTrail extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'BrokenTrail';
  }
}

/** The guidance a food goes by: its own choice, with the household's own values, or the household's. */
export function guidanceOf({ guidedBy }: Pick<FoodState, 'guidedBy'>, guidance: Guidance): Guidance {
  return guidedBy ? { ...guidance, ...guidedBy } : guidance;
}

/** The rules a food goes by. */
export function rulesOfFood(state: Pick<FoodState, 'guidedBy'>, guidance: Guidance): RuleSet {
  return rulesFor(guidanceOf(state, guidance));
}

/**
 * Takes one more event into a food's state. The event must not be earlier than what the state already knows and must
 * not be a correction or a choice of guidance: these need the whole history, by `foldTrail`.
 */
export function foldEvent(state: FoodState, event: FoodEvent, guidance: Guidance): FoodState {
  if (event.at === state.lastAt && state.lastIds.includes(event.id)) return state;
  const lastIds = event.at === state.lastAt ? [...state.lastIds, event.id] : [event.id];
  return { ...foldUnder(state, event, rulesOfFood(state, guidance)), lastAt: event.at, lastIds };
}

/** What an event makes of a food; the last moment it knows is noted by whoever folds. */
function foldUnder(state: FoodState, event: FoodEvent, rules: RuleSet): FoodState {
  const closed = stillSealed(state, event, rules);
  if (closed) return closed;
  const handle = handlers[event.type] as (s: FoodState, e: FoodEvent, r: RuleSet) => FoodState;
  const found = unpacked(asOf(state, event.at, rules), event);
  return counting(handle(found, event, rules), event.at);
}

/** A food as whatever is done with it finds it. */
const asOf = (state: FoodState, at: number, rules: RuleSet): FoodState =>
  throughTime(begunBy(opened(state, at), at), at, rules);

const NEEDS_ALL: ReadonlySet<FoodEvent['type']> = new Set([
  'added',
  'portioned',
  'joined',
  'corrected',
  'guided',
]);

/** Whether an event can be folded onto a state as it stands, without the history behind it. */
export function followsOn(state: FoodState, event: FoodEvent): boolean {
  return !NEEDS_ALL.has(event.type) && event.at >= state.lastAt;
}

/** The histories of other foods that a food was divided from or joined with. */
export type Histories = ReadonlyMap<string, readonly FoodEvent[]>;
const NO_OTHERS: Histories = new Map();

/**
 * The state of a food from its whole history, in any order of arrival.
 *
 * @param others the histories of the foods it was divided from or joined with, and of those these came from
 * @returns null when the food's coming was itself withdrawn
 * @throws BrokenTrail when the history lacks its beginning or that of a food it came from, or mixes foods
 */
export function foldTrail(
  events: readonly FoodEvent[],
  guidance: Guidance,
  others: Histories = NO_OTHERS,
): FoodState | null {
  return foldBy(choiceIn(wholeHistory(events, others)), events, guidance, others);
}

/** What goes for who needs extra care, whatever was chosen for others. */
export const IN_CARE: GuidanceChoice = { school: 'home', extraCare: true };

/**
 * The same food as it stands for who needs extra care. It goes on by that: what is folded onto it is, too.
 *
 * @throws BrokenTrail as `foldTrail` does
 */
export const foldInCare = (
  events: readonly FoodEvent[],
  guidance: Guidance,
  others: Histories = NO_OTHERS,
): FoodState | null => foldBy(IN_CARE, events, guidance, others);

function foldBy(
  guidedBy: GuidanceChoice | null,
  events: readonly FoodEvent[],
  guidance: Guidance,
  others: Histories,
): FoodState | null {
  const rules = rulesOfFood({ guidedBy }, guidance);
  const state = foldUntil(events, null, { rules, others, settled: new Map(), known: new Map() });
  return state && { ...state, guidedBy };
}

/** The ids of the foods a history refers to: those needed to fold it. */
export function referredTo(events: readonly FoodEvent[]): readonly string[] {
  return events.flatMap(({ type, payload }) =>
    type === 'portioned' ? [payload.from] : type === 'joined' ? [payload.with] : [],
  );
}

/**
 * A food's history with what happened to the food it was divided from before, in order of time.
 *
 * @throws BrokenTrail when that history is not among the others
 */
export function wholeHistory(
  events: readonly FoodEvent[],
  others: Histories = NO_OTHERS,
): readonly FoodEvent[] {
  const settled = settle(events);
  const begin = settled.find((event): event is FoodEvent<'portioned'> => event.type === 'portioned');
  if (!begin) return settled;
  const before = wholeHistory(historyOf(begin.payload.from, others), others);
  return [...before.filter((event) => inOrder(event, begin) < 0), ...settled];
}

/** What one folding works with, and has found already: foods that were divided and joined often refer to one another often. */
interface Folding {
  readonly rules: RuleSet;
  readonly others: Histories;
  readonly settled: Map<readonly FoodEvent[], readonly FoodEvent[]>;
  /** States of other foods, by the food and the event up to which they were folded. */
  readonly known: Map<string, FoodState | null>;
}

/** Another food up to an event of one that refers to it. */
function otherUntil(foodId: string, until: FoodEvent, folding: Folding): FoodState | null {
  const key = `${foodId} ${until.id}`;
  const known = folding.known.get(key);
  if (known !== undefined) return known;
  const state = foldUntil(historyOf(foodId, folding.others), until, folding);
  folding.known.set(key, state);
  return state;
}

function settledOnce(events: readonly FoodEvent[], { settled }: Folding): readonly FoodEvent[] {
  const known = settled.get(events) ?? settle(events);
  settled.set(events, known);
  return known;
}

/** Folds a history up to an event of another food, which is not yet part of it; all of it where none is given. */
function foldUntil(
  events: readonly FoodEvent[],
  until: FoodEvent | null,
  folding: Folding,
): FoodState | null {
  const { rules } = folding;
  const settled = settledOnce(events, folding).filter((event) => !until || inOrder(event, until) < 0);
  const begin = settled.find(isBeginning);
  if (!begin) {
    if (events.some(isBeginning)) return null;
    throw new BrokenTrail('A trail begins with the food being added.');
  }
  if (events.some(({ foodId }) => foodId !== begin.foodId))
    throw new BrokenTrail('These events belong to different foods.');
  const start = begin.type === 'added' ? newFood(begin, rules) : portionOf(begin, folding);
  if (!start) return null;
  const happened = settled
    .filter((event) => event !== begin)
    .map((event) => (event.at < begin.at ? { ...event, at: begin.at } : event));
  const state = happened.reduce((state, event) => {
    if (event.type !== 'joined') return foldUnder(state, event, rules);
    const other = otherUntil(event.payload.with, event, folding);
    if (!other) return state;
    const [into, put] = [state, other].map((each) => asOf(each, event.at, rules)) as [FoodState, FoodState];
    return counting(worseOfBoth(into, put, event.at, rules), event.at);
  }, start);
  const lastAt = happened.at(-1)?.at ?? begin.at;
  const lastIds = [begin, ...happened].filter(({ at }) => at === lastAt).map(({ id }) => id);
  return { ...state, lastAt, lastIds };
}

function historyOf(foodId: string, others: Histories): readonly FoodEvent[] {
  const history = others.get(foodId);
  if (!history) throw new BrokenTrail('The food it came from is not known.');
  return history;
}

function portionOf(begin: FoodEvent<'portioned'>, folding: Folding): FoodState | null {
  const whole = otherUntil(begin.payload.from, begin, folding);
  return whole && dividedFrom(opened(whole, begin.at), begin);
}

/** The guidance chosen last holds for the whole history: what happened is the same under any school. */
function choiceIn(settled: readonly FoodEvent[]): GuidanceChoice | null {
  const choices = settled.filter((event): event is FoodEvent<'guided'> => event.type === 'guided');
  return choices.at(-1)?.payload.choice ?? null;
}
