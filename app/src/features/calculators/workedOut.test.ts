import { KitchenProblem, saltFor } from '@omtel/core/kitchen';
import { workedOut } from './workedOut';

const METRIC = { temperature: 'C', mass: 'metric' } as const;

const salt = (food: string, water: string, percent: string) =>
  workedOut({ food, water, percent }, METRIC, (typed) =>
    saltFor({ foodKg: typed.food, waterKg: typed.water }, typed.percent),
  );

it('works out what is filled in, with a comma as well', () =>
  expect(salt('2', '2,0', '1,5')).toEqual({ out: 0.06, problems: {} }));

it.each([
  ['nothing yet', ['', '', ''], {}],
  ['a part of it', ['2', '', '1.5'], {}],
  ['what is no number', ['two', '2', '1.5'], { food: 'Digits only, such as 2.4.' }],
  [
    'two of them',
    ['two', '2', '1.5 %'],
    { food: 'Digits only, such as 2.4.', percent: 'Digits only, such as 2.4.' },
  ],
  ['too much of one', ['2', '2', '25'], { percent: 'More than 0, and at most 10 %.' }],
  ['less than nothing', ['-2', '2', '1'], { food: 'More than nothing, and at most 100 kg.' }],
] as const)('of %s it says so at the field', (_, [food, water, percent], problems) =>
  expect(salt(food, water, percent)).toEqual({ out: null, problems }),
);

it('a problem that names no field stands at the last, and one that is none is thrown on', () => {
  const failing = (error: Error) =>
    workedOut({ one: '1', other: '2' }, METRIC, () => {
      throw error;
    });
  expect(failing(new KitchenProblem('No.')).problems).toEqual({ other: 'No.' });
  expect(() => failing(new TypeError('x'))).toThrow(TypeError);
});
