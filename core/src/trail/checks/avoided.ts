import { foodById } from '../../foods';
import { RISK_WORDS } from '../../guidance';
import type { Check } from '../judge';

/** What those who need extra care do not eat at all (guidance §9). Cooked through, it is another food. */
export const avoidedCheck: Check = ({ foodKey, cook }, { rules }) => {
  const { risk } = foodById(foodKey);
  const rule = rules.avoided;
  if (!risk || !rule.value.risks.includes(risk) || (cook?.metAt ?? null) !== null) return [];
  return [
    {
      verdict: 'discard',
      until: null,
      headline: 'Not with extra care.',
      because: `Those who need extra care do not eat ${RISK_WORDS[risk]}. Others may.`,
      action: { kind: 'none', label: '' },
      reason: { label: rule.title, value: 'no', detail: RISK_WORDS[risk], ruleId: rule.id },
    },
  ];
};
