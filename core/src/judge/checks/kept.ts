import { mindsTheBand, reheatTargetOf } from '../../clocks';
import { checkBy, checkLeft, type FoodState, type Kept, keptAs } from '../../trail';
import { DUTY_MENDS } from '../../record';
import { moment } from '../../time';
import { formatCeiling, formatDuration, formatTarget, formatTemperature, isAtLeast } from '../../units';
import type { Check, CheckContext, Finding } from '../finding';

/** Cooked food that is kept hot, and food that is kept cold on ice: when it is read next (guidance §1, §11.22). */
export const keptCheck: Check = (state, context) => {
  const kept = keptAs(state);
  // Its band clock says more; what does not mind the band has none.
  const told = mindsTheBand(state) ? state : { ...state, exposures: [] };
  const until = checkBy(told, context.rules);
  if (kept === null || until === null) return [];
  return [(kept === 'hot' ? hot : cold)(state, until, context)];
};

/** What to do once it is below hot holding, on the heat as off it. */
function hot(state: FoodState, until: number, context: CheckContext): Finding {
  const { now, zone, units, rules } = context;
  const { lastReading } = state;
  const cook = state.cook!;
  const { hotCheck } = rules.holding;
  const { hotHolding } = rules.bands;
  const hotAt = until - hotCheck.value.ms;
  const by = moment(until, now, zone);
  const atLeast = formatTarget(hotHolding.value.at, units);
  const goal = formatTarget(reheatTargetOf(state, rules).value.options[0]!.at, units);
  const read = lastReading && lastReading.at >= cook.metAt! ? lastReading.temperature : null;
  const low = read !== null && !isAtLeast(read, hotHolding.value.at);
  return {
    verdict: low ? 'actBy' : 'fine',
    until,
    headline: low ? `Heat it through or chill it by ${by}.` : `Done, and kept hot. Read it by ${by}.`,
    because: low
      ? `It read ${formatTemperature(read, units)}; kept hot it is at ${atLeast} or more. Heated again it reaches ${goal}.`
      : `${atLeast} or more, read every ${formatDuration(hotCheck.value.ms)} in two places.${still(state, 'hot', context)}`,
    action: { kind: 'read', label: 'Log a reading' },
    reason: {
      label: `${hotHolding.title}: ${atLeast} or more`,
      value: low ? 'too cold' : `${formatDuration(until - now)} left`,
      detail: `Known hot at ${moment(hotAt, now, zone)}`,
      ruleId: low ? hotHolding.id : hotCheck.id,
    },
  };
}

function cold(state: FoodState, until: number, context: CheckContext): Finding {
  const { now, zone, units, rules } = context;
  const { coldCheck } = rules.holding;
  const atMost = `${formatCeiling(rules.bands.refrigerator.value.at, units)} or less`;
  return {
    verdict: 'fine',
    until,
    headline: `Kept cold on ice. Read it by ${moment(until, now, zone)}.`,
    because: `${atMost}, read every ${formatDuration(coldCheck.value.ms)} in two places, the ice level with it.${still(state, 'cold', context)}`,
    action: { kind: 'read', label: 'Log a reading' },
    reason: {
      label: `Kept cold: ${atMost}`,
      value: `${formatDuration(Math.max(0, until - now))} left`,
      detail: `Known cold at ${moment(until - coldCheck.value.ms, now, zone)}`,
      ruleId: coldCheck.id,
    },
  };
}

/** What its last check left to be done; nothing where none was made yet. */
function still(state: FoodState, kept: Kept, { now, rules }: CheckContext): string {
  if (!state.held?.checked) return '';
  const { places, undone } = checkLeft(state, kept, now, rules);
  return [...(places === 1 ? ['Read a second place.'] : []), ...undone.map((duty) => DUTY_MENDS[duty])]
    .map((said) => ` ${said}`)
    .join('');
}
