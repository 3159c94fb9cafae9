import { METRIC } from '../../../test/story';
import { readShare } from './share';

it.each([
  ['0,5', { massKg: 0.5 }],
  ['2', { problem: 'Less than the whole.' }],
  ['0', { problem: 'The weight must be more than nothing.' }],
])('a part of 2 kg that weighs %s kg', (text, expected) =>
  expect(readShare(text, METRIC, 2)).toEqual(expected),
);

it('is a number', () => expect(readShare('half', METRIC, 2)).toHaveProperty('problem'));
