import type { Settings } from '@omtel/core/api';
import { formatTemperature, type UnitSystem } from '@omtel/core/units';
import { storeChange } from '../kept/storeChange';
import type { Change } from './drawer';

const SETTINGS: Record<keyof Settings, string> = {
  units: 'units',
  times: 'how clocks are read',
  reminders: 'how you are reminded',
  theme: 'light or dark',
  largerText: 'larger text',
  zone: 'time zone',
  guidance: 'the rules you follow',
  formerZones: 'former time zones',
  thermometers: 'thermometers',
  altitudeM: 'altitude',
  warmMonths: 'warm months',
  ownFoods: 'own foods',
  availability: 'when you are home and awake',
  kitchen: 'what there is to cook with',
  table: 'who eats here',
  cooks: 'who cooks',
};

/** A change that is no entry, as the list of what waits says it. */
export function changeWords(change: Change, units: UnitSystem): string {
  const said = storeChange(change);
  switch (said?.kind) {
    case undefined:
      return `Settings: ${settingsIn(change).join(', ')}`;
    case 'read':
      return `The ${said.reading.store} read ${formatTemperature(said.reading.temperature, units)}`;
    case 'notRead':
      return 'A reading of a store’s air taken back';
    case 'powerOff':
      return 'The power is off';
    case 'neverOff':
      return 'The power was not off';
    case 'powerOn':
      return 'The power is back';
    case 'notOn':
      return 'The power is not back';
  }
}

const settingsIn = ({ body }: Change): string[] =>
  Object.keys(body as object)
    .filter((key): key is keyof Settings => key in SETTINGS)
    .map((key) => SETTINGS[key]);

/** When it was made: a UUID v7 begins with that. */
export const madeAt = ({ id }: Pick<Change, 'id'>): number => parseInt(id.slice(0, 8) + id.slice(9, 13), 16);
