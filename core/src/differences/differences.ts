import { listRules, ruleAt, rulesOf, schools, type Rule, type School } from '../guidance';

/** A rule in which the schools part. */
export interface Difference {
  readonly path: string;
  readonly title: string;
  readonly rules: Record<School, Rule>;
}

/** Every rule whose value is not the same in all schools, in the order of the rule sets. */
export function differences(): readonly Difference[] {
  return listRules(rulesOf('home')).flatMap(({ id, title }) => {
    const path = id.slice(id.indexOf('.') + 1);
    const rules = Object.fromEntries(
      schools.map((school) => [school, ruleAt(rulesOf(school), path)!]),
    ) as Record<School, Rule>;
    const values = new Set(schools.map((school) => JSON.stringify(rules[school].value)));
    return values.size > 1 ? [{ path, title, rules }] : [];
  });
}
