import { foodById } from '../../foods';
import { describeRange, type DurationRange, type Rule, type RuleSet } from '../../guidance';
import { moment } from '../../time';
import { DAY_MS, formatDuration, formatDurationUp } from '../../units';
import type { Check, Finding, JudgeContext } from '../judge';
import type { FoodState } from '../state';
import { refrigeratorThaw } from '../thawing';

/** How long the food keeps in the refrigerator, by its own history (guidance §6, §11.7–9). */
export const daysCheck: Check = (state, context) => {
  if (state.frozenSince !== null || state.place === 'heat') return [];
  const life = lifeOf(state, context.rules);
  if (!life) return [];
  return [life.startedAt === null ? unknownAge(state, life.rule) : counted(state, life, context)];
};

interface Life {
  readonly rule: Rule<DurationRange>;
  /** When the count began, moved on by the time spent frozen; null when nobody knows. */
  readonly startedAt: number | null;
  readonly lowMs: number;
  readonly highMs: number;
}

/** The count that rules on a food at present; null while it is still thawing and no day of it counts. */
function lifeOf(state: FoodState, rules: RuleSet): Life | null {
  const food = foodById(state.foodKey);
  const storage =
    rules.storage[state.cooked ? food.cookedStorage : (food.rawStorage ?? food.cookedStorage)].refrigerator;
  const plain = (startedAt: number | null): Life => ({ rule: storage, startedAt, ...limits(storage.value) });
  if (state.cooked || !state.thaw)
    return plain(state.daysFrom === null ? null : state.daysFrom + state.frozenMs);

  // The smaller of the limit after thawing and the days left from before freezing.
  const after = rules.afterThaw[food.afterThaw];
  const left = storage.value.highMs - state.thaw.usedMs;
  const startedAt = thawedAt(state, rules);
  if (left >= after.value.highMs) return { rule: after, startedAt, ...limits(after.value) };
  return {
    rule: storage,
    startedAt,
    lowMs: Math.max(0, Math.min(left, after.value.lowMs)),
    highMs: Math.max(0, left),
  };
}

const limits = ({ lowMs, highMs }: DurationRange) => ({ lowMs, highMs });

/** The "thawed" tick, or the fast end of the window where nobody ticked (guidance §11.9). */
function thawedAt(state: FoodState, rules: RuleSet): number | null {
  const { thaw, daysFrom } = state;
  if (thaw!.thawedAt !== null) return thaw!.thawedAt;
  if (daysFrom === null) return null;
  const fastMs = thaw!.method === 'refrigerator' ? refrigeratorThaw(state, rules).fastMs : 0;
  return thaw!.startedAt + fastMs;
}

function unknownAge(state: FoodState, rule: Rule<DurationRange>): Finding {
  const done = state.cooked ? 'cooked or opened' : 'bought or thawed';
  return {
    verdict: 'cannotTell',
    until: null,
    headline: `Cannot tell: when was it ${done}?`,
    because: 'If nobody knows, throw it away. Smell and looks prove nothing.',
    action: { kind: 'sayWhen', label: 'Say when' },
    reason: {
      label: `Keeps ${describeRange(rule.value.lowMs, rule.value.highMs)}`,
      value: 'no date',
      detail: `Nobody noted when it was ${done}`,
      ruleId: rule.id,
    },
  };
}

function counted(
  state: FoodState,
  { rule, startedAt, lowMs, highMs }: Life,
  { now, zone }: JudgeContext,
): Finding {
  const deadline = startedAt! + highMs;
  // A range: its upper end is the deadline, its lower end "aim by"; one value: the last day is for acting.
  const aimBy = startedAt! + (lowMs < highMs ? lowMs : Math.max(0, highMs - DAY_MS));
  const freezable = state.cooked || state.thaw?.method !== 'coldWater';
  const use = `${state.cooked ? 'Eat' : 'Cook'}${freezable ? ' or freeze' : ''}`;
  const keeps = describeRange(rule.value.lowMs, rule.value.highMs);
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
      because: `It keeps ${keeps}, and the last of them is running.`,
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
