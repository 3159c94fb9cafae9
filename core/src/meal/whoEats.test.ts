import fc from 'fast-check';
import { asEaten, careAt, careFor, eatersOf, rulesOfDish } from '.';
import { careRules, homeRules, PLAIN_GUIDANCE } from '../guidance';
import { judge, shownAs } from '../judge';
import type { Eater } from '../table';
import { leftovers, at, comes, days, hours, START } from '../testing/story';
import { foldInCare, foldTrail, IN_CARE } from '../trail';

const INES: Eater = { id: 'ines', name: 'Ines', small: false, care: 'pregnancy' };
const BO: Eater = { id: 'bo', name: 'Bo', small: true, care: null };
const FOOD = leftovers(START).foodId;

const ids = ['ines', 'bo', 'kim', 'gone'];
const anyEater = fc.record({
  id: fc.constantFrom(...ids.slice(0, 3)),
  name: fc.constantFrom('A', 'B'),
  small: fc.boolean(),
  care: fc.constantFrom('pregnancy' as const, null),
});
const anyTable = fc.uniqueArray(anyEater, { selector: ({ id }) => id, maxLength: 3 });
const anyWithout = fc.option(fc.subarray(ids), { nil: undefined });

describe('who eats', () => {
  it('is everybody at the table but who leaves the meal or the dish', () => {
    expect(eatersOf({}, {}, [INES, BO])).toEqual([INES, BO]);
    expect(eatersOf({ without: ['bo'] }, {}, [INES, BO])).toEqual([INES]);
    expect(eatersOf({}, { without: ['ines'] }, [INES, BO])).toEqual([BO]);
    expect(careFor({}, {}, [INES, BO])).toEqual([INES]);
    expect(careFor({}, { without: ['ines'] }, [INES, BO])).toEqual([]);
    const dishes = [{ foodId: null, without: ['ines'] }, { foodId: FOOD }];
    expect(careAt({ dishes }, [INES, BO])).toEqual([INES]);
    expect(careAt({ dishes: dishes.slice(0, 1) }, [INES, BO])).toEqual([]);
  });

  it('makes a dish go by extra care, whatever its food was to go by; else by its food, else by the household', () => {
    const ruledBy = { guidance: PLAIN_GUIDANCE, table: [INES] };
    const byCode = { guidedBy: { school: 'code', extraCare: false } } as const;
    expect(rulesOfDish({}, {}, byCode, ruledBy)).toBe(careRules);
    expect(rulesOfDish({}, {}, null, ruledBy)).toBe(careRules);
    expect(rulesOfDish({}, { without: ['ines'] }, byCode, ruledBy).school).toBe('code');
    expect(rulesOfDish({}, { without: ['ines'] }, null, ruledBy)).toBe(homeRules);
  });

  it('is never fewer of those in care for who comes to the table, or for a name nobody has', () => {
    fc.assert(
      fc.property(anyTable, anyEater, anyWithout, anyWithout, (table, more, away, leave) => {
        const before = careFor({ without: away }, { without: leave }, table);
        const others = table.filter(({ id }) => id !== more.id);
        const without = careFor({ without: away }, { without: leave }, others);
        expect(before.length).toBeGreaterThanOrEqual(without.length);
        const unknown = [...(away ?? []), 'nobody'];
        expect(careFor({ without: unknown }, { without: leave }, table)).toEqual(before);
      }),
    );
  });
});

describe('foods of meals to come', () => {
  const soup = [leftovers(START)];
  const state = foldTrail(soup, PLAIN_GUIDANCE)!;
  const inCare = foldInCare(soup, PLAIN_GUIDANCE)!;
  const told = { state, inCare };
  const mealOf = (more: object = {}) => ({ wanted: { dishes: [{ foodId: FOOD, ...more }] } });

  it('stand as for who needs extra care where they eat of a dish of them, and are the very same otherwise', () => {
    expect(asEaten([told], [mealOf()], [INES])).toEqual([{ ...told, state: inCare, forOthers: state }]);
    for (const [meals, table] of [
      [[mealOf()], [BO]],
      [[mealOf({ without: ['ines'] })], [INES]],
      [[{ wanted: { ...mealOf().wanted, without: ['ines'] } }], [INES]],
      [[{ wanted: { dishes: [{ foodId: null }] } }], [INES]],
      [[], [INES]],
    ] as const)
      expect(asEaten([told], meals, table)[0]).toBe(told);
  });

  it('go by extra care before they were told anew for it, and when one of several meals asks it', () => {
    const [careful] = asEaten([{ state }], [mealOf({ without: ['ines'] }), mealOf()], [INES]);
    expect(careful!.state).toEqual({ ...state, guidedBy: IN_CARE });
  });

  it('are not to be thrown away for being none for them, while others may eat them', () => {
    const [soupEaten] = asEaten([told], [mealOf()], [INES]);
    expect(shownAs(soupEaten!, at(days(1)))).toBe(inCare);
    expect(shownAs(soupEaten!, at(days(2.9)))).toBe(state);
    // Nobody's any more.
    expect(shownAs(soupEaten!, at(days(9)))).toBe(inCare);
    expect(judge(inCare, at(days(9)))!.verdict).toBe('discard');
    const salmon = [comes('smoked-salmon', { condition: 'cooked', place: 'refrigerator', since: START })];
    const [slices] = [foldTrail(salmon, PLAIN_GUIDANCE)!];
    const forThem = foldInCare(salmon, PLAIN_GUIDANCE)!;
    expect(shownAs({ state: forThem, forOthers: slices }, at(hours(1)))).toBe(slices);
    expect(shownAs({ state: slices }, at(hours(1)))).toBe(slices);
  });
});
