import { formatTarget } from '../../units';
import { kindsOf, reheatTargetOf } from '../../clocks';
import type { Check } from '../finding';

/** What those who need extra care eat only heated through, such as cold cuts (guidance §9). */
export const heatedFirstCheck: Check = (state, { units, rules }) => {
  const rule = rules.heatedFirst;
  const named = kindsOf(state).some(({ risk }) => risk && rule.value.risks.includes(risk));
  if (!named || state.through || state.frozenSince !== null || state.place === 'heat') return [];
  const goal = formatTarget(reheatTargetOf(state, rules).value.options[0]!.at, units);
  return [
    {
      verdict: 'actBy',
      until: null,
      headline: `Only heated through, to ${goal}.`,
      because: 'Those who need extra care do not eat it cold. Others may.',
      action: { kind: 'heat', label: 'Heat' },
      reason: {
        label: rule.title,
        value: 'not yet',
        detail: `To ${goal} before it is eaten`,
        ruleId: rule.id,
      },
    },
  ];
};
