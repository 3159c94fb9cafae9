import type { Rule } from './schema';

/** Sections of the Food Code 2022, chapter 3, by the place of a rule in the set. */
const OF_CODE: readonly (readonly [path: RegExp, section: string])[] = [
  [/^cooking\.targets\.vegetable$/, '§ 3-401.13'],
  [/^cooking\.microwave$/, '§ 3-401.12'],
  [/^cooking\./, '§ 3-401.11'],
  [/^reheating\./, '§ 3-403.11'],
  [/^thawing\.withoutAir$/, '§ 3-501.13(E)'],
  [/^thawing\./, '§ 3-501.13'],
  [/^cooling\.deepCounts$/, '§ 3-501.15'],
  [/^cooling\./, '§ 3-501.14'],
  [/^bands\.freezer$/, '§ 3-501.11'],
  [/^bands\./, '§ 3-501.16'],
  [/^bandTime\./, '§ 3-501.19'],
  [/^storage\./, '§ 3-501.17'],
];

/**
 * Where in its source a rule stands; null where the source is one chart or page, which its title names already.
 *
 * @example sectionOf(codeRules.cooling.firstMark) // '§ 3-501.14'
 */
export function sectionOf({ id, source }: Pick<Rule, 'id' | 'source'>): string | null {
  if (source !== 'food-code') return null;
  const path = id.slice(id.indexOf('.') + 1);
  return OF_CODE.find(([of]) => of.test(path))?.[1] ?? null;
}
