import { RISK_WORDS } from '../../guidance';
import { capital } from '../../units';
import { kindsOf } from '../../clocks';
import type { Check } from '../finding';

/** What those who need extra care do not eat at all (guidance §9). Cooked through, it is another food. */
export const avoidedCheck: Check = (state, { rules }) => {
  const rule = rules.avoided;
  const risk = kindsOf(state).find((food) => food.risk && rule.value.risks.includes(food.risk))?.risk;
  if (!risk || state.through) return [];
  return [
    {
      verdict: 'discard',
      until: null,
      headline: 'Not with extra care.',
      because: `Those who need extra care do not eat ${RISK_WORDS[risk]}. Others may.`,
      action: { kind: 'none', label: '' },
      reason: { label: rule.title, value: 'no', detail: capital(RISK_WORDS[risk]), ruleId: rule.id },
    },
  ];
};
