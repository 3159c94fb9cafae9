import { KitchenProblem } from '@omtel/core/kitchen';
import { orProblem, parseNumber, type UnitSystem } from '@omtel/core/units';

export type Worked<Name extends string, Out> =
  | { readonly out: Out; readonly problems: Partial<Record<Name, string>> }
  | { readonly out: null; readonly problems: Partial<Record<Name, string>> };

/**
 * What an instrument makes of its fields, or a sentence at the field that is wrong; a field nobody filled in yet is told nothing.
 *
 * @param texts as they are typed
 * @param units what is wrong is told in
 * @param work throws KitchenProblem, naming the field it is about
 */
export function workedOut<Name extends string, Out>(
  texts: Readonly<Record<Name, string>>,
  units: UnitSystem,
  work: (typed: Readonly<Record<Name, number>>) => Out,
): Worked<Name, Out> {
  const typed: Partial<Record<Name, number>> = {};
  const problems: Partial<Record<Name, string>> = {};
  let missing = false;
  for (const [name, text] of Object.entries(texts) as [Name, string][]) {
    if (text.trim() === '') {
      missing = true;
      continue;
    }
    const read = orProblem(() => ({ value: parseNumber(text) }));
    if ('problem' in read) problems[name] = read.problem;
    else typed[name] = read.value;
  }
  if (missing || Object.keys(problems).length > 0) return { out: null, problems };
  try {
    return { out: work(typed as Record<Name, number>), problems };
  } catch (error) {
    if (!(error instanceof KitchenProblem)) throw error;
    // One that names no field is about the last.
    const of = error.of && error.of in texts ? (error.of as Name) : (Object.keys(texts).at(-1) as Name);
    return { out: null, problems: { [of]: error.in(units) } as Partial<Record<Name, string>> };
  }
}
