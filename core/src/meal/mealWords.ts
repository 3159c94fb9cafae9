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
  MINUTE_MS,
  type UnitSystem,
} from '../units';
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
  hob: 'on the hob',
  microwave: 'into the microwave',
  grill: 'on the grill',
};

/** A step of a meal in words: what to do and with what, why or how in one line, and what the tick says. */
export function mealStepWords({ kind, dish, task, celsius }: MealStep, context: MealWordsContext): StepWords {
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
    case 'prepare':
      return { title: `Prepare ${name}`, detail: prepareDetail(dish!, task!), tick: 'Begun' };
    case 'ovenOn':
      return {
        title: `Oven to ${heatWords(celsius, units)}`,
        detail: `Hot before ${name} goes in.`,
        tick: 'Oven is on',
      };
    case 'on':
      return {
        title: `${name} ${ONTO[task!.place ?? ''] ?? 'on the heat'}`,
        detail: `${celsius ? `At ${heatWords(celsius, units)}, ` : ''}${formatDurationUp(task!.minutes * MINUTE_MS)} at the longest.`,
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

/** What an oven is set to: the middle of what the dish bears. */
function heatWords(celsius: MealStep['celsius'], units: UnitSystem): string {
  if (!celsius) return 'its heat';
  const { temperature: unit } = units;
  const at = (value: number) => inUnit({ value, unit: 'C' }, unit).value;
  const [low, high] = [at(celsius[0]), at(celsius[1])];
  const round = Math.round((low + high) / 2 / DIAL) * DIAL;
  return formatTemperature({ value: round >= low && round <= high ? round : (low + high) / 2, unit }, units);
}

/** An oven's dial goes by fives. */
const DIAL = 5;

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
