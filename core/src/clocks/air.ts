import type { RuleSet } from '../guidance';
import type { Place } from '../record';
import { openExposure, runningExposure, type Exposure } from './exposure';

/** Places where nothing keeps the food cold or hot. No food here keeps in a cupboard once it is opened or cooked. */
const UNCONTROLLED: ReadonlySet<Place> = new Set(['counter', 'car', 'outdoors', 'table', 'cupboard']);
const INDOORS: ReadonlySet<Place> = new Set(['counter', 'table', 'cupboard', 'ice']);

export const uncontrolled = (place: Place): boolean => UNCONTROLLED.has(place);

/** How the air counts where a food goes: how often each minute, and whether a bag may keep the food cold. */
export interface Air {
  readonly factor: number;
  readonly bag: boolean;
}

/** What is known of how it is carried. */
interface Carrying {
  readonly bag?: true;
  readonly season?: 'cool';
}

/**
 * Air nobody measured counts as it was measured in the same house, else once; in a car or outdoors it is taken for warm,
 * unless the household says that the month is a cool one (guidance §11.6).
 *
 * @param from the food as it stands before it goes there; null for one that comes in
 */
export function unknownAir(
  place: Place,
  { season, bag }: Carrying,
  from: { readonly place: Place; readonly exposures: readonly Exposure[] } | null,
  { bandTime }: RuleSet,
): Air {
  if (!INDOORS.has(place)) {
    const factor = season === 'cool' ? 1 : bandTime.warmAirFactor.value.times;
    return { factor, bag: bag === true && place === 'car' };
  }
  const measured = from && INDOORS.has(from.place) ? runningExposure(from.exposures)?.factor : undefined;
  return { factor: measured ?? 1, bag: false };
}

/** Begins the stretch of a food that goes where nothing controls it. What a bag may have kept cold is not certain. */
export function openInAir(
  exposures: readonly Exposure[],
  start: Pick<Exposure, 'ledger' | 'from' | 'place' | 'side'> & Partial<Exposure>,
  { factor, bag }: Air,
  { bandTime }: RuleSet,
): readonly Exposure[] {
  if (!bag) return openExposure(exposures, { ...start, factor });
  const until = start.from + bandTime.insulatedBag.value.ms;
  const carried = { ...start, factor, bag: true } as const;
  const kept = openExposure(exposures, { ...carried, to: until, certain: false });
  return openExposure(kept, { ...carried, from: until });
}
