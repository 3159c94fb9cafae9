import fc from 'fast-check';
import { homeRules } from '../guidance';
import { massFor, massOf, portionsFrom, portionsIn, portionsOf, portionsWanted } from '.';

describe('servings', () => {
  const table = { people: 9, smallEaters: 2 };
  it('go both ways: what is bought for a table feeds it, and what is over is left', () => {
    expect(portionsOf(table)).toBe(8);
    const { lowKg, highKg } = massFor(table, 'boneInJoint', homeRules)!;
    expect(lowKg).toBeCloseTo(8 * 0.5 * 0.45359237, 9);
    expect(portionsIn(lowKg, table, 'boneInJoint', homeRules)!.high).toBeCloseTo(8, 9);
    expect(portionsIn(highKg, table, 'boneInJoint', homeRules)!.low).toBeCloseTo(8, 9);
    const enough = portionsIn(highKg + 1, table, 'boneInJoint', homeRules)!;
    expect(enough.leftKg[0]).toBeCloseTo(1, 9);
    expect(enough.leftKg[1]).toBeCloseTo(1 + highKg - lowKg, 9);
    expect(portionsIn(0.1, table, 'boneInJoint', homeRules)!.leftKg).toEqual([0, 0]);
    expect(massFor(table, 'liquid', homeRules)).toBeNull();
  });

  const forms = fc.constantFrom(
    'wholeBird' as const,
    'boneInJoint' as const,
    'bonelessJoint' as const,
    'steak' as const,
  );
  const some = fc.double({ min: 0, max: 60, noNaN: true });

  it('of the charts: a bird for eleven, a joint with its bone, meat without', () => {
    const pounds = (portions: number, form: 'wholeBird' | 'boneInJoint' | 'bonelessJoint') => {
      const { lowKg, highKg } = massOf(portions, form, homeRules)!;
      return [lowKg, highKg].map((kg) => Math.round((kg / 0.45359237) * 100) / 100);
    };
    expect(pounds(11, 'wholeBird')).toEqual([11, 16.5]);
    expect(pounds(6, 'boneInJoint')).toEqual([3, 4.5]);
    expect(pounds(6, 'bonelessJoint')).toEqual([2, 3]);
  });

  it('of a weight give back the weight', () => {
    fc.assert(
      fc.property(some, forms, (massKg, form) => {
        const { low, high } = portionsFrom(massKg, form, homeRules)!;
        expect(massOf(low, form, homeRules)!.highKg).toBeCloseTo(massKg, 9);
        expect(massOf(high, form, homeRules)!.lowKg).toBeCloseTo(massKg, 9);
        expect(low).toBeLessThanOrEqual(high);
      }),
    );
  });

  it('are never fewer for more people, more helpings, or more to be left', () => {
    const few = fc.nat(40);
    fc.assert(
      fc.property(few, few, few, few, fc.nat(10), (people, small, seconds, leftovers, more) => {
        const smallEaters = Math.min(small, people);
        const wanted = { people, smallEaters, seconds, leftovers };
        const all = portionsWanted(wanted);
        expect(portionsWanted({ ...wanted, people: people + more })).toBe(all + more);
        expect(portionsWanted({ ...wanted, seconds: seconds + more })).toBe(all + more);
        expect(portionsWanted({ ...wanted, leftovers: leftovers + more })).toBe(all + more);
        expect(all).toBeGreaterThanOrEqual(0);
      }),
    );
  });
});
