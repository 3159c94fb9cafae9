import { happened, hours, minutes, moved, raw, START, stateOf, verdict } from '../testing/story';
import { asCorrected, latestPast, settle, whyRefused, type FoodEvent } from '.';

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

describe('a correction of what was said', () => {
  const instead = (event: FoodEvent, words: Record<string, unknown>, more: { at?: number } = {}) =>
    happened(hours(5), 'corrected', { eventId: event.id, instead: words, ...more }) as FoodEvent<'corrected'>;
  const read = happened(hours(1), 'reading', { temperature: { value: 165, unit: 'C' } });
  const inFahrenheit = { temperature: { value: 165, unit: 'F' } };
  const lastRead = (...events: FoodEvent[]) =>
    settle(events)
      .filter(({ type }) => type === 'reading')
      .map(({ at, payload }) => [at, payload]);

  it('takes the place of its words, and leaves its time', () => {
    const said = instead(read, inFahrenheit);
    expect(whyRefused([came, read], said)).toBeNull();
    expect(lastRead(came, read, said)).toEqual([[hours(1), inFahrenheit]]);
  });

  it('and one of its time leaves what was said, in either order', () => {
    const said = instead(read, inFahrenheit);
    for (const events of [
      [said, corrected(read, hours(2))],
      [corrected(read, hours(2)), instead(read, inFahrenheit)],
    ])
      expect(lastRead(came, read, ...events)).toEqual([[hours(2), inFahrenheit]]);
  });

  it('said again, the last holds; taken back, the one before', () => {
    const first = instead(read, inFahrenheit);
    const second = instead(read, { temperature: { value: 65, unit: 'C' } });
    expect(lastRead(came, read, first, second)[0]![1]).toEqual({ temperature: { value: 65, unit: 'C' } });
    const undo = happened(hours(6), 'corrected', { eventId: second.id, withdrawn: true });
    expect(lastRead(came, read, first, second, undo)).toEqual([[hours(1), inFahrenheit]]);
  });

  it('of a food’s coming is as if it had been said at once', () => {
    const words = { ...came.payload, name: 'Thighs', massKg: 0.8, place: 'refrigerator' } as const;
    const told = { ...came, payload: words } as FoodEvent;
    expect(stateOf([came, away, instead(came, words)])).toEqual(stateOf([told, away]));
  });

  it('that no such event can have is refused, and changes nothing', () => {
    for (const words of [{}, { temperature: 165 }, { ...inFahrenheit, more: 1 }]) {
      const said = instead(read, words);
      expect(whyRefused([came, read], said)).toBe('That cannot be said of it. Look at what was entered.');
      expect(lastRead(came, read, said)).toEqual(lastRead(came, read));
    }
  });

  it('ties no part to another whole', () => {
    const whole = '0197a000-0000-7000-8000-000000000001';
    const part = happened(hours(1), 'dividedOff', { to: whole, massKg: 0.2 });
    expect(whyRefused([came, part], instead(part, { to: whole, massKg: 0.3 }))).toBeNull();
    const other = whole.replace(/1$/, '2');
    expect(whyRefused([came, part], instead(part, { to: other, massKg: 0.2 }))).toMatch(/^That cannot/);
  });
});

describe('the latest moment an event says has been', () => {
  it('is its own, or one it speaks of as past', () => {
    expect(latestPast(away)).toBe(away.at);
    expect(latestPast(raw({ since: hours(9) }))).toBe(hours(9));
    expect(latestPast(happened(START, 'outSince', { since: hours(2) }))).toBe(hours(2));
  });
  it('in a correction, that of its time and of its words', () => {
    expect(latestPast(corrected(away, hours(30)))).toBe(hours(30));
    const words = { ...came.payload, outSince: hours(31) };
    expect(latestPast(happened(hours(5), 'corrected', { eventId: came.id, instead: words }))).toBe(hours(31));
  });
  it('a plan and a printed date may lie ahead', () =>
    expect(latestPast(happened(START, 'printed', { kind: 'useBy', at: hours(50) }))).toBe(START));
});

describe('of two corrections the last word holds', () => {
  const to = (event: FoodEvent, seq?: number): FoodEvent => (seq === undefined ? event : { ...event, seq });
  const [first, second] = [corrected(away, hours(1)), corrected(away, hours(2))];
  const putAt = (...events: FoodEvent[]) => times(came, away, ...events)[1];

  it('which is the one made last, where the household has neither', () => {
    expect(putAt(first, second)).toEqual(['moved', hours(2)]);
    expect(putAt(second, first)).toEqual(['moved', hours(2)]);
  });
  it('the one the household took in last, whatever a device’s clock said', () =>
    expect(putAt(to(first, 8), to(second, 7))).toEqual(['moved', hours(1)]));
  it('the one that is on its way, after all the household has', () =>
    expect(putAt(to(second, 9), first)).toEqual(['moved', hours(1)]));
});

describe('the same id twice', () => {
  it('is one event', () => expect(settle([came, away, away, came])).toEqual(settle([came, away])));
  it('the first of two beginnings begins', () => {
    const second = raw({ place: 'refrigerator' }, START + 5);
    expect(settle([second, came])[0]).toEqual(came);
  });
});

describe('how events read by what was said of them since', () => {
  const read = happened(hours(1), 'reading', { temperature: { value: 61, unit: 'C' } });
  const says = (payload: object) =>
    happened(hours(5), 'corrected', { eventId: read.id, ...payload }) as FoodEvent<'corrected'>;

  it('is as they were entered, where nobody said anything of them', () => {
    expect(asCorrected([])(read)).toBe(read);
    expect(asCorrected([corrected(away, hours(4))])(read)).toBe(read);
  });

  it('is at another time, otherwise, or not at all', () => {
    const temperature = { value: 16, unit: 'C' } as const;
    expect(asCorrected([says({ at: hours(2) })])(read)).toEqual({ ...read, at: hours(2) });
    expect(asCorrected([says({ instead: { temperature } })])(read)).toEqual({
      ...read,
      payload: { temperature },
    });
    expect(asCorrected([says({ withdrawn: true })])(read)).toBeNull();
    // Words no reading can have are none.
    expect(asCorrected([says({ instead: { place: 'moon' } })])(read)).toEqual(read);
  });
});

describe('what happened at one moment', () => {
  it('stands in the order in which it was made, however it arrives', () => {
    const [one, two, three] = [
      moved(hours(1), 'counter'),
      moved(hours(1), 'car'),
      moved(hours(1), 'freezer'),
    ];
    const ids = [came, one, two, three].map(({ id }) => id);
    expect(settle([three, one, came, two]).map(({ id }) => id)).toEqual(ids);
    expect(settle([two, three, one]).map(({ id }) => id)).toEqual(ids.slice(1));
  });

  it('begins with what began first, where two say that they did', () => {
    const again = raw({ place: 'counter' }, hours(1));
    const late = happened(hours(5), 'corrected', { eventId: came.id, at: hours(2) });
    for (const events of [
      [came, again, late],
      [again, came, late],
    ])
      expect(settle(events)[0]!.at).toBe(START);
  });
});
