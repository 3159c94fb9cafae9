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
export const massFor = (table: Eaters, form: FormId, rules: RuleSet): Masses | null =>
  massOf(portionsOf(table), form, rules);

/** Weights from a light hand to a generous one, kg. */
export interface Masses {
  readonly lowKg: number;
  readonly highKg: number;
}

/** How much so many portions are, whole ones; null where no chart says. */
export function massOf(portions: number, form: FormId, rules: RuleSet): Masses | null {
  const serving = servingOf(form, rules);
  return (
    serving && {
      lowKg: portions * toKilograms(serving.value.low),
      highKg: portions * toKilograms(serving.value.high),
    }
  );
}

/** How many portions a weight is, from generous ones to light ones; null where no chart says. */
export function portionsFrom(
  massKg: number,
  form: FormId,
  rules: RuleSet,
): { readonly low: number; readonly high: number } | null {
  const serving = servingOf(form, rules);
  return (
    serving && {
      low: massKg / toKilograms(serving.value.high),
      high: massKg / toKilograms(serving.value.low),
    }
  );
}

/**
 * How many portions a weight is, and what a table leaves of it, kg; null where no chart says. Nothing is left over for certain but
 * what even a generous hand does not serve.
 */
export function portionsIn(
  massKg: number,
  table: Eaters,
  form: FormId,
  rules: RuleSet,
): { readonly low: number; readonly high: number; readonly leftKg: readonly [number, number] } | null {
  const portions = portionsFrom(massKg, form, rules);
  const asked = massFor(table, form, rules);
  if (!portions || !asked) return null;
  return {
    ...portions,
    leftKg: [Math.max(0, massKg - asked.highKg), Math.max(0, massKg - asked.lowKg)],
  };
}

/** Who eats, and what else is wanted of it, in whole portions. */
export interface Wanted extends Eaters {
  readonly seconds: number;
  readonly leftovers: number;
}

/** How many whole portions are wanted in all. */
export const portionsWanted = ({ seconds, leftovers, ...eaters }: Wanted): number =>
  portionsOf(eaters) + seconds + leftovers;
