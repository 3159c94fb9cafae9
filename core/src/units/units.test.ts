import fc from 'fast-check';
import {
  axisDegrees,
  celsius,
  compareTemperatures,
  degreesShort,
  fahrenheit,
  formatDuration,
  formatDurationUp,
  HOUR_MS,
  MINUTE_MS,
  formatHold,
  formatLeastLength,
  formatMostLength,
  formatMass,
  formatTarget,
  formatCeiling,
  formatTemperature,
  fromKilograms,
  fromMetres,
  isAtLeast,
  orProblem,
  parseNumber,
  toCelsius,
  toFahrenheit,
  toKilograms,
  toMetres,
  TypedProblem,
  type LengthUnit,
  type MassUnit,
} from '.';

const METRIC = { temperature: 'C', mass: 'metric' } as const;
const IMPERIAL = { temperature: 'F', mass: 'imperial' } as const;
/** What a cook can type: up to four decimals. */
const typed = (min: number, max: number) =>
  fc.integer({ min: min * 10_000, max: max * 10_000 }).map((n) => n / 10_000);

describe('round trips give back the number that was typed', () => {
  it('for temperatures', () => {
    fc.assert(
      fc.property(typed(-40, 572), (value) => {
        expect(toFahrenheit(celsius(toCelsius(fahrenheit(value))))).toBe(value);
        expect(toCelsius(fahrenheit(toFahrenheit(celsius(value))))).toBe(value);
      }),
    );
  });

  it('for a reading just below 32 °F, where the difference is small', () =>
    expect(toFahrenheit(celsius(toCelsius(fahrenheit(31.8516))))).toBe(31.8516));

  it.each<MassUnit>(['kg', 'g', 'lb', 'oz'])('for masses in %s', (unit) => {
    fc.assert(
      fc.property(typed(0, 1000), (value) =>
        expect(fromKilograms(toKilograms({ value, unit }), unit)).toBe(value),
      ),
    );
  });

  it.each<LengthUnit>(['m', 'cm', 'in'])('for lengths in %s', (unit) => {
    fc.assert(
      fc.property(typed(0, 100), (value) => expect(fromMetres(toMetres({ value, unit }), unit)).toBe(value)),
    );
  });
});

describe('temperatures compare unrounded', () => {
  it.each([
    [fahrenheit(145), celsius(63), false],
    [fahrenheit(165), celsius(75), false],
    [fahrenheit(167), celsius(75), true],
    [celsius(74), fahrenheit(165), true],
    [celsius(73.8), fahrenheit(165), false],
    [celsius(60), fahrenheit(140), true],
  ])('%j against %j: %s', (reading, limit, passes) => expect(isAtLeast(reading, limit)).toBe(passes));

  it('70 °F is warmer than 21 °C', () =>
    expect(compareTemperatures(fahrenheit(70), celsius(21))).toBeGreaterThan(0));

  it('tells how much is missing in the unit asked for', () => {
    expect(degreesShort(celsius(60), fahrenheit(145), 'F')).toBe(5);
  });
});

describe('display', () => {
  it('never rounds a reading up into a pass nor a target down', () => {
    fc.assert(
      fc.property(typed(-10, 120), (value) => {
        const shown = parseNumber(formatTemperature(celsius(value), IMPERIAL).split(' ')[0]!);
        expect(shown).toBeLessThanOrEqual(toFahrenheit(celsius(value)) + 1e-9);
        const target = parseNumber(formatTarget(celsius(value), IMPERIAL).split(' ')[0]!);
        expect(target).toBeGreaterThanOrEqual(toFahrenheit(celsius(value)) - 1e-9);
      }),
    );
  });

  it('shows a rule in its own unit as it stands, and converted to the safe side', () => {
    expect(formatTarget(fahrenheit(165), IMPERIAL)).toBe('165 °F');
    expect(formatTarget(fahrenheit(165), METRIC)).toBe('74 °C');
    expect(formatCeiling(fahrenheit(40), METRIC)).toBe('4 °C');
    expect(formatTarget(fahrenheit(140), METRIC)).toBe('60 °C');
    expect(formatTemperature(celsius(-18), METRIC)).toBe('−18 °C');
    expect(axisDegrees(celsius(-17.6), METRIC)).toBe('−18°');
  });

  it('writes masses as a scale of that system shows them', () => {
    expect(formatMass(2.4, METRIC)).toBe('2.4 kg');
    expect(formatMass(0.62, METRIC)).toBe('620 g');
    expect(formatMass(2.4, IMPERIAL)).toBe('5 lb 5 oz');
  });

  it('cuts what is left and rounds up what is needed', () => {
    expect(formatDuration(25 * 60_000 + 59_999)).toBe('25 min');
    expect(formatDurationUp(25 * 60_000 + 1)).toBe('26 min');
    // What is told in whole hours is rounded up to them: a thaw of 82 h 1 min is not over after 3 d 10 h.
    expect(formatDurationUp(82 * HOUR_MS + MINUTE_MS)).toBe('3 d 11 h');
    expect(formatDurationUp(24 * HOUR_MS)).toBe('24 h');
    expect(formatDurationUp(24 * HOUR_MS + 1)).toBe('25 h');
    expect(formatDurationUp(23 * HOUR_MS + 59 * MINUTE_MS + 1)).toBe('24 h');
    expect(formatMostLength({ value: 2, unit: 'in' }, METRIC)).toBe('5 cm');
    expect(formatMostLength({ value: 5, unit: 'cm' }, IMPERIAL)).toBe('1.9 in');
    expect(formatLeastLength({ value: 4, unit: 'in' }, METRIC)).toBe('10.2 cm');
    expect(formatLeastLength({ value: 4, unit: 'in' }, IMPERIAL)).toBe('4 in');
    expect(formatLeastLength({ value: 5, unit: 'cm' }, IMPERIAL)).toBe('2 in');
    expect(formatHold(134_000)).toBe('2 min 14 s');
    expect(formatHold(14_001)).toBe('15 s');
    expect(formatHold(6_720_000)).toBe('1 h 52 min');
    expect(formatDuration(5_700_000)).toBe('1 h 35 min');
    expect(formatDuration(3 * 86_400_000)).toBe('3 d');
  });
});

describe('numbers as cooks type them', () => {
  it.each([
    ['2,4', 2.4],
    [' 2.4 ', 2.4],
    ['−1', -1],
  ])('%s', (text, value) => expect(parseNumber(text)).toBe(value));

  it.each(['', 'two', '2.4kg', '1e9', '--1', '2.4.1'])('refuses %j with a sentence', (text) => {
    expect(() => parseNumber(text)).toThrow(TypedProblem);
  });
});

describe('what a form makes of its fields', () => {
  it('is what was read', () =>
    expect(orProblem(() => ({ massKg: parseNumber('2,4') }))).toEqual({ massKg: 2.4 }));

  it('or a sentence for the first field that cannot be read', () =>
    expect(orProblem(() => ({ massKg: parseNumber('two') }))).toEqual({
      problem: 'Digits only, such as 2.4.',
    }));

  it('but a fault of our own stays one', () =>
    expect(() =>
      orProblem(() => {
        throw new RangeError('ours');
      }),
    ).toThrow(RangeError));
});
