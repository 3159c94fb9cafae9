import type { Log, LogEntry } from '@omtel/core/api';
import { says } from '@omtel/core/foods';
import { dayName, isoDay, longDay } from '@omtel/core/time';
import { eventWords } from '@omtel/core/record';
import { capital, type UnitSystem } from '@omtel/core/units';

export interface Told {
  readonly units: UnitSystem;
  readonly zone: string;
  /** A moment of the day it is now. */
  readonly today: number;
}

/** All that was read so far. What was set right to another time stands at that, on whatever page it came. */
export function newestFirst(pages: readonly Log[]): readonly LogEntry[] {
  const entries = pages.flatMap((page) => page.entries);
  return pages.length < 2
    ? entries
    : entries.sort((a, b) => b.event.at - a.event.at || (a.event.id < b.event.id ? 1 : -1));
}

/** Under the names of their days, in the order they come. */
export function byDay(
  entries: readonly LogEntry[],
  { today, zone }: Told,
): { title: string; data: LogEntry[] }[] {
  const days = new Map<string, LogEntry[]>();
  for (const entry of entries) {
    const day = capital(dayName(entry.event.at, today, zone));
    days.set(day, [...(days.get(day) ?? []), entry]);
  }
  return [...days].map(([title, data]) => ({ title, data }));
}

/** Whether every word typed is in what an entry tells: its food, what was done and where, its day by name or date. */
export function isSoughtEntry({ event, name, takenBack }: LogEntry, text: string, told: Told): boolean {
  const { today, zone } = told;
  const line = [
    name,
    eventWords(event, told),
    dayName(event.at, today, zone),
    longDay(event.at, zone),
    isoDay(event.at, zone),
    takenBack ? 'taken back' : '',
  ];
  return says(line.join(' '), text);
}
