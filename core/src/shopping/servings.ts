import type { FormId } from '../foods';
import type { Rule, RuleSet } from '../guidance';
import { toKilograms } from '../units';
import type { Table } from '../meal';

export type Eaters = Pick<Table, 'people' | 'smallEaters'>;

/** A small eater eats this share of what others do. */
const SMALL = 0.5;

/** How many whole portions a table is. */
export const portionsOf = ({ people, smallEaters }: Eaters): number =>
  people - smallEaters + SMALL * smallEaters;

const SERVED_AS: Partial<Record<FormId, keyof RuleSet['servings']>> = {
  wholeBird: 'wholeBird',
  halfBird: 'wholeBird',
  boneInJoint: 'boneIn',
  bonelessJoint: 'boneless',
  steak: 'boneless',
  fillet: 'boneless',
  ground: 'boneless',
  flatPack: 'boneless',
};

/** The rule for how much of a form a person eats; null where the chart has none. */
export function servingOf(form: FormId, rules: RuleSet): Rule<RuleSet['servings']['boneIn']['value']> | null {
  const as = SERVED_AS[form];
  return as ? rules.servings[as] : null;
}

/** How much to buy for a table, kg, from a light hand to a generous one; null where no chart says. */
export function massFor(
  table: Eaters,
  form: FormId,
  rules: RuleSet,
): { readonly lowKg: number; readonly highKg: number } | null {
  const serving = servingOf(form, rules);
  if (!serving) return null;
  const portions = portionsOf(table);
  return {
    lowKg: portions * toKilograms(serving.value.low),
    highKg: portions * toKilograms(serving.value.high),
  };
}

/**
 * How many portions a weight is, from generous ones to light ones, and what a table leaves of it, kg; null where no chart
 * says. Nothing is left over for certain but what even a generous hand does not serve.
 */
export function portionsIn(
  massKg: number,
  table: Eaters,
  form: FormId,
  rules: RuleSet,
): { readonly low: number; readonly high: number; readonly leftKg: readonly [number, number] } | null {
  const serving = servingOf(form, rules);
  const asked = massFor(table, form, rules);
  if (!serving || !asked) return null;
  return {
    low: massKg / toKilograms(serving.value.high),
    high: massKg / toKilograms(serving.value.low),
    leftKg: [Math.max(0, massKg - asked.highKg), Math.max(0, massKg - asked.lowKg)],
  };
}
