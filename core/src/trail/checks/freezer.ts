import { DateTime } from 'luxon';
import { describeValue } from '../../guidance';
import { moment } from '../../time';
import { storageOf } from '../foodRules';
import type { Check } from '../judge';

/** In the freezer food stays safe; the months of the chart are for quality (guidance §6). */
export const freezerCheck: Check = (state, { now, zone, units, rules }) => {
  if (state.place !== 'freezer' || state.frozenSince === null) return [];
  const rule = storageOf(state, rules).freezer;
  const { range } = rule.value;
  const best = range && DateTime.fromMillis(state.frozenSince, { zone }).plus({ months: range.high });
  const past = best !== null && now > best.toMillis();
  const unknown = state.cooked && state.daysFrom === null;
  return [
    {
      verdict: unknown ? 'cannotTell' : 'fine',
      until: null,
      headline: unknown
        ? 'Cannot tell: when was it cooked?'
        : best
          ? `Keeps frozen. Best ${past ? 'was' : 'by'} ${best.toFormat('LLLL yyyy')}.`
          : 'Keeps frozen, but the texture suffers.',
      because: unknown
        ? 'If nobody knows, throw it away.'
        : 'Frozen food stays safe; the months are for taste.',
      action: unknown ? { kind: 'sayWhen', label: 'Say when' } : { kind: 'none', label: '' },
      reason: {
        label: `In the freezer: ${describeValue(rule.value, units)}`,
        value: past ? 'past its best' : 'safe',
        detail: `Frozen since ${moment(state.frozenSince, now, zone)}`,
        ruleId: rule.id,
      },
    },
  ];
};
