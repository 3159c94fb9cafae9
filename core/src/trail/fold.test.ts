import fc from 'fast-check';
import { PLAIN_GUIDANCE } from '../guidance';
import { evening } from '../testing/evening';
import {
  cookedLamb,
  days,
  frozenLamb,
  happened,
  minutes,
  read,
  START,
  stateOf,
  verdict,
} from '../testing/story';
import { BrokenTrail, eventSchema, foldEvent, foldTrail, followsOn } from '.';

describe('folding', () => {
  it('does not depend on the order of arrival', () => {
    fc.assert(
      fc.property(
        evening.chain((events) =>
          fc.tuple(fc.constant(events), fc.shuffledSubarray(events, { minLength: events.length })),
        ),
        ([events, shuffled]) => {
          expect(stateOf(shuffled)).toEqual(stateOf(events));
        },
      ),
    );
  });

  it('of a prefix, then the rest, is folding all', () => {
    fc.assert(
      fc.property(evening, fc.nat(20), (events, cut) => {
        const sorted = [...events].sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1));
        const prefix = sorted.slice(0, 1 + (cut % sorted.length));
        const rest = sorted.slice(prefix.length);
        expect(
          rest.reduce((state, event) => foldEvent(state, event, PLAIN_GUIDANCE), stateOf(prefix)),
        ).toEqual(stateOf(events));
      }),
    );
  });

  it('a correction then its reversal is as if nothing had happened', () => {
    const events = cookedLamb(START);
    const offHeat = events.at(-1)!;
    const correction = happened(minutes(5), 'corrected', { eventId: offHeat.id, at: minutes(-60) });
    const reversal = happened(minutes(6), 'corrected', { eventId: correction.id, withdrawn: true });
    expect(stateOf([...events, correction])).not.toEqual(stateOf(events));
    expect(stateOf([...events, correction, reversal])).toEqual(stateOf(events));
  });

  it('a withdrawn event did not happen; the last correction of an event counts', () => {
    const events = [...cookedLamb(START), happened(minutes(30), 'discarded')];
    const undo = happened(minutes(31), 'corrected', { eventId: events.at(-1)!.id, withdrawn: true });
    expect(stateOf([...events, undo]).stage).toBe('resting');
    const first = happened(minutes(32), 'corrected', { eventId: events.at(-2)!.id, at: minutes(-30) });
    const second = happened(minutes(33), 'corrected', { eventId: events.at(-2)!.id, at: minutes(-10) });
    expect(stateOf([...events, undo, first, second]).cook!.offHeatAt).toBe(minutes(-10));
  });

  it('gives null when the food’s coming was withdrawn, and refuses a trail without beginning', () => {
    const added = frozenLamb();
    expect(
      foldTrail(
        [added, happened(minutes(1), 'corrected', { eventId: added.id, withdrawn: true })],
        PLAIN_GUIDANCE,
      ),
    ).toBeNull();
    expect(() => foldTrail([happened(START, 'thawed')], PLAIN_GUIDANCE)).toThrow(BrokenTrail);
    expect(() =>
      foldTrail([added, { ...happened(minutes(1), 'thawed'), foodId: 'other' }], PLAIN_GUIDANCE),
    ).toThrow(BrokenTrail);
  });

  it('takes an event straight onto a state only when nothing later is known', () => {
    const state = stateOf(cookedLamb(START));
    expect(followsOn(state, happened(minutes(1), 'served', {}))).toBe(true);
    expect(followsOn(state, happened(minutes(-1), 'served', {}))).toBe(false);
    expect(
      followsOn(state, happened(minutes(9), 'corrected', { eventId: state.foodId, withdrawn: true })),
    ).toBe(false);
  });

  it('keeps the days used before freezing', () => {
    const bought = happened(START, 'added', {
      foodKey: 'beef-steak',
      name: 'Steak',
      massKg: 0.5,
      form: 'steak',
      condition: 'fresh',
      place: 'refrigerator',
      since: START,
    });
    const events = [
      bought,
      happened(days(3), 'moved', { place: 'freezer' }),
      happened(days(40), 'thawStarted', { method: 'refrigerator' }),
      happened(days(41), 'thawed'),
    ];
    // Three of its five days were used before: two are left after thawing.
    expect(verdict(events, days(43))).toBe('actBy');
    expect(verdict(events, days(43) + 1)).toBe('discard');
  });
});

describe('events at the border', () => {
  const good = frozenLamb();
  it.each([
    ['weight 0', { massKg: 0 }],
    ['900 kg', { massKg: 900 }],
    ['an unknown food', { foodKey: 'unicorn' }],
    ['an unknown field', { secret: 1 }],
    ['a name of blanks', { name: '   ' }],
  ])('refuse %s', (_what, wrong) => {
    expect(eventSchema.safeParse({ ...good, payload: { ...good.payload, ...wrong } }).success).toBe(false);
  });

  it('refuse a temperature no kitchen has and an unknown type', () => {
    expect(eventSchema.safeParse(read(START, 900)).success).toBe(false);
    expect(eventSchema.safeParse({ ...good, type: 'blessed' }).success).toBe(false);
    expect(eventSchema.parse(good)).toEqual(good);
  });
});
