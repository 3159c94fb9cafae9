import type { RuleSet } from '@omtel/core/guidance';
import { massOf, portionsFrom, portionsWanted, servingOf, type Masses } from '@omtel/core/shopping';
import { fromKilograms, orProblem, parseNumber, toKilograms, type MassUnit } from '@omtel/core/units';

/** The forms a chart says how much of a person eats, and what they are called where one buys. */
export const SERVED = [
  { value: 'wholeBird', label: 'A whole bird' },
  { value: 'boneInJoint', label: 'A joint with its bone' },
  { value: 'bonelessJoint', label: 'Meat without bone' },
] as const;
export type Served = (typeof SERVED)[number]['value'];

/** What most people mean by each form, where it is asked how large or how cold it is. */
export const KIND_OF: Readonly<Record<Served, string>> = {
  wholeBird: 'turkey-whole',
  boneInJoint: 'lamb-leg-bone-in',
  bonelessJoint: 'beef-roast-boneless',
};

/** What is filled in: for whom, or of what weight. */
export type ServingsDraft = {
  readonly ask: 'buy' | 'feeds';
  readonly form: Served;
  readonly people: number;
  readonly small: number;
  readonly seconds: number;
  readonly leftovers: number;
  readonly mass: string;
  /** The longest side of the tin it is to go into. */
  readonly tin: string;
};

export const MOST_PEOPLE = 60;
const HEAVIEST_KG = 60;

/** For those at the household's table, where it said who they are. */
export const freshServings = (people: number, small: number): ServingsDraft => ({
  ask: 'buy',
  form: 'wholeBird',
  people: Math.max(1, people),
  small,
  seconds: 0,
  leftovers: 0,
  mass: '',
  tin: '',
});

export type Worked =
  | { readonly kind: 'buy'; readonly portions: number; readonly masses: Masses }
  | { readonly kind: 'feeds'; readonly massKg: number; readonly low: number; readonly high: number }
  | { readonly kind: 'problem'; readonly problem: string | null };

/** What it comes to as far as it is filled in; a problem without words is a field nobody filled in yet. */
export function workOut(draft: ServingsDraft, massUnit: MassUnit, rules: RuleSet): Worked {
  const { ask, form, people, seconds, leftovers } = draft;
  if (ask === 'buy') {
    const smallEaters = Math.min(draft.small, people);
    const portions = portionsWanted({ people, smallEaters, seconds, leftovers });
    return { kind: 'buy', portions, masses: massOf(portions, form, rules)! };
  }
  if (draft.mass.trim() === '') return { kind: 'problem', problem: null };
  const read = orProblem(() => ({ kg: toKilograms({ value: parseNumber(draft.mass), unit: massUnit }) }));
  if ('problem' in read) return { kind: 'problem', problem: read.problem };
  if (!(read.kg > 0 && read.kg <= HEAVIEST_KG)) {
    const most = Math.floor(fromKilograms(HEAVIEST_KG, massUnit));
    return { kind: 'problem', problem: `More than nothing, and at most ${most} ${massUnit}.` };
  }
  return { kind: 'feeds', massKg: read.kg, ...portionsFrom(read.kg, form, rules)! };
}

/** How many people so many portions are, never one too many. */
export const feedsWords = ({ low, high }: { readonly low: number; readonly high: number }): string => {
  const [least, most] = [Math.floor(low + 1e-9), Math.floor(high + 1e-9)];
  const people = (n: number) => (n === 1 ? 'one person' : `${n} people`);
  if (most === 0) return 'less than one person';
  if (least === most) return people(most);
  return least === 0 ? `${people(most)}, with a light hand` : `${least} to ${people(most)}`;
};

/** The rule it goes by. */
export const ruleOf = (form: Served, rules: RuleSet) => servingOf(form, rules)!;
