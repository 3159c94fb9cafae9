import { moment } from '../../time';
import { formatTarget, formatTemperature } from '../../units';
import { targetOf } from '../foodRules';
import { bandEndsAt } from '../exposure';
import type { Check } from '../judge';

/** Off the heat without proof that the target was met (guidance §3). Colour and juices prove nothing. */
export const cookedThroughCheck: Check = (state, { now, zone, units, rules }) => {
  const { cook, cooked, stage } = state;
  const target = targetOf(state, rules);
  if (!cook || cooked || !target || state.faults.some(({ kind }) => kind === 'partCooked')) return [];
  const goal = formatTarget(target.value.options[0]!.at, units);
  const last = cook.readings.at(-1);
  const reason = {
    label: `Cook to ${goal}`,
    value: last ? formatTemperature(last.temperature, units) : 'no reading',
    detail: target.title,
    ruleId: target.id,
  };
  if (stage === 'cooking') {
    return [
      {
        verdict: 'fine',
        until: null,
        headline: `On the heat, to ${goal}.`,
        because: 'A reading in the thickest part decides.',
        action: { kind: 'read', label: 'Log a reading' },
        reason,
      },
    ];
  }
  if (!last) {
    return [
      {
        verdict: 'cannotTell',
        until: null,
        headline: 'Cannot tell if it is cooked through.',
        because: `What does the thickest part read? ${goal} or more settles it.`,
        action: { kind: 'read', label: 'Log a reading' },
        reason,
      },
    ];
  }
  const until = bandEndsAt(state.exposures, 'raw', now, rules.bandTime.limit.value.ms);
  return [
    {
      // It is not kept as it is: what is half cooked goes on the heat again or away.
      verdict: 'useNow',
      until,
      headline:
        until === null
          ? 'Not done. Put it back on the heat.'
          : `Not done. Back on the heat by ${moment(until, now, zone)}.`,
      because: `It read ${formatTemperature(last.temperature, units)}; it needs ${goal}.`,
      action: { kind: 'cook', label: 'Back on the heat' },
      reason,
    },
  ];
};
