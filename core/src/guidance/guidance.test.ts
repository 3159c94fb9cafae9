import { kilograms, pounds, toKilograms } from '../units';
import {
  describeValue,
  homeRules,
  listRules,
  ruleById,
  ruleSetSchema,
  rulesOf,
  sources,
  thawTime,
  UnknownRule,
} from '.';

const IMPERIAL = { temperature: 'F', mass: 'imperial' } as const;
const METRIC = { temperature: 'C', mass: 'metric' } as const;
const HOUR = 3_600_000;

describe('the home chart', () => {
  it('is a whole rule set', () => expect(ruleSetSchema.parse(homeRules)).toEqual(homeRules));

  it('names a source for every rule and puts every value into words in both systems', () => {
    const rules = listRules(homeRules);
    expect(rules.length).toBeGreaterThan(120);
    for (const rule of rules) {
      expect(sources[rule.source].title).toBeTruthy();
      for (const units of [IMPERIAL, METRIC]) {
        expect(describeValue(rule.value, units)).toMatch(/\S/);
        expect(describeValue(rule.value, units)).not.toMatch(/NaN|undefined/);
      }
    }
  });

  it('gives every rule an id that leads back to it', () => {
    for (const rule of listRules(homeRules)) expect(ruleById(rule.id)).toBe(rule);
    expect(() => ruleById('home.nothing')).toThrow(UnknownRule);
  });

  it.each([
    ['home.cooking.targets.poultry', '165 °F'],
    ['home.cooking.targets.roast', '145 °F, then rest 3 min'],
    ['home.bandTime.limit', '2 h'],
    ['home.storage.soupsStews.refrigerator', '3–4 days'],
    ['home.storage.eggsInShell.refrigerator', '3–5 weeks'],
    ['home.storage.roasts.freezer', '4–12 months'],
    ['home.cooling.depth', 'at most 2 in deep'],
    ['home.thawing.onCounter', 'no: refrigerator, cold water, microwave, or cook from frozen'],
  ])('%s reads %j', (id, words) => expect(describeValue(ruleById(id).value, IMPERIAL)).toBe(words));

  it('says plainly that the other sets are not there yet', () =>
    expect(() => rulesOf('chain')).toThrow(RangeError));
});

describe('thawing time', () => {
  const { refrigerator, waterPack, waterBird } = homeRules.thawing;

  it('is 24 h per 4 lb at the slow end and per 5 lb at the fast end', () => {
    const span = thawTime(refrigerator.value, toKilograms(pounds(20)));
    expect(span.slowMs).toBeCloseTo(120 * HOUR, -1);
    expect(span.fastMs).toBeCloseTo(96 * HOUR, -1);
  });

  it('is never under a day in the refrigerator nor an hour in water', () => {
    expect(thawTime(refrigerator.value, 0.2)).toEqual({ fastMs: 24 * HOUR, slowMs: 24 * HOUR });
    expect(thawTime(waterPack.value, toKilograms(kilograms(0.1))).slowMs).toBe(HOUR);
  });

  it('in water is 30 min per lb for birds and 45 min per lb for packs', () => {
    expect(thawTime(waterBird.value, toKilograms(pounds(12))).slowMs).toBeCloseTo(6 * HOUR, -1);
    expect(thawTime(waterPack.value, toKilograms(pounds(4))).slowMs).toBeCloseTo(3 * HOUR, -1);
  });
});
