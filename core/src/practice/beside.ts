import { isStuffed } from '../clocks';
import { foodById, type FormId } from '../foods';
import type { SourceId } from '../guidance';
import { practice, type Act, type Moment, type Trait } from './topics';

/** A food as it bears on how it is handled. */
export interface Handled {
  readonly foodKey: string;
  readonly parts: readonly string[];
  readonly form: FormId;
  /** In a pack without air. */
  readonly withoutAir?: boolean;
}

/** What a food is, and by what it is thawed or heated. */
export function traitsOf(food: Handled | null, by: readonly (Trait | null)[] = []): ReadonlySet<Trait> {
  const traits = new Set<Trait>(by.filter((trait) => trait !== null));
  if (!food) return traits;
  const kinds = [food.foodKey, ...food.parts].map(foodById);
  if (kinds.some(({ cooking }) => cooking === 'poultry')) traits.add('poultry');
  if (kinds.some(({ cooking }) => cooking === 'kidneyBeans')) traits.add('beans');
  if (kinds.every(({ cooking }) => cooking === null)) traits.add('ready');
  if (food.form === 'wholeBird') traits.add('bird');
  if (isStuffed(food)) traits.add('stuffed');
  if (food.withoutAir) traits.add('withoutAir');
  return traits;
}

export interface ActBeside extends Act {
  readonly source: SourceId;
}

/** What is told beside a moment of the work, in the order of the topics, each with where it is from. */
export const actsBeside = (moment: Moment, traits: ReadonlySet<Trait>): readonly ActBeside[] =>
  practice.flatMap(({ source, acts }) =>
    acts
      .filter(({ at, of }) => at.includes(moment) && (of === null || traits.has(of)))
      .map((act) => ({ ...act, source })),
  );
