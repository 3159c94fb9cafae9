import type { RuleSet } from '@omtel/core/guidance';
import { payloads, type Payload } from '@omtel/core/record';
import { correctionOf, KINDS, uncertaintyK } from '@omtel/core/thermometers';
import { toCelsius, type Problem, type Temperature, type UnitSystem } from '@omtel/core/units';
import { degreesWords } from './standingWords';
import type { Known } from './useThermometers';

/** A reading of food as it is kept: corrected by the checks of its thermometer, or in doubt; or a sentence for its field. */
export function asRead(
  temperature: Temperature,
  thermometer: Known | null,
  { now, rules, units }: { readonly now: number; readonly rules: RuleSet; readonly units: UnitSystem },
): Payload<'reading'> | Problem {
  const [least, most] = thermometer?.rangeC ?? [-Infinity, Infinity];
  const readC = toCelsius(temperature);
  if (readC < least || readC > most)
    return {
      problem: `“${thermometer!.name}” shows ${degreesWords(least, units)} to ${degreesWords(most, units)}.`,
    };
  const correction = thermometer ? correctionOf(temperature, thermometer.standing) : 0;
  const parsed = payloads.reading.safeParse({
    temperature,
    ...(correction !== 0 && { correction }),
    ...(thermometer && {
      by: thermometer.id,
      withinK: uncertaintyK(thermometer, thermometer.standing, now, rules.thermometer),
    }),
    ...(thermometer && thermometer.standing.is !== 'inOrder' && { doubtful: true }),
  });
  return parsed.success ? parsed.data : { problem: parsed.error.issues[0]!.message };
}

/** Those that can tell food. */
export const forFood = (all: readonly Known[]): readonly Known[] =>
  all.filter(({ kind }) => KINDS[kind].tells === 'food');

/** The one a reading is likely made with: the first that is in order. */
export const usualThermometer = (all: readonly Known[]): Known | null =>
  forFood(all).find(({ standing }) => standing.is === 'inOrder') ?? forFood(all)[0] ?? null;
