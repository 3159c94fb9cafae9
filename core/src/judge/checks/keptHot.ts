import { moment } from '../../time';
import { formatDuration, formatTarget, formatTemperature, isAtLeast } from '../../units';
import { runningExposure, mindsTheBand, reheatTargetOf } from '../../clocks';
import type { Check } from '../finding';

/** Cooked food that is kept hot: when it is read next, and what to do once it is below hot holding (guidance §1, §11.22). */
export const keptHotCheck: Check = (state, { now, zone, units, rules }) => {
  const { cook, cooked, place, lastGood, lastReading } = state;
  if (place !== 'heat' || !cooked || !cook || cook.metAt === null) return [];
  // Its band clock says more; what does not mind the band has none.
  if (mindsTheBand(state) && runningExposure(state.exposures)) return [];
  const { hotCheck } = rules.holding;
  const { hotHolding } = rules.bands;
  const hotAt = Math.max(cook.metAt, cook.onHeatSince ?? 0, lastGood?.at ?? 0);
  const until = hotAt + hotCheck.value.ms;
  const by = moment(until, now, zone);
  const hot = formatTarget(hotHolding.value.at, units);
  const goal = formatTarget(reheatTargetOf(state, rules).value.options[0]!.at, units);
  const read = lastReading && lastReading.at >= cook.metAt ? lastReading.temperature : null;
  const low = read !== null && !isAtLeast(read, hotHolding.value.at);
  return [
    {
      verdict: low ? 'actBy' : 'fine',
      until,
      headline: low ? `Heat it through or chill it by ${by}.` : `Done, and kept hot. Read it by ${by}.`,
      because: low
        ? `It read ${formatTemperature(read, units)}; kept hot it is at ${hot} or more. Heated again it reaches ${goal}.`
        : `${hot} or more, read every ${formatDuration(hotCheck.value.ms)} in two places.`,
      action: { kind: 'read', label: 'Log a reading' },
      reason: {
        label: `${hotHolding.title}: ${hot} or more`,
        value: low ? 'too cold' : `${formatDuration(until - now)} left`,
        detail: `Known hot at ${moment(hotAt, now, zone)}`,
        ruleId: low ? hotHolding.id : hotCheck.id,
      },
    },
  ];
};
