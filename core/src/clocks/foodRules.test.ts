import fc from 'fast-check';
import { catalogue, foodById } from '../foods';
import { ruleSetIds, rulesOf, stricter, type Rule, type RuleValue } from '../guidance';
import { toKilograms, type Temperature } from '../units';
import { afterThawOf, bandLimit, reheatTargetOf, storageOf, targetOf } from '.';

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

describe('what holds of a dish only if all of it, or if any of it, is so', () => {
  const mixed = (foodKey: string, ...parts: string[]) => ({ foodKey, parts });
  const code = rulesOf('code');

  it('it is heated as what a plant packed, if all of it is', () => {
    const { plantPacked, target } = code.reheating;
    expect(reheatTargetOf(mixed('sardines-opened'), code).id).toBe(plantPacked.id);
    expect(reheatTargetOf(mixed('sardines-opened', 'canned-vegetables-opened'), code).id).toBe(
      plantPacked.id,
    );
    expect(reheatTargetOf(mixed('sardines-opened', 'lentil-soup'), code).id).toBe(target.id);
    expect(reheatTargetOf(mixed('lentil-soup', 'sardines-opened'), code).id).toBe(target.id);
  });

  it('it has an infant’s hours, if any of it is milk for one', () => {
    const milk = catalogue.find(({ infantMilk }) => infantMilk)!.id;
    const { limit, infantMilk } = code.bandTime;
    for (const dish of [mixed(milk), mixed(milk, 'lentil-soup'), mixed('lentil-soup', milk)])
      expect(bandLimit(dish, code).value.ms).toBe(Math.min(limit.value.ms, infantMilk.value.ms));
    expect(bandLimit(mixed('lentil-soup'), code)).toBe(limit);
  });

  it('after thawing it keeps as those of its parts that mind it', () => {
    const home = rulesOf('home');
    const warm = catalogue.filter(({ keepsWarm }) => keepsWarm);
    const slow = catalogue.find(({ keepsWarm, afterThaw }) => !keepsWarm && afterThaw === 'redMeatCut')!;
    for (const { id } of warm)
      expect(afterThawOf(mixed(slow.id, id), home).value).toEqual(home.afterThaw.redMeatCut.value);
  });
});

describe('a roast in an oven', () => {
  const code = rulesOf('code');
  const { heavyFrom, light, heavy } = code.cooking.roastOven.value;
  const heavyKg = toKilograms(heavyFrom);
  const roast = (temperature: Temperature, massKg: number, fan = false) => ({
    foodKey: 'beef-roast-boneless',
    parts: [],
    massKg,
    oven: { temperature, fan },
  });
  const held = (state: Parameters<typeof targetOf>[0]) =>
    targetOf(state, code)!.value.options.some(({ heldMs }) => heldMs > 0);

  it('is held at lower temperatures only in one as hot as its weight wants', () => {
    for (const [row, massKg] of [
      [heavy, heavyKg],
      [light, heavyKg - 0.01],
    ] as const)
      for (const fan of [false, true]) {
        const least = fan ? row.fan : row.still;
        expect(held(roast(least, massKg, fan))).toBe(true);
        expect(held(roast({ ...least, value: least.value - 1 }, massKg, fan))).toBe(false);
      }
  });
});
