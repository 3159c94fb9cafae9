import { moment } from '../../time';
import { formatDuration } from '../../units';
import { mindsTheBand } from '../../clocks';
import type { Check } from '../finding';

/** Food thawed in water or by microwave is cooked at once (guidance §2, §11.13, §11.25). */
export const cookAtOnceCheck: Check = (state, { now, zone, rules }) => {
  const { thaw, cook, cooked, place, stage } = state;
  if (!mindsTheBand(state)) return [];
  const from = thaw?.atOnceFrom ?? null;
  if (
    (cook && cook.startedAt >= (from ?? 0)) ||
    (place === 'heat' && stage !== 'thawing') ||
    from === null ||
    place === 'freezer'
  )
    return [];
  const rule = rules.thawing.cookAtOnce;
  const until = from + rule.value.ms;
  const left = until - now;
  const act = cooked ? 'Heat' : 'Cook';
  const due = moment(until, now, zone);
  // Past it the clock of the growth band runs, back from the thaw's end, and says until when it can be cooked at all.
  return [
    {
      verdict: 'useNow',
      until: left >= 0 ? until : null,
      headline: left >= 0 ? `${act} it now, by ${due}.` : `${act} it now. It was due at ${due}.`,
      because: 'It was thawed in water or by microwave, so parts of it may be warm.',
      action: cooked ? { kind: 'heat', label: 'Heat' } : { kind: 'cook', label: 'Cook' },
      reason: {
        label: `${act} within ${formatDuration(rule.value.ms)} of thawing`,
        value: left >= 0 ? `${formatDuration(left)} left` : `${formatDuration(left)} late`,
        detail: `Out of the water or the microwave since ${moment(from, now, zone)}`,
        ruleId: rule.id,
      },
    },
  ];
};
