import { tubsOf, inTubs } from '@omtel/core/kitchen';
import type { FoodState } from '@omtel/core/trail';
import { DAY_MS } from '@omtel/core/units';
import { intoTubs } from './intoTubs';

const soup = {
  foodId: 'soup',
  name: 'Soup',
  massKg: 4,
  container: { portions: 10, depthM: 0.05 },
} as FoodState;
const parted = (aMeal: number, aTub: number, keepsMs = 3 * DAY_MS) => {
  const found = tubsOf({ portions: 10, aMeal, everyMs: DAY_MS, keepsMs });
  return { ...found, ...inTubs(found.freeze, aTub), aTub };
};
const told = (how: ReturnType<typeof parted>, food = soup) => {
  const { events, labelled } = intoTubs(food, how, 7);
  const of = <Type extends string>(type: Type) => events.filter((event) => event.type === type);
  return { events, labelled, off: of('dividedOff'), parts: of('portioned'), moved: of('moved') };
};

it('parts what is frozen into tubs, each frozen and labelled, and labels what stays', () => {
  const { off, parts, moved, labelled } = told(parted(2, 3));
  expect(parts.map(({ payload }) => payload)).toMatchObject([
    { from: 'soup', name: 'Soup, tub 1', massKg: 1.2, portions: 3 },
    { from: 'soup', name: 'Soup, tub 2', massKg: expect.closeTo(0.4, 9) as number, portions: 1 },
  ]);
  expect(off).toHaveLength(2);
  expect(moved.map(({ foodId }) => foodId)).toEqual(parts.map(({ foodId }) => foodId));
  expect(labelled).toEqual([...parts.map(({ foodId }) => foodId), 'soup']);
});

it('of what no meal eats the last tub is what is left of the batch', () => {
  const { parts, moved, labelled } = told(parted(2, 4, 0));
  expect(parts).toHaveLength(2);
  expect(moved.at(-1)).toMatchObject({ foodId: 'soup', payload: { place: 'freezer' } });
  expect(labelled).toHaveLength(3);
  const only = told(parted(2, 10, 0));
  expect([only.parts.length, only.labelled]).toEqual([0, ['soup']]);
});

it('gives away no more than there is, whatever is asked', () => {
  for (const aTub of [0.5, 1, 3, 7])
    for (const aMeal of [0.3, 2, 9]) {
      const { off } = told(parted(aMeal, aTub));
      const gone = off.reduce((sum, { payload }) => sum + (payload as { massKg: number }).massKg, 0);
      expect(gone).toBeLessThan(4);
    }
});

it('counts no portions where nobody did, and cuts a long name for the number', () => {
  const { parts } = told(parted(2, 2), { ...soup, container: null, name: 'x'.repeat(120) });
  expect(parts[0]!.payload).not.toHaveProperty('portions');
  expect((parts[1]!.payload as { name: string }).name).toMatch(/x, tub 2$/);
});
