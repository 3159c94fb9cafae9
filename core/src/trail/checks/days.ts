import { describeValue, type DurationRange, type Rule } from '../../guidance';
import { moment } from '../../time';
import { DAY_MS, formatDuration, formatDurationUp } from '../../units';
import { zonesOf, type Check, type CheckContext, type Finding } from '../judge';
import { endOf, livesOf, pausedMs, type Life } from '../life';
import type { FoodState } from '../state';

/** How long the food keeps in the refrigerator, by its own history (guidance §6, §11.7–9). */
export const daysCheck: Check = (state, context) => {
  if (state.frozenSince !== null || state.place === 'heat') return [];
  if (state.sealed) return [closedCan(state, context)];
  return livesOf(state, context.rules).map((life) => {
    const endsAt = endOf(life, zonesOf(context));
    return endsAt === null ? unknownAge(state, life.rule, context) : counted(state, life, endsAt, context);
  });
};

function closedCan(state: FoodState, { rules, units, now, zone }: CheckContext): Finding {
  const { rule } = livesOf(state, rules)[0]!;
  return {
    verdict: 'fine',
    until: null,
    headline: 'Keeps closed, to its printed date.',
    because: 'Its days begin when it is opened. Bulging or leaking: throw it away closed.',
    action: { kind: 'none', label: '' },
    reason: {
      label: `Once opened ${describeValue(rule.value, units)}`,
      value: 'closed',
      detail: `Here since ${moment(state.placeSince, now, zone)}`,
      ruleId: rule.id,
    },
  };
}

function unknownAge(state: FoodState, rule: Rule<DurationRange>, { units }: CheckContext): Finding {
  const done = state.cooked ? 'cooked or opened' : 'bought or thawed';
  return {
    verdict: 'cannotTell',
    until: null,
    headline: `Cannot tell: when was it ${done}?`,
    because: 'If nobody knows, throw it away. Smell and looks prove nothing.',
    action: { kind: 'sayWhen', label: 'Say when' },
    reason: {
      label: `Keeps ${describeValue(rule.value, units)}`,
      value: 'no date',
      detail: `Nobody noted when it was ${done}`,
      ruleId: rule.id,
    },
  };
}

function counted(
  state: FoodState,
  { rule, startedAt, lowMs, highMs, pauses }: Life,
  deadline: number,
  { now, zone, units }: CheckContext,
): Finding {
  // A range: its upper end is the deadline, its lower end "aim by"; one value: the last day is for acting.
  const aimBy = Math.min(
    deadline,
    startedAt! + pausedMs(pauses) + (lowMs < highMs ? lowMs : Math.max(0, highMs - DAY_MS)),
  );
  const freezable = state.cooked || state.thaw?.method !== 'coldWater';
  const use = `${state.cooked ? 'Eat' : 'Cook'}${freezable ? ' or freeze' : ''}`;
  const keeps = describeValue(rule.value, units);
  const by = moment(deadline, now, zone);
  const left = deadline - now;
  const from = !state.cooked && state.thaw?.thawedAt === startedAt ? 'Thawed' : 'Counted from';
  const reason = {
    label: `Keeps ${keeps}`,
    value: left >= 0 ? `${formatDuration(left)} left` : `${formatDurationUp(left)} over`,
    detail: `${from} ${moment(startedAt!, now, zone)}, to ${by}`,
    ruleId: rule.id,
  };
  const action = { kind: state.cooked ? 'eat' : 'cook', label: state.cooked ? 'Eat' : 'Cook' } as const;
  if (left < 0) {
    return {
      verdict: 'discard',
      until: null,
      headline: 'Throw it away.',
      because: `It keeps ${keeps}. That ended ${by}.`,
      action: { kind: 'discard', label: 'Throw away' },
      reason,
    };
  }
  if (now >= aimBy) {
    return {
      verdict: 'actBy',
      until: deadline,
      headline: `${use} by ${by}.`,
      because: `It keeps ${keeps}, and its last day is running.`,
      action,
      reason,
    };
  }
  return {
    verdict: 'fine',
    until: deadline,
    headline: `Keeps until ${by}.`,
    because: `It keeps ${keeps}; aim for ${moment(aimBy, now, zone)}.`,
    action,
    reason,
  };
}
