import { describeValue } from '../../guidance';
import { moment, monthName, monthsLater } from '../../time';
import { storageOf } from '../../clocks';
import type { Check } from '../finding';

/** In the freezer food stays safe; the months of the chart are for quality (guidance §6). */
export const freezerCheck: Check = (state, { now, zone, units, rules }) => {
  if (state.place !== 'freezer' || state.frozenSince === null) return [];
  const storage = storageOf(state, rules);
  const rule = storage?.freezer ?? rules.storage.butter.freezer;
  const range = storage ? rule.value.range : null;
  const best = range && monthsLater(state.frozenSince, range.high, zone);
  const past = best !== null && now > best;
  const unknown = (state.cooked || state.withCooked) && state.daysFrom === null && storage !== null;
  // Nobody could say in all the time it would have kept: then nobody can (guidance §11.27).
  if (unknown && now > state.cameAt + storage.refrigerator.value.highMs) {
    return [
      {
        verdict: 'discard',
        until: null,
        headline: 'Throw it away.',
        because: 'Nobody could say how old it was when it was frozen.',
        action: { kind: 'discard', label: 'Throw away' },
        reason: {
          label: storage.refrigerator.title,
          value: 'no date',
          detail: `Here since ${moment(state.cameAt, now, zone)}`,
          ruleId: storage.refrigerator.id,
        },
      },
    ];
  }
  return [
    {
      verdict: unknown ? 'cannotTell' : 'fine',
      until: null,
      headline: unknown
        ? 'Cannot tell: when was it cooked?'
        : best
          ? `Keeps frozen. Best ${past ? 'was' : 'by'} ${monthName(best, zone)}.`
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
