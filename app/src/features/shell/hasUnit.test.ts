import { hasUnit } from './hasUnit';

describe('a number with a unit', () => {
  it.each([
    '74 °C',
    '4°',
    'kg',
    '800 g',
    '1½ lb',
    'Side of trout, 1.1 kg, frozen',
    '3 in thick',
    '4 °C–60 °C',
  ])('is in “%s”', (text) => expect(hasUnit(text)).toBe(true));
  it.each(['', '19:40', 'in 38 min', '2 gloves', 'Saturday 20 June', 'kgb', 'x'.repeat(500) + ' 4 °C'])(
    'is not in “%s”',
    (text) => expect(hasUnit(text)).toBe(false),
  );
});
