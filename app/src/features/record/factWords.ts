import type { StoreId } from '@omtel/core/api';
import type { StoreFacts } from '@omtel/core/devices';
import type { RuleSet } from '@omtel/core/guidance';
import { dayName, moment } from '@omtel/core/time';
import {
  formatCeiling,
  formatDuration,
  formatTemperature,
  kelvinIn,
  type UnitSystem,
} from '@omtel/core/units';

interface Told {
  readonly now: number;
  readonly zone: string;
  readonly units: UnitSystem;
  readonly rules: RuleSet;
}

export interface FactLine {
  readonly what: string;
  readonly value: string;
  readonly grave?: boolean;
}

/** What the record of a store amounts to, line by line. */
export function factLines(
  store: StoreId,
  { meanC, lowest, highest, readMs, aboveMs, spells, doors }: StoreFacts,
  { now, zone, units, rules }: Told,
): FactLine[] {
  const degrees = (celsius: number) =>
    formatTemperature({ value: Math.round(celsius * 10) / 10, unit: 'C' }, units);
  return [
    { what: 'Mean', value: degrees(meanC) },
    { what: 'Lowest', value: `${degrees(lowest.celsius)}, ${moment(lowest.at, now, zone)}` },
    { what: 'Highest', value: `${degrees(highest.celsius)}, ${moment(highest.at, now, zone)}` },
    {
      what: `Air above ${formatCeiling(rules.bands[store].value.at, units)}`,
      value: aboveMs < 1 ? 'never' : `${formatDuration(aboveMs)} of ${formatDuration(readMs)}`,
    },
    ...spells.map(({ from, to }) => ({
      what: 'Too warm, by its mean over 20 min',
      value:
        to === null
          ? `since ${moment(from, now, zone)}`
          : `${moment(from, now, zone)}, for ${formatDuration(to - from)}`,
      grave: true,
    })),
    ...(store === 'refrigerator'
      ? [
          {
            what: 'Door',
            value:
              doors.length === 0
                ? 'not seen'
                : `opened ${doors.length === 1 ? 'once' : `${doors.length} times`} for long enough to tell`,
          },
        ]
      : []),
  ];
}

/** What is to be done about it; null where nothing is. */
export function adviceWords({ set, trend }: StoreFacts, { now, zone, units, rules }: Told): string | null {
  if (set === 'colder')
    return 'Set it one step colder, and look again tomorrow: it is too near its limit, or passes it again and again.';
  if (set === 'warmer') return 'Set it one step warmer: what stands at the back freezes.';
  if (!trend) return null;
  const perDay = kelvinIn(trend.perDayK, units.temperature);
  const limit = formatCeiling(rules.bands.freezer.value.at, units);
  const passed = trend.passesAt <= now;
  return `It grows warmer by ${perDay.toFixed(1)} °${units.temperature} a day. ${
    passed
      ? `It is no longer at ${limit}`
      : `It will not be at ${limit} after ${dayName(trend.passesAt, now, zone)}`
  }, and what is in it begins to thaw about ${dayName(trend.warmAt, now, zone)}, if it goes on like this. Look at its door, its frost and its vent; if that is not it, empty it in time.`;
}
