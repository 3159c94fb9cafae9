import { isNews, kindNames } from './own';

describe('a food of the household’s own', () => {
  it('is named by what it is ruled as', () =>
    expect(kindNames(['cooked-rice', 'chicken-stew'])).toBe('Cooked rice, Chicken stew'));

  it.each([
    ['Cooked rice', ['cooked-rice'], false],
    [' Cooked rice ', ['cooked-rice'], false],
    ['Launch-day pilaf', ['cooked-rice'], true],
    ['Cooked rice', ['cooked-rice', 'chicken-stew'], true],
    ['  ', ['cooked-rice', 'chicken-stew'], false],
  ])('%j of %j: worth keeping %j', (name, kinds, expected) => expect(isNews(name, kinds)).toBe(expected));
});
