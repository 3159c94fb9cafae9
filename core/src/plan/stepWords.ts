import { foodById, formById } from '../foods';
import type { RuleSet } from '../guidance';
import { isStuffed, targetOf } from '../clocks';
import type { FoodState } from '../trail';
import { formatCeiling, formatDuration, formatMostLength, formatTarget, type UnitSystem } from '../units';
import type { Method } from './input';
import { thawSpan } from './spans';
import { ovenOf, type Step } from './schedule';

export interface StepWords {
  /** What to do, in the imperative. */
  readonly title: string;
  /** Why, or how, in one line. */
  readonly detail: string;
  /** What the button says. */
  readonly tick: string;
}

/** A step in words, in the household's units. */
export function stepWords({ kind }: Step, state: FoodState, units: UnitSystem, rules: RuleSet): StepWords {
  switch (kind) {
    case 'startThaw':
      return thawWords(state.plan?.method, state.withoutAir, units, rules);
    case 'changeWater':
      return {
        title: `Change the water, ${ordinal((state.thaw?.changes ?? 0) + 1)} of ${waterChanges(state, rules)}`,
        detail: 'Cold from the tap, the pack right under.',
        tick: 'Water changed',
      };
    case 'checkThawed':
      if (state.thaw?.method === 'coldWater') {
        const atOnce = formatDuration(rules.thawing.cookAtOnce.value.ms);
        return {
          title: 'Feel for ice, then out of the water',
          detail: `Thawed early, it stays in the water until ${atOnce} before it goes on.`,
          tick: 'Thawed, out of the water',
        };
      }
      return {
        title: 'Feel for ice',
        detail: 'Flex it, or probe the centre. Still icy: finish it in cold water.',
        tick: 'Thawed',
      };
    case 'ovenOn':
      return {
        title: `Oven to ${formatTarget(ovenOf(state, rules)!, units)}`,
        detail: 'Hot before the food goes in.',
        tick: 'Oven is on',
      };
    case 'startCooking':
      return { title: 'Start cooking', detail: cookingDetail(state), tick: 'It is on' };
    case 'read': {
      const target = targetOf(state, rules);
      const goal = target ? formatTarget(target.value.options[0]!.at, units) : '';
      return {
        title: target ? `Read it: ${goal}` : 'Look after it',
        detail: isStuffed(state)
          ? `${formById(state.form).probe} Then the middle of the stuffing.`
          : formById(state.form).probe,
        tick: 'Log a reading',
      };
    }
    case 'offHeat': {
      const rest = targetOf(state, rules)?.value.restMs ?? 0;
      return {
        title: 'Off the heat',
        detail: rest
          ? `Rest at least ${formatDuration(rest)}; longer for the juices.`
          : 'Let it stand a little.',
        tick: 'Off the heat',
      };
    }
    case 'serve':
      return {
        title: 'Serve',
        detail: `From the heat to the refrigerator in ${formatDuration(rules.bandTime.limit.value.ms)}.`,
        tick: 'On the table',
      };
    case 'putAway':
      return {
        title: 'Leftovers into the refrigerator',
        detail: `${isStuffed(state) ? 'Stuffing out first. ' : ''}Shallow: ${formatMostLength(rules.cooling.depth.value.most, units)} at most. They may go in warm.`,
        tick: 'Put leftovers away',
      };
  }
}

/** How a thaw is begun; in the refrigerator where no other way was planned. */
export function thawWords(
  method: Method | undefined,
  withoutAir: boolean,
  units: UnitSystem,
  rules: RuleSet,
): StepWords {
  switch (method) {
    case 'coldWater': {
      if (rules.thawing.waterRunning.value.yes) {
        const cold = formatCeiling(rules.thawing.waterTemperature.value.at, units);
        return {
          title: 'Under running cold water',
          detail: `Sealed, in running water of at most ${cold}. Stay near; ${formatDuration(rules.thawing.waterMost.value.ms)} at the longest.`,
          tick: 'It is in the water',
        };
      }
      const every = formatDuration(rules.thawing.waterChange.value.ms);
      return {
        title: 'Into cold water',
        detail: `Sealed and kept under. Stay near: change the water every ${every}.`,
        tick: 'It is in the water',
      };
    }
    case 'microwave':
      return {
        title: 'Thaw by microwave',
        detail: 'Turn it often, then cook it at once.',
        tick: 'It is in the microwave',
      };
    default:
      return {
        title: 'To the lowest shelf',
        detail: withoutAir
          ? 'Open the pack first. On a tray with a lip, covered.'
          : 'Out of the freezer, still wrapped, on a tray with a lip.',
        tick: 'It is in the refrigerator',
      };
  }
}

function cookingDetail(state: FoodState): string {
  if (state.plan?.method === 'fromFrozen') return 'Straight from the freezer, in one go.';
  const how =
    state.plan?.method === 'microwave' || state.plan?.method === 'coldWater'
      ? 'At once, in one go.'
      : 'In one go, no stopping half way.';
  if (state.form !== 'wholeBird') return how;
  const filled = isStuffed(state) ? ' Stuffing in just before.' : '';
  return `Neck, giblets and packets out of both cavities.${filled} ${how}`;
}

function waterChanges(state: FoodState, rules: RuleSet): number {
  const span = thawSpan('coldWater', {
    food: foodById(state.foodKey),
    form: state.form,
    massKg: state.massKg,
    rules,
  })!;
  return Math.max(
    (state.thaw?.changes ?? 0) + 1,
    Math.ceil(span.slowMs / rules.thawing.waterChange.value.ms) - 1,
  );
}

const ordinal = (n: number): string => {
  const tail = n % 100 > 10 && n % 100 < 14 ? 'th' : (['th', 'st', 'nd', 'rd'][n % 10] ?? 'th');
  return `${n}${tail}`;
};
