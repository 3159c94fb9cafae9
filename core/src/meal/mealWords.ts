import { isStuffed, reheatTargetOf, targetOf } from '../clocks';
import { formById } from '../foods';
import type { RuleSet } from '../guidance';
import { thawWords, type StepWords } from '../plan';
import type { PlacedTask, PlannedDish } from '../record';
import type { FoodState } from '../trail';
import {
  formatDuration,
  formatDurationUp,
  formatMostLength,
  formatTarget,
  formatTemperature,
  inUnit,
  type Temperature,
  type TemperatureUnit,
  MINUTE_MS,
  type UnitSystem,
} from '../units';
import { SECOND_OVEN } from './kitchen';
import type { MealStep } from './mealSteps';

/** What words of a meal's step are said with. */
export interface MealWordsContext {
  readonly rules: RuleSet;
  readonly units: UnitSystem;
  /** The food of its dish, where it is in the stores. */
  readonly food: FoodState | null;
}

const ONTO: Record<string, string> = {
  oven: 'into the oven',
  [SECOND_OVEN]: 'into the second oven',
  hob: 'on the hob',
  microwave: 'into the microwave',
  grill: 'on the grill',
  slowCooker: 'into the slow cooker',
};

/** A step of a meal in words: what to do and with what, why or how in one line, and what the tick says. */
export function mealStepWords(step: MealStep, context: MealWordsContext): StepWords {
  const { kind, dish, task, celsius } = step;
  const { rules, units, food } = context;
  const name = dish?.name ?? '';
  switch (kind) {
    case 'thaw': {
      const method = dish?.kind === 'cooked' ? dish.method : undefined;
      const words = thawWords(method, food?.withoutAir ?? false, units, rules);
      return { ...words, title: `${name}: ${words.title.toLowerCase()}` };
    }
    case 'water':
      return {
        title: `${name}: change the water`,
        detail: 'Cold from the tap, the pack right under.',
        tick: 'Water changed',
      };
    case 'turn':
      return { title: `${name}: turn it`, detail: 'Apart what is loose already.', tick: '' };
    case 'feelForIce':
      return {
        title: `${name}: feel for ice`,
        detail: 'Flex it, or probe the centre. Still icy: see what is left to do.',
        tick: 'Thawed',
      };
    case 'washSink':
      return { title: 'Wash the sink', detail: `After ${name}: wash, rinse, sanitise.`, tick: 'Sink washed' };
    case 'marinate':
      return {
        title: `${name} into its marinade`,
        detail: `Covered, in the refrigerator, ${formatDuration(task!.minutes * MINUTE_MS)}. Wash up at once. What is left of it is raw: boil it, or throw it away.`,
        tick: 'It is in',
      };
    case 'prepare':
      return { title: `Prepare ${name}`, detail: prepareDetail(dish!, task!), tick: 'Begun' };
    case 'ovenOn':
      return {
        title: `${task!.place === SECOND_OVEN ? 'Second oven' : 'Oven'} to ${heatWords(step, units)}`,
        detail: `Hot before ${name} goes in.`,
        tick: 'Oven is on',
      };
    case 'on':
      return {
        title: `${name} ${ONTO[task!.place ?? ''] ?? 'on the heat'}`,
        detail: `${celsius ? `At ${heatWords(step, units)}, ` : ''}${formatDurationUp(task!.minutes * MINUTE_MS)} at the longest.`,
        tick: 'It is on',
      };
    case 'stir':
      return { title: `${name}: stir`, detail: 'From the bottom up.', tick: '' };
    case 'read':
      return {
        title: `${name}: read it${goalWords(dish!, context, ', ')}`,
        detail: readDetail(dish!, food),
        tick: 'Log a reading',
      };
    case 'off':
      return {
        title: `${name} off the heat`,
        detail:
          `${goalWords(dish!, context, 'Once it reads ', '. ')}${restWords(dish!)}`.trim() ||
          'Once it is done.',
        tick: 'Off the heat',
      };
    case 'finish':
      return {
        title: `Finish ${name}`,
        detail: 'Carve, dress, sauce. A clean board and plate, never the raw one.',
        tick: 'Begun',
      };
    case 'serve':
      return {
        title: 'On the table',
        detail: `What stands out is put away within ${formatDuration(rules.bandTime.limit.value.ms)} of leaving heat or cold.`,
        tick: 'All is on the table',
      };
    case 'putAway':
      return {
        title: `Put away what is left of ${name}`,
        detail: `Shallow: ${formatMostLength(rules.cooling.depth.value.most, units)} at most. It may go in warm.`,
        tick: 'Put away',
      };
  }
}

/**
 * What an oven is set to, on the dial of the household's unit: a dish that is cooked here as low as it bears, since a chart says no
 * less; others in the middle of what all bear that are in it.
 *
 * @returns null for what minds no heat
 */
export function dialOf({ celsius, dish }: MealStep, unit: TemperatureUnit): Temperature | null {
  if (!celsius) return null;
  const [low, high] = celsius.map((value) => inUnit({ value, unit: 'C' }, unit).value) as [number, number];
  const wanted = dish?.kind === 'cooked' ? low : (low + high) / 2;
  const round = dish?.kind === 'cooked' ? Math.ceil : Math.round;
  const value = round(Number((wanted / DIAL).toFixed(3))) * DIAL;
  return { value: value >= low && value <= high ? value : Number(wanted.toFixed(1)), unit };
}

/** An oven's dial goes by fives. */
const DIAL = 5;

const heatWords = (step: MealStep, units: UnitSystem): string => {
  const dial = dialOf(step, units.temperature);
  return dial ? formatTemperature(dial, units) : 'its heat';
};

function prepareDetail(dish: PlannedDish, { minutes }: PlacedTask): string {
  const takes = formatDuration(minutes * MINUTE_MS);
  if (dish.kind !== 'cooked') return `Clean board, before anything raw. ${takes}.`;
  const bird =
    dish.form === 'wholeBird'
      ? 'Neck, giblets and packets out of both cavities. '
      : isStuffed({ foodKey: dish.foodKey, parts: dish.parts, form: dish.form })
        ? 'Stuffing in just before. '
        : '';
  return `${bird}Out of the cold only now. After it wash and sanitise board, knife, sink and hands. ${takes} in all.`;
}

const readDetail = (dish: PlannedDish, food: FoodState | null): string => {
  const form = dish.kind === 'cooked' ? dish.form : food?.form;
  return form ? formById(form).probe : 'In the middle, where it is thickest.';
};

function goalWords(
  dish: PlannedDish,
  { rules, units, food }: MealWordsContext,
  before: string,
  after = '',
): string {
  const target =
    dish.kind === 'cooked'
      ? targetOf({ foodKey: dish.foodKey, parts: dish.parts }, rules)
      : dish.kind === 'reheated'
        ? food
          ? reheatTargetOf(food, rules)
          : rules.reheating.target
        : null;
  return target ? `${before}${formatTarget(target.value.options[0]!.at, units)}${after}` : '';
}

const restWords = (dish: PlannedDish): string =>
  dish.kind === 'cooked' && dish.restMs > 0 ? `It rests ${formatDuration(dish.restMs)}.` : '';
