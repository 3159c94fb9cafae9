import { moment } from '../../time';
import { formatDuration } from '../../units';
import type { Check } from '../judge';

/** Food thawed in water or by microwave is cooked at once (guidance §2, §11.13, §11.25). */
export const cookAtOnceCheck: Check = ({ thaw, cooked, place }, { now, zone, rules }) => {
  const from = thaw?.atOnceFrom ?? null;
  if (cooked || place === 'heat' || from === null || place === 'freezer') return [];
  const rule = rules.thawing.cookAtOnce;
  const until = from + rule.value.ms;
  const left = until - now;
  const due = moment(until, now, zone);
  // Past it the clock of the growth band runs, back from the thaw's end, and says until when it can be cooked at all.
  return [
    {
      verdict: 'useNow',
      until: left >= 0 ? until : null,
      headline: left >= 0 ? `Cook it now, by ${due}.` : `Cook it now. It was due at ${due}.`,
      because: 'It was thawed in water or by microwave, so parts of it may be warm.',
      action: { kind: 'cook', label: 'Cook' },
      reason: {
        label: `Cook within ${formatDuration(rule.value.ms)} of thawing`,
        value: left >= 0 ? `${formatDuration(left)} left` : `${formatDuration(left)} late`,
        detail: `Out of the water or the microwave since ${moment(from, now, zone)}`,
        ruleId: rule.id,
      },
    },
  ];
};
