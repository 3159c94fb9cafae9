import { ruleIn } from '../../guidance';
import { moment } from '../../time';
import type { Check, CheckContext, Finding } from '../judge';
import type { Fault } from '../state';

/** What is past mending: cooked in part and then kept, not cooled in time, frozen again against the rule. */
export const faultsCheck: Check = ({ faults }, context) =>
  faults.map((fault) => BY_KIND[fault.kind](fault, context));

const BY_KIND: Record<Fault['kind'], (fault: Fault, context: CheckContext) => Finding> = {
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
          action: { kind: 'read', label: 'Log a reading' },
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
          action: { kind: 'read', label: 'Log a reading' },
        },
  refrozen: (fault, context) => ({
    ...thrownAway('It was thawed and frozen again uncooked.', fault, context),
    verdict: 'useNow',
    headline: 'Cook it next, from frozen. Do not keep it.',
    action: { kind: 'cook', label: 'Cook' },
  }),
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
