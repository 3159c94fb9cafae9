import { DateTime, Settings } from 'luxon';
import fc from 'fast-check';
import {
  atClock,
  availableBetween,
  clockFace,
  clockOf,
  clockText,
  clockTimeWords,
  clockWords,
  dayName,
  daysBetween,
  isZone,
  lastAtClock,
  longDay,
  moment,
  parseClockTime,
  saidBy,
  shortDay,
  weekdayName,
  weekdaysFrom,
  endOfDay,
  endOfPrintedDay,
  monthsLater,
} from '.';
import { TypedProblem } from '../units';

const at = (zone: string, text: string) => DateTime.fromISO(text, { zone }).toMillis();
const HOUR_MS = 3_600_000;

describe('clock times as cooks type them', () => {
  it.each([
    ['19:00', 19, 0],
    ['7:05', 7, 5],
    ['19', 19, 0],
    ['7 pm', 19, 0],
    ['12 am', 0, 0],
    ['12:30 pm', 12, 30],
  ])('%s', (text, hour, minute) => expect(parseClockTime(text)).toEqual({ hour, minute }));

  it.each(['', 'noonish', '25:00', '12:60', '7:5:3', '-1:00'])('refuses %j with a sentence', (text) =>
    expect(() => parseClockTime(text)).toThrow(TypedProblem),
  );
});

describe('days', () => {
  const zone = 'Europe/Lisbon';
  const now = at(zone, '2026-06-12T19:02');

  it.each([
    ['2026-06-12T00:00', 'today', '00:00'],
    ['2026-06-12T23:59', 'today', '23:59'],
    ['2026-06-13T00:00', 'tomorrow', 'tomorrow 00:00'],
    ['2026-06-11T23:59', 'yesterday', 'yesterday 23:59'],
    ['2026-06-16T08:30', 'Tuesday', 'Tuesday 08:30'],
    ['2026-06-08T08:30', 'Monday', 'Monday 08:30'],
    ['2026-06-19T08:30', '19 June', '19 June 08:30'],
    ['2027-06-19T08:30', '19 June 2027', '19 June 2027 08:30'],
  ])('%s is %s, read aloud as %s', (text, name, aloud) => {
    expect(dayName(at(zone, text), now, zone)).toBe(name);
    expect(moment(at(zone, text), now, zone)).toBe(aloud);
  });

  it('count calendar days, not hours, across both clock changes', () => {
    for (const day of ['2026-03-29', '2026-10-25']) {
      const before = at(zone, `${day}T00:30`) - HOUR_MS;
      expect(daysBetween(before, at(zone, `${day}T23:30`), zone)).toBe(1);
    }
  });

  it('are named in the household’s zone, not the server’s', () => {
    const late = at('UTC', '2026-06-12T22:30');
    expect(dayName(late, at('UTC', '2026-06-12T12:00'), 'Asia/Kolkata')).toBe('tomorrow');
    expect(clockOf(late, 'Asia/Kolkata')).toBe('04:00');
    expect(longDay(late, 'Asia/Kolkata')).toBe('Saturday 13 June');
    expect(shortDay(late, 'Asia/Kolkata')).toBe('Sat');
    expect([isZone('Asia/Kolkata'), isZone('Nowhere/Land')]).toEqual([true, false]);
  });
});

describe('the wall clock of a zone', () => {
  it('shows the same time on the other side of a clock change', () => {
    for (const [zone, day] of [
      ['Europe/Lisbon', '2026-03-28'],
      ['America/New_York', '2026-10-31'],
      ['Asia/Kolkata', '2026-03-28'],
    ] as const) {
      const from = at(zone, `${day}T12:00`);
      expect(clockOf(atClock(from, 1, { hour: 19, minute: 0 }, zone), zone)).toBe('19:00');
    }
  });

  it('takes a skipped time for one after the change', () => {
    const from = at('Europe/Lisbon', '2026-03-28T12:00');
    expect(clockOf(atClock(from, 1, { hour: 1, minute: 30 }, 'Europe/Lisbon'), 'Europe/Lisbon')).toBe(
      '02:30',
    );
  });
});

describe('when the cook is home and awake', () => {
  const zone = 'UTC';
  const friday = at(zone, '2026-06-12T00:00');
  const shown = (stretches: ReturnType<typeof availableBetween>) =>
    stretches.map(({ from, to }) => `${shortDay(from, zone)} ${clockOf(from, zone)}–${clockOf(to, zone)}`);

  it('is cut to what was asked', () => {
    const hours = { '5': [{ from: '07:00', to: '22:00' }] };
    expect(shown(availableBetween(hours, friday + 9 * HOUR_MS, friday + 12 * HOUR_MS, zone))).toEqual([
      'Fri 09:00–12:00',
    ]);
    expect(availableBetween(hours, friday + 23 * HOUR_MS, friday + 24 * HOUR_MS, zone)).toEqual([]);
  });

  it('has as many stretches a day as it has, and none on days not named', () => {
    const hours = {
      '5': [
        { from: '06:30', to: '08:00' },
        { from: '17:00', to: '23:00' },
      ],
    };
    expect(shown(availableBetween(hours, friday, friday + 48 * HOUR_MS, zone))).toEqual([
      'Fri 06:30–08:00',
      'Fri 17:00–23:00',
    ]);
  });
});

describe('the last time a clock showed', () => {
  const now = Date.UTC(2026, 5, 12, 17);
  it('is today’s, up to this minute', () => {
    expect(lastAtClock(now, { hour: 17, minute: 0 }, 'UTC')).toBe(now);
    expect(lastAtClock(now, { hour: 9, minute: 30 }, 'UTC')).toBe(Date.UTC(2026, 5, 12, 9, 30));
  });
  it('or else yesterday’s', () =>
    expect(lastAtClock(now, { hour: 17, minute: 1 }, 'UTC')).toBe(Date.UTC(2026, 5, 11, 17, 1)));
});

describe('a printed date', () => {
  const december = Date.UTC(2026, 11, 20);
  it.each([
    ['2026-06-15', Date.UTC(2026, 5, 16) - 1],
    ['15.6.2026', Date.UTC(2026, 5, 16) - 1],
    ['15/6/2026', Date.UTC(2026, 5, 16) - 1],
    ['24.12.', Date.UTC(2026, 11, 25) - 1],
    ['18.12', Date.UTC(2026, 11, 19) - 1],
    ['3.1.', Date.UTC(2027, 0, 4) - 1],
  ])('%s is read to the end of its day', (text, at) =>
    expect(endOfPrintedDay(text, december, 'UTC')).toBe(at),
  );
  it.each(['', 'soon', '31.2.', '2026-13-01', '15'])('%j is none', (text) =>
    expect(() => endOfPrintedDay(text, december, 'UTC')).toThrow(TypedProblem),
  );
});

describe('the hour that comes twice', () => {
  const zone = 'Europe/Lisbon';
  const [before, after] = [Date.UTC(2026, 9, 25, 0, 30), Date.UTC(2026, 9, 25, 1, 30)];
  it('is told apart in words, and in no other night', () => {
    expect([clockOf(before, zone), clockOf(after, zone)]).toEqual(['01:30', '01:30']);
    expect([clockWords(before, zone), clockWords(after, zone)]).toEqual(['01:30 old time', '01:30 new time']);
    expect(moment(after, after, zone)).toBe('01:30 new time');
    expect(clockWords(before - HOUR_MS, zone)).toBe('00:30');
    expect(clockWords(after + HOUR_MS, zone)).toBe('02:30');
    expect(clockWords(before, 'UTC')).toBe('00:30');
    // In spring an hour is left out; none comes twice.
    expect(clockWords(Date.UTC(2026, 2, 29, 1, 30), zone)).toBe('02:30');
  });
});

describe('calendar arithmetic', () => {
  it('ends a day with its last second, whatever the clocks do that night', () => {
    const zone = 'Europe/Lisbon';
    const before = Date.UTC(2026, 9, 24, 20);
    expect(new Date(endOfDay(before, 1, zone)).toISOString()).toBe('2026-10-25T23:59:59.000Z');
    expect(endOfDay(before, 0, zone)).toBe(Date.UTC(2026, 9, 24, 22, 59, 59));
  });

  it('counts months by the calendar, and to the last day of a short one', () => {
    expect(monthsLater(Date.UTC(2026, 0, 31, 9), 1, 'UTC')).toBe(Date.UTC(2026, 1, 28, 9));
    expect(monthsLater(Date.UTC(2026, 1, 1, 9), 6, 'Europe/Lisbon')).toBe(Date.UTC(2026, 7, 1, 8));
  });

  it('names days in Omtel’s language wherever it runs', () => {
    expect(dayName(Date.UTC(2026, 5, 16), Date.UTC(2026, 5, 12), 'UTC')).toBe('Tuesday');
    expect(Settings.defaultLocale).toBe('en-US');
  });
});

describe('a clock of twelve hours', () => {
  const minutes = fc.integer({ min: 0, max: 24 * 60 - 1 });
  const timeOf = (minute: number) => ({ hour: Math.floor(minute / 60), minute: minute % 60 });

  it('is said for one household, and no other, whatever comes of it', () => {
    const at = Date.UTC(2026, 5, 12, 19, 5);
    expect(saidBy(12, () => clockWords(at, 'UTC'))).toBe('7:05 pm');
    expect(clockWords(at, 'UTC')).toBe('19:05');
    expect(() =>
      saidBy(12, () => {
        throw new Error('no');
      }),
    ).toThrow('no');
    expect(clockFace()).toBe(24);
  });

  it('begins each half with twelve', () => {
    const said = [0, 1, 59, 60, 719, 720, 721, 780, 1439].map((minute) =>
      saidBy(12, () => clockTimeWords(timeOf(minute))),
    );
    expect(said).toEqual([
      '12:00 am',
      '12:01 am',
      '12:59 am',
      '1:00 am',
      '11:59 am',
      '12:00 pm',
      '12:01 pm',
      '1:00 pm',
      '11:59 pm',
    ]);
  });

  it('says both hours in the night in which one comes twice', () => {
    const before = Date.UTC(2026, 9, 25, 0, 30);
    expect(saidBy(12, () => clockWords(before, 'Europe/Vienna'))).toBe('2:30 am old time');
    expect(saidBy(12, () => clockWords(before + HOUR_MS, 'Europe/Vienna'))).toBe('2:30 am new time');
  });

  it('reads what either face says', () => {
    fc.assert(
      fc.property(minutes, fc.constantFrom(12 as const, 24 as const), (minute, face) => {
        const time = timeOf(minute);
        const said = saidBy(face, () => clockTimeWords(time));
        expect(parseClockTime(said)).toEqual(time);
        expect(clockText(said)).toBe(clockTimeWords(time));
      }),
    );
  });
});

it('a week begins with any day, and has each once', () => {
  expect(weekdaysFrom('7').map(weekdayName)).toEqual([
    'Sunday',
    'Monday',
    'Tuesday',
    'Wednesday',
    'Thursday',
    'Friday',
    'Saturday',
  ]);
  expect(weekdaysFrom('1').map(weekdayName)[0]).toBe('Monday');
  expect(new Set(weekdaysFrom('6')).size).toBe(7);
});
