import { PLAIN_GUIDANCE, rulesFor } from '@omtel/core/guidance';
import { feedsWords, freshServings, workOut, type ServingsDraft } from './servingsDraft';

const rules = rulesFor(PLAIN_GUIDANCE);
const worked = (over: Partial<ServingsDraft>, unit: 'kg' | 'lb' = 'lb') =>
  workOut({ ...freshServings(11, 2), ...over }, unit, rules);

it('says how much to buy for a table, with what is eaten twice and what is to be left', () => {
  expect(worked({})).toMatchObject({ kind: 'buy', portions: 10 });
  expect(worked({ seconds: 3, leftovers: 4 })).toMatchObject({ portions: 17 });
  // More small eaters than people are all of them.
  expect(worked({ people: 2, small: 9 })).toMatchObject({ portions: 1 });
});

it('says how many a weight feeds, in either unit, and never one too many', () => {
  const feeds = (mass: string, unit: 'kg' | 'lb') => {
    const told = worked({ ask: 'feeds', mass }, unit);
    return told.kind === 'feeds' ? feedsWords(told) : told;
  };
  expect(feeds('12', 'lb')).toBe('8 to 12 people');
  expect(feeds('5.443', 'kg')).toBe('7 to 11 people');
  expect(feeds('1', 'lb')).toBe('one person, with a light hand');
  expect(feeds('0,3', 'lb')).toBe('less than one person');
});

it.each([
  ['', null],
  ['twelve', 'Digits only, such as 2.4.'],
  ['0', 'More than nothing, and at most 132 lb.'],
  ['900', 'More than nothing, and at most 132 lb.'],
])('of “%s” it says: %s', (mass, problem) =>
  expect(worked({ ask: 'feeds', mass })).toEqual({ kind: 'problem', problem }),
);
