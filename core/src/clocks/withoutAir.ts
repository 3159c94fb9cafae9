import type { RuleSet } from '../guidance';
import { refrigeratorThaw, type ThawState, type Weighed } from './thaw';

/** A food that may be in a pack without air, and how it thaws. */
interface Packed extends Weighed {
  readonly withoutAir: boolean;
  readonly thaw: ThawState | null;
  readonly stage: string;
}

/**
 * Until when fish in a pack without air has to be opened: before it may have thawed in the refrigerator, at once after water
 * (guidance §2). Null where it does not thaw.
 *
 * @returns epoch ms
 */
export function openBy(state: Packed, rules: RuleSet): number | null {
  const { thaw, withoutAir, stage } = state;
  if (!withoutAir || !thaw || rules.thawing.withoutAir.value.yes) return null;
  if (thaw.atOnceFrom !== null) return thaw.atOnceFrom + rules.thawing.cookAtOnce.value.ms;
  if (thaw.method !== 'refrigerator') return null;
  const fastEnd = thaw.startedAt + refrigeratorThaw(state, rules).fastMs;
  return stage === 'thawing' ? fastEnd : Math.min(fastEnd, thaw.thawedAt ?? fastEnd);
}
