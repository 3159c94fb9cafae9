import { homeRules } from '../guidance';
import { massFor, portionsIn, portionsOf } from '.';

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
});
