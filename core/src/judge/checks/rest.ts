import { clockWords } from '../../time';
import { formatDuration } from '../../units';
import { targetOf } from '../../clocks';
import type { Check } from '../finding';
import { goalOf } from '../../trail';

/** The rest that is part of a target: until it is over the food is not done (guidance §3). */
export const restCheck: Check = (state, { now, zone, rules }) => {
  const { cook, place } = state;
  if (!cook || cook.metAt === null || cook.offHeatAt === null || place === 'heat') return [];
  const byMicrowave = cook.by === 'microwave';
  const stand = byMicrowave ? rules.reheating.stand : null;
  const rule = (cook.kind === 'cook' && targetOf(state, rules)) || stand;
  const restMs = Math.max(goalOf({ ...state, cooked: false }, rules)?.restMs ?? 0, stand?.value.ms ?? 0);
  const until = cook.offHeatAt + restMs;
  if (!rule || now >= until) return [];
  return [
    {
      verdict: 'actBy',
      until,
      headline: `Let it ${byMicrowave ? 'stand, covered,' : 'rest'} until ${clockWords(until, zone)}.`,
      because: `The ${formatDuration(restMs)} are part of the cooking.`,
      action: { kind: 'none', label: '' },
      reason: {
        label: `Rest ${formatDuration(restMs)}`,
        value: `${formatDuration(until - now)} left`,
        detail: `Off the heat at ${clockWords(cook.offHeatAt, zone)}`,
        ruleId: rule.id,
      },
    },
  ];
};
