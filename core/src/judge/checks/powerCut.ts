import { ruleIn } from '../../guidance';
import { moment } from '../../time';
import { formatDuration } from '../../units';
import type { Check } from '../finding';

/** Why a food counts while the power of its store is off, and from when. It says so; the clock itself is that of the band. */
export const powerCutCheck: Check = ({ spell, sealed }, { now, zone, rules }) => {
  if (!spell?.power || sealed) return [];
  const { since, coldUntil, ruleId, opened } = spell.power;
  return [
    {
      verdict: 'fine',
      until: null,
      headline: 'Keep the door closed.',
      because: 'The power is off.',
      action: { kind: 'none', label: '' },
      reason: {
        label: ruleIn(rules, ruleId).title,
        value: opened ? 'opened' : now > coldUntil ? 'past' : `${formatDuration(coldUntil - now)} left`,
        detail: `The power is off since ${moment(since, now, zone)}${opened ? '' : `; cold until ${moment(coldUntil, now, zone)}`}`,
        ruleId,
      },
    },
  ];
};
