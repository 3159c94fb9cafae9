import { happened, hours, minutes, moved, raw, START, stateOf, verdict } from '../testing/story';
import { settle, whyRefused, type FoodEvent } from '.';

const came = raw({ place: 'counter' });
const away = moved(hours(3), 'refrigerator');
const corrected = (event: FoodEvent, at: number) =>
  happened(hours(5), 'corrected', { eventId: event.id, at }) as FoodEvent<'corrected'>;
const times = (...events: FoodEvent[]) => settle(events).map(({ type, at }) => [type, at]);

describe('a correction that cannot be true (guidance §11.29)', () => {
  it('of a food’s coming past what happened to it is not taken, and makes no hours vanish', () => {
    const late = corrected(came, hours(3) + 1);
    expect(whyRefused([came, away], late)).toMatch(/^Something had happened to it by then\./);
    expect(times(came, away, late)).toEqual(times(came, away));
    expect(verdict([came, away, late], hours(6))).toBe('discard');
    expect(stateOf([came, away, late]).exposures).toEqual(stateOf([came, away]).exposures);
  });

  it('up to what happened it is', () => {
    const right = corrected(came, hours(3));
    expect(whyRefused([came, away], right)).toBeNull();
    expect(times(came, away, right)).toEqual([
      ['added', hours(3)],
      ['moved', hours(3)],
    ]);
  });

  it('past what was moved later itself it is too, in any order', () => {
    const later = corrected(away, hours(4));
    const right = corrected(came, hours(3.5));
    expect(whyRefused([came, away, later], right)).toBeNull();
    for (const events of [
      [came, away, later, right],
      [right, later, away, came],
    ])
      expect(times(...events)).toEqual([
        ['added', hours(3.5)],
        ['moved', hours(4)],
      ]);
  });

  it('notes and labels are no obstacle', () => {
    const noted = happened(minutes(10), 'note', { text: 'smells fine' });
    expect(whyRefused([came, noted], corrected(came, minutes(20)))).toBeNull();
    expect(times(came, noted, corrected(came, minutes(20)))[0]).toEqual(['note', minutes(10)]);
  });

  it('of an event to before its food was there is not taken', () => {
    const early = corrected(away, START - 1);
    expect(whyRefused([came, away], early)).toMatch(/^The food was not there yet\./);
    expect(times(came, away, early)).toEqual(times(came, away));
    expect(whyRefused([came, away], corrected(away, START))).toBeNull();
  });

  it('of what nobody knows, or taking back, is left to be judged elsewhere', () => {
    expect(whyRefused([came], corrected(away, START - 1))).toBeNull();
    const taken = happened(hours(5), 'corrected', { eventId: came.id, withdrawn: true });
    expect(whyRefused([came, away], taken as FoodEvent<'corrected'>)).toBeNull();
  });
});

describe('the same id twice', () => {
  it('is one event', () => expect(settle([came, away, away, came])).toEqual(settle([came, away])));
  it('the first of two beginnings begins', () => {
    const second = raw({ place: 'refrigerator' }, START + 5);
    expect(settle([second, came])[0]).toEqual(came);
  });
});
