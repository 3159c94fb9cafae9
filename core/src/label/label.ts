import { aimOf, endOf, isHeated, livesOf, printedEnd, storageOf } from '../clocks';
import { containsWords, foodById } from '../foods';
import { zonesOf, type JudgeContext } from '../judge';
import type { LabelDate } from '../record';
import { clockWords, datedDay, monthsLater } from '../time';
import { rulesOfFood, type FoodState } from '../trail';
import { MINUTE_MS } from '../units';

/** What stands on the label of a container, a line each (guidance §6); null where there is nothing to say. */
export interface Label {
  readonly contents: string;
  readonly since: string;
  /** Use-by, or since when it is frozen. */
  readonly date: string;
  /** By when it is best used, which is earlier. */
  readonly aim: string | null;
  readonly heated: string | null;
  readonly contains: string | null;
  readonly by: string | null;
  /** That an earlier label of the same food counts no more. */
  readonly replaces: string | null;
}

/**
 * The label of a food. Days are written with their year, since what is frozen may be read in another.
 *
 * @param by who cooked, opened or labelled it, where somebody says
 */
export function labelOf(state: FoodState, context: JudgeContext, by = ''): Label {
  const written = (at: number) => `${datedDay(at, context.zone)}, ${clockWords(at, context.zone)}`;
  const { name, container, reheats } = state;
  const portions = container
    ? `, ${container.portions} ${container.portions === 1 ? 'portion' : 'portions'}`
    : '';
  const { says, aimAt } = datesOf(state, context);
  const was = outdatedLabel(state, context);
  return {
    contents: `${name}${portions}`,
    since: sinceOf(state, written),
    date: says.kind === 'unknown' ? undatedWords(state, context) : dateWords(says, written),
    aim:
      aimAt === null
        ? null
        : says.kind === 'frozen'
          ? `At its best until ${datedDay(aimAt, context.zone)}`
          : `Best by ${datedDay(aimAt, context.zone)}`,
    heated:
      reheats > 0 ? 'Heated again: not kept' : state.cooked && isHeated(state) ? 'Not heated again' : null,
    contains: containsWords(state.allergens),
    by: by.trim() ? `By ${by.trim()}` : null,
    replaces: was && `In place of “${dateWords(was, written)}”`,
  };
}

/** The date that belongs on a food's label now. */
export const labelDateOf = (state: FoodState, context: JudgeContext): LabelDate =>
  datesOf(state, context).says;

/**
 * What stands on the label a food has, where it is not what belongs there any more; null where it is, or where nobody knows. A
 * label says no more than minutes.
 */
export function outdatedLabel(state: FoodState, context: JudgeContext): LabelDate | null {
  const { labelled, labelSays: was } = state;
  if (!labelled || !was) return null;
  const is = labelDateOf(state, context);
  const minute = (date: LabelDate) => (date.kind === 'unknown' ? null : Math.floor(date.at / MINUTE_MS));
  return was.kind === is.kind && minute(was) === minute(is) ? null : was;
}

/** The date on a label in the words that stand there. */
export const labelDateWords = (date: LabelDate, { zone }: Pick<JudgeContext, 'zone'>): string =>
  dateWords(date, (at) => `${datedDay(at, zone)}, ${clockWords(at, zone)}`);

function dateWords(date: LabelDate, written: (at: number) => string): string {
  switch (date.kind) {
    case 'frozen':
      return `Frozen ${written(date.at)}`;
    case 'useBy':
      return `Use by ${written(date.at)}`;
    case 'unknown':
      return NO_DATE;
  }
}

/** Why no date stands there. */
function undatedWords(state: FoodState, { guidance }: JudgeContext): string {
  if (state.sealed || state.unopened) return 'Its days begin when it is opened';
  return storageOf(state, rulesOfFood(state, guidance)) ? NO_DATE : 'Its days are not counted';
}
const NO_DATE = 'No use-by: date unknown';

function sinceOf(
  { cooked, daysFrom, sealed, unopened, thaw, foodKey }: FoodState,
  written: (at: number) => string,
): string {
  if (sealed || unopened) return 'Not opened';
  if (!cooked && thaw && thaw.thawedAt !== null) return `Thawed ${written(thaw.thawedAt)}`;
  if (daysFrom === null) return 'Date unknown';
  const done = !cooked ? 'Bought' : foodById(foodKey).cooking === null ? 'Opened' : 'Cooked';
  return `${done} ${written(daysFrom)}`;
}

/** The earliest of all that rules on it, a maker's date among them (guidance §11.32); its months in the freezer are for taste. */
function datesOf(
  state: FoodState,
  context: JudgeContext,
): { readonly says: LabelDate; readonly aimAt: number | null } {
  const rules = rulesOfFood(state, context.guidance);
  const { frozenSince } = state;
  if (frozenSince !== null) {
    const months = storageOf(state, rules)?.freezer.value.range?.low;
    const bestUntil = months === undefined ? null : monthsLater(frozenSince, months, context.zone);
    return { says: { kind: 'frozen', at: frozenSince }, aimAt: bestUntil };
  }
  // A closed can counts no days.
  const lives = state.sealed ? [] : livesOf(state, rules);
  const ends = lives.map((life) => ({ life, at: endOf(life, zonesOf(context)) }));
  const printed = printedEnd(state);
  if (ends.some(({ at }) => at === null) || (ends.length === 0 && printed === null))
    return { says: { kind: 'unknown' }, aimAt: null };
  const at = Math.min(...ends.map((end) => end.at!), printed ?? Infinity);
  const aims = ends.flatMap(({ life, at: to }) => aimOf(life, to!) ?? []);
  const aimAt = Math.min(...aims);
  return { says: { kind: 'useBy', at }, aimAt: aimAt < at ? aimAt : null };
}
