import { homeRules } from '@omtel/core/guidance';
import type { Payload } from '@omtel/core/record';
import { MINUTE_MS } from '@omtel/core/units';
import { lambAdded, NOW, stateOf } from '../../../test/story';
import { newEvent } from '../../store/outbox/record';
import { acceptedEvents } from './accept';
import {
  chosenFromStores,
  chosenToFetch,
  draftFor,
  fieldsOf,
  filledOver,
  readMinutes,
  readServeAt,
  sinceOf,
} from './draft';

const chosen = chosenFromStores(stateOf(lambAdded()));

describe('a draft', () => {
  it('begins with what is known of a food in the stores', () => {
    expect(draftFor(chosen, 'kg', homeRules)).toMatchObject({
      mass: '2.4',
      form: 'boneInJoint',
      condition: 'frozen',
      restMinutes: '20',
    });
    expect(draftFor(chosen, 'lb', homeRules).mass).toBe('5.29');
  });

  it('asks for the weight of one that is not', () => {
    const salmon = chosenToFetch({ name: 'Side of trout', kinds: ['trout-side'] });
    expect(draftFor(salmon, 'kg', homeRules)).toMatchObject({ mass: '', restMinutes: '5' });
  });
});

describe('fields', () => {
  it.each([
    ['1', '19:00', { serveAt: NOW + 24 * 60 * MINUTE_MS }],
    ['0', '18:59', { problem: 'That time has passed. Choose a later one.' }],
  ])('on the table in %s days at %s', (days, clock, read) =>
    expect(readServeAt(days, clock, NOW, 'UTC')).toEqual(read),
  );

  it.each([
    ['20', 0, { ms: 20 * MINUTE_MS }],
    ['0', 0, { ms: 0 }],
    ['0', 1, { problem: 'From 1 to 1440 minutes.' }],
    ['2000', 0, { problem: 'From 0 to 1440 minutes.' }],
  ])('%j minutes, at least %d', (text, least, read) => expect(readMinutes(text, least)).toEqual(read));
});

describe('since when', () => {
  const asked = (condition: 'frozen' | 'thawed' | 'fresh', sinceDaysAgo: string) =>
    sinceOf({ condition, sinceDaysAgo }, null, NOW, 'UTC');
  it('a day alone counts from its first minute', () => {
    expect(asked('fresh', '0')).toBe(Date.UTC(2026, 5, 12));
    expect(asked('thawed', '2')).toBe(Date.UTC(2026, 5, 10));
  });
  it('nobody knows stays unknown', () => expect(asked('fresh', 'unknown')).toBeNull());
  it('food in the stores goes by its own record', () => {
    const { stored } = chosen;
    expect(sinceOf({ condition: 'frozen', sinceDaysAgo: 'unknown' }, stored, NOW, 'UTC')).toBe(NOW);
    expect(sinceOf({ condition: 'thawed', sinceDaysAgo: '0' }, stored, NOW, 'UTC')).toBeNull();
  });
});

describe('accepting a way', () => {
  const inputs = {
    massKg: 2.4,
    serveAt: NOW + 10,
    cookFastMs: 1.4,
    cookSlowMs: 2.6,
    restMs: 0,
    since: NOW,
    computedThaw: { refrigerator: { fastMs: 1.2, slowMs: 3.7 } },
  };
  const way = { method: 'refrigerator', window: { from: NOW + 1.5, to: NOW + 2.5 } } as never;
  const draft = draftFor(chosen, 'kg', homeRules);

  it('plans a food in the stores, and adds one that is not', () => {
    expect(acceptedEvents(chosen, draft, inputs, way, NOW).map(({ type }) => type)).toEqual(['planned']);
    const [added, planned] = acceptedEvents({ ...chosen, stored: null }, draft, inputs, way, NOW);
    expect([added!.type, planned!.type]).toEqual(['added', 'planned']);
    expect(added!.foodId).toBe(planned!.foodId);
    expect(stateOf(added!, planned!).plan).toMatchObject({ cookFastMs: 1, cookSlowMs: 3, startBy: NOW + 3 });
    expect(stateOf(added!, planned!).plan!.computedThaw!.refrigerator).toEqual({ fastMs: 1, slowMs: 4 });
  });

  it('does nothing without a window', () =>
    expect(acceptedEvents(chosen, draft, inputs, { method: 'fresh', window: null } as never, NOW)).toEqual(
      [],
    ));

  it('makes ids that grow', () => {
    const [a, b] = [newEvent('x', NOW, 'thawed', {}), newEvent('x', NOW, 'thawed', {})];
    expect(a.id < b.id).toBe(true);
  });
});

it('a plan that is made says in the form what it says, and no chart’s time as one’s own', () => {
  const planned = {
    serveAt: NOW + 26 * 60 * 60_000,
    cookFastMs: 90 * 60_000,
    cookSlowMs: 90 * 60_000,
    restMs: 20 * 60_000,
  } as Payload<'planned'>;
  const fields = fieldsOf(planned, NOW, 'UTC');
  expect(fields).toMatchObject({ cookMinutes: '90', restMinutes: '20' });
  expect(readServeAt(fields.daysAhead!, fields.clock!, NOW, 'UTC')).toEqual({ serveAt: planned.serveAt });
  expect(fieldsOf({ ...planned, cookSlowMs: 120 * 60_000 }, NOW, 'UTC')).not.toHaveProperty('cookMinutes');
});

it('what was filled in is what differs from what was proposed', () => {
  const proposed = draftFor(chosenToFetch({ name: 'Cod', kinds: ['cod'] }), 'kg', homeRules);
  expect(filledOver(proposed, proposed)).toEqual({});
  expect(filledOver(proposed, { ...proposed, mass: '2' })).toEqual({ mass: '2' });
});
