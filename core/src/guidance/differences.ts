import { rulesOf } from './lookup';
import { schools, type Rule, type School } from './schema';
import { mapRules, ruleAt } from './tree';

/** A rule in which the schools part. */
export interface Difference {
  readonly path: string;
  readonly title: string;
  readonly rules: Record<School, Rule>;
}

/** Every rule whose value is not the same in all schools, in the order of the rule sets. */
export function differences(): readonly Difference[] {
  const found: Difference[] = [];
  mapRules(rulesOf('home'), (home, path) => {
    const rules = Object.fromEntries(
      schools.map((school) => [school, ruleAt(rulesOf(school), path)!]),
    ) as Record<School, Rule>;
    const values = new Set(schools.map((school) => JSON.stringify(rules[school].value)));
    if (values.size > 1) found.push({ path, title: home.title, rules });
    return home;
  });
  return found;
}
