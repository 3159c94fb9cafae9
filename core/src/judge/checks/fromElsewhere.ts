import { moment } from '../../time';
import { formatTarget } from '../../units';
import { bandEndsAt, bandLimit, mindsTheBand, reheatTargetOf } from '../../clocks';
import type { Check, CheckContext, Finding } from '../finding';
import { inTheCold, type FoodState } from '../../trail';

/** What a guest, a takeaway or a delivery brought: since when it was out, and whether it may be eaten as it is (§11.23). */
export const fromElsewhereCheck: Check = (state, context) => {
  if (!mindsTheBand(state)) return [];
  return [...unknownWay(state, context), ...(state.heatFirst ? [beforeTheTable(state, context)] : [])].flat();
};

function unknownWay(
  { outUnknown, cameAt, heatFirst, ...state }: FoodState,
  context: CheckContext,
): Finding[] {
  if (!outUnknown) return [];
  const { now, zone, rules } = context;
  const rule = bandLimit(state, rules);
  const over = now > cameAt + rule.value.ms;
  const left = heatFirst ? 'the heat' : 'the cold';
  return [
    {
      verdict: over ? 'discard' : 'cannotTell',
      until: null,
      headline: over ? 'Throw it away.' : `Cannot tell: when did it leave ${left} there?`,
      because: over
        ? 'Nobody could say how long it had been out before it came.'
        : 'It counts from then. If nobody knows, throw it away.',
      action: over ? { kind: 'discard', label: 'Throw away' } : { kind: 'sayWhen', label: 'Say when' },
      reason: {
        label: 'Out before it came',
        value: 'not known',
        detail: `Here since ${moment(cameAt, now, zone)}`,
        ruleId: rule.id,
      },
    },
  ];
}

function beforeTheTable(state: FoodState, context: CheckContext): Finding[] {
  if (state.place === 'heat') return [];
  const { now, units, rules } = context;
  const { hotHolding } = rules.bands;
  const hot = formatTarget(hotHolding.value.at, units);
  const target = reheatTargetOf(state, rules);
  const goal = formatTarget(target.value.options[0]!.at, units);
  const until = bandEndsAt(state.exposures, 'cooked', bandLimit(state, rules).value.ms);
  if (state.reheats === 0) {
    return [
      {
        verdict: inTheCold(state.place) ? 'fine' : 'actBy',
        until,
        headline: `Heat it to ${goal} before anybody eats it.`,
        because: 'It came from elsewhere, and nobody here knows how it was kept.',
        action: { kind: 'heat', label: 'Heat' },
        reason: {
          label: target.title,
          value: 'not yet',
          detail: `To ${goal}, right through`,
          ruleId: target.id,
        },
      },
    ];
  }
  const read = state.lastReading;
  const good = state.lastGood;
  const reason = {
    label: `Heated before it came: eaten at ${hot} or more`,
    ruleId: rules.reheating.times.id,
  };
  if (good && read && good.at >= read.at && now <= good.at + rules.holding.hotCheck.value.ms)
    return [
      {
        verdict: 'useNow',
        until: good.at + rules.holding.hotCheck.value.ms,
        headline: 'Eat it now, while it is hot.',
        because: 'It has had its one reheat. Throw away what is left.',
        action: { kind: 'eat', label: 'Eaten' },
        reason: { ...reason, value: 'hot', detail: 'By its last reading' },
      },
    ];
  const cold = read !== null && (!good || read.at > good.at);
  return [
    {
      verdict: cold ? 'discard' : 'cannotTell',
      until: null,
      headline: cold ? 'Throw it away.' : 'Cannot tell if it is still hot.',
      because: cold
        ? 'It had its one reheat before it came, and it is not hot any more.'
        : `What does its middle read? ${hot} or more: eat it now. Less: throw it away.`,
      action: cold ? { kind: 'discard', label: 'Throw away' } : { kind: 'read', label: 'Log a reading' },
      reason: { ...reason, value: cold ? 'too cold' : 'not read', detail: 'Heated again before it came' },
    },
  ];
}
