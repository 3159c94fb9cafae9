import { describeValue } from '../../guidance';
import { moment } from '../../time';
import { DAY_MS, formatDuration, formatDurationUp } from '../../units';
import { aimOf, kindsOf, mayFreeze, endOf, livesOf, type Life } from '../../clocks';
import { zonesOf, type Check, type CheckContext, type Finding } from '../finding';
import type { FoodState } from '../../trail';

/** How long the food keeps in the refrigerator, by its own history (guidance §6, §11.7–9). */
export const daysCheck: Check = (state, context) => {
  if (state.frozenSince !== null || state.place === 'heat' || state.unopened) return [];
  if (state.sealed) return [closedCan(state, context)];
  const lives = livesOf(state, context.rules);
  if (!lives.length) return [forTaste(context)];
  return lives.map((life) => {
    const endsAt = endOf(life, zonesOf(context));
    return endsAt === null ? unknownAge(state, life, context) : counted(state, life, endsAt, context);
  });
};

/** Food whose days no chart counts, because time does not make it dangerous. */
function forTaste({ rules }: CheckContext): Finding {
  return {
    verdict: 'fine',
    until: null,
    headline: 'Keeps, for as long as it tastes.',
    because: 'No rule counts its days. Mouldy, slimy or rancid: throw it away.',
    action: { kind: 'none', label: '' },
    reason: {
      label: 'Days it keeps',
      value: 'not counted',
      detail: 'Its printed date is about taste',
      ruleId: rules.printedDate.id,
    },
  };
}

function closedCan(state: FoodState, { rules, units, now, zone }: CheckContext): Finding {
  const rule = livesOf(state, rules)[0]?.rule ?? rules.storage.openedCanAcid.refrigerator;
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

function unknownAge(state: FoodState, life: Life, context: CheckContext): Finding {
  const { rule } = life;
  const { units, now, zone } = context;
  const done = state.cooked ? 'cooked or opened' : 'bought or thawed';
  // Known to the log for longer than it keeps, it is too old whatever it was before (guidance §11.27).
  if (now > endOf({ ...life, startedAt: state.cameAt }, zonesOf(context))!) {
    return {
      verdict: 'discard',
      until: null,
      headline: 'Throw it away.',
      because: `It has been here since ${moment(state.cameAt, now, zone)}, longer than it keeps, whenever it was ${done}.`,
      action: { kind: 'discard', label: 'Throw away' },
      reason: {
        label: `Keeps ${describeValue(rule.value, units)}`,
        value: 'over',
        detail: `Here since ${moment(state.cameAt, now, zone)}`,
        ruleId: rule.id,
      },
    };
  }
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
  life: Life,
  deadline: number,
  { now, zone, units, rules }: CheckContext,
): Finding {
  const { rule, startedAt, highMs } = life;
  const aimBy = aimOf(life, deadline)!;
  const freezable = mayFreeze(state, rules);
  const use = `${state.cooked ? 'Eat' : 'Cook'}${freezable ? ' or freeze' : ''}`;
  const keeps = describeValue(rule.value, units);
  // What is left of a can is kept in something else.
  const outOf =
    state.form === 'can' && kindsOf(state).some(({ packed }) => packed === 'can') ? ', out of the can' : '';
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
      because: `It keeps ${keeps}${outOf}, and ${highMs > DAY_MS ? 'its last day is' : 'the last hours are'} running.`,
      action,
      reason,
    };
  }
  return {
    verdict: 'fine',
    until: deadline,
    headline: `Keeps until ${by}.`,
    because: `It keeps ${keeps}${outOf}; aim for ${moment(aimBy, now, zone)}.`,
    action,
    reason,
  };
}
