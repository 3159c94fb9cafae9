import { clockOf } from '../../time';
import { formatDuration } from '../../units';
import type { Check } from '../judge';

/** Food thawed in water or by microwave is cooked at once (guidance §2, §11.13). */
export const cookAtOnceCheck: Check = ({ thaw, cooked, place }, { now, zone, rules }) => {
  if (cooked || place === 'heat' || !thaw || thaw.method === 'refrigerator' || thaw.thawedAt === null)
    return [];
  const rule = rules.thawing.cookAtOnce;
  const until = thaw.thawedAt + rule.value.ms;
  const left = until - now;
  return [
    {
      verdict: 'useNow',
      until,
      headline:
        left >= 0
          ? `Cook it now, by ${clockOf(until, zone)}.`
          : `Cook it now. It was due at ${clockOf(until, zone)}.`,
      because: 'It was thawed in water or by microwave, so parts of it may be warm.',
      action: { kind: 'cook', label: 'Cook' },
      reason: {
        label: `Cook within ${formatDuration(rule.value.ms)} of thawing`,
        value: left >= 0 ? `${formatDuration(left)} left` : `${formatDuration(left)} late`,
        detail: `Thawed at ${clockOf(thaw.thawedAt, zone)}`,
        ruleId: rule.id,
      },
    },
  ];
};
