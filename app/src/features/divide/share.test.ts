import { readShare } from './share';

it.each([
  ['0,5', { massKg: 0.5 }],
  ['2', { problem: 'Less than the whole.' }],
  ['0', { problem: 'The weight must be more than nothing.' }],
])('a part of 2 kg that weighs %s kg', (text, expected) =>
  expect(readShare(text, 'kg', 2)).toEqual(expected),
);

it('is a number', () => expect(readShare('half', 'kg', 2)).toHaveProperty('problem'));
