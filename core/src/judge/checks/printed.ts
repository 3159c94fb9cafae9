import { dayName, longDay } from '../../time';
import { DAY_MS, formatDuration } from '../../units';
import type { Check } from '../finding';
import { printedEnd } from '../../clocks';

/** The date a maker printed: a use-by is never exceeded, best before speaks of taste (guidance §6, §11.32). */
export const printedCheck: Check = (state, { now, zone, rules }) => {
  const { printed, frozenSince, place, cooked } = state;
  if (!printed || place === 'heat') return [];
  const rule = rules.printedDate;
  const day = longDay(printed.at, zone);
  const endsAt = printedEnd(state);
  if (endsAt === null) {
    const past = now > printed.at;
    return [
      {
        verdict: 'fine',
        until: null,
        headline: `Best before ${day}.`,
        because: 'That date speaks of taste; the days it keeps are another count.',
        action: { kind: 'none', label: '' },
        reason: {
          label: 'Best before, as printed',
          value: past ? 'past its best' : 'not yet',
          detail: day,
          ruleId: rule.id,
        },
      },
    ];
  }
  if (frozenSince !== null) return [];
  const reason = { label: 'Use-by, as printed', detail: day, ruleId: rule.id };
  if (now > endsAt)
    return [
      {
        verdict: 'discard',
        until: null,
        headline: 'Throw it away.',
        because: `Its printed use-by was ${day}. It is never exceeded.`,
        action: { kind: 'discard', label: 'Throw away' },
        reason: { ...reason, value: 'over' },
      },
    ];
  const last = now > endsAt - DAY_MS;
  const use = cooked ? 'Eat' : 'Cook';
  return [
    {
      verdict: last ? 'actBy' : 'fine',
      until: endsAt,
      headline: last ? `${use} by the end of ${dayName(endsAt, now, zone)}.` : `Use by ${day}.`,
      because: 'That is its printed use-by, which is never exceeded.',
      action: cooked ? { kind: 'eat', label: 'Eat' } : { kind: 'cook', label: 'Cook' },
      reason: { ...reason, value: `${formatDuration(endsAt - now)} left` },
    },
  ];
};
