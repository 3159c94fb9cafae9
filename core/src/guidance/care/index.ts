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
  const careful = carefully(path);
  const strictest = strictestValue(all, careful);
  const added = ruleAt(additions, path);
  const value = added ? withAddition(strictest, added.value) : strictest;
  // The rules without which it would be milder: these it is cited to, the addition where that alone decides.
  const deciding = decidingAmong(all, careful, strictest);
  const byAddition = added !== undefined && !sameValue(value, strictest);
  const cited = byAddition ? added : deciding[0]!;
  return {
    id: `care.${path}`,
    title: home.title,
    value,
    source: cited.source,
    ...(cited.note && { note: cited.note }),
    strictestOf: deciding.map(({ id }) => id),
  };
}

type Careful = (value: RuleValue) => RuleValue;
function carefully(path: string): Careful {
  return (value) => (DAYS.test(path) ? lowerEnd(plain(value)) : plain(value));
}

function strictestValue(rules: readonly Rule[], careful: Careful): RuleValue {
  return rules.map(({ value }) => careful(value)).reduce(stricter);
}

function sameValue(a: RuleValue, b: RuleValue): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}

/** Those that are as strict as all together; where none is, those the whole would be milder without. */
function decidingAmong(all: readonly Rule[], careful: Careful, strictest: RuleValue): readonly Rule[] {
  const said = all.filter(({ borrowed }) => !borrowed);
  const alone = said.filter(({ value }) => sameValue(stricter(careful(value), strictest), careful(value)));
  if (alone.length) return alone;
  const needed = said.filter((rule) => {
    const others = all.filter((other) => other !== rule && !(rule.id.startsWith('home.') && other.borrowed));
    return !others.length || !sameValue(strictestValue(others, careful), strictest);
  });
  return needed.length ? needed : said;
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
