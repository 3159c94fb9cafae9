import { monthOf } from '@omtel/core/time';
import type { Kitchen } from './useKitchen';

/** What an entry made now says of the air outdoors: nothing in the household's warm months, so that it is taken for warm. */
export const seasonNow = ({
  now,
  zone,
  settings,
}: Pick<Kitchen, 'now' | 'zone' | 'settings'>): { season?: 'cool' } =>
  settings.warmMonths.includes(monthOf(now, zone)) ? {} : { season: 'cool' };
