import { bleachFor, mixed, KitchenProblem, waterFor, type Mixed, type Range } from '@omtel/core/kitchen';
import type { RuleSet } from '@omtel/core/guidance';
import {
  fromLitres,
  parseNumber,
  toLitres,
  TypedProblem,
  type MeasureUnit,
  type UnitSystem,
} from '@omtel/core/units';

/** What is filled in of a mix. */
export type SanitiserDraft = {
  readonly bottle: 'known' | 'unknown';
  readonly percent: string;
  readonly bleach: string;
  readonly bleachUnit: MeasureUnit;
  readonly water: string;
  readonly waterUnit: MeasureUnit;
  /** By the household's clock; null where nobody said so. */
  readonly mixedAt: number | null;
};

export const BLEACH_UNITS: readonly MeasureUnit[] = ['ml', 'tsp', 'tbsp', 'fl oz', 'cup', 'l'];
export const WATER_UNITS: readonly MeasureUnit[] = ['ml', 'l', 'cup', 'qt', 'gal'];

export const freshMix = ({ mass }: UnitSystem): SanitiserDraft => ({
  bottle: 'known',
  percent: '',
  mixedAt: null,
  ...(mass === 'metric'
    ? { bleach: '2', bleachUnit: 'ml', water: '1', waterUnit: 'l' }
    : { bleach: '1', bleachUnit: 'tsp', water: '1', waterUnit: 'gal' }),
});

type FieldName = 'percent' | 'bleach' | 'water';

export interface ReadMix {
  /** What it is; null until all of it can be read. */
  readonly mix: Mixed | null;
  /** How much bleach serves so much water, and how much water so much bleach, in the measures chosen for them. */
  readonly bleach: Range | null;
  readonly water: Range | null;
  readonly problems: Partial<Record<FieldName, string>>;
}

/** What a mix comes to as far as it is filled in, with a sentence at each field that cannot be read. */
export function readMix(draft: SanitiserDraft, rules: RuleSet): ReadMix {
  const problems: Partial<Record<FieldName, string>> = {};
  const read = <Result>(field: FieldName, work: () => Result): Result | null => {
    try {
      return work();
    } catch (error) {
      if (!(error instanceof TypedProblem || error instanceof KitchenProblem)) throw error;
      problems[field] ??= error.message;
      return null;
    }
  };
  const known = draft.bottle === 'known';
  const percent = known ? read('percent', () => parseNumber(draft.percent)) : null;
  if (known && percent !== null) read('percent', () => mixed({ percent, bleach: 1, water: 1 }, rules));
  const bleach = read('bleach', () => toLitres(parseNumber(draft.bleach), draft.bleachUnit));
  const water = read('water', () => toLitres(parseNumber(draft.water), draft.waterUnit));
  if (bleach !== null && bleach < 0) problems.bleach = 'Not less than nothing.';
  if (water !== null && water < 0) problems.water = 'Not less than nothing.';
  if (problems.percent) return { mix: null, bleach: null, water: null, problems };
  const forWater = problems.water ? null : read('water', () => bleachFor(water!, percent, rules));
  const forBleach = problems.bleach ? null : read('bleach', () => waterFor(bleach!, percent, rules));
  const all = Object.keys(problems).length === 0;
  return {
    mix: all ? mixed({ percent, bleach: bleach!, water: water! }, rules) : null,
    bleach: forWater && measured(forWater, draft.bleachUnit),
    water: forBleach && measured(forBleach, draft.waterUnit),
    problems,
  };
}

const measured = ({ from, to }: Range, unit: MeasureUnit): Range => ({
  from: fromLitres(from, unit),
  to: fromLitres(to, unit),
});

/**
 * A range to measure out by, rounded inwards: whatever is taken of what is shown lies within it.
 *
 * @example rangeWords({ from: 0.673, to: 2.88 }, 'tsp') // '0.7 to 2.8 tsp'
 */
export function rangeWords({ from, to }: Range, unit: MeasureUnit): string {
  const digits = to - from >= 1 ? 10 : to - from >= 0.1 ? 100 : 10_000;
  return `${Math.ceil(from * digits) / digits} to ${Math.floor(to * digits) / digits} ${unit}`;
}
