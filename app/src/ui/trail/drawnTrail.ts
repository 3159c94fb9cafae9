import type { Exposure } from '@omtel/core/clocks';
import type { RuleSet } from '@omtel/core/guidance';
import type { Sketch } from '@omtel/core/trail';
import type { UnitSystem } from '@omtel/core/units';

/** A food's trail as it is shown, drawn or in a table. */
export interface DrawnTrail {
  readonly name: string;
  readonly sketch: Sketch;
  readonly exposures: readonly Exposure[];
  readonly rules: RuleSet;
  readonly units: UnitSystem;
  readonly zone: string;
  readonly now: number;
}
