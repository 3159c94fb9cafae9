import type { CoolingMark, Rule } from '../../guidance';
import { moment } from '../../time';
import { formatCeiling, formatDuration, formatTarget } from '../../units';
import {
  canRescue,
  marksAt,
  marksOf,
  rescueEndsAt,
  type MarkStanding,
  bandLimit,
  mindsTheBand,
  reheatTargetOf,
} from '../../clocks';
import type { Check, CheckContext, Finding } from '../finding';
import { inTheCold, type FoodState } from '../../trail';

/** The two cooling marks, where the school rules by them (guidance §5, §11.2–4, §11.16). */
export const coolingMarksCheck: Check = (state, context) => {
  const { chill, cooked, withCooked, place } = state;
  const { now, rules } = context;
  if (!chill || !(cooked || withCooked) || place === 'heat' || !rules.cooling.marksBind.value.yes) return [];
  if (!mindsTheBand(state)) return [];
  const [first, second] = marksAt(chill, now, rules);
  const marks = marksOf(chill, rules);
  if (cooked && canRescue(state, now, rules)) return [rescue(marks.first.rule, first, state, context)];
  return [
    ...(chill.fromRoom ? [] : found(marks.first.rule, first, second.dueAt, state, context)),
    ...found(marks.second.rule, second, second.dueAt, state, context),
  ];
};

function found(
  rule: Rule<CoolingMark>,
  mark: MarkStanding,
  lastDueAt: number,
  state: FoodState,
  context: CheckContext,
): Finding[] {
  const { now, zone, units } = context;
  const to = formatCeiling(rule.value.to, units);
  const due = moment(mark.dueAt, now, zone);
  const reason = reasonOf(rule, mark, context);
  const settled = inTheCold(state.place) && state.chill!.shallowSince !== null;
  if (mark.status === 'missed') {
    return [
      {
        verdict: 'discard',
        until: null,
        headline: 'Throw it away.',
        because: `It was not down to ${to} by ${due}.`,
        action: { kind: 'discard', label: 'Throw away' },
        reason,
      },
    ];
  }
  // A question that has stood for longer than food may be out is answered: nobody can say.
  if (mark.status === 'unknown' && now > lastDueAt + bandLimit(state, context.rules).value.ms) {
    return [
      {
        verdict: 'discard',
        until: null,
        headline: 'Throw it away.',
        because: `Nobody read it at ${to} or colder by ${due}.`,
        action: { kind: 'discard', label: 'Throw away' },
        reason,
      },
    ];
  }
  if (mark.status === 'unknown') {
    return [
      {
        verdict: 'cannotTell',
        until: null,
        headline: 'Cannot tell if it cooled in time.',
        because: `Was its middle at ${to} or colder by ${due}? If nobody can say, throw it away.`,
        action: { kind: 'read', label: 'Log a reading' },
        reason,
      },
    ];
  }
  if (mark.status !== 'running' || settled) return [];
  return [
    {
      verdict: 'actBy',
      until: mark.dueAt,
      headline: `Its middle at ${to} or colder by ${due}.`,
      because: 'Divide it, or stand it in ice water and stir. Then read it.',
      action: { kind: 'read', label: 'Log a reading' },
      reason,
    },
  ];
}

/** The first mark was missed, or nobody read it: that can be mended once, while the second runs. */
function rescue(
  rule: Rule<CoolingMark>,
  mark: MarkStanding,
  state: FoodState,
  context: CheckContext,
): Finding {
  const { now, zone, units, rules } = context;
  const until = rescueEndsAt(state, rules);
  const goal = formatTarget(reheatTargetOf(state, rules).value.options[0]!.at, units);
  const said = mark.status === 'missed' ? 'It was not down to' : 'Nobody read it at';
  return {
    verdict: 'useNow',
    until,
    headline: 'Heat it now and cool it again; or eat it now, or throw it away.',
    because: `${said} ${formatCeiling(rule.value.to, units)} by ${moment(mark.dueAt, now, zone)}. Read at ${goal} by ${moment(until, now, zone)}, it may cool once more.`,
    action: { kind: 'heat', label: 'Heat' },
    reason: reasonOf(rule, mark, context),
  };
}

function reasonOf(
  rule: Rule<CoolingMark>,
  { status, dueAt }: MarkStanding,
  { now, zone, units }: CheckContext,
) {
  const value = {
    met: 'met',
    assumed: 'shallow',
    running: `${formatDuration(Math.max(0, dueAt - now))} left`,
    missed: 'missed',
    unknown: 'not read',
  };
  return {
    label: `${rule.title}: ${formatCeiling(rule.value.to, units)}`,
    value: value[status],
    detail: `Due by ${moment(dueAt, now, zone)}`,
    ruleId: rule.id,
  };
}
