import { zonesLike } from './zonesLike';

it.each([
  ['new y', 'America/New_York'],
  ['NEW_YORK', 'America/New_York'],
  ['lisb', 'Europe/Lisbon'],
  ['são p', 'America/Sao_Paulo'],
  [' dublin ', 'Europe/Dublin'],
])('%p finds %s first', (typed, zone) => expect(zonesLike(typed)[0]).toBe(zone));

it.each(['', 'a', '   ', 'nowhere at all', '('])('%p finds none', (typed) =>
  expect(zonesLike(typed)).toEqual([]),
);

it('offers no more than fit under the thumb', () => expect(zonesLike('america').length).toBe(6));
