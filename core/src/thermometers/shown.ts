import type { RuleSet } from '../guidance';
import type { Payload } from '../record';
import type { Temperature } from '../units';
import { correctionOf, uncertaintyK } from './corrected';
import type { Thermometer } from './schema';
import type { Standing } from './standing';

/**
 * What a reading is kept with, by the checks of its thermometer: what to add to it, how far it may be off, or that it proves nothing.
 *
 * @param now when it was read, epoch ms
 */
export function keptWith(
  temperature: Temperature,
  thermometer: Pick<Thermometer, 'id' | 'resolutionK'>,
  standing: Standing,
  now: number,
  rules: RuleSet['thermometer'],
): Pick<Payload<'reading'>, 'correction' | 'by' | 'withinK' | 'doubtful'> {
  const correction = correctionOf(temperature, standing);
  return {
    ...(correction !== 0 && { correction }),
    by: thermometer.id,
    withinK: uncertaintyK(thermometer, standing, now, rules),
    ...(standing.is !== 'inOrder' && { doubtful: true }),
  };
}
