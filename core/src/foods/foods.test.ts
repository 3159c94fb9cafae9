import { METRIC } from '../testing/story';
import { catalogue, foodById, foodSchema, formById, readMass, UnknownFood } from '.';

describe('the catalogue', () => {
  it('holds some 330 foods, each whole and with a name of its own', () => {
    expect(catalogue.length).toBeGreaterThanOrEqual(325);
    expect(new Set(catalogue.map(({ id }) => id)).size).toBe(catalogue.length);
    expect(new Set(catalogue.map(({ name }) => name)).size).toBe(catalogue.length);
  });

  it.each(catalogue.map((food) => [food.name, food]))('%s has a sound entry', (_name, food) => {
    expect(foodSchema.parse(food)).toEqual(food);
    food.forms.forEach((form) => expect(formById(form).probe.length).toBeGreaterThan(10));
  });

  it('names what it does not know', () => expect(() => foodById('unicorn')).toThrow(UnknownFood));
});

describe('a weight as it is typed', () => {
  it.each([
    ['2,4', 'kg', { massKg: 2.4 }],
    ['5', 'lb', { massKg: 2.26796185 }],
    ['', 'kg', { problem: 'Type a number.' }],
    ['0', 'kg', { problem: 'The weight must be more than nothing.' }],
    ['900', 'kg', { problem: 'More than a home kitchen holds (30 kg). Check the weight.' }],
    ['a lot', 'kg', { problem: 'Digits only, such as 2.4.' }],
  ] as const)('%j %s', (text, unit, read) => expect(readMass(text, unit, METRIC)).toEqual(read));
});
