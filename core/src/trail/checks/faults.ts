import { describeValue, ruleById } from '../../guidance';
import { moment } from '../../time';
import type { Check, Finding, JudgeContext } from '../judge';
import type { Fault } from '../state';

/** What is past mending: cooked in part and then kept, or kept past its days before cook, freezer or reheat. */
export const faultsCheck: Check = ({ faults }, context) =>
  faults.map((fault) => WORDS[fault.kind](fault, context));

const WORDS: Record<Fault['kind'], (fault: Fault, context: JudgeContext) => Finding> = {
  partCooked: ({ at, certain, ruleId }, { now, zone }) => {
    const when = moment(at, now, zone);
    const { title } = ruleById(ruleId);
    const reason = { label: title, value: 'no', detail: `Put away ${when}, not known to be done`, ruleId };
    if (certain)
      return finding('discard', 'It was cooked in part and then kept.', {
        ...reason,
        detail: `Put away ${when}, not done`,
      });
    return {
      ...finding(
        'cannotTell',
        'It was put away without a reading. If nobody can say, throw it away.',
        reason,
      ),
      headline: 'Cannot tell if it was cooked through.',
      action: { kind: 'read', label: 'Log a reading' },
    };
  },
  keptTooLong: ({ at, certain, ruleId }, { now, zone, units }) => {
    const keeps = describeValue(ruleById(ruleId).value, units);
    const when = moment(at, now, zone);
    const reason = { label: `Keeps ${keeps}`, value: 'over', detail: `Kept until ${when}`, ruleId };
    if (certain) return finding('discard', `It keeps ${keeps}. They were over before ${when}.`, reason);
    return {
      ...finding('cannotTell', 'If nobody knows, throw it away. Smell and looks prove nothing.', {
        ...reason,
        value: 'no date',
      }),
      headline: `Cannot tell: since when was it kept, before ${when}?`,
      action: { kind: 'sayWhen', label: 'Say when' },
    };
  },
};

const finding = (verdict: Finding['verdict'], because: string, reason: Finding['reason']): Finding => ({
  verdict,
  until: null,
  headline: 'Throw it away.',
  because,
  action: { kind: 'discard', label: 'Throw away' },
  reason,
});
