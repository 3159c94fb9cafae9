import type { RuleSet } from '../guidance';
import {
  judgeLately,
  severity,
  type ActionKind,
  type Deadline,
  type JudgeContext,
  type Ruling,
} from '../judge';
import { rulesOfFood, type FoodState } from '../trail';
import { formatCeiling, HOUR_MS, type UnitSystem } from '../units';
import { nextMark } from './coolingMarks';
import { scheduleOf, type Step, type StepKind } from './schedule';
import { stepWords } from './stepWords';

/** Something to do by a time. */
export interface AgendaLine {
  /** When it is due; null for what waits for a decision rather than a time. */
  readonly at: number | null;
  readonly title: string;
  readonly detail: string;
  readonly tick: string;
  /** A step of a plan, or what the ruling asks for. */
  readonly step: Step | null;
  readonly action: ActionKind;
}

/** What the kitchen needs next of one food. */
export interface AgendaItem extends AgendaLine {
  readonly food: FoodState;
  readonly ruling: Ruling;
  /** What else is next: the plan's step below a deadline, or the deadline below a step that comes long before it. */
  readonly beneath: AgendaLine | null;
}

/** A deadline further off than this waits below the plan's step, which comes first. */
const NEAR_MS = 12 * HOUR_MS;

/**
 * What the kitchen needs next, all foods together: of each the earliest of all that can hurt, the plan's step beneath.
 * What is to be thrown away comes first, then what is due by time, then what waits for a decision.
 */
export function agendaOf(foods: readonly FoodState[], context: JudgeContext): readonly AgendaItem[] {
  return foods.flatMap((food) => itemOf(food, context) ?? []).sort(byTime);
}

function itemOf(food: FoodState, context: JudgeContext): AgendaItem | null {
  const ruling = judgeLately(food, context);
  const rules = rulesOfFood(food, context.guidance);
  if (!ruling) return null;
  const ruled: AgendaLine = {
    at: null,
    title: ruling.headline,
    detail: ruling.because,
    tick: ruling.action.label,
    step: null,
    action: ruling.action.kind,
  };
  // What must not be eaten comes before any plan made for it.
  if (ruling.verdict === 'discard' || ruling.verdict === 'cannotTell')
    return { ...ruled, food, ruling, beneath: null };
  const mark = markLine(food, rules, context.units);
  const step = stepLine(food, rules, context);
  const advice = rules.cooling.marksBind.value.yes ? null : mark;
  const hurts = earlier(ruling.deadline && deadlineLine(ruling.deadline), advice ? null : mark);
  const guides = step ?? advice;
  const asked = ruling.verdict === 'fine' ? null : ruled;
  const [first, beneath] = inOrder(hurts ?? asked, guides, context.now);
  return first && { ...first, food, ruling, beneath };
}

/** What comes first of a deadline and a plan's step; of one act under both names the earlier time. */
function inOrder(
  hurts: AgendaLine | null,
  guides: AgendaLine | null,
  now: number,
): readonly [AgendaLine | null, AgendaLine | null] {
  if (!hurts || !guides) return [hurts ?? guides, null];
  if (isSameAct(hurts, guides)) {
    const first = earlier(guides, hurts)!;
    return [{ ...first, tick: guides.tick, step: guides.step, action: guides.action }, null];
  }
  const waits = hurts.at !== null && hurts.at > now + NEAR_MS && guides.at !== null && guides.at <= hurts.at;
  return waits ? [guides, hurts] : [hurts, guides];
}

/** The step that is what a ruling asks for. */
const STEP_OF: Partial<Record<ActionKind, StepKind>> = {
  read: 'read',
  putAway: 'putAway',
  cook: 'startCooking',
  changeWater: 'changeWater',
};
const isSameAct = (hurts: AgendaLine, { step, action }: AgendaLine): boolean =>
  step ? STEP_OF[hurts.action] === step.kind : hurts.action === action;

const earlier = (a: AgendaLine | null, b: AgendaLine | null): AgendaLine | null =>
  a && b ? ((b.at ?? Infinity) < (a.at ?? Infinity) ? b : a) : (a ?? b);

const deadlineLine = ({ at, headline, because, action }: Deadline): AgendaLine => ({
  at,
  title: headline,
  detail: because,
  tick: action.label,
  step: null,
  action: action.kind,
});

function markLine(food: FoodState, rules: RuleSet, units: UnitSystem): AgendaLine | null {
  const mark = nextMark(food, rules);
  return (
    mark && {
      at: mark.dueAt,
      title: `Below ${formatCeiling(mark.rule.value.to, units)} by then`,
      detail: 'Read its middle. Still warmer: divide it, or stand it in ice water and stir.',
      tick: 'Log a reading',
      step: null,
      action: 'read',
    }
  );
}

function stepLine(food: FoodState, rules: RuleSet, { now, units }: JudgeContext): AgendaLine | null {
  const next = scheduleOf(food, now, rules)?.next;
  return next ? { at: next.at, ...stepWords(next, food, units, rules), step: next, action: 'none' } : null;
}

/** Thrown away first; then by time; then what waits for a decision, the worst first. */
function byTime(a: AgendaItem, b: AgendaItem): number {
  return (
    rankOf(a) - rankOf(b) ||
    (a.at ?? Infinity) - (b.at ?? Infinity) ||
    severity(b.ruling.verdict) - severity(a.ruling.verdict) ||
    0
  );
}

const rankOf = ({ ruling, at }: AgendaItem): number =>
  ruling.verdict === 'discard' ? 0 : at === null ? 2 : 1;
