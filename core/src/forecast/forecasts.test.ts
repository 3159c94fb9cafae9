import fc from 'fast-check';
import { catalogue, foodById, type FormId } from '../foods';
import { homeRules, rulesOf, thawTime, waterRule } from '../guidance';
import { METRIC } from '../testing/story';
import { crossingS, SizeProblem, USUAL_REFRIGERATOR, valueAt } from '../thermal';
import { HOUR_MS, toCelsius, toKilograms, type Mass } from '../units';
import {
  bodyOf,
  cheapestChange,
  containerById,
  coolAt,
  coolingBand,
  coolingFrom,
  coolingVerdict,
  DoesNotFit,
  fewestOf,
  fitTo,
  NeverReached,
  roastForecast,
  startC,
  thawAssumptions,
  thawBand,
  thawedAtC,
  thawLeft,
  type CoolingInput,
} from '.';

const thaw = (id: string, form: FormId, massKg: number, place: 'refrigerator' | 'coldWater') =>
  thawBand({ food: foodById(id), form, massKg, place, startC: -18 });
const overlaps = (a: { fastMs: number; slowMs: number }, b: { fastMs: number; slowMs: number }) =>
  a.fastMs <= b.slowMs && a.slowMs >= b.fastMs;

describe('thawing against the rules of thumb', () => {
  it.each([
    ['lamb-shoulder-bone-in', 'boneInJoint', [2, 2.4, 3, 4, 5, 6]],
    ['beef-roast-boneless', 'bonelessJoint', [2, 3, 4, 5, 6]],
    ['turkey-whole', 'wholeBird', [3, 4, 5, 6]],
    ['chicken-whole', 'wholeBird', [2, 2.5]],
  ] as const)('%s in the refrigerator overlaps 24 h per 4–5 lb', (id, form, weights) => {
    for (const kg of weights) {
      const rule = thawTime(homeRules.thawing.refrigerator.value, kg);
      expect(overlaps(thaw(id, form, kg, 'refrigerator'), rule)).toBe(true);
    }
  });

  it.each([0.25, 0.5, 1, 1.5])('a flat pack of %d kg in cold water overlaps the pack rule', (kg) => {
    const rule = thawTime(waterRule('flatPack', homeRules).value, kg);
    expect(overlaps(thaw('ground-beef', 'flatPack', kg, 'coldWater'), rule)).toBe(true);
  });

  it('solid joints take far longer in water than the rule says', () => {
    const rule = thawTime(waterRule('boneInJoint', homeRules).value, 2.4);
    expect(thaw('lamb-shoulder-bone-in', 'boneInJoint', 2.4, 'coldWater').fastMs).toBeGreaterThan(
      rule.slowMs,
    );
  });

  it('a measured thickness narrows the band, and says so', () => {
    const input = {
      food: foodById('lamb-shoulder-bone-in'),
      form: 'boneInJoint',
      massKg: 2.4,
      place: 'refrigerator',
      startC: -18,
    } as const;
    const guess = thawBand(input);
    const measured = thawBand({ ...input, thickestM: 0.12 });
    const width = (span: { fastMs: number; slowMs: number }) => span.slowMs / span.fastMs;
    expect(width(measured)).toBeLessThan(width(guess));
    expect(thawAssumptions({ ...input, thickestM: 0.12 }, METRIC)[0]!.value).toBe('12 cm, as measured');
    expect(thawAssumptions(input, METRIC)[0]!.value).toMatch(/usual for its weight/);
    const imperial = thawAssumptions(input, { temperature: 'F', mass: 'imperial' }).map(({ value }) => value);
    expect(imperial.join(' ')).toContain('°F');
    for (const value of imperial) expect(value).not.toMatch(/°C|\b(kg|cm)\b/);
  });
});

describe('a thaw under way', () => {
  const lamb = {
    food: foodById('lamb-shoulder-bone-in'),
    form: 'boneInJoint',
    massKg: 2.4,
    place: 'refrigerator',
    startC: -18,
  } as const;

  it('has less left the warmer its centre, and water is quicker than air', () => {
    const left = [-10, -5, -3].map((core) => thawLeft(lamb, core, 'refrigerator').slowMs);
    expect(left[0]!).toBeGreaterThan(left[1]!);
    expect(left[1]!).toBeGreaterThan(left[2]!);
    expect(thawLeft(lamb, -3, 'coldWater').slowMs).toBeLessThan(left[2]! / 3);
  });

  it('has none left once thawed, all of it at the freezer’s temperature, and cannot be colder', () => {
    expect(thawLeft(lamb, thawedAtC(lamb.food), 'refrigerator')).toEqual({ fastMs: 0, slowMs: 0 });
    const whole = thawBand(lamb);
    expect(Math.abs(thawLeft(lamb, -18, 'refrigerator').slowMs / whole.slowMs - 1)).toBeLessThan(0.02);
    expect(() => thawLeft(lamb, -30, 'refrigerator')).toThrow(SizeProblem);
  });
});

const soup: CoolingInput = {
  food: foodById('lentil-soup'),
  massKg: 4,
  startC: 90,
  container: containerById('pot'),
  count: 1,
  lid: true,
  stirred: false,
  stays: [{ place: 'refrigerator', forS: 0 }],
  neighbours: [{ name: 'Milk', heatJK: 4000, surfaceWK: 0.55, startC: 4 }],
};
const verdictOf = (input: CoolingInput) => coolingVerdict(coolingBand(input), input, homeRules);

describe('four litres of soup', () => {
  it('fail in one pot and pass in shallow tubs', () => {
    const pot = verdictOf(soup);
    expect(pot.passes).toBe('fails');
    expect(pot.tooDeep).toBe(true);
    const tubs = verdictOf({ ...soup, container: containerById('tub'), count: 8, lid: false });
    expect(tubs.passes).toBe('passes');
    expect(tubs.tooDeep).toBe(false);
  });

  it('are told the cheapest change that helps', () => {
    const change = cheapestChange(soup, homeRules)!;
    expect(change).not.toBeNull();
    const { passes, tooDeep } = verdictOf(change.input);
    expect([passes, tooDeep]).toEqual(['passes', false]);
  });

  it.each([
    ['beef-stew', 3, 'tub', 2, 'home'],
    ['cooked-rice', 2, 'metal-tray', 1, 'care'],
    ['beef-stew', 3, 'glass-dish', 1, 'code'],
  ] as const)(
    'and no fewer containers would do: %s, %s kg (%s, %s; %s)',
    (key, massKg, container, count, school) => {
      const rules = rulesOf(school);
      const batch = { ...soup, food: foodById(key), massKg, container: containerById(container), count };
      const { what, input } = cheapestChange(batch, rules)!;
      expect(what).toBe('moreContainers');
      // All of their half a day, where the search for them looked no further than to where it is decided.
      const passes = (n: number) => {
        const tried = { ...input, count: n };
        const slow = coolAt(tried, 'low');
        const { passes, tooDeep } = coolingVerdict({ usual: slow, slow, fast: slow }, tried, rules);
        return passes === 'passes' && !tooDeep;
      };
      expect([passes(input.count), passes(input.count - 1)]).toEqual([true, false]);
    },
  );

  it('in the middle of it have less time left the longer their clock has run, and only what is to come helps', () => {
    const tubs = { ...soup, container: containerById('tub'), count: 8, lid: false };
    const passes = (clockS: number, startC = 50) => {
      const verdict = verdictOf({ ...tubs, startC, clockS });
      return [verdict.passes, verdict.marks[0]!.dueS] as const;
    };
    expect(passes(0)).toEqual(['passes', 7200]);
    expect(passes(1800)[1]).toBe(5400);
    expect(passes(7100)[0]).toBe('fails');
    const worse = { passes: 0, close: 1, fails: 2 };
    const all = [0, 900, 1800, 3600, 5400, 7100].map((ranS) => worse[passes(ranS)[0]]);
    expect(all).toEqual(all.toSorted((a, b) => a - b));
    // Hot it has all its time yet, and none of it has run.
    expect(passes(0, 70)[1]).toBeGreaterThan(7200);

    const stays: CoolingInput['stays'] = [
      { place: 'counter', forS: 1800 },
      { place: 'iceBath', forS: 1800 },
      { place: 'refrigerator', forS: 0 },
    ];
    expect(coolingFrom({ ...tubs, stays }, 2400, 45, 600)).toMatchObject({
      startC: 45,
      clockS: 1800,
      stays: [
        { place: 'iceBath', forS: 1200 },
        { place: 'refrigerator', forS: 0 },
      ],
    });
    expect(coolingFrom({ ...tubs, stays }, 9000, 20, null)).toMatchObject({
      clockS: 0,
      stays: [{ place: 'refrigerator', forS: 0 }],
    });
  });

  it('are cold only once they stay cold: an ice bath before the counter is no cooling', () => {
    const bath = { place: 'iceBath', forS: 3 * 3600 } as const;
    const tubs = { ...soup, container: containerById('tub'), count: 8, lid: false };
    const after = (place: 'counter' | 'refrigerator') =>
      verdictOf({ ...tubs, stays: [bath, { place, forS: 0 }] }).passes;
    expect(after('refrigerator')).toBe('passes');
    expect(after('counter')).toBe('fails');
  });

  it('are told when it is the refrigerator: set too warm nothing gets cold in it; its thermostat’s swing is not that', () => {
    const tubs = { ...soup, container: containerById('tub'), count: 8, lid: false };
    const warm = { ...tubs, refrigerator: { ...USUAL_REFRIGERATOR, setC: 9 } };
    expect(verdictOf(warm)).toMatchObject({ passes: 'fails', refrigerator: { setTooWarm: true } });
    expect(cheapestChange(warm, homeRules)!.what).toBe('colderRefrigerator');
    const nearlyEmpty = verdictOf({ ...tubs, massKg: 0.2, startC: 10, count: 1 }).refrigerator;
    expect(nearlyEmpty).toMatchObject({ setTooWarm: false, tooWarmMs: 0 });
  });

  it('stirred, they have a slow end: how well they are stirred', () => {
    const band = coolingBand({ ...soup, food: foodById('beef-stew'), stirred: true, lid: false });
    const to21 = ({ timeS, warmestC }: typeof band.usual) => crossingS(timeS, warmestC, 21, false)!;
    expect(to21(band.slow)).toBeGreaterThan(1.1 * to21(band.usual));
    expect(to21(band.fast)).toBeLessThan(to21(band.usual));
  });

  it('warm the refrigerator and the milk beside them', () => {
    const { refrigerator } = verdictOf({ ...soup, stirred: true, lid: false });
    expect(refrigerator.warmestC).toBeGreaterThan(6);
    expect(refrigerator.tooWarmMs).toBeGreaterThan(0.2 * HOUR_MS);
    expect(refrigerator.neighbours[0]!.warmestC).toBeGreaterThan(4.1);
  });

  it('do not fit into one tub', () => {
    const tub = containerById('tub');
    expect(fewestOf(tub, 4e-3)).toBe(2);
    expect(() => coolAt({ ...soup, container: tub }, 'usual')).toThrow(DoesNotFit);
    expect(() => containerById('bathtub')).toThrow(RangeError);
  });

  it('follow a reading', () => {
    const tray = { ...soup, container: containerById('metal-tray'), count: 2, lid: false };
    const forecastAt = (input: CoolingInput) => {
      const { timeS, coreC } = coolAt(input, 'usual');
      return crossingS(timeS, coreC, 40, false)!;
    };
    const usual = forecastAt(tray);
    const warmer = fitTo(tray, usual, 46).times;
    expect(warmer).toBeLessThan(1);
    expect(forecastAt({ ...tray, fit: warmer })).toBeGreaterThan(usual);
    expect(fitTo(tray, usual, 36).times).toBeGreaterThan(1);
    expect(fitTo(tray, usual, 40)).toMatchObject({ times: expect.closeTo(1, 2), unmet: null });
    expect(fitTo(tray, usual, 40).doubt).toBeLessThan(0.5);
    expect(fitTo(tray, usual, 3).unmet).toBe('colder');
    expect(fitTo(tray, usual, 89).unmet).toBe('warmer');
  });

  it('never cool sooner for being deeper or lidded', () => {
    const until21 = (input: CoolingInput) => {
      const { timeS, coreC } = coolAt(input, 'low');
      return crossingS(timeS, coreC, 21, false) ?? Infinity;
    };
    fc.assert(
      fc.property(fc.integer({ min: 4, max: 10 }), (count) => {
        const tubs = { ...soup, container: containerById('tub'), count, lid: false };
        const usual = 0.995 * until21(tubs);
        expect(until21({ ...tubs, count: count - 1 })).toBeGreaterThanOrEqual(usual);
        expect(until21({ ...tubs, lid: true })).toBeGreaterThanOrEqual(usual);
      }),
      { numRuns: 4 },
    );
  });
});

/** Each row of the roasting charts: the middle of its weights and its range of minutes. */
const CHART_ROWS = catalogue.flatMap((food) => {
  if (!food.roast) return [];
  const { oven, rows } = homeRules.roasting[food.roast].value;
  const target = homeRules.cooking.targets[food.cooking!].value.options[0]!.at;
  return rows.map(({ per, pieceLb, fromLb, toLb, lowMin, highMin }) => {
    const lb = per === 'piece' ? (pieceLb ?? 0.5) : (fromLb + toLb) / 2;
    const times = per === 'lb' ? lb : 1;
    const mass: Mass = { value: lb, unit: 'lb' };
    return {
      food,
      massKg: toKilograms(mass),
      ovenC: toCelsius(oven),
      targetC: toCelsius(target),
      lowMin: lowMin * times,
      highMin: highMin * times,
    };
  });
});

describe('roasting', () => {
  it('falls inside the charts’ ranges widened by 15 % for at least 88 % of rows', () => {
    const inside = CHART_ROWS.filter(({ food, massKg, ovenC, targetC, lowMin, highMin }) => {
      const { usual } = roastForecast({
        food,
        form: food.forms[0]!,
        massKg,
        ovenC,
        fan: false,
        startC: 5,
        targetC,
      });
      const minutes = crossingS(usual.timeS, usual.coldestC, targetC, true)! / 60;
      return minutes >= 0.85 * lowMin && minutes <= 1.15 * highMin;
    });
    expect(CHART_ROWS.length).toBeGreaterThanOrEqual(24);
    expect(inside.length / CHART_ROWS.length).toBeGreaterThanOrEqual(0.88);
  });

  const lamb = {
    food: foodById('lamb-shoulder-bone-in'),
    form: 'boneInJoint',
    massKg: 2.4,
    ovenC: 163,
    fan: false,
    startC: 5,
    targetC: 63,
  } as const;

  it('narrows with readings, follows them, and goes on rising at rest', () => {
    const before = roastForecast(lamb);
    const width = ({ span }: { span: { fastMs: number; slowMs: number } }) => span.slowMs - span.fastMs;
    const atS = 5400;
    const expected = valueAt(before.usual.timeS, before.usual.coreC, atS);
    const one = roastForecast(lamb, [{ atS, coreC: expected }]);
    expect(width(one)).toBeLessThan(0.75 * width(before));
    const behind = roastForecast(lamb, [{ atS, coreC: expected - 6 }]);
    expect(behind.span.fastMs).toBeGreaterThan(one.span.fastMs);
    const { usual } = roastForecast(lamb, [{ atS, coreC: expected }]);
    expect(usual.timeS.at(-1)! / before.usual.timeS.at(-1)!).toBeCloseTo(1, 2);
    expect([one.unmet, behind.unmet]).toEqual([null, null]);
    expect([before.told, one.told]).toEqual([false, true]);
    expect(roastForecast(lamb, [{ atS: 0, coreC: 61 }]).unmet).toBe('warmer');
    // Before its middle has moved a reading tells nothing, however it differs by a little.
    for (const coreC of [4, 5, 6.5]) {
      const early = roastForecast(lamb, [{ atS: 300, coreC }]);
      expect([early.unmet, early.told]).toEqual([null, false]);
      expect(early.span.slowMs / before.span.slowMs).toBeCloseTo(1, 1);
      expect(width(early) / width(before)).toBeCloseTo(1, 1);
    }
    expect(roastForecast(lamb, [{ atS: 600, coreC: 60 }]).unmet).toBe('warmer');
    expect(roastForecast(lamb, [{ atS: 12_000, coreC: 6 }]).unmet).toBe('colder');
  });

  it('tells a tip beside the middle, which is warmer, from a joint that is done sooner', () => {
    const { usual } = roastForecast(lamb);
    const moments = Array.from({ length: 25 }, (_, i) => 600 + 240 * i);
    const doneS = ({ usual: { timeS } }: ReturnType<typeof roastForecast>) => timeS.at(-1)!;
    const readFrom = (off: number) => {
      const readings = moments.map((atS) => {
        const [coreC, meanC] = [
          valueAt(usual.timeS, usual.coreC, atS),
          valueAt(usual.timeS, usual.meanC, atS),
        ];
        return { atS, coreC: coreC + off * (meanC - coreC) };
      });
      return roastForecast(lamb, readings);
    };
    for (const off of [0, 0.15, 0.3]) {
      const told = readFrom(off);
      expect(told.unmet).toBeNull();
      expect(Math.abs(doneS(told) / usual.timeS.at(-1)! - 1)).toBeLessThan(0.04);
      expect(told.span.slowMs).toBeGreaterThan(usual.timeS.at(-1)! * 1000);
    }
    expect(readFrom(0).usual.timeS.at(-1)! / usual.timeS.at(-1)!).toBeCloseTo(1, 2);
  });

  it('says as in which oven it warms, once its readings leave little doubt that it takes longer', () => {
    const moments = [3600, 4500, 5400, 6300, 7200];
    const inOven = (ovenC: number) => {
      const { usual } = roastForecast({ ...lamb, ovenC });
      return moments.map((atS) => ({ atS, coreC: valueAt(usual.timeS, usual.coreC, atS) }));
    };
    expect(roastForecast(lamb).asInC).toBeNull();
    expect(roastForecast(lamb, inOven(lamb.ovenC)).asInC).toBeNull();
    expect(roastForecast(lamb, inOven(lamb.ovenC + 20)).asInC).toBeNull();
    const cooler = lamb.ovenC - 35;
    expect(Math.abs(roastForecast(lamb, inOven(cooler)).asInC! - cooler)).toBeLessThan(8);
    // One reading a little behind is no oven.
    expect(roastForecast(lamb, inOven(lamb.ovenC - 5).slice(0, 1)).asInC).toBeNull();
  });

  it('carry-over is a band, wider for what is larger and hotter outside, with what steamed off beside it', () => {
    const { carryOver } = roastForecast(lamb);
    expect(carryOver.lowK).toBeGreaterThan(1);
    expect(carryOver.highK).toBeGreaterThan(1.3 * carryOver.lowK);
    expect(carryOver.lostShare).toBeGreaterThan(0.01);
    expect(carryOver.lostShare).toBeLessThan(0.3);
    expect(roastForecast({ ...lamb, massKg: 6 }).carryOver.highK).toBeGreaterThan(carryOver.highK);
    expect(roastForecast({ ...lamb, ovenC: 110 }).carryOver.highK).toBeLessThan(carryOver.highK);
  });

  it('takes longer from frozen than from icy, and from icy than from cold; met already, it takes no time', () => {
    const slow = (startC: number) => roastForecast({ ...lamb, startC }).span.slowMs;
    const [frozen, icy, cold] = (['frozen', 'icy', null] as const).map((from) =>
      slow(startC(from, lamb.food, homeRules)),
    ) as [number, number, number];
    expect(frozen).toBeGreaterThan(icy);
    expect(icy).toBeGreaterThan(cold);
    expect(startC({ value: 50, unit: 'F' }, lamb.food, homeRules)).toBeCloseTo(10, 6);
    expect(roastForecast({ ...lamb, startC: 70 }).span).toEqual({ fastMs: 0, slowMs: 0 });
    expect(() => roastForecast({ ...lamb, ovenC: 60 })).toThrow(NeverReached);
  });

  it('a fan is quicker', () =>
    expect(roastForecast({ ...lamb, fan: true }).span.slowMs).toBeLessThan(roastForecast(lamb).span.slowMs));
});

describe('bodies', () => {
  it.each(['wholeBird', 'boneInJoint', 'fillet', 'flatPack', 'dish', 'liquid', 'can', 'wholeFish'] as const)(
    '%s: heavier is thicker, a measured thickness is taken as it is',
    (form) => {
      const measure = (shape: ReturnType<typeof bodyOf>) =>
        shape.kind === 'slab'
          ? shape.thicknessM
          : shape.kind === 'shell'
            ? shape.wallM
            : shape.kind === 'brick'
              ? shape.heightM
              : 'diameterM' in shape
                ? shape.diameterM
                : 0;
      expect(measure(bodyOf(form, 2e-3))).toBeGreaterThanOrEqual(measure(bodyOf(form, 1e-3)));
      expect(measure(bodyOf(form, 1e-3, 0.06))).toBeCloseTo(0.06, 9);
    },
  );
});
