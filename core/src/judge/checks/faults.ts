import { ruleIn } from '../../guidance';
import { moment } from '../../time';
import type { Check, CheckContext, Finding } from '../finding';
import { afterThawOf, bandLimit } from '../../clocks';
import type { Fault, FoodState } from '../../trail';

/** What is past mending: cooked in part and then kept, not cooled in time, frozen again against the rule. */
export const faultsCheck: Check = (state, context) =>
  state.faults.map((fault) => overdue(BY_KIND[fault.kind](fault, context, state), fault, state, context));

/** A question nobody answered in the time food may be out is answered (guidance §11.27). */
function overdue(finding: Finding, { at }: Fault, state: FoodState, { now, rules }: CheckContext): Finding {
  if (finding.verdict !== 'cannotTell' || now <= at + bandLimit(state, rules).value.ms) return finding;
  return {
    ...finding,
    verdict: 'discard',
    headline: 'Throw it away.',
    action: { kind: 'discard', label: 'Throw away' },
  };
}

const BY_KIND: Record<Fault['kind'], (fault: Fault, context: CheckContext, state: FoodState) => Finding> = {
  partCooked: (fault, context) =>
    fault.certain
      ? thrownAway('It was cooked in part and then kept.', fault, context)
      : {
          ...thrownAway(
            'It was put away without a reading. If nobody can say, throw it away.',
            fault,
            context,
          ),
          verdict: 'cannotTell',
          headline: 'Cannot tell if it was cooked through.',
          action: { kind: 'none', label: '' },
        },
  coolingMissed: (fault, context) =>
    fault.certain
      ? thrownAway(
          'It did not cool in time, and heating it again does not mend that.',
          fault,
          context,
          'missed',
        )
      : {
          ...thrownAway(
            'Nobody read it while it cooled. If nobody can say, throw it away.',
            fault,
            context,
            'not read',
          ),
          verdict: 'cannotTell',
          headline: 'Cannot tell if it cooled in time.',
          action: { kind: 'none', label: '' },
        },
  refrozen: (fault, context, state) => {
    const found = thrownAway('It was thawed and frozen again uncooked.', fault, context);
    // The clock behind it is that of its days after thawing: it is not kept for longer than those.
    const until = fault.at + afterThawOf(state, context.rules).value.highMs;
    if (context.now > until) return found;
    const by = moment(until, context.now, context.zone);
    return {
      ...found,
      verdict: 'useNow',
      until,
      headline: state.cooked ? `Eat it by ${by}. Do not keep it.` : `Cook it next, by ${by}. Do not keep it.`,
      action: state.cooked ? { kind: 'eat', label: 'Eaten' } : { kind: 'cook', label: 'Cook' },
    };
  },
  notReheated: (fault, context) => ({
    ...thrownAway('It was heated for too long without getting hot enough.', fault, context, 'not reached'),
    headline: 'Eat none of it. Throw it away.',
  }),
  unreadOnHeat: (fault, context) =>
    thrownAway('It was on the heat for a day, and nobody read it.', fault, context, 'no reading'),
  pastPrinted: (fault, context) =>
    thrownAway('Its printed use-by was over before that. It is never exceeded.', fault, context, 'over'),
  withoutAir: (fault, context) =>
    thrownAway('It thawed in a closed pack without air.', fault, context, 'closed'),
};

function thrownAway(
  because: string,
  { at, ruleId }: Fault,
  { rules, now, zone }: CheckContext,
  value = 'no',
): Finding {
  return {
    verdict: 'discard',
    until: null,
    headline: 'Throw it away.',
    because,
    action: { kind: 'discard', label: 'Throw away' },
    reason: {
      label: ruleIn(rules, ruleId).title,
      value,
      detail: `Since ${moment(at, now, zone)}`,
      ruleId,
    },
  };
}
