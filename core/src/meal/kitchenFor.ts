import type { Eater } from '../table';
import { availableBetween, type Availability } from '../time';
import type { Kitchen } from './kitchen';

/** What a household says of its kitchen, and of who cooks when. */
export interface KitchenSettings {
  readonly kitchen: Omit<Kitchen, 'cooks'>;
  readonly cooks: readonly {
    readonly id: string;
    readonly name: string;
    /** When at home and awake; null: as the household. */
    readonly availability: Availability | null;
    readonly noRawPoultry?: boolean;
  }[];
  readonly availability: Availability;
  readonly zone: string;
  /** Who eats here. */
  readonly table: readonly Eater[];
}

/** The kitchen between two moments, with the times its cooks are there. */
export function kitchenFor(settings: KitchenSettings, from: number, to: number): Kitchen {
  return {
    ...settings.kitchen,
    cooks: settings.cooks.map(({ availability, ...cook }) => ({
      ...cook,
      free: availableBetween(availability ?? settings.availability, from, to, settings.zone),
    })),
  };
}
