import fc from 'fast-check';
import { catalogue, foodById } from '../foods';
import { ruleSetIds, rulesOf, stricter, type Rule, type RuleValue } from '../guidance';
import { afterThawOf, storageOf, targetOf } from '.';

const kind = fc.constantFrom(...catalogue.map(({ id }) => id)).map(foodById);
const dish = fc.tuple(kind, fc.array(kind, { maxLength: 3 }));
const set = fc.constantFrom(...ruleSetIds);
/** What is as strict as all of them, and cites one of them. */
const holds = (found: Rule<RuleValue>, of: readonly Rule<RuleValue>[]) => {
  expect(found.value).toEqual(of.map(({ value }) => value).reduce((a, b) => stricter(a, b)));
  expect(of.map(({ id }) => id)).toContain(found.id);
};

describe('a mixed dish', () => {
  it('is cooked, kept and kept after thawing by the strictest of its parts', () => {
    fc.assert(
      fc.property(dish, set, fc.boolean(), ([first, parts], id, cooked) => {
        const rules = rulesOf(id);
        const kinds = [first, ...parts];
        const state = { foodKey: first.id, parts: parts.map(({ id }) => id), cooked };
        const targets = kinds.flatMap(({ cooking }) => (cooking ? [rules.cooking.targets[cooking]] : []));
        const target = targetOf(state, rules);
        if (targets.length) holds(target!, targets);
        else expect(target).toBeNull();
        const rows = kinds.flatMap(({ rawStorage, cookedStorage, alsoKeepsAs, keepsWarm, cooking }) => {
          if (!cooked && keepsWarm && cooking !== null) return [];
          const row = cooked ? cookedStorage : (rawStorage ?? cookedStorage);
          return [row, cooked ? alsoKeepsAs : undefined].flatMap((each) =>
            each ? [rules.storage[each].refrigerator] : [],
          );
        });
        const kept = storageOf(state, rules);
        if (rows.length) holds(kept!.refrigerator, rows);
        else expect(kept).toBeNull();
        holds(
          afterThawOf(state, rules),
          (kinds.some(({ keepsWarm }) => !keepsWarm)
            ? kinds.filter(({ keepsWarm }) => !keepsWarm)
            : kinds
          ).map((food) => rules.afterThaw[food.afterThaw]),
        );
      }),
    );
  });
});
