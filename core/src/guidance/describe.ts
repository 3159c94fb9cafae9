import {
  DAY_MS,
  formatCeiling,
  formatDuration,
  formatHold,
  formatMass,
  formatTarget,
  HOUR_MS,
  toKilograms,
  formatLeastLength,
  formatMostLength,
  type UnitSystem,
} from '../units';
import type { RiskId } from '../foods';
import type { Ovens, RoastTable, RuleValue, ThawRate } from './schema';

/**
 * A rule's value in words, in the cook's units.
 *
 * @example describeValue(homeRules.bandTime.limit.value, units) // '2 h'
 */
export function describeValue(value: RuleValue, units: UnitSystem): string {
  switch (value.kind) {
    case 'temperature':
      if (value.said) return value.said;
      return value.limit === 'least'
        ? `at least ${formatTarget(value.at, units)}`
        : `at most ${formatCeiling(value.at, units)}`;
    case 'band':
      return `${formatCeiling(value.low, units)} to ${formatTarget(value.high, units)}`;
    case 'duration':
      return formatDuration(value.ms);
    case 'durations':
      if (value.said) return value.said;
      return value.calendarDays && value.calendarDays * DAY_MS <= value.highMs
        ? `${value.calendarDays} calendar days`
        : describeRange(value.lowMs, value.highMs);
    case 'months':
      return value.range
        ? `${range(value.range.low, value.range.high)} ${value.range.high === 1 ? 'month' : 'months'}`
        : 'does not freeze well';
    case 'thawRate': {
      const per = ({ ms, mass }: ThawRate['slow']) =>
        `${formatDuration(ms)} per ${formatMass(toKilograms(mass), units)}`;
      const [fast, slow] = [per(value.fast), per(value.slow)];
      const least = value.slow.leastMs ? `, at least ${formatDuration(value.slow.leastMs)}` : '';
      return `${fast === slow ? slow : `${fast}, plan with ${slow}`}${least}`;
    }
    case 'cookTarget': {
      const option = value.options.map(
        ({ at, heldMs }) => formatTarget(at, units) + (heldMs ? ` held ${formatHold(heldMs)}` : ''),
      );
      const sign = value.sign ? `, or ${value.sign}` : '';
      return option.join(' or ') + sign + (value.restMs ? `, then rest ${formatDuration(value.restMs)}` : '');
    }
    case 'roastTable':
      return describeRoastTable(value, units);
    case 'coolingMark':
      return `${formatTarget(value.from, units)} to ${formatCeiling(value.to, units)} within ${formatDuration(value.withinMs)}`;
    case 'ovens': {
      const oven = ({ still, fan }: Ovens['light']) =>
        `at least ${formatTarget(still, units)}, with a fan ${formatTarget(fan, units)}`;
      const heavy = formatMass(toKilograms(value.heavyFrom), units);
      return `${oven(value.light)}; from ${heavy} ${oven(value.heavy)}`;
    }
    case 'massOver':
      return `over ${formatMass(toKilograms(value.mass), units)}`;
    case 'depth':
      return `at most ${formatMostLength(value.most, units)} deep`;
    case 'clearance':
      return `at least ${formatLeastLength(value.least, units)}`;
    case 'factor':
      return `× ${value.times}`;
    case 'count':
      return `${value.most === 1 ? 'once' : `${value.most} times`}`;
    case 'allowed':
      return (value.yes ? 'yes' : 'no') + (value.instead ? `: ${value.instead}` : '');
    case 'binding':
      return value.yes ? 'yes' : 'no';
    case 'chillAgain':
      return `${value.inclusive ? '' : 'under '}${formatDuration(value.ms)}${value.served ? '' : '; cold food put out to eat, never'}`;
    case 'avoided':
      return value.risks.length ? value.risks.map((risk) => RISK_WORDS[risk]).join(', ') : 'nothing';
    case 'strength':
      return `${value.lowPpm}–${value.highPpm} ppm`;
    case 'strengthFrom':
      return `from ${value.ppm} ppm`;
    case 'percents':
      return `${value.low}–${value.high} %`;
    case 'masses':
      return `${formatMass(toKilograms(value.low), units)} to ${formatMass(toKilograms(value.high), units)} a person`;
    case 'tolerance':
      return `± ${value.degrees} °${value.unit}`;
    case 'order':
      return value.topToBottom.join(' → ');
  }
}

/** What a food carries, in words. */
export const RISK_WORDS: Record<RiskId, string> = {
  rawSprouts: 'raw sprouts',
  rawEgg: 'dishes with raw egg',
  coldSmokedFish: 'cold-smoked fish',
  rawAnimal: 'raw fish and meat',
  rawMilk: 'raw milk and its cheese',
  softCheese: 'soft mould-ripened and blue cheese',
  pate: 'pâté from the refrigerator',
  coldCut: 'cold cuts and hot dogs',
};

/**
 * A range of times in the largest unit both ends share.
 *
 * @example describeRange(3 * DAY_MS, 4 * DAY_MS) // '3–4 days'
 */
function describeRange(lowMs: number, highMs: number): string {
  const [unit, size] = highMs % DAY_MS === 0 && lowMs % DAY_MS === 0 ? ['day', DAY_MS] : ['h', HOUR_MS];
  if ([lowMs, highMs].some((ms) => ms % (size as number) !== 0))
    return lowMs === highMs ? formatDuration(lowMs) : `${formatDuration(lowMs)} to ${formatDuration(highMs)}`;
  const [low, high] = [lowMs / (size as number), highMs / (size as number)];
  if (unit === 'day' && low % 7 === 0 && high % 7 === 0 && high > 7)
    return `${range(low / 7, high / 7)} weeks`;
  return `${range(low, high)} ${unit === 'day' ? (high === 1 ? 'day' : 'days') : 'h'}`;
}

const range = (low: number, high: number): string => (low === high ? `${low}` : `${low}–${high}`);

/** Of a target that may be held in many ways the first alone: where there is room for one, as on a card. */
export function describeBriefly(value: RuleValue, units: UnitSystem): string {
  if (value.kind !== 'cookTarget' || value.options.length <= MOST_OPTIONS) return describeValue(value, units);
  return `${describeValue({ ...value, options: value.options.slice(0, 1) }, units)}, or by its table`;
}
const MOST_OPTIONS = 3;

function describeRoastTable({ oven, rows }: RoastTable, units: UnitSystem): string {
  const weight = (lb: number) => formatMass(toKilograms({ value: lb, unit: 'lb' }), units);
  const line = rows.map(({ fromLb, toLb, per, pieceLb, lowMin, highMin }) => {
    const minutes = `${range(lowMin, highMin)} min`;
    if (per === 'piece') return `${minutes} for ${pieceLb ? `pieces of ${weight(pieceLb)}` : 'usual pieces'}`;
    return `${weight(fromLb)}–${weight(toLb)}: ${minutes}${per === 'lb' ? ' per lb' : ''}`;
  });
  return `oven ${formatTarget(oven, units)}; ${line.join('; ')}`;
}
