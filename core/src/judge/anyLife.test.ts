import fc from 'fast-check';
import { readsWell } from '../testing/aloud';
import { anyLife } from '../testing/anyLife';
import { GUIDANCES, happened, rule, START, stateOf, verdict } from '../testing/story';
import { HOUR_MS, MINUTE_MS } from '../units';
import { foldEvent, foldTrail } from '../trail';
import { severity } from '.';
import type { FoodEvent } from '../record';

const { care, ...schools } = GUIDANCES;
const anyGuidance = fc.constantFrom(...Object.values(GUIDANCES));
const later = fc.integer({ min: 0, max: 6 * 24 * 60 }).map((minutes) => minutes * MINUTE_MS);
const endOf = (events: readonly FoodEvent[]) => events.at(-1)!.at;

describe('whatever happens to a food', () => {
  it('more time never improves its ruling', () => {
    fc.assert(
      fc.property(anyLife, anyGuidance, later, later, (events, guidance, wait, more) => {
        const now = endOf(events) + wait;
        expect(severity(verdict(events, now + more, { guidance }))).toBeGreaterThanOrEqual(
          severity(verdict(events, now, { guidance })),
        );
      }),
    );
  });

  it('extra care is never looser than any school', () => {
    fc.assert(
      fc.property(anyLife, later, (events, wait) => {
        const now = endOf(events) + wait;
        const careful = severity(verdict(events, now, { guidance: care }));
        for (const guidance of Object.values(schools))
          expect(careful).toBeGreaterThanOrEqual(severity(verdict(events, now, { guidance })));
      }),
    );
  });

  it('a gap more never improves its ruling', () => {
    fc.assert(
      fc.property(anyLife, anyGuidance, later, fc.nat(900), (events, guidance, wait, gap) => {
        const now = endOf(events) + wait;
        const lost = happened(endOf(events), 'unaccounted', { since: endOf(events) - gap * MINUTE_MS });
        expect(severity(verdict([...events, lost], now, { guidance }))).toBeGreaterThanOrEqual(
          severity(verdict(events, now, { guidance })),
        );
      }),
    );
  });

  it('an hour on the counter before it goes back never improves its ruling', () => {
    fc.assert(
      fc.property(anyLife, anyGuidance, later, (events, guidance, wait) => {
        const out = endOf(events);
        const trip = [
          happened(out, 'moved', { place: 'counter' }),
          happened(out + HOUR_MS, 'moved', { place: 'refrigerator' }),
        ];
        const now = out + HOUR_MS + wait;
        const { place, spell } = stateOf(events, guidance);
        // Where the store cannot be relied on, the record of the store says so anew of what is put back.
        fc.pre(place === 'refrigerator' && spell === null);
        expect(severity(verdict([...events, ...trip], now, { guidance }))).toBeGreaterThanOrEqual(
          severity(verdict(events, now, { guidance })),
        );
      }),
    );
  });

  it('is folded in any order of arrival, at once or step by step, to the same', () => {
    fc.assert(
      fc.property(anyLife, anyGuidance, fc.nat(), (events, guidance, seed) => {
        const whole = foldTrail(events, guidance);
        const [begin, ...rest] = events;
        const step = rest.reduce(
          (state, event) => foldEvent(state, event, guidance),
          foldTrail([begin!], guidance)!,
        );
        expect(step).toEqual(whole);
        const shuffled = events.map((event, i) => ({ event, key: (seed * (i + 7) * 2654435761) % 1013 }));
        shuffled.sort((a, b) => a.key - b.key);
        expect(
          foldTrail(
            shuffled.map(({ event }) => event),
            guidance,
          ),
        ).toEqual(whole);
      }),
    );
  });

  it('a correction and its reversal leave it as it was', () => {
    fc.assert(
      fc.property(anyLife, anyGuidance, fc.nat(), fc.nat(300), (events, guidance, which, minutes) => {
        const event = events[which % events.length]!;
        const wrong = happened(endOf(events), 'corrected', {
          eventId: event.id,
          at: Math.max(START, event.at - minutes * MINUTE_MS),
        });
        const back = happened(endOf(events), 'corrected', { eventId: wrong.id, withdrawn: true });
        expect(foldTrail([...events, wrong, back], guidance)).toEqual(foldTrail(events, guidance));
      }),
    );
  });

  it('is said in words that read well', () => {
    fc.assert(
      fc.property(anyLife, anyGuidance, later, (events, guidance, wait) =>
        readsWell(rule(events, endOf(events) + wait, { guidance })),
      ),
    );
  });
});
