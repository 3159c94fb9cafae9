import { rulesOf } from '../guidance';
import { differences } from '.';

describe('where the schools differ', () => {
  const found = new Map(differences().map((difference) => [difference.path, difference]));

  it.each([
    'bandTime.limit',
    'cooking.targets.poultry',
    'cooling.secondMark',
    'storage.cookedRice.refrigerator',
  ])('%s is told with the rule of each', (path) => {
    const { rules } = found.get(path)!;
    expect(rules.home.id).toBe(`home.${path}`);
    expect(rules.code.id).toBe(`code.${path}`);
    expect(rules.chain.id).toBe(`chain.${path}`);
  });

  it('what all say alike is not', () => {
    expect(found.has('keepingApart.shelves')).toBe(false);
    expect(found.has('storage.groundMeat.refrigerator')).toBe(false);
  });

  it('is in the order of the rule sets', () => {
    expect([...found.keys()].indexOf('bands.growth')).toBeLessThan(
      [...found.keys()].indexOf('bandTime.limit'),
    );
    expect(found.get('bands.growth')!.title).toBe(rulesOf('home').bands.growth.title);
  });
});
