import type { Section, Taken } from '@omtel/core/portable';
import { many } from './many';

/** The lists a person knows by a name; the others are beside these. */
const NAMES: Partial<Record<Section, readonly [one: string, several: string]>> = {
  events: ['entry', 'entries'],
  storeReadings: ['reading of the stores', 'readings of the stores'],
  powerCuts: ['power cut', 'power cuts'],
  devices: ['device', 'devices'],
  deviceReadings: ['reading of a device', 'readings of devices'],
};

/** What was taken in, or would be, a line each. */
export function takenWords({ dry, from, lists, foods, meals, settings }: Taken): readonly string[] {
  const named = Object.entries(NAMES) as [Section, readonly [string, string]][];
  const count = (which: 'fresh' | 'known') =>
    named
      .filter(([section]) => lists[section][which] > 0)
      .map(([section, names]) => many(lists[section][which], names))
      .join(', ');
  const [fresh, known] = [count('fresh'), count('known')];
  const changes = fresh
    ? `${dry ? 'This would add' : 'Added'}: ${fresh}. ${many(foods, ['food', 'foods'])} and ${many(meals, ['meal', 'meals'])} ${dry ? 'would be' : 'were'} worked out by them.`
    : 'All of it is here already.';
  return [
    `From ${from}.`,
    changes,
    ...(fresh && known ? [`Here already: ${known}.`] : []),
    ...(settings
      ? [dry ? 'Its settings would take the place of yours.' : 'Its settings took the place of yours.']
      : []),
  ];
}
