import { clockOf, moment } from '../../time';
import { formatDuration } from '../../units';
import type { Check } from '../judge';
import { refrigeratorThaw, waterDueAt } from '../thawing';

/** Food that is thawing: when it will be ready, and when its water wants changing (guidance §2). */
export const thawingCheck: Check = (state, { now, zone, rules }) => {
  const { thaw, stage, place } = state;
  if (!thaw || stage !== 'thawing') return [];
  const dueAt = waterDueAt(state, rules);
  if (dueAt !== null) {
    const rule = rules.thawing.waterChange;
    const left = dueAt - now;
    return [
      {
        verdict: 'actBy',
        until: dueAt,
        headline: left >= 0 ? `Change the water by ${clockOf(dueAt, zone)}.` : 'Change the water now.',
        because:
          left >= 0
            ? 'Cold water warms up as it thaws the food.'
            : 'The change was missed, and time in the growth band is counting.',
        action: { kind: 'changeWater', label: 'Water changed' },
        reason: {
          label: `Change the water every ${formatDuration(rule.value.ms)}`,
          value: left >= 0 ? `${formatDuration(left)} left` : `${formatDuration(left)} late`,
          detail: `Last changed at ${clockOf(thaw.lastChangeAt, zone)}`,
          ruleId: rule.id,
        },
      },
    ];
  }
  if (place !== 'refrigerator') {
    return [
      {
        verdict: 'actBy',
        until: null,
        headline: 'Not on the counter. Into the refrigerator or cold water.',
        because: 'The outside gets warm long before the middle thaws.',
        action: { kind: 'putAway', label: 'Into the refrigerator' },
        reason: {
          label: rules.thawing.onCounter.title,
          value: 'no',
          detail: `Out since ${moment(state.placeSince, now, zone)}`,
          ruleId: rules.thawing.onCounter.id,
        },
      },
    ];
  }
  const rule = rules.thawing.refrigerator;
  const { fastMs, slowMs } = refrigeratorThaw(state, rules);
  const [ready, thawed] = [thaw.startedAt + fastMs, thaw.startedAt + slowMs];
  const over = now > thawed;
  return [
    {
      verdict: 'fine',
      until: over ? null : thawed,
      headline: over ? 'It should be thawed.' : `Thawing until ${moment(thawed, now, zone)}.`,
      because: over
        ? 'Feel for ice, and say when it is thawed.'
        : `It may be ready from ${moment(ready, now, zone)}: feel for ice.`,
      action: { kind: 'none', label: '' },
      reason: {
        label: rule.title,
        value: over ? 'over' : `${formatDuration(thawed - now)} to go`,
        detail: `Started ${moment(thaw.startedAt, now, zone)}`,
        ruleId: rule.id,
      },
    },
  ];
};
