import type { Channel } from '@omtel/core/api';
import type { Measured } from '@omtel/core/devices';
import { moment } from '@omtel/core/time';
import { formatTemperature, type UnitSystem } from '@omtel/core/units';

/** What a channel measures, in words. */
export const MEASURED_WORDS: Record<NonNullable<Measured>['of'], string> = {
  refrigerator: 'the refrigerator’s air',
  freezer: 'the freezer’s air',
  food: 'in a food',
};

interface Told {
  readonly now: number;
  readonly zone: string;
  readonly units: UnitSystem;
}

/** A battery this empty is soon flat. */
const LOW = 0.2;

export const isLow = ({ battery }: Pick<Channel, 'battery'>): boolean => battery !== null && battery < LOW;

/** What it read last and when: "3.4 °C, today 17:02". */
export const lastWords = (last: NonNullable<Channel['last']>, { now, zone, units }: Told): string =>
  `${formatTemperature({ value: Math.round(last.celsius * 10) / 10, unit: 'C' }, units)}, ${moment(last.at, now, zone)}`;
