import { PLAIN_GUIDANCE, rulesFor, rulesOf } from '../guidance';
import { celsius, fahrenheit } from '../units';
import { isStoreRight } from '.';

describe('the air of a store', () => {
  it.each([
    ['refrigerator', fahrenheit(40), true],
    ['refrigerator', fahrenheit(40.1), false],
    // Frozen food that softens loses quality; it is as safe as in a refrigerator.
    ['freezer', celsius(-18), true],
    ['freezer', fahrenheit(40), true],
    ['freezer', fahrenheit(41), false],
  ] as const)('of a %s at %j is right: %p', (store, air, right) =>
    expect(isStoreRight(store, air, rulesOf('home'))).toBe(right),
  );

  it('a refrigerator is held to the household’s own limit, a freezer to that of the growth band', () => {
    const path = 'bands.refrigerator';
    const { value } = rulesOf('home').bands.refrigerator;
    const rules = rulesFor({ ...PLAIN_GUIDANCE, own: [{ path, value: { ...value, at: celsius(2) } }] });
    expect(isStoreRight('refrigerator', celsius(3), rules)).toBe(false);
    expect(isStoreRight('freezer', celsius(3), rules)).toBe(true);
  });

  it('is right by each school’s own numbers', () => {
    expect(isStoreRight('refrigerator', celsius(5), rulesOf('chain'))).toBe(true);
    expect(isStoreRight('refrigerator', celsius(5), rulesOf('home'))).toBe(false);
    expect(isStoreRight('freezer', celsius(5), rulesOf('chain'))).toBe(true);
  });
});
