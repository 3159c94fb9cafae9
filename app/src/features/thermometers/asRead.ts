import type { RuleSet } from '@omtel/core/guidance';
import { payloads, type Payload } from '@omtel/core/record';
import { keptWith, KINDS, degreesWords } from '@omtel/core/thermometers';
import { toCelsius, type Problem, type Temperature, type UnitSystem } from '@omtel/core/units';
import type { RatedThermometer } from './useThermometers';

/** A reading of food as it is kept: corrected by the checks of its thermometer, or in doubt; or a sentence for its field. */
export function asRead(
  temperature: Temperature,
  thermometer: RatedThermometer | null,
  { now, rules, units }: { readonly now: number; readonly rules: RuleSet; readonly units: UnitSystem },
): Payload<'reading'> | Problem {
  const [least, most] = thermometer?.rangeC ?? [-Infinity, Infinity];
  const readC = toCelsius(temperature);
  if (readC < least || readC > most)
    return {
      problem: `“${thermometer!.name}” shows ${degreesWords(least, units)} to ${degreesWords(most, units)}.`,
    };
  const parsed = payloads.reading.safeParse({
    temperature,
    ...(thermometer && keptWith(temperature, thermometer, thermometer.standing, now, rules.thermometer)),
  });
  return parsed.success ? parsed.data : { problem: parsed.error.issues[0]!.message };
}

/** Those that can tell food. */
export const forFood = (all: readonly RatedThermometer[]): readonly RatedThermometer[] =>
  all.filter(({ kind }) => KINDS[kind].tells === 'food');

/** The one a reading is likely made with: the one in hand for this food, or the first, if it is in order. */
export function usualThermometer(
  all: readonly RatedThermometer[],
  inHand: string | undefined,
): RatedThermometer | null {
  const some = forFood(all);
  const inOrder = some.filter(({ standing }) => standing.is === 'inOrder');
  return inOrder.find(({ id }) => id === inHand) ?? inOrder[0] ?? some[0] ?? null;
}
