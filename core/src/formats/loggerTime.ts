import { DateTime } from '../time/luxon';

/** How loggers write a time; luxon's tokens say the rest. */
export const timeFormats = ['iso', 'dayDot', 'daySlash', 'monthSlash', 'seconds', 'milliseconds'] as const;
export type TimeFormat = (typeof timeFormats)[number];

const CLOCKS = ['HH:mm:ss', 'HH:mm', 'h:mm:ss a', 'h:mm a'];
const DATES: Partial<Record<TimeFormat, readonly string[]>> = {
  dayDot: ['d.M.yyyy', 'd.M.yy'],
  daySlash: ['d/M/yyyy', 'd/M/yy'],
  monthSlash: ['M/d/yyyy', 'M/d/yy'],
};

/**
 * A moment as a logger wrote it; null where it is none of that kind.
 *
 * @param zone the zone its clock keeps, where the text does not name one
 * @param after the moment of the row above: an hour that is there twice is the second where the first would lie before it
 */
export function readLoggerTime(
  text: string,
  { format, zone, after }: { readonly format: TimeFormat; readonly zone: string; readonly after?: number },
): number | null {
  const cell = text.trim();
  if (format === 'seconds' || format === 'milliseconds') {
    const digits = format === 'seconds' ? /^\d{9,10}(\.\d+)?$/ : /^\d{12,13}$/;
    return digits.test(cell) ? Math.round(Number(cell) * (format === 'seconds' ? 1000 : 1)) : null;
  }
  const read = format === 'iso' ? readIso(cell, zone) : readLocal(cell.replace(',', ''), format, zone);
  if (!read?.isValid) return null;
  const moments = read
    .getPossibleOffsets()
    .map((each) => each.toMillis())
    .sort((a, b) => a - b);
  return moments.find((at) => after === undefined || at > after) ?? moments[0]!;
}

const readIso = (cell: string, zone: string): DateTime | null =>
  /^\d{4}-\d{2}-\d{2}[T ]\d/.test(cell)
    ? DateTime.fromISO(cell.replace(' ', 'T').replace(/\s+/g, ''), { zone })
    : null;

function readLocal(cell: string, format: TimeFormat, zone: string): DateTime | null {
  for (const date of DATES[format] ?? [])
    for (const clock of CLOCKS) {
      const read = DateTime.fromFormat(cell.replace(/\s+/g, ' '), `${date} ${clock}`, { zone, locale: 'en' });
      if (read.isValid) return read;
    }
  return null;
}
