import Papa from 'papaparse';
import { z } from 'zod';
import { toCelsius } from '../units';
import {
  COLDEST_READ_C,
  HOTTEST_READ_C,
  type DeviceReading,
  lineOf,
  type RefusedLine,
} from '../devices/line';
import { readLoggerTime, timeFormats } from './loggerTime';

/** How the columns of a logger's file are read; remembered for the next one. */
export const columnsSchema = z
  .object({
    time: z.string().min(1).max(80),
    value: z.string().min(1).max(80),
    unit: z.enum(['C', 'F']),
    /** How its times are written. */
    format: z.enum(timeFormats),
    /** The zone its clock keeps, where a time does not name one. */
    zone: z.string().max(60),
  })
  .strict();
export type Columns = z.infer<typeof columnsSchema>;

/** A logger's file: its columns by name, and its rows. */
export interface LoggerFile {
  readonly columns: readonly string[];
  readonly rows: readonly Readonly<Record<string, string>>[];
}

/** More rows than a year of minutes are no file of a kitchen's logger. */
export const MOST_ROWS = 600_000;
/** So many of what cannot be read are told one by one. */
const MOST_TOLD = 20;

/**
 * Reads a file of values between commas, semicolons or tabs. Lines above the one that names the columns, as loggers write about
 * themselves, are passed over.
 *
 * @throws LoggerFileProblem where there is no table in it
 */
export function readLoggerFile(text: string): LoggerFile {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const widest = data.slice(0, 200).reduce((most, row) => Math.max(most, row.length), 0);
  const head = data.findIndex((row) => row.length === widest && row.every((cell) => cell.trim() !== ''));
  if (widest < 2 || head < 0)
    throw new LoggerFileProblem('There is no table with a time and a value in this file.');
  if (data.length > MOST_ROWS)
    throw new LoggerFileProblem(`At most ${MOST_ROWS} rows at once. Cut the file.`);
  const names = data[head]!.map((cell) => cell.trim());
  const columns = names.map((name, i) => (names.indexOf(name) === i ? name : `${name} (${i + 1})`));
  return {
    columns,
    rows: data
      .slice(head + 1)
      .map((row) => Object.fromEntries(columns.map((name, i) => [name, row[i]?.trim() ?? '']))),
  };
}

/** A file no readings can be taken from. The message is for the cook. */
export class LoggerFileProblem extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'LoggerFileProblem';
  }
}

/**
 * The columns a file is likely to mean, by their names and by what stands in them. More than one way to read its times is none: whether
 * 3/4 is in March or April is for the cook to say.
 *
 * @param zone the household's
 */
export function likelyColumns({ columns, rows }: LoggerFile, zone: string): Partial<Columns> {
  const some = rows.slice(0, 500);
  const share = (fits: (cell: string) => boolean) => (name: string) =>
    some.filter((row) => fits(row[name] ?? '')).length / Math.max(1, some.length);
  const most = (of: (name: string) => number, among: readonly string[]) =>
    among.map((name) => [of(name), name] as const).sort(([a], [b]) => b - a)[0];
  const readable = (name: string) =>
    Math.max(
      ...timeFormats.map((format) => share((cell) => readLoggerTime(cell, { format, zone }) !== null)(name)),
    );
  const [timeFits, time] =
    most((name) => readable(name) + (/time|date|zeit|heure/i.test(name) ? 0.5 : 0), columns) ?? [];
  const others = columns.filter((name) => name !== time);
  const numeric = share((cell) => Number.isFinite(readNumber(cell)));
  const [valueFits, value] =
    most(
      (name) => numeric(name) + (/temp|celsius|fahrenheit|°|value|\bc\b|\bf\b/i.test(name) ? 0.5 : 0),
      others,
    ) ?? [];
  const formats = time
    ? timeFormats.filter(
        (format) => share((cell) => readLoggerTime(cell, { format, zone }) !== null)(time) > 0.95,
      )
    : [];
  return {
    ...(timeFits && timeFits > 0.5 && { time }),
    ...(valueFits && valueFits > 0.5 && { value }),
    ...(value && { unit: /fahrenheit|°\s*f|\bf\b|\(f\)/i.test(value) ? 'F' : 'C' }),
    ...(formats.length === 1 && { format: formats[0] }),
    zone,
  };
}

/**
 * The readings of a file, in the order of its rows. Where the clock goes back for the winter an hour stands in it twice: a row that
 * would lie before the one above it is of the second.
 *
 * @returns each reading with the row it stands in, counted from 1
 */
export function readingsOf(
  { rows }: LoggerFile,
  { time, value, unit, ...how }: Columns,
  channel: string,
): {
  readonly readings: readonly (DeviceReading & { readonly row: number })[];
  readonly refused: readonly RefusedLine[];
  readonly unread: number;
} {
  const readings: (DeviceReading & { row: number })[] = [];
  const refused: RefusedLine[] = [];
  let unread = 0;
  rows.forEach((row, index) => {
    const at = readLoggerTime(row[time] ?? '', { ...how, after: readings.at(-1)?.at });
    const celsius = toCelsius({ value: readNumber(row[value] ?? ''), unit });
    const sentence =
      at === null
        ? `“${row[time] ?? ''}” is no time of that kind.`
        : !(celsius >= COLDEST_READ_C && celsius <= HOTTEST_READ_C)
          ? `“${row[value] ?? ''}” is no temperature of a kitchen.`
          : null;
    if (sentence === null) readings.push({ channel, at: at!, celsius, row: index + 1 });
    else {
      unread += 1;
      if (refused.length < MOST_TOLD) refused.push({ line: index + 1, sentence });
    }
  });
  return { readings, refused, unread };
}

/** A number as loggers write it, with a point or a comma, and with or without its unit. */
function readNumber(cell: string): number {
  const [figure] = /^[-−+]?\d+(?:[.,]\d+)?/.exec(cell.trim()) ?? [];
  return figure === undefined ? NaN : Number(figure.replace('−', '-').replace(',', '.'));
}

/** Readings as a device would send them. */
export const linesOf = (readings: readonly DeviceReading[]): string => readings.map(lineOf).join('\n');
