import { homeRules } from '../guidance';
import { celsius } from '../units';
import {
  boilingAt,
  carryingTime,
  iceFor,
  KitchenProblem,
  oilMark,
  ovenSetting,
  saltFor,
  waterThaw,
  type IceBath,
} from '.';

const METRIC = { temperature: 'C', mass: 'metric' } as const;
const IMPERIAL = { temperature: 'F', mass: 'imperial' } as const;
const bath = (changed: Partial<IceBath>): IceBath => ({
  foodKg: 4,
  fromC: 60,
  waterKg: 4,
  waterC: 15,
  ...changed,
});

/** What a cook is told, in one kitchen and in another. */
function told(ask: () => unknown): [string, string] {
  try {
    ask();
  } catch (error) {
    if (error instanceof KitchenProblem) return [error.in(METRIC), error.in(IMPERIAL)];
    throw error;
  }
  throw new Error('There is no problem.');
}

it.each([
  ['an oven', () => ovenSetting(celsius(900), false), 'From 50 to 300 °C.', 'From 122 to 572 °F.'],
  [
    'air on the way',
    () => carryingTime({ air: celsius(81), coolMonth: false, outMs: 0 }, homeRules),
    'From −80 to 80 °C.',
    'From −112 to 176 °F.',
  ],
  ['food as it comes off', () => iceFor(bath({ fromC: 101 }), 21), 'From 0 to 100 °C.', 'From 32 to 212 °F.'],
  ['tap water', () => iceFor(bath({ waterC: 61 }), 21), 'From 0 to 60 °C.', 'From 32 to 140 °F.'],
  [
    'how cold it is to be',
    () => iceFor(bath({}), 0.5),
    'Colder than it is, and not below 1 °C.',
    'Colder than it is, and not below 33.8 °F.',
  ],
  [
    'a food in a sink',
    () => waterThaw(26, 'wholeBird', homeRules),
    'More than nothing, and at most 25 kg.',
    'More than nothing, and at most 55 lb 2 oz.',
  ],
  [
    'a pot',
    () => oilMark({ diameterM: 0.05, heightM: 0.3 }, 0.01, homeRules),
    'A pot is more than 10 cm and at most 100 cm across.',
    'A pot is more than 3.9 in and at most 39.4 in across.',
  ],
  [
    'a height',
    () => boilingAt({ altitudeM: 9000 }),
    'From -430 to 5500 m above the sea.',
    'From -1411 to 18045 ft above the sea.',
  ],
  ['salt', () => saltFor({ foodKg: 2, waterKg: 2 }, 90), undefined, undefined],
])('%s is told in the kitchen’s units', (_what, ask, metric, imperial) => {
  const [inMetric, inImperial] = told(ask);
  // Where no quantity is in it, the sentence is the same.
  expect([inMetric, inImperial]).toEqual([metric ?? inImperial, imperial ?? inMetric]);
  expect(inImperial).not.toMatch(/°C|\b(kg|l|m|cm)\b/);
});

it.each(['food', 'water'] as const)('too much %s in a brine or a bath', (of) => {
  const much = of === 'food' ? { foodKg: 1e6 } : { waterKg: 1e6 };
  for (const ask of [() => saltFor({ foodKg: 2, waterKg: 2, ...much }, 5), () => iceFor(bath(much), 21)]) {
    const [metric, imperial] = told(ask);
    expect(metric).toMatch(of === 'food' ? /at most \d+ kg/ : /^At most \d+ l of water/);
    expect(imperial).toMatch(of === 'food' ? /at most \d+ lb/ : /^At most [\d.]+ qt of water/);
  }
});
