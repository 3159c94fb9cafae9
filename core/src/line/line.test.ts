import fc from 'fast-check';
import { searchFoods } from '../foods';
import { readLine, type Line } from '.';

/** A Friday, two minutes past seven in the evening. */
const NOW = Date.UTC(2026, 5, 12, 19, 2);
const read = (text: string) => readLine(text, NOW, 'UTC');

it.each<[string, Line]>([
  ['800 g mince freezer', { food: 'mince', mass: { value: 800, unit: 'g' }, place: 'freezer' }],
  [
    '2 lb chicken thighs fridge yesterday 17:30',
    {
      food: 'chicken thighs',
      mass: { value: 2, unit: 'lb' },
      place: 'refrigerator',
      daysAgo: 1,
      clock: '17:30',
    },
  ],
  ['1,2kg lamb', { food: 'lamb', mass: { value: 1.2, unit: 'kg' } }],
  ['milk', { food: 'milk' }],
  ['Pound cake', { food: 'Pound cake' }],
  [
    'cooked ham, 200g, in the fridge',
    { food: 'cooked ham', mass: { value: 200, unit: 'g' }, place: 'refrigerator', condition: 'cooked' },
  ],
  ['leftover chicken 3 days ago', { food: 'leftover chicken', condition: 'cooked', daysAgo: 3 }],
  ['frozen peas 1 kg', { food: 'frozen peas', mass: { value: 1, unit: 'kg' }, condition: 'frozen' }],
  ['rice wednesday 9.05', { food: 'rice', daysAgo: 2, clock: '09:05' }],
  ['rice Friday', { food: 'rice', daysAgo: 0 }],
  ['soup 18:30', { food: 'soup', daysAgo: 0, clock: '18:30' }],
  ['soup 23:30', { food: 'soup', daysAgo: 1, clock: '23:30' }],
  ['YESTERDAY Soup 16 OZ', { food: 'Soup', mass: { value: 16, unit: 'oz' }, daysAgo: 1 }],
  ['beans into the cupboard', { food: 'beans', place: 'cupboard' }],
  ['rice yesterday 7:30 pm', { food: 'rice', daysAgo: 1, clock: '19:30' }],
  ['7PM soup', { food: 'soup', daysAgo: 0, clock: '19:00' }],
  ['soup 12 am', { food: 'soup', daysAgo: 0, clock: '00:00' }],
  ['7 amaranth', { food: '7 amaranth' }],
  ['cheese on toast', { food: 'cheese on toast' }],
  ['half a chicken', { food: 'half a chicken' }],
  ['', { food: '' }],
])('%j', (text, line) => expect(read(text)).toEqual(line));

it('in any order says the same', () =>
  fc.assert(
    fc.property(
      fc.shuffledSubarray(['800 g', 'fridge', 'yesterday', '17:30'], { minLength: 4, maxLength: 4 }),
      fc.nat(4),
      (words, where) =>
        expect(read([...words.slice(0, where), 'mince', ...words.slice(where)].join(' '))).toEqual({
          food: 'mince',
          mass: { value: 800, unit: 'g' },
          place: 'refrigerator',
          daysAgo: 1,
          clock: '17:30',
        }),
    ),
  ));

it('whatever is typed, something is read', () =>
  fc.assert(fc.property(fc.string(), (text) => expect(typeof read(text).food).toBe('string'))));

it('finds the food it names', () => {
  expect(searchFoods(read('800 g mince freezer').food)[0]!.id).toBe('ground-beef');
  expect(searchFoods(read('2 lb chicken thighs fridge yesterday').food)[0]!.id).toBe('chicken-thighs');
});
