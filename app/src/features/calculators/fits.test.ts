import { DEFAULT_SETTINGS } from '@omtel/core/household';
import { readTin, whatFits } from './fits';

const kitchen = (over: object) => ({ ...DEFAULT_SETTINGS.kitchen, ...over });
const ovens = (...widths: (number | null)[]) =>
  widths.map((widestM) => ({ shelves: 2, widestM, fan: false }));
const most = (fits: ReturnType<typeof whatFits>) =>
  Object.fromEntries(fits.map(({ room, mostKg }) => [room, mostKg]));

it('tells of each place how heavy a piece it takes, and where nobody said how large it is', () => {
  expect(most(whatFits('wholeBird', kitchen({}), null))).toEqual({
    oven: null,
    pot: null,
    refrigerator: null,
  });
  const found = most(
    whatFits('wholeBird', kitchen({ ovens: ovens(0.45), potLitres: 8, coldLitres: 12 }), 0.35),
  );
  expect(found.refrigerator).toBe(6);
  expect(found.pot).toBeCloseTo(6.8, 0);
  expect(found.tin).toBeLessThan(found.oven!);
});

it('goes by the wider of two ovens, and by none while one is not measured', () => {
  const oven = (...widths: (number | null)[]) =>
    most(whatFits('boneInJoint', kitchen({ ovens: ovens(...widths) }), null)).oven;
  expect(oven(0.3, 0.5)).toBe(oven(0.5));
  expect(oven(0.3, null)).toBeNull();
});

it('leaves out what there is none of', () =>
  expect(most(whatFits('bonelessJoint', kitchen({ ovens: [], rings: 0, coldLitres: 0 }), null))).toEqual({
    refrigerator: 0,
  }));

it('reads a tin in either measure, and says what is wrong with it', () => {
  expect(readTin(' ', 'cm')).toEqual({ tinM: null });
  expect(readTin('35', 'cm')).toEqual({ tinM: 0.35 });
  expect(readTin('10', 'in')).toEqual({ tinM: expect.closeTo(0.254, 6) as number });
  for (const wrong of ['0', '-3', '300', 'wide']) expect(readTin(wrong, 'cm')).toHaveProperty('problem');
});
