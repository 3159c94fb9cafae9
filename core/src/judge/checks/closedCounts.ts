import { describeValue, ruleIn } from '../../guidance';
import { moment } from '../../time';
import { zonesOf, type Check, type Finding } from '../finding';
import { endOf } from '../../clocks';

/** Days that were over before the food was cooked, heated or frozen stay over. */
export const closedCountsCheck: Check = ({ closedCounts }, context) => {
  const { now, zone, rules, units } = context;
  return closedCounts.flatMap((count): Finding[] => {
    const endsAt = endOf(count, zonesOf(context));
    if (endsAt !== null && count.at <= endsAt) return [];
    const keeps = describeValue(ruleIn(rules, count.ruleId).value, units);
    const until = moment(count.at, now, zone);
    const reason = {
      label: `Keeps ${keeps}`,
      value: 'over',
      detail: `Kept until ${until}`,
      ruleId: count.ruleId,
    };
    if (endsAt === null && now <= count.at + count.highMs) {
      return [
        {
          verdict: 'cannotTell',
          until: null,
          headline: `Cannot tell: kept since when, before ${until}?`,
          because: 'If nobody knows, throw it away. Smell and looks prove nothing.',
          action: { kind: 'sayWhen', label: 'Say when' },
          reason: { ...reason, value: 'no date' },
        },
      ];
    }
    return [
      {
        verdict: 'discard',
        until: null,
        headline: 'Throw it away.',
        because:
          endsAt === null
            ? `Nobody could say how long it had been kept by ${until}.`
            : `It keeps ${keeps}. By ${until} that was over.`,
        action: { kind: 'discard', label: 'Throw away' },
        reason,
      },
    ];
  });
};
