import { moment } from '../../time';
import { formatDuration } from '../../units';
import type { Check } from '../finding';
import { openBy } from '../../clocks';

/** Fish that thaws in a pack without air (guidance §2). */
export const withoutAirCheck: Check = (state, { now, zone, rules }) => {
  const by = openBy(state, rules);
  if (by === null) return [];
  const rule = rules.thawing.withoutAir;
  const over = now > by;
  const due = moment(by, now, zone);
  return [
    {
      verdict: over ? 'discard' : 'actBy',
      until: over ? null : by,
      headline: over ? 'Throw it away.' : `Open the pack by ${due}.`,
      because: over
        ? `It thawed in a closed pack without air; it was to be opened by ${due}.`
        : 'Without air, bacteria that make a deadly poison can grow even in the cold.',
      action: over ? { kind: 'discard', label: 'Throw away' } : { kind: 'open', label: 'Opened' },
      reason: {
        label: rule.title,
        value: over ? 'closed' : `${formatDuration(by - now)} left`,
        detail: 'Open the pack first',
        ruleId: rule.id,
      },
    },
  ];
};
