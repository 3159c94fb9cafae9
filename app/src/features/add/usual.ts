import type { Usual } from '@omtel/core/usual';

export const ANYWHERE = 'anywhere';
/** The places in whose order a household unpacks; what stands about or is on its way belongs to no store. */
export const PLACE_NAMES = {
  anywhere: 'All',
  refrigerator: 'Refrigerator',
  freezer: 'Freezer',
  cupboard: 'Cupboard',
} as const;
const MOST_SHOWN = 8;

type Where = keyof typeof PLACE_NAMES;

/** Where what is offered went, after "all". */
export function placesOf({ lately, season }: Usual): readonly Where[] {
  const went = new Set<string>([...lately, ...season].map(({ place }) => place));
  return (Object.keys(PLACE_NAMES) as Where[]).filter((place) => place === ANYWHERE || went.has(place));
}

/** What is offered of what went to one place, or to any. */
export function offeredFor({ lately, season }: Usual, where: Where): Usual {
  const there = (foods: Usual['lately']) =>
    foods.filter(({ place }) => where === ANYWHERE || place === where).slice(0, MOST_SHOWN);
  return { lately: there(lately), season: there(season) };
}
