import { celsius, DAY_MS, fahrenheit, HOUR_MS, kilograms, MINUTE_MS, pounds, toKilograms } from '../units';
import {
  careRules,
  chainRules,
  codeRules,
  describeValue,
  homeRules,
  listRules,
  PLAIN_GUIDANCE,
  guidanceSchema,
  ruleAt,
  ruleById,
  ruleIn,
  rulesFor,
  ruleSetIds,
  ruleSetSchema,
  rulesOf,
  sources,
  stricter,
  thawTime,
  UnknownRule,
  waterRule,
  type RuleValue,
} from '.';

const IMPERIAL = { temperature: 'F', mass: 'imperial' } as const;
const METRIC = { temperature: 'C', mass: 'metric' } as const;

describe.each(ruleSetIds)('the rule set %s', (id) => {
  const set = rulesOf(id);

  it('is whole', () => expect(ruleSetSchema.parse(set)).toEqual(set));

  it('names a source for every rule and puts every value into words in both systems', () => {
    const rules = listRules(set);
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
    for (const rule of listRules(set)) expect(ruleById(rule.id)).toBe(rule);
    expect(() => ruleById(`${id}.nothing`)).toThrow(UnknownRule);
  });
});

it('there is no school of another name', () => expect(() => ruleById('aunt.advice')).toThrow(UnknownRule));

describe('the values of the guidance page', () => {
  it.each([
    ['home.cooking.targets.poultry', '165 °F'],
    ['home.cooking.targets.roast', '145 °F, then rest 3 min'],
    ['home.bandTime.limit', '2 h'],
    ['home.storage.soupsStews.refrigerator', '3–4 days'],
    ['home.storage.eggsInShell.refrigerator', '3–5 weeks'],
    ['home.storage.roasts.freezer', '4–12 months'],
    ['home.cooling.depth', 'at most 2 in deep'],
    ['home.thawing.onCounter', 'no: refrigerator, cold water, microwave, or cook from frozen'],
    ['home.avoided', 'nothing'],
    ['code.bands.growth', '41 °F to 135 °F'],
    ['code.bandTime.limit', '4 h'],
    ['code.bandTime.chillAgain', '4 h; cold food put out to eat, never'],
    [
      'code.cooking.targets.groundMeat',
      '155 °F held 17 s or 150 °F held 1 min or 145 °F held 3 min or 158 °F',
    ],
    ['code.cooking.targets.wholeCut', '145 °F held 15 s or 158 °F'],
    ['code.cooling.firstMark', '135 °F to 70 °F within 2 h'],
    ['code.cooling.secondMark', '135 °F to 41 °F within 6 h'],
    ['code.storage.soupsStews.refrigerator', '7 calendar days'],
    ['code.reheating.target', '165 °F held 15 s'],
    ['chain.bandTime.chillAgain', 'under 2 h'],
    ['care.refreezing.afterRefrigerator', 'no: cook it, then freeze it once'],
    [
      'care.avoided',
      'raw sprouts, dishes with raw egg, cold-smoked fish, raw fish and meat, raw milk and its cheese, soft mould-ripened and blue cheese, pâté from the refrigerator',
    ],
    ['care.bandTime.chillAgain', 'under 2 h; cold food put out to eat, never'],
  ])('%s reads %j', (id, words) => expect(describeValue(ruleById(id).value, IMPERIAL)).toBe(words));

  it.each([
    ['chain.bands.growth', '5 °C to 60 °C'],
    ['chain.bands.hotHolding', 'at least 63 °C'],
    [
      'chain.cooking.targets.poultry',
      '75 °C or 80 °C held 6 s or 70 °C held 2 min or 65 °C held 10 min or 60 °C held 45 min',
    ],
    ['chain.cooling.firstMark', '60 °C to 21 °C within 2 h'],
    ['chain.storage.cookedRice.refrigerator', '1 day'],
    ['chain.storage.soupsStews.refrigerator', '2 days'],
    ['chain.afterThaw.delicate', '1 day'],
    ['care.cooking.targets.wholeCut', '75 °C or 70 °C held 2 min, then rest 3 min'],
    ['care.cooking.targets.poultry', '75 °C'],
    ['care.storage.cookedMeat.refrigerator', '2 days'],
    ['care.afterThaw.redMeatCut', '1 day'],
    ['care.bands.growth', '4 °C to 60 °C'],
  ])('%s reads %j', (id, words) => expect(describeValue(ruleById(id).value, METRIC)).toBe(words));
});

describe('silence of a school', () => {
  it('borrows the home chart’s value and says so', () => {
    expect(codeRules.storage.groundMeat.refrigerator).toMatchObject({
      value: homeRules.storage.groundMeat.refrigerator.value,
      borrowed: true,
      id: 'code.storage.groundMeat.refrigerator',
    });
    expect(chainRules.bandTime.warmAirFactor.borrowed).toBe(true);
    expect(codeRules.bandTime.limit.borrowed).toBeUndefined();
  });
});

describe('extra care', () => {
  it('is at least as strict as every school in every rule', () => {
    for (const school of [homeRules, codeRules, chainRules]) {
      for (const care of listRules(careRules)) {
        const { value } = ruleAt(school, care.id.replace('care.', ''))!;
        // Held against the school's value nothing is left to tighten.
        expect([care.id, stricter(care.value, value)]).toEqual([care.id, care.value]);
      }
    }
  });

  it('names the rules that decide it', () => {
    expect(careRules.bandTime.limit.strictestOf).toEqual(['home.bandTime.limit']);
    expect(careRules.storage.cookedRice.refrigerator.strictestOf).toContain(
      'chain.storage.cookedRice.refrigerator',
    );
    expect(careRules.avoided.source).toBe('higher-risk');
  });
});

describe('a value in words', () => {
  const days = (lowMs: number, highMs: number, calendarDays?: number): RuleValue => ({
    kind: 'durations',
    lowMs,
    highMs,
    ...(calendarDays && { calendarDays }),
  });
  it.each<[RuleValue, string]>([
    [days(DAY_MS, DAY_MS), '1 day'],
    [days(3 * DAY_MS, 4 * DAY_MS), '3–4 days'],
    [days(7 * DAY_MS, 7 * DAY_MS), '7 days'],
    [days(7 * DAY_MS, 14 * DAY_MS), '1–2 weeks'],
    [days(10 * DAY_MS, 14 * DAY_MS), '10–14 days'],
    [days(7 * DAY_MS, 13 * DAY_MS), '7–13 days'],
    [days(24 * 7 * HOUR_MS, 24 * 7 * HOUR_MS + HOUR_MS), '168–169 h'],
    [days(12 * HOUR_MS, DAY_MS), '12–24 h'],
    [days(DAY_MS, 30 * HOUR_MS), '24–30 h'],
    [days(14 * HOUR_MS, 21 * HOUR_MS), '14–21 h'],
    [days(90 * MINUTE_MS, 90 * MINUTE_MS), '1 h 30 min'],
    [days(90 * MINUTE_MS, 2 * HOUR_MS), '1 h 30 min to 2 h'],
    [days(6 * DAY_MS, 7 * DAY_MS, 7), '7 calendar days'],
    [days(6 * DAY_MS, 7 * DAY_MS - 1, 7), `6 d to 6 d 23 h`],
  ])('%j reads %j', (value, words) =>
    expect(describeValue(value, { temperature: 'C', mass: 'metric' })).toBe(words),
  );
});

describe('the stricter of two values', () => {
  const days = (lowMs: number, highMs: number, calendarDays?: number) =>
    ({ kind: 'durations', lowMs, highMs, ...(calendarDays && { calendarDays }) }) as const;
  it.each<[string, RuleValue, RuleValue, RuleValue]>([
    [
      'hotter where it is a least',
      { kind: 'temperature', limit: 'least', at: fahrenheit(145) },
      { kind: 'temperature', limit: 'least', at: celsius(63) },
      { kind: 'temperature', limit: 'least', at: celsius(63) },
    ],
    [
      'colder where it is a most',
      { kind: 'temperature', limit: 'most', at: fahrenheit(40) },
      { kind: 'temperature', limit: 'most', at: celsius(5) },
      { kind: 'temperature', limit: 'most', at: fahrenheit(40) },
    ],
    [
      'the wider band',
      { kind: 'band', low: fahrenheit(40), high: fahrenheit(135) },
      { kind: 'band', low: celsius(5), high: celsius(60) },
      { kind: 'band', low: fahrenheit(40), high: celsius(60) },
    ],
    [
      'longer where it is a least',
      { kind: 'duration', limit: 'least', ms: 5 },
      { kind: 'duration', limit: 'least', ms: 9 },
      { kind: 'duration', limit: 'least', ms: 9 },
    ],
    [
      'the earlier of both counts of days',
      days(6 * DAY_MS, 9 * DAY_MS, 7),
      days(3 * DAY_MS, 8 * DAY_MS),
      days(3 * DAY_MS, 8 * DAY_MS, 7),
    ],
    [
      'no calendar days that can end no sooner',
      days(6 * DAY_MS, 9 * DAY_MS, 7),
      days(DAY_MS, 2 * DAY_MS),
      days(DAY_MS, 2 * DAY_MS),
    ],
    [
      'slow for the plan, fast for the clock',
      {
        kind: 'thawRate',
        fast: { ms: 20, mass: kilograms(2), leastMs: 3 },
        slow: { ms: 30, mass: kilograms(2), leastMs: 3 },
      },
      {
        kind: 'thawRate',
        fast: { ms: 11, mass: kilograms(1), leastMs: 5 },
        slow: { ms: 12, mass: kilograms(1), leastMs: 5 },
      },
      {
        kind: 'thawRate',
        fast: { ms: 20, mass: kilograms(2), leastMs: 3 },
        slow: { ms: 30, mass: kilograms(2), leastMs: 5 },
      },
    ],
    [
      'the tighter mark, to the colder end',
      { kind: 'coolingMark', from: fahrenheit(135), to: fahrenheit(70), withinMs: 2 },
      { kind: 'coolingMark', from: celsius(60), to: celsius(21), withinMs: 2 },
      { kind: 'coolingMark', from: celsius(60), to: celsius(21), withinMs: 2 },
    ],
    [
      'no before yes',
      { kind: 'allowed', yes: true },
      { kind: 'allowed', yes: false },
      { kind: 'allowed', yes: false },
    ],
    [
      'what binds',
      { kind: 'binding', yes: false },
      { kind: 'binding', yes: true },
      { kind: 'binding', yes: true },
    ],
    [
      'all risks together',
      { kind: 'avoided', risks: ['rawEgg'] },
      { kind: 'avoided', risks: ['rawSprouts'] },
      { kind: 'avoided', risks: ['rawSprouts', 'rawEgg'] },
    ],
    [
      'the shorter mark, whole',
      { kind: 'coolingMark', from: celsius(57), to: celsius(21), withinMs: 1 },
      { kind: 'coolingMark', from: celsius(60), to: celsius(5), withinMs: 2 },
      { kind: 'coolingMark', from: celsius(57), to: celsius(5), withinMs: 1 },
    ],
    [
      'the shallower',
      { kind: 'depth', most: { value: 2, unit: 'in' } },
      { kind: 'depth', most: { value: 4, unit: 'cm' } },
      { kind: 'depth', most: { value: 4, unit: 'cm' } },
    ],
    [
      'the wider clearance',
      { kind: 'clearance', least: { value: 4, unit: 'in' } },
      { kind: 'clearance', least: { value: 10, unit: 'cm' } },
      { kind: 'clearance', least: { value: 4, unit: 'in' } },
    ],
    [
      'the greater factor',
      { kind: 'factor', times: 1 },
      { kind: 'factor', times: 2 },
      { kind: 'factor', times: 2 },
    ],
    [
      'fewer times',
      { kind: 'count', most: 2, of: 'times' },
      { kind: 'count', most: 1, of: 'times' },
      { kind: 'count', most: 1, of: 'times' },
    ],
    [
      'the closer tolerance',
      { kind: 'tolerance', degrees: 2, unit: 'C' },
      { kind: 'tolerance', degrees: 1, unit: 'C' },
      { kind: 'tolerance', degrees: 1, unit: 'C' },
    ],
    [
      'the sooner, as that says it',
      { kind: 'chillAgain', ms: 1, inclusive: true, served: true },
      { kind: 'chillAgain', ms: 2, inclusive: false, served: false },
      { kind: 'chillAgain', ms: 1, inclusive: true, served: false },
    ],
    [
      'up to where both say so',
      { kind: 'chillAgain', ms: 2, inclusive: true, served: true },
      { kind: 'chillAgain', ms: 2, inclusive: true, served: true },
      { kind: 'chillAgain', ms: 2, inclusive: true, served: true },
    ],
    [
      'under before up to',
      { kind: 'chillAgain', ms: 2, inclusive: true, served: true },
      { kind: 'chillAgain', ms: 2, inclusive: false, served: true },
      { kind: 'chillAgain', ms: 2, inclusive: false, served: true },
    ],
  ])('%s', (_what, a, b, expected) => {
    expect(stricter(a, b)).toEqual(expected);
    expect(stricter(b, a)).toEqual(expected);
  });

  it('of two cooking targets is what meets both, in every way there is', () => {
    const both = stricter(
      codeRules.cooking.targets.groundMeat.value,
      chainRules.cooking.targets.groundMeat.value,
    );
    expect(both.options).toEqual([
      { at: celsius(75), heldMs: 0 },
      { at: celsius(70), heldMs: 2 * MINUTE_MS },
      { at: celsius(65), heldMs: 10 * MINUTE_MS },
      { at: fahrenheit(145), heldMs: 45 * MINUTE_MS },
    ]);
  });

  it('of what has no stricter side is the first', () => {
    const [a, b] = [
      { kind: 'months', range: { low: 1, high: 2 } },
      { kind: 'months', range: null },
    ] as const;
    expect(stricter<RuleValue>(a, b)).toBe(a);
    expect(stricter<RuleValue>(b, a)).toBe(b);
  });

  it('of two equals is the first', () => {
    const depth = (): RuleValue => ({ kind: 'depth', most: { value: 2, unit: 'in' } });
    const factor = (): RuleValue => ({ kind: 'factor', times: 2 });
    for (const make of [depth, factor]) {
      const [a, b] = [make(), make()];
      expect(stricter(a, b)).toBe(a);
    }
  });

  it('a sign serves where both allow one', () => {
    const target = (sign?: string): RuleValue => ({
      kind: 'cookTarget',
      options: [{ at: celsius(63), heldMs: 0 }],
      restMs: 0,
      ...(sign && { sign }),
    });
    expect(stricter(target('opaque'), target('firm'))).toEqual(target('opaque'));
    expect(stricter(target('opaque'), target())).toEqual(target());
    expect(stricter(target(), target('opaque'))).toEqual(target());
  });

  it('of two kinds is nothing', () =>
    expect(() => stricter<RuleValue>({ kind: 'binding', yes: true }, { kind: 'allowed', yes: true })).toThrow(
      TypeError,
    ));
});

describe('a household’s own values', () => {
  const own = (path: string, value: RuleValue) => rulesFor({ ...PLAIN_GUIDANCE, own: [{ path, value }] });

  it('count where they are stricter, and are marked', () => {
    const rules = own('bandTime.limit', { kind: 'duration', limit: 'most', ms: HOUR_MS });
    expect(rules.bandTime.limit).toMatchObject({
      id: 'home.bandTime.limit',
      value: { ms: HOUR_MS },
      own: true,
    });
    expect(ruleIn(rules, 'home.bandTime.limit')).toBe(rules.bandTime.limit);
    expect(ruleById('home.bandTime.limit').value).toMatchObject({ ms: 2 * HOUR_MS });
  });

  it('make one set of rules each, and none where there are none', () => {
    const value: RuleValue = { kind: 'duration', limit: 'most', ms: HOUR_MS };
    expect(own('bandTime.limit', value)).toBe(own('bandTime.limit', { ...value }));
    expect(rulesFor(PLAIN_GUIDANCE)).toBe(homeRules);
    for (let n = 1; n <= 70; n += 1)
      expect(own('bandTime.limit', { ...value, ms: n }).bandTime.limit.value.ms).toBe(n);
  });

  it('never loosen a rule', () => {
    const rules = own('bandTime.limit', { kind: 'duration', limit: 'most', ms: 9 * HOUR_MS });
    expect(rules.bandTime.limit).toEqual(homeRules.bandTime.limit);
  });

  it.each([
    ['a path that leads nowhere', 'bandTime.nothing', { kind: 'duration', limit: 'most', ms: 1 }],
    ['another kind of value', 'bandTime.limit', { kind: 'binding', yes: true }],
  ])('are refused for %s', (_what, path, value) =>
    expect(guidanceSchema.safeParse({ ...PLAIN_GUIDANCE, own: [{ path, value }] }).success).toBe(false),
  );

  it('are taken where they fit, up to sixty', () => {
    const fits = { path: 'bandTime.limit', value: { kind: 'duration', limit: 'most', ms: HOUR_MS } };
    const taken = (own: object[]) => guidanceSchema.safeParse({ ...PLAIN_GUIDANCE, own }).success;
    expect(taken([fits])).toBe(true);
    expect(taken(Array(60).fill(fits))).toBe(true);
    expect(taken(Array(61).fill(fits))).toBe(false);
    expect(guidanceSchema.safeParse({ ...PLAIN_GUIDANCE, school: 'aunt' }).success).toBe(false);
    expect(guidanceSchema.safeParse({ school: 'home', own: [] }).success).toBe(false);
    const refused = guidanceSchema.safeParse({ ...PLAIN_GUIDANCE, own: [{ ...fits, path: 'nowhere' }] });
    expect(refused.error!.issues[0]!.message).toBe('There is no such rule to set.');
  });
});

describe('thawing time', () => {
  const { refrigerator, waterPack, waterBird } = homeRules.thawing;

  it('is 24 h per 4 lb at the slow end and per 5 lb at the fast end', () => {
    const span = thawTime(refrigerator.value, toKilograms(pounds(20)));
    expect(span.slowMs).toBeCloseTo(120 * HOUR_MS, -1);
    expect(span.fastMs).toBeCloseTo(96 * HOUR_MS, -1);
  });

  it('is never under a day in the refrigerator nor an hour in water', () => {
    expect(thawTime(refrigerator.value, 0.2)).toEqual({ fastMs: 24 * HOUR_MS, slowMs: 24 * HOUR_MS });
    expect(thawTime(waterPack.value, toKilograms(kilograms(0.1))).slowMs).toBe(HOUR_MS);
  });

  it('in water is 30 min per lb for birds and 45 min per lb for packs', () => {
    expect(thawTime(waterBird.value, toKilograms(pounds(12))).slowMs).toBeCloseTo(6 * HOUR_MS, -1);
    expect(thawTime(waterPack.value, toKilograms(pounds(4))).slowMs).toBeCloseTo(3 * HOUR_MS, -1);
  });

  it('by the metric chain is 10–12 h per kg', () =>
    expect(thawTime(chainRules.thawing.refrigerator.value, 2)).toEqual({
      fastMs: 20 * HOUR_MS,
      slowMs: 24 * HOUR_MS,
    }));

  it('in water goes by the rule for birds or that for packs', () => {
    expect(waterRule('wholeBird', homeRules)).toBe(homeRules.thawing.waterBird);
    expect(waterRule('pieces', homeRules)).toBe(homeRules.thawing.waterPack);
  });
});
