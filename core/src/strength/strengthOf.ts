import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import * as common from '@zxcvbn-ts/language-common';

/** From what anybody tries first to what nobody guesses. */
export type Strength = 'common' | 'weak' | 'fair' | 'strong';

const BY_SCORE: readonly Strength[] = ['common', 'common', 'weak', 'fair', 'strong'];

/** What is longer adds nothing to how strong it is, and much to how long that takes to tell. */
const LOOKED_AT = 64;

let estimator: ZxcvbnFactory | null = null;

/**
 * How strong a passphrase is: `common` is among the first million that somebody would try, and not taken.
 *
 * @param passphrase as it is kept: `plainPassphrase` of what was typed
 * @param known what whoever tries knows already: names of the household and of its people
 * @example strengthOf('password1234', []) // 'common'
 */
export function strengthOf(passphrase: string, known: readonly string[]): Strength {
  estimator ??= new ZxcvbnFactory({ dictionary: common.dictionary, graphs: common.adjacencyGraphs });
  const words = known.flatMap((name) => [name, ...name.split(/\s+/)]).filter((word) => word !== '');
  const { score } = estimator.check(passphrase.slice(0, LOOKED_AT), words);
  return BY_SCORE[score]!;
}
