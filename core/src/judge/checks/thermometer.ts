import { moment } from '../../time';
import { formatTemperature, isAtLeast, isAtMost } from '../../units';
import { bandLimit } from '../../clocks';
import type { Check } from '../finding';
import { inTheCold, keptAs } from '../../trail';

/**
 * The last reading was by a thermometer in doubt: it proves nothing, and where a proof is wanted, or what it says would be
 * bad news, nobody can tell until it is checked in ice water (guidance §11.17).
 */
export const thermometerCheck: Check = (state, { now, zone, units, rules }) => {
  const { doubtful, cook, cooked, place } = state;
  if (!doubtful || (place === 'freezer' && !state.spell)) return [];
  // What was read before it went on the heat says nothing of this cook.
  const ofCook = cook !== null && doubtful.at >= cook.startedAt;
  const unproven = ofCook && !cooked && cook.metAt === null && place !== 'heat';
  const { refrigerator, hotHolding } = rules.bands;
  const kept = keptAs(state);
  const warm =
    (inTheCold(place) || kept === 'cold') && !isAtMost(doubtful.temperature, refrigerator.value.at);
  const fell = kept === 'hot' && !isAtLeast(doubtful.temperature, hotHolding.value.at);
  const asked = unproven || warm || fell;
  const askedAt = unproven ? Math.max(doubtful.at, cook.offHeatAt ?? 0) : doubtful.at;
  const over = asked && now > askedAt + bandLimit(state, rules).value.ms;
  const read = formatTemperature(doubtful.temperature, units);
  const rule = rules.thermometer.icePoint;
  return [
    {
      verdict: over ? 'discard' : asked ? 'cannotTell' : 'fine',
      until: null,
      headline: over
        ? 'Throw it away.'
        : asked
          ? 'Cannot tell: its thermometer is in doubt.'
          : 'Its thermometer is in doubt.',
      because: over
        ? `Nobody read it with a thermometer to be trusted since ${moment(doubtful.at, now, zone)}.`
        : 'Check the thermometer in ice water, or read again with another.',
      action: over
        ? { kind: 'discard', label: 'Throw away' }
        : asked
          ? { kind: 'read', label: 'Log a reading' }
          : { kind: 'none', label: '' },
      reason: {
        label: rule.title,
        value: 'in doubt',
        detail: `Read ${read} at ${moment(doubtful.at, now, zone)}, which proves nothing`,
        ruleId: rule.id,
      },
    },
  ];
};
