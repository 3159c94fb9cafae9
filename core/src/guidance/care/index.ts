import { chainRules } from '../chain';
import { codeRules } from '../code';
import { homeRules } from '../home';
import type { Rule, RuleSet, RuleValue } from '../schema';
import { compareTemperatures } from '../../units';
import { stricter } from '../stricter';
import { mapRules, ruleAt } from '../tree';
import { additions } from './additions';

const schools: readonly RuleSet[] = [homeRules, codeRules, chainRules];

/** The rules that count days a food keeps. */
const DAYS = /^(storage|afterThaw)/;

/**
 * Extra care, for pregnancy, children under 5, age 65 and over, weakened immunity: not a fourth opinion but the strictest
 * of all schools for every rule, computed, with the lower end of every range of days and the additions.
 */
export const careRules: RuleSet = {
  ...mapRules(homeRules, strictestOfAll),
  school: 'care',
  name: 'Extra care',
};

function strictestOfAll(home: Rule, path: string): Rule {
  const all = schools.map((set) => ruleAt(set, path)!);
  const strictest = all.map(({ value }) => plain(value)).reduce(stricter);
  const careful = DAYS.test(path) ? lowerEnd(strictest) : strictest;
  const added = ruleAt(additions, path);
  const value = added ? withAddition(careful, added.value) : careful;
  const same = (rule: { value: RuleValue }) => JSON.stringify(rule.value) === JSON.stringify(value);
  const deciding = all.filter((rule) => same(rule) && !rule.borrowed);
  // What no school says in just these words is cited as the addition that says it.
  const byAddition = added !== undefined && (deciding.length === 0 || !same({ value: strictest }));
  return {
    id: `care.${path}`,
    title: home.title,
    value,
    source: byAddition ? added.source : (deciding[0] ?? home).source,
    ...((byAddition ? added.note : deciding[0]?.note) && {
      note: byAddition ? added.note : deciding[0]?.note,
    }),
    strictestOf: (deciding.length ? deciding : all).map(({ id }) => id),
  };
}

/** Of a range of days, extra care takes the lower end as the deadline. */
function lowerEnd(value: RuleValue): RuleValue {
  return value.kind === 'durations' ? { ...value, highMs: value.lowMs } : value;
}

/** Every school is to pass on its plain temperature: the one of its options that is held for the least time. */
function plain(value: RuleValue): RuleValue {
  if (value.kind !== 'cookTarget') return value;
  const [first, ...others] = [...value.options].sort(
    (a, b) => a.heldMs - b.heldMs || compareTemperatures(a.at, b.at),
  );
  return others.length ? { ...value, options: [first!] } : value;
}

/** An addition on top; of the ways it leaves to cook, those that also reach the schools' plain temperature. */
function withAddition(careful: RuleValue, added: RuleValue): RuleValue {
  if (careful.kind !== 'cookTarget' || added.kind !== 'cookTarget') return stricter(careful, added);
  const [goal] = careful.options;
  const enough = added.options.filter(({ at }) => compareTemperatures(at, goal!.at) >= 0);
  return enough.length ? stricter(careful, { ...added, options: enough }) : careful;
}
