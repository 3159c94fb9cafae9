import {
  judge,
  rulesOfFood,
  severity,
  type ActionKind,
  type FoodState,
  type JudgeContext,
  type Ruling,
} from '../trail';
import { formatCeiling } from '../units';
import { nextMark } from './coolingMarks';
import { scheduleOf, type Step } from './schedule';
import { stepWords } from './stepWords';

/** One line of what the kitchen needs next. */
export interface AgendaItem {
  readonly food: FoodState;
  /** When it is due; null for what waits for a decision rather than a time. */
  readonly at: number | null;
  readonly title: string;
  readonly detail: string;
  readonly tick: string;
  /** A step of a plan, or what the ruling asks for. */
  readonly step: Step | null;
  readonly action: ActionKind;
  readonly ruling: Ruling;
}

/**
 * What the kitchen needs next, all foods together: the next step of each plan and what each ruling asks for. Due ones
 * by time, then those that wait for a decision, the worst first.
 */
export function agendaOf(foods: readonly FoodState[], context: JudgeContext): readonly AgendaItem[] {
  return foods.flatMap((food) => itemOf(food, context) ?? []).sort(byTime);
}

function itemOf(food: FoodState, context: JudgeContext): AgendaItem | null {
  const ruling = judge(food, context);
  const rules = rulesOfFood(food, context.guidance);
  if (!ruling) return null;
  const { headline, because, action, until, verdict } = ruling;
  const settle = {
    food,
    ruling,
    title: headline,
    detail: because,
    tick: action.label,
    step: null,
    action: action.kind,
  };
  // What must not be eaten comes before any plan made for it.
  if (verdict === 'discard' || verdict === 'cannotTell') return { ...settle, at: null };
  const mark = nextMark(food, rules);
  if (mark) {
    const to = formatCeiling(mark.rule.value.to, context.units);
    return {
      ...settle,
      at: mark.dueAt,
      title: `Below ${to} by then`,
      detail: 'Read its middle. Still warmer: divide it, or stand it in ice water and stir.',
      tick: 'Log a reading',
      action: 'read',
    };
  }
  const next = scheduleOf(food, context.now, rules)?.next;
  if (next) {
    const words = stepWords(next, food, context.units, rules);
    return { food, ruling, at: next.at, ...words, step: next, action: 'none' };
  }
  return verdict === 'fine' ? null : { ...settle, at: until };
}

function byTime(a: AgendaItem, b: AgendaItem): number {
  if (a.at !== null && b.at !== null) return a.at - b.at;
  if (a.at === null && b.at === null) return severity(b.ruling.verdict) - severity(a.ruling.verdict);
  return a.at === null ? 1 : -1;
}
