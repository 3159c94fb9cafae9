import fc from 'fast-check';
import { PLAIN_GUIDANCE } from '../guidance';
import { evening } from '../testing/evening';
import {
  cookedLamb,
  days,
  FOOD_ID,
  frozenLamb,
  happened,
  hours,
  leftovers,
  minutes,
  read,
  START,
  stateOf,
  verdict,
} from '../testing/story';
import { BrokenTrail, foldEvent, foldTrail, followsOn, referredTo } from '.';
import { eventSchema, settle } from '../record';

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

describe('the order of things', () => {
  it('is by when they happened, then by when they were made', () => {
    const [a, b] = [happened(hours(1), 'opened'), happened(hours(1), 'labelled')];
    expect(settle([b, a])).toEqual([a, b]);
    expect(settle([a, b])).toEqual([a, b]);
  });

  it('begins with the food: what is said to be earlier was as soon as it came', () => {
    const soup = leftovers(START);
    const early = happened(hours(-3), 'moved', { place: 'counter' });
    expect(stateOf([soup, early])).toMatchObject({ place: 'counter', placeSince: START, lastAt: START });
    expect(stateOf([soup, early]).exposures).toMatchObject([{ from: START }]);
  });

  it('what happened at the same moment can still be folded on', () => {
    const state = stateOf([leftovers(START), happened(hours(1), 'labelled')]);
    expect(followsOn(state, happened(hours(1), 'opened'))).toBe(true);
    expect(followsOn(state, happened(hours(1) - 1, 'opened'))).toBe(false);
    expect(followsOn(state, happened(hours(2), 'joined', { with: FOOD_ID }))).toBe(false);
  });

  it('a correction is no event of the history itself, and one of another event leaves the rest', () => {
    const [a, b] = [happened(hours(1), 'opened'), happened(hours(2), 'labelled')];
    const wrong = happened(hours(3), 'corrected', { eventId: a.id, withdrawn: true });
    expect(settle([a, b, wrong])).toEqual([b]);
    const newer = happened(hours(4), 'corrected', { eventId: a.id, at: hours(1.5) });
    expect(settle([a, b, wrong, newer])).toEqual([{ ...a, at: hours(1.5) }, b]);
    expect(settle([newer, wrong, b, a])).toEqual([{ ...a, at: hours(1.5) }, b]);
  });
});

describe('the foods a history refers to', () => {
  it('are the one it was divided from and those put to it', () => {
    const portion = happened(START, 'portioned', { from: 'batch', name: 'Tub', massKg: 1 });
    const joined = happened(hours(1), 'joined', { with: 'other' });
    expect(referredTo([portion, joined, happened(hours(2), 'labelled')])).toEqual(['batch', 'other']);
  });
});

describe('the guidance of a food', () => {
  const chosen = (at: number, school: 'code' | 'chain' | null) =>
    happened(at, 'guided', { choice: school && { school, extraCare: false } });
  it('is the one chosen last, for all that happened', () => {
    const choices = [
      leftovers(START),
      chosen(hours(1), 'code'),
      chosen(hours(2), 'chain'),
      happened(hours(3), 'labelled'),
    ];
    expect(stateOf(choices).guidedBy).toEqual({ school: 'chain', extraCare: false });
    expect(stateOf([...choices, chosen(hours(4), null)]).guidedBy).toBeNull();
    const deep = happened(minutes(30), 'putAway', { place: 'refrigerator', portions: 1, depthM: 0.2 });
    const pot = [...cookedLamb(START, 170), deep];
    expect(stateOf(pot).exposures.at(-1)).toMatchObject({ to: null });
    expect(stateOf([...pot, chosen(hours(9), 'code')]).exposures.at(-1)).toMatchObject({ to: minutes(30) });
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
