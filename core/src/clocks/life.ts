import type { DurationRange, Rule, RuleSet } from '../guidance';
import { daysBetween, endOfDay } from '../time';
import { DAY_MS } from '../units';
import type { Payload } from '../record';
import { afterThawOf, storageOf, type Kinds } from './foodRules';
import { pausedMs, type Pause } from './pauses';
import { refrigeratorThaw, type ThawState, type Weighed } from './thaw';

/** How long something keeps in the refrigerator and since when that counts. */
export interface CountedDays {
  /** null when nobody knows. */
  readonly startedAt: number | null;
  readonly lowMs: number;
  readonly highMs: number;
  readonly calendarDays?: number;
  readonly pauses: readonly Pause[];
}

/** A count with the rule it goes by. */
export interface Life extends CountedDays {
  readonly rule: Rule<DurationRange>;
}

/** A food as far as its days are concerned. */
interface Keeping extends Kinds, Weighed {
  readonly unopened: boolean;
  readonly cooked: boolean;
  readonly withCooked: boolean;
  readonly daysFrom: number | null;
  readonly pauses: readonly Pause[];
  readonly lastThawedAt: number | null;
  readonly thaw: ThawState | null;
  readonly partFresh: boolean;
}

/** The counts that rule on a food at present, none while it is still thawing and no day of it counts. */
export function livesOf(state: Keeping, rules: RuleSet): readonly Life[] {
  // Closed it keeps to its printed date; its days begin when it is opened.
  if (state.unopened) return [];
  const own = livesAs(state, rules);
  return state.withCooked ? [...own, ...livesAs({ ...state, cooked: true }, rules)] : own;
}

function livesAs(state: Keeping, rules: RuleSet): readonly Life[] {
  const storage = storageOf(state, rules)?.refrigerator;
  if (!storage) return [];
  const plain: Life = {
    rule: storage,
    ...countOf(storage.value),
    startedAt: state.daysFrom,
    pauses: state.pauses,
  };
  if (state.cooked) return [plain, ...sinceThawed(state, plain, rules)];
  if (!state.thaw) return [plain];

  const life = lifeAfterThaw(state, state.thaw, rules);
  const afterThaw: Life = { ...life, startedAt: thawedAt(state, rules), pauses: [] };
  return state.partFresh ? [plain, afterThaw] : [afterThaw];
}

/**
 * How long raw food keeps once it is thawed: the smaller of the limit after thawing and the days left from before freezing
 * (guidance §11.9).
 *
 * @param used of its days before it was frozen, and of the time after thawing where it was frozen again since
 */
export function lifeAfterThaw(
  food: Kinds,
  { usedMs, keptMs = 0 }: { readonly usedMs: number; readonly keptMs?: number },
  rules: RuleSet,
): Omit<Life, 'startedAt' | 'pauses'> {
  const after = afterThawOf(food, rules);
  const storage = storageOf({ ...food, cooked: false }, rules)?.refrigerator;
  const leftAfter = after.value.highMs - keptMs;
  const left = Math.min(leftAfter, storage ? storage.value.highMs - usedMs : Infinity);
  if (left >= after.value.highMs) return { rule: after, ...countOf(after.value) };
  return {
    rule: storage && left < leftAfter ? storage : after,
    lowMs: Math.max(0, Math.min(left, after.value.lowMs)),
    highMs: Math.max(0, left),
  };
}

const countOf = ({ lowMs, highMs, calendarDays }: DurationRange) => ({
  lowMs,
  highMs,
  ...(calendarDays !== undefined && { calendarDays }),
});

/** Thawed cooked food has its own limit where a school sets one shorter than its days (guidance §11.9). */
function sinceThawed(
  { lastThawedAt }: Pick<Keeping, 'lastThawedAt'>,
  { highMs }: Life,
  { afterThawCooked: rule }: RuleSet,
): readonly Life[] {
  if (lastThawedAt === null || rule.value.highMs >= highMs) return [];
  return [{ rule, ...countOf(rule.value), startedAt: lastThawedAt, pauses: [] }];
}

/** The "thawed" tick, or the fast end of the window where nobody ticked (guidance §11.9). */
export function thawedAt(state: Weighed & Pick<Keeping, 'thaw' | 'daysFrom'>, rules: RuleSet): number | null {
  const { thaw, daysFrom } = state;
  if (thaw!.thawedAt !== null) return thaw!.thawedAt;
  if (daysFrom === null) return null;
  const fastMs = thaw!.method === 'refrigerator' ? refrigeratorThaw(state, rules).fastMs : 0;
  return thaw!.startedAt + fastMs;
}

/**
 * When a count ends: after its 24-hour days, and where it is of calendar days also with the last of them, in the zone
 * where that is earliest. A freezer pause counts both the day in and the day out (guidance §11.8–9).
 *
 * @param zones where the household lives, and lived while the count ran
 * @returns epoch ms of the last moment, or null when nobody knows since when it counts
 */
export function endOf(count: CountedDays, zones: readonly string[]): number | null {
  const { startedAt, highMs, calendarDays, pauses } = count;
  if (startedAt === null) return null;
  const elapsed = startedAt + pausedMs(pauses) + highMs;
  if (calendarDays === undefined) return elapsed;
  const lastDays = zones.map((zone) => {
    const whole = pauses.map(({ from, to }) => Math.max(0, daysBetween(from, to, zone) - 1));
    const days = whole.reduce((sum, each) => sum + each, calendarDays - 1);
    return endOfDay(startedAt, days, zone);
  });
  return Math.min(elapsed, ...lastDays);
}

/** The last of a longer time is for acting: a day, or half of what is no more than that. */
const lastOf = ({ highMs }: CountedDays): number => (highMs > DAY_MS ? highMs - DAY_MS : highMs / 2);

/**
 * By when it is best used: the lower end of a range (guidance §11.7), of one value before its last day.
 *
 * @param to when the count ends
 * @returns epoch ms, or null when nobody knows since when it counts
 */
export function aimOf(count: CountedDays, to: number): number | null {
  const { startedAt, lowMs, highMs, pauses } = count;
  if (startedAt === null) return null;
  return Math.min(to, startedAt + pausedMs(pauses) + (lowMs < highMs ? lowMs : lastOf(count)));
}

/** The date a maker printed on a food. */
export interface PrintedDate extends Payload<'printed'> {
  /**
   * Of what was put together: how much later it ends already by the time this food was in the freezer, and since when the
   * whole's own time there puts it off further.
   */
  readonly putOff?: { readonly ms: number; readonly from: number };
}

/** A printed date, and since when it was not counted. */
interface Printed {
  readonly printed: PrintedDate | null;
  readonly pauses: readonly Pause[];
  readonly cameAt: number;
}

/**
 * When a printed use-by ends, the time in the freezer left out; null where none is printed, or best before alone.
 *
 * @returns epoch ms of its last moment
 */
export function printedEnd({ printed, pauses, cameAt }: Printed): number | null {
  if (printed?.kind !== 'useBy') return null;
  const { ms, from: since } = printed.putOff ?? { ms: 0, from: cameAt };
  return printed.at + ms + pausedMs(pauses.filter(({ from }) => from >= since));
}
