import { HOUR_MS, MINUTE_MS } from '@omtel/core/units';
import ICAL from 'ical.js';
import { tzlib_get_ical_block as zoneBlocks } from 'timezones-ical-library';

/** One thing to do, as a calendar has it. */
export interface CalendarEntry {
  /** The same each time the calendar is read. */
  readonly id: string;
  readonly at: number;
  readonly lastsMs: number;
  readonly title: string;
  readonly detail: string;
}

interface FileFacts {
  readonly zone: string;
  /** When it is written. */
  readonly stamp: number;
  /** Grows with every change of what it tells. */
  readonly sequence: number;
}

/** What takes no hands is a moment, and no calendar shows one. */
const SHORTEST_MS = 5 * MINUTE_MS;
/** One is told so long before, and a calendar that follows looks again as often. */
const AHEAD = 'PT5M';

/** Entries as an iCalendar file (RFC 5545), in the household's time zone, each with an alarm. */
export function calendarFile(
  name: string,
  entries: readonly CalendarEntry[],
  { zone, stamp, sequence }: FileFacts,
): string {
  const calendar = new ICAL.Component('vcalendar');
  calendar.addPropertyWithValue('version', '2.0');
  calendar.addPropertyWithValue('prodid', '-//Omtel//Kitchen//EN');
  calendar.addPropertyWithValue('calscale', 'GREGORIAN');
  calendar.addPropertyWithValue('method', 'PUBLISH');
  calendar.addPropertyWithValue('name', name);
  calendar.addPropertyWithValue('x-wr-calname', name);
  calendar.addPropertyWithValue('x-published-ttl', AHEAD);
  const local = zoneOf(zone);
  if (local) calendar.addSubcomponent(local.component);
  for (const { id, at, lastsMs, title, detail } of entries) {
    const event = new ICAL.Component('vevent');
    const dated = (property: string, when: number) => {
      const inUtc = ICAL.Time.fromJSDate(new Date(when), true);
      if (!local || isTwice(when, local.timezone)) event.addPropertyWithValue(property, inUtc);
      else
        event
          .addPropertyWithValue(property, inUtc.convertToZone(local.timezone))
          .setParameter('tzid', local.timezone.tzid);
    };
    event.addPropertyWithValue('uid', `${id}@omtel`);
    // When it was written is told in UTC whatever the zone.
    event.addPropertyWithValue('dtstamp', ICAL.Time.fromJSDate(new Date(stamp), true));
    event.addPropertyWithValue('sequence', sequence);
    dated('dtstart', at);
    dated('dtend', at + Math.max(lastsMs, SHORTEST_MS));
    event.addPropertyWithValue('summary', title);
    event.addPropertyWithValue('description', detail);
    const alarm = new ICAL.Component('valarm');
    alarm.addPropertyWithValue('action', 'DISPLAY');
    alarm.addPropertyWithValue('description', title);
    alarm.addPropertyWithValue('trigger', ICAL.Duration.fromString(`-${AHEAD}`));
    event.addSubcomponent(alarm);
    calendar.addSubcomponent(event);
  }
  return `${calendar.toString()}\r\n`;
}

/** Whether the clock on the wall shows a moment's time twice, because it is put back: then only UTC says which is meant. */
function isTwice(at: number, timezone: ICAL.Timezone): boolean {
  const shown = (when: number) =>
    ICAL.Time.fromJSDate(new Date(when), true).convertToZone(timezone).toString();
  return [-HOUR_MS, HOUR_MS].some((by) => shown(at + by) === shown(at));
}

/** A zone with its changes of clock, as calendars tell it; null for UTC, which needs none. */
function zoneOf(zone: string) {
  const [block] = zoneBlocks(zone) as readonly string[];
  if (!block || zone === 'UTC' || zone === 'Etc/UTC') return null;
  const component = new ICAL.Component(ICAL.parse(block));
  return { component, timezone: new ICAL.Timezone({ component, tzid: zone }) };
}
