import { ruleById } from '@omtel/core/guidance';
import { METRIC } from '../../../test/story';
import { ownUnit, readOwn } from './ownDraft';

it.each([
  [
    'home.cooking.targets.poultry',
    '°C',
    '80',
    { kind: 'cookTarget', options: [{ at: { value: 80, unit: 'C' }, heldMs: 0 }], restMs: 0 },
  ],
  ['home.bandTime.limit', 'h', '1,5', { kind: 'duration', limit: 'most', ms: 5_400_000 }],
  [
    'home.storage.soupsStews.refrigerator',
    'days',
    '2',
    { kind: 'durations', lowMs: 172_800_000, highMs: 172_800_000 },
  ],
])('%s is set in %s', (id, unit, text, value) => {
  expect(ownUnit(ruleById(id), METRIC)).toBe(unit);
  expect(readOwn(ruleById(id), text, METRIC)).toEqual({ value });
});

it('a rule that is a word takes no own value', () =>
  expect(ownUnit(ruleById('home.thawing.onCounter'), METRIC)).toBeNull());

it.each(['', 'soon', '-1'])('%j is a sentence at the field', (text) =>
  expect(readOwn(ruleById('home.bandTime.limit'), text, METRIC)).toHaveProperty('problem'),
);
