import fc from 'fast-check';
import { foodById } from '../foods';
import { constantMaterial, middle, stefanLambda } from '../testing/analytic';
import {
  crossingS,
  EnvironmentProblem,
  forecast,
  ForecastCancelled,
  materialOfFood,
  SizeProblem,
  StartProblem,
  throughWall,
  USUAL_REFRIGERATOR,
  valueAt,
  volumeOf,
  type ForecastInput,
  type Segment,
  type Series,
  type Shape,
} from '.';

const HOUR_S = 3600;
const [K, RHO, C] = [0.5, 1000, 4000];
const plain = constantMaterial({ k: K, rho: RHO, c: C });
const ALPHA = K / (RHO * C);
const stew = materialOfFood(foodById('beef-stew'));
const lamb = materialOfFood(foodById('lamb-shoulder-bone-in'));

const always = (temperatureC: number, h: number): Segment[] => [
  { untilS: Infinity, rest: { temperatureC, h } },
];
const coreAt = (series: Series, atS: number) => valueAt(series.timeS, series.coreC, atS);
const coldS = (series: Series, t: number) => crossingS(series.timeS, series.coreC, t, false)!;
const thawS = (series: Series, t: number) => crossingS(series.timeS, series.coreC, t, true)!;

describe('against the series solutions, 60 °C to 0 °C', () => {
  const R = 0.03;
  const SPAN = 60;
  const bodies: [keyof typeof middle, Shape][] = [
    ['slab', { kind: 'slab', thicknessM: 2 * R }],
    ['cylinder', { kind: 'cylinder', diameterM: 2 * R }],
    ['sphere', { kind: 'sphere', diameterM: 2 * R }],
  ];
  for (const [name, shape] of bodies) {
    it.each([0.1, 1, 10, 100])(`${name}: the core within 0.2 °C at Fo > 0.2, Bi %d`, (bi) => {
      const h = (bi * K) / R;
      const seconds = (fo: number) => (fo * R * R) / ALPHA;
      const longest = bi < 1 ? 10 : 2;
      const found = forecast({
        material: plain,
        shape,
        startC: SPAN,
        segments: always(0, h),
        untilS: seconds(longest),
      });
      for (const fo of [0.21, 0.3, 0.5, 1, longest * 0.99])
        expect(Math.abs(coreAt(found, seconds(fo)) - SPAN * middle[name](bi, fo))).toBeLessThan(0.2);
    });
  }

  it('a brick and a finite cylinder: within 0.3 °C of the product of their axes', () => {
    const h = 40;
    const [a, b, c] = [0.03, 0.04, 0.06];
    const untilS = 2 * HOUR_S;
    const one = (shape: keyof typeof middle, r: number, s: number) =>
      middle[shape]((h * r) / K, (ALPHA * s) / (r * r));
    const brick = forecast({
      material: plain,
      shape: { kind: 'brick', lengthM: 2 * c, widthM: 2 * b, heightM: 2 * a },
      startC: SPAN,
      segments: always(0, h),
      untilS,
    });
    const tin = forecast({
      material: plain,
      shape: { kind: 'finiteCylinder', diameterM: 2 * b, heightM: 2 * a },
      startC: SPAN,
      segments: always(0, h),
      untilS,
    });
    for (const s of [2400, 4000, 7000]) {
      const product = SPAN * one('slab', a, s) * one('slab', b, s) * one('slab', c, s);
      expect(Math.abs(coreAt(brick, s) - product)).toBeLessThan(0.3);
      expect(Math.abs(coreAt(tin, s) - SPAN * one('cylinder', b, s) * one('slab', a, s))).toBeLessThan(0.3);
    }
  });

  it('a mixed liquid follows its exponential', () => {
    const [h, r] = [20, 0.05];
    const found = forecast({
      material: plain,
      shape: { kind: 'sphere', diameterM: 2 * r },
      startC: 60,
      segments: always(0, h),
      untilS: 4 * HOUR_S,
      mixed: true,
    });
    const rate = (h * 3) / (r * RHO * C);
    for (const s of [600, 3600, 4 * HOUR_S])
      expect(coreAt(found, s)).toBeCloseTo(60 * Math.exp(-rate * s), 1);
    expect(found.coreC).toEqual(found.meanC);
  });
});

describe('melting', () => {
  it('Neumann’s front in a half-space: position within 1 %', () => {
    const [latent, above, depth] = [250e3, 20, 0.05];
    const material = constantMaterial({ k: K, rho: RHO, c: C, latent });
    const lambda = stefanLambda(C, above, latent);
    const found = forecast({
      material,
      shape: { kind: 'slab', thicknessM: depth },
      startC: 0,
      segments: [
        {
          untilS: Infinity,
          rest: { temperatureC: above, h: 1e6 },
          faces: { bottom: { temperatureC: above, h: 0 } },
        },
      ],
      untilS: 20 * HOUR_S,
      resolution: 'fine',
    });
    // Ahead of the front all is at 0 °C, so an insulated far side changes nothing. The last cell's middle is half
    // melted when the front stands there.
    const reached = crossingS(found.timeS, found.coreC, 0.5e-3, true)!;
    const front = 2 * lambda * Math.sqrt(ALPHA * reached);
    const lastMiddle = depth * (1 - 0.6 / 80 / 2);
    expect(Math.abs(front / lastMiddle - 1)).toBeLessThan(0.01);
  });

  it('the mean temperature and that of the mean enthalpy part while ice is present, and meet after', () => {
    const found = forecast({
      material: lamb,
      shape: { kind: 'sphere', diameterM: 0.14 },
      startC: -18,
      segments: always(10, 100),
      untilS: 30 * HOUR_S,
    });
    const apart = found.timeS.map((_, i) => Math.abs(found.meanC[i]! - found.settledC[i]!));
    expect(Math.max(...apart)).toBeGreaterThan(1.5);
    expect(apart.at(-1)!).toBeLessThan(0.1);
  });
});

/** Bodies and surroundings of many kinds, for what must hold of all. */
const CASES: [string, ForecastInput][] = [
  [
    'hot tray, uneven faces',
    {
      material: stew,
      shape: { kind: 'brick', lengthM: 0.3, widthM: 0.2, heightM: 0.05 },
      startC: 85,
      segments: [
        { untilS: HOUR_S, rest: { temperatureC: 21, h: 9 }, faces: { bottom: { temperatureC: 21, h: 2 } } },
        { untilS: Infinity, rest: { temperatureC: 3.5, h: 8 } },
      ],
      untilS: 12 * HOUR_S,
    },
  ],
  [
    'open pot, steaming',
    {
      material: stew,
      shape: { kind: 'finiteCylinder', diameterM: 0.22, heightM: 0.11 },
      startC: 90,
      segments: [
        {
          untilS: Infinity,
          rest: { temperatureC: 21, h: 9 },
          faces: { top: { temperatureC: 21, h: 9, wetness: 1 } },
        },
      ],
      untilS: 8 * HOUR_S,
    },
  ],
  [
    'frozen joint in water',
    {
      material: lamb,
      shape: { kind: 'finiteCylinder', diameterM: 0.12, heightM: 0.2 },
      startC: -18,
      segments: always(10, 100),
      untilS: 12 * HOUR_S,
    },
  ],
  [
    'frozen flat pack',
    {
      material: lamb,
      shape: { kind: 'slab', thicknessM: 0.03 },
      startC: -18,
      segments: always(4, 8),
      untilS: 24 * HOUR_S,
    },
  ],
  [
    'roasting',
    {
      material: lamb,
      shape: { kind: 'sphere', diameterM: 0.15 },
      startC: 5,
      segments: always(163, 15),
      untilS: 3 * HOUR_S,
    },
  ],
];

describe('whatever the body', () => {
  it.each(CASES)('%s: heat through the faces is the change of enthalpy, within 0.1 %', (_name, input) => {
    const found = forecast(input);
    const { material } = input;
    const mass = volumeOf(input.shape) * material.densityKgM3;
    const { stepJkg, temperature } = material;
    const enthalpy = (t: number) => {
      const i = temperature.findIndex((node) => node > t) - 1;
      return stepJkg * (i + (t - temperature[i]!) / (temperature[i + 1]! - temperature[i]!));
    };
    const change = mass * (enthalpy(input.startC) - enthalpy(found.settledC.at(-1)!));
    expect(Math.abs(found.heatJ.at(-1)! / change - 1)).toBeLessThan(1e-3);
  });

  it.each(CASES)('%s: halving the grid changes a crossing by less than 1 %', (_name, input) => {
    const target = input.startC > 50 ? 30 : input.startC < 0 ? -0.9 : 50;
    const rising = input.startC < target;
    const [usual, fine] = (['usual', 'fine'] as const).map((resolution) => {
      const { timeS, coreC } = forecast({
        ...input,
        resolution,
        untilS: 2 * input.untilS,
        until: ({ coldestC, warmestC }) => (rising ? coldestC > target : warmestC < target),
      });
      return crossingS(timeS, coreC, target, rising)!;
    }) as [number, number];
    expect(fine).toBeGreaterThan(0);
    expect(Math.abs(usual / fine - 1)).toBeLessThan(0.01);
  });
});

describe('early on', () => {
  it.each(CASES)('%s: the heat given up is within 1 % of that on a grid twice as fine', (_name, input) => {
    const [usual, fine] = (['usual', 'fine'] as const).map((resolution) =>
      forecast({ ...input, resolution }),
    ) as [Series, Series];
    for (const share of [1 / 60, 1 / 30, 1 / 10]) {
      const at = share * input.untilS;
      const heat = (series: Series) => valueAt(series.timeS, series.heatJ, at);
      expect(Math.abs(heat(usual) / heat(fine) - 1)).toBeLessThan(0.01);
    }
  });
});

describe('thickness', () => {
  it('conduction-limited time goes with its square: 3.6 to 4.4 a doubling at Bi > 20', () => {
    const time = (thicknessM: number) =>
      coldS(
        forecast({
          material: stew,
          shape: { kind: 'slab', thicknessM },
          startC: 85,
          segments: always(1, 500),
          untilS: 30 * HOUR_S,
        }),
        21,
      );
    for (const t of [0.03, 0.05]) {
      expect(time(2 * t) / time(t)).toBeGreaterThan(3.6);
      expect(time(2 * t) / time(t)).toBeLessThan(4.4);
    }
  });

  it('of 5 cm dry stew takes 3.5 h from 60 to 21 °C in a refrigerator; open and wet far less', () => {
    const cool = (wetness: number) => {
      const found = forecast({
        material: stew,
        shape: { kind: 'brick', lengthM: 0.25, widthM: 0.18, heightM: 0.05 },
        startC: 85,
        segments: [
          {
            untilS: Infinity,
            rest: { temperatureC: 3.5, h: 8 },
            faces: { top: { temperatureC: 3.5, h: 8, wetness } },
          },
        ],
        untilS: 12 * HOUR_S,
      });
      return (coldS(found, 21) - coldS(found, 60)) / HOUR_S;
    };
    expect(cool(0)).toBeGreaterThan(3);
    expect(cool(0)).toBeLessThan(4);
    expect(cool(1)).toBeLessThan(0.8 * cool(0));
  });
});

describe('monotone', () => {
  const joint = fc.record({
    diameterM: fc.double({ min: 0.04, max: 0.14, noNaN: true }),
    startC: fc.double({ min: -25, max: -8, noNaN: true }),
    h: fc.double({ min: 5, max: 150, noNaN: true }),
  });
  const more = fc.double({ min: 1, max: 1.6, noNaN: true });
  const thaw = ({ diameterM, startC, h }: { diameterM: number; startC: number; h: number }) =>
    thawS(
      forecast({
        material: lamb,
        shape: { kind: 'sphere', diameterM },
        startC,
        segments: always(6, h),
        untilS: 400 * HOUR_S,
        until: ({ coldestC }) => coldestC > -1,
      }),
      -1.1,
    );
  /** Two forecasts on grids of their own may differ by this much and still say the same. */
  const ALIKE = 0.995;
  const RUNS = { numRuns: 15, endOnFailure: true };

  it('thicker, colder from the start, or with a smaller h never thaws sooner', () => {
    fc.assert(
      fc.property(joint, more, (body, factor) => {
        const usual = ALIKE * thaw(body);
        expect(thaw({ ...body, diameterM: body.diameterM * factor })).toBeGreaterThanOrEqual(usual);
        expect(thaw({ ...body, startC: Math.max(-35, body.startC * factor) })).toBeGreaterThanOrEqual(usual);
        expect(thaw({ ...body, h: body.h / factor })).toBeGreaterThanOrEqual(usual);
      }),
      RUNS,
    );
  });

  it('deeper never cools sooner', () => {
    const cool = (heightM: number) =>
      coldS(
        forecast({
          material: stew,
          shape: { kind: 'brick', lengthM: 0.25, widthM: 0.2, heightM },
          startC: 85,
          segments: always(3.5, 8),
          untilS: 100 * HOUR_S,
          until: ({ warmestC }) => warmestC < 20,
        }),
        21,
      );
    fc.assert(
      fc.property(fc.double({ min: 0.02, max: 0.12, noNaN: true }), more, (depth, factor) => {
        expect(cool(depth * factor)).toBeGreaterThanOrEqual(ALIKE * cool(depth));
      }),
      RUNS,
    );
  });
});

describe('the refrigerator is not infinite', () => {
  const put = (massScale: number, neighbours = [{ name: 'Milk', heatJK: 4000, surfaceWK: 0.6, startC: 4 }]) =>
    forecast({
      material: stew,
      shape: { kind: 'finiteCylinder', diameterM: 0.2 * massScale, heightM: 0.13 * massScale },
      startC: 85,
      segments: [
        {
          untilS: Infinity,
          cabinet: true,
          rest: { temperatureC: 3.5, h: 8 },
          faces: { top: { temperatureC: 3.5, h: 8, wetness: 1 } },
        },
      ],
      untilS: 18 * HOUR_S,
      mixed: true,
      cabinet: { refrigerator: USUAL_REFRIGERATOR, neighbours },
    });

  it('its air warms with what goes in, and its neighbours after it, then all recover', () => {
    const [small, large] = [put(0.6), put(1)];
    expect(Math.max(...large.airC)).toBeGreaterThan(7);
    expect(Math.max(...large.airC)).toBeGreaterThan(Math.max(...small.airC));
    const milk = large.neighboursC[0]!;
    expect(Math.max(...milk)).toBeGreaterThan(5);
    expect(Math.max(...milk)).toBeLessThan(Math.max(...large.airC));
    expect(large.airC.at(-1)!).toBeLessThan(5);
  });

  it('empty, it swings about its set point', () => {
    const found = put(0.05, []);
    const settled = found.airC.slice(found.airC.length >> 1);
    expect(Math.min(...settled)).toBeGreaterThan(2.2);
    expect(Math.max(...settled)).toBeLessThan(4.8);
  });
});

describe('a long forecast', () => {
  it('of what is as warm as its surroundings goes on straight, to its end', () => {
    const rasher = (untilS: number) =>
      forecast({
        material: lamb,
        shape: { kind: 'brick', lengthM: 0.2, widthM: 0.1, heightM: 0.004 },
        startC: -18,
        segments: always(21, 100),
        untilS,
      });
    const [short, long] = [rasher(6 * HOUR_S), rasher(72 * HOUR_S)];
    expect(long.timeS.at(-1)).toBe(72 * HOUR_S);
    expect(long.coreC.at(-1)!).toBeCloseTo(21, 1);
    expect(Math.abs(thawS(long, 10) / thawS(short, 10) - 1)).toBeLessThan(0.01);
    expect(long.timeS.length).toBeLessThan(2 * short.timeS.length);
  });
});

describe('asking', () => {
  const input = CASES[0]![1];
  it('names what is wrong', () => {
    expect(() => forecast({ ...input, startC: 500 })).toThrow(StartProblem);
    expect(() => forecast({ ...input, untilS: 0 })).toThrow(SizeProblem);
    expect(() => forecast({ ...input, segments: [] })).toThrow(EnvironmentProblem);
    expect(() => forecast({ ...input, segments: always(4, -1) })).toThrow('A coefficient cannot be -1');
    expect(() => forecast({ ...input, segments: [...always(4, 8), ...always(4, 8)] })).toThrow(
      EnvironmentProblem,
    );
    expect(() => forecast({ ...input, shape: { kind: 'sphere', diameterM: -1 } })).toThrow(SizeProblem);
  });

  it('tells how far it is, and stops when nobody waits', () => {
    const shares: number[] = [];
    forecast(input, (share) => void shares.push(share));
    expect(shares.length).toBeGreaterThan(1);
    expect([...shares].sort((a, b) => a - b)).toEqual(shares);
    expect(() => forecast(input, () => false)).toThrow(ForecastCancelled);
  });

  it('a wall takes its share of the coefficient', () => {
    expect(throughWall(8, 0.004, 1)).toBeCloseTo(1 / (1 / 8 + 0.004), 9);
    expect(throughWall(8, 0.005, 0.2)).toBeLessThan(throughWall(8, 0.001, 16));
  });
});
