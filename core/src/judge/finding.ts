import type { Guidance, RuleSet } from '../guidance';
import type { UnitSystem } from '../units';
import type { ActionKind, Reason, Verdict } from './ruling';
import type { FoodState } from '../trail';

/** What a ruling is made with: the moment, the household's zone and units, and the guidance it follows. */
export interface JudgeContext {
  readonly now: number;
  readonly zone: string;
  /** Where the household lived before, while a count of days may have run. */
  readonly formerZones?: readonly string[];
  readonly units: UnitSystem;
  readonly guidance: Guidance;
}

/** The same with the rules the food in question goes by. */
export interface CheckContext extends JudgeContext {
  readonly rules: RuleSet;
}

/** Every zone in which a day may have ended. */
export const zonesOf = ({ zone, formerZones = [] }: JudgeContext): readonly string[] => [
  zone,
  ...formerZones,
];

/** What one check found. The worst finding is the ruling; all of them are its grounds. */
export interface Finding {
  readonly verdict: Verdict;
  readonly until: number | null;
  readonly headline: string;
  readonly because: string;
  readonly action: { readonly kind: ActionKind; readonly label: string };
  readonly reason: Reason;
}

export type Check = (state: FoodState, context: CheckContext) => readonly Finding[];
