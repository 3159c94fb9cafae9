import { HOUR_MS, MINUTE_MS } from '../units';
import {
  likelyColumns,
  LoggerFileProblem,
  readingsOf,
  readLoggerFile,
  type Columns,
  type TimeFormat,
} from '.';

const zone = 'Europe/Lisbon';
const columns = (over: Partial<Columns> = {}): Columns => ({
  time: 'Time',
  value: 'Temp',
  unit: 'C',
  format: 'iso',
  zone,
  ...over,
});
const read = (text: string, over: Partial<Columns> = {}) =>
  readingsOf(readLoggerFile(text), columns(over), '1');

describe('a logger’s file', () => {
  it('is read whatever stands above its table, with commas, semicolons or tabs', () => {
    const comma = 'Serial,12345\n\nNo,Time,Temp\n1,2026-06-13 17:00,3.5\n2,2026-06-13 17:05,"3.75"\n';
    expect(readLoggerFile(comma).columns).toEqual(['No', 'Time', 'Temp']);
    const at = Date.parse('2026-06-13T16:00:00Z');
    expect(read(comma).readings).toEqual([
      { channel: '1', at, celsius: 3.5, row: 1 },
      { channel: '1', at: at + 5 * MINUTE_MS, celsius: 3.75, row: 2 },
    ]);
    const semicolon = '\uFEFFTime;Temp\r\n2026-06-13 17:00;3,5 °C\r\n2026-06-13 17:05;−18,2\r\n';
    expect(read(semicolon).readings.map(({ celsius }) => celsius)).toEqual([3.5, -18.2]);
    expect(read('Time\tTemp\n2026-06-13T16:00:00Z\t40\n', { unit: 'F' }).readings[0]!.celsius).toBeCloseTo(
      4.444,
      3,
    );
  });

  it.each<[TimeFormat, string]>([
    ['iso', '2026-03-04 05:06'],
    ['dayDot', '04.03.2026 05:06'],
    ['daySlash', '4/3/2026 05:06:00'],
    ['monthSlash', '3/4/26, 5:06 AM'],
    ['seconds', '1772600760'],
    ['milliseconds', '1772600760000'],
  ])('times as %s', (format, text) => {
    expect(read(`Time;Temp\n${text};3`, { format }).readings[0]?.at).toBe(Date.parse('2026-03-04T05:06:00Z'));
    for (const nothing of ['', 'noon', '2026-13-45 99:99', '31/31/2026 05:06'])
      expect(read(`Time;Temp\n"${nothing}";3`, { format }).refused).toHaveLength(1);
  });

  it('an hour that is there twice is told apart by its order', () => {
    // On 25 October 2026 at 02:00 the clocks of Lisbon go back to 01:00.
    const rows = ['00:30', '01:00', '01:30', '01:00', '01:30', '02:00'].map(
      (clock) => `2026-10-25 ${clock},3`,
    );
    const moments = read(`Time,Temp\n${rows.join('\n')}`).readings.map(({ at }) => at);
    moments.slice(1).forEach((at, i) => expect(at - moments[i]!).toBe(HOUR_MS / 2));
  });

  it('rows that cannot be read take no others with them, and are told', () => {
    const { readings, refused, unread } = read(
      'Time,Temp\n2026-06-13 17:00,3\nbroken,3\n2026-06-13 17:10,---\n2026-06-13 17:15,900',
    );
    expect(readings).toHaveLength(1);
    expect(unread).toBe(3);
    expect(refused.map(({ line }) => line)).toEqual([2, 3, 4]);
  });

  it('without a table says so', () => {
    for (const text of ['', 'hello', 'a\nb\nc'])
      expect(() => readLoggerFile(text)).toThrow(LoggerFileProblem);
  });

  it('columns of one name are told apart', () =>
    expect(readLoggerFile('Time,T,T\n2026-06-13 17:00,3,4').columns).toEqual(['Time', 'T', 'T (3)']));
});

describe('what the columns are likely to mean', () => {
  const likely = (text: string) => likelyColumns(readLoggerFile(text), zone);
  it('by their names and by what stands in them', () => {
    expect(
      likely('No,Date/Time,Temperature (°F),Humidity\n1,2026-06-13 17:00,38.5,60\n2,2026-06-13 17:05,39,61'),
    ).toEqual({
      time: 'Date/Time',
      value: 'Temperature (°F)',
      unit: 'F',
      format: 'iso',
      zone,
    });
  });

  it('a day that may be a month is left for the cook to say', () => {
    expect(likely('Time,Temp\n3/4/2026 05:06,3\n3/5/2026 05:06,3').format).toBeUndefined();
    expect(likely('Time,Temp\n13/4/2026 05:06,3\n14/4/2026 05:06,3').format).toBe('daySlash');
    expect(likely('Time,Temp\n4/13/2026 05:06,3\n4/14/2026 05:06,3').format).toBe('monthSlash');
  });
});
