import { foodById, isCanned, readMass, type Food, type OwnFood } from '@omtel/core/foods';
import { atClock } from '@omtel/core/time';
import type { Payload } from '@omtel/core/trail';
import { massUnitOf, type UnitSystem } from '@omtel/core/units';

type Added = Payload<'added'>;

/** What is said of a food that comes into the stores. */
export interface AddDraft {
  /** What it is ruled as; several kinds for a mixed dish. */
  readonly kinds: readonly string[];
  readonly name: string;
  readonly mass: string;
  readonly condition: Added['condition'];
  readonly place: Added['place'];
  /** Days ago, or 'unknown'. */
  readonly since: string;
  readonly from: 'us' | 'guest' | 'takeaway';
  readonly reheated: boolean;
  /** On the way home in an insulated bag with frozen packs. */
  readonly bag: boolean;
}

export const draftOf = (food: Food): AddDraft => ({
  kinds: [food.id],
  name: food.name,
  mass: '',
  condition: food.rawStorage === null ? 'cooked' : 'fresh',
  place: 'refrigerator',
  since: '0',
  from: 'us',
  reheated: false,
  bag: false,
});

/** The same from a food of the household's own. */
export const draftOfOwn = ({ name, kinds }: OwnFood): AddDraft => ({
  ...draftOf(foodById(kinds[0]!)),
  name,
  kinds,
});

/** When it is recorded, and what the household says of the season. */
export interface AddedWhen {
  readonly now: number;
  readonly zone: string;
  readonly season: { readonly season?: 'cool' };
}

/** Where a food of a kind and a condition can go. */
export function placesFor({
  kinds,
  condition,
}: Pick<AddDraft, 'kinds' | 'condition'>): readonly Added['place'][] {
  if (condition === 'frozen') return ['freezer', 'car'];
  const closed = kinds.length === 1 && condition === 'cooked' && isCanned(kinds[0]!);
  return ['refrigerator', 'freezer', 'counter', 'car', ...(closed ? (['cupboard'] as const) : [])];
}

/** Where it goes: as chosen, or the first place that fits what was chosen since. */
export function placeOf(draft: Pick<AddDraft, 'kinds' | 'condition' | 'place'>): Added['place'] {
  const places = placesFor(draft);
  return places.includes(draft.place) ? draft.place : places[0]!;
}

/** The food as it is recorded, or a sentence for the field that is wrong. A day alone counts from its first minute. */
export function readAdd(
  draft: AddDraft,
  units: UnitSystem,
  { now, zone, season }: AddedWhen,
): { added: Added } | { field: 'name' | 'mass'; problem: string } {
  const name = draft.name.trim();
  if (name === '') return { field: 'name', problem: 'A name, to find it by.' };
  const [foodKey, ...parts] = draft.kinds as [string, ...string[]];
  const read = readMass(draft.mass, massUnitOf(units), units);
  if ('problem' in read) return { field: 'mass', ...read };
  const { massKg } = read;
  const place = placeOf(draft);
  const midnight = (days: number) => atClock(now, -days, { hour: 0, minute: 0 }, zone);
  return {
    added: {
      foodKey,
      name,
      massKg,
      form: foodById(foodKey).forms[0]!,
      condition: draft.condition,
      place,
      // A can that is closed has no day to count from yet.
      since: draft.since === 'unknown' || place === 'cupboard' ? null : midnight(Number(draft.since)),
      ...(place === 'car' && { ...season, ...(draft.bag && { bag: true as const }) }),
      ...(parts.length && { parts }),
      ...(draft.from !== 'us' && { from: draft.from }),
      ...(draft.from !== 'us' && draft.reheated && { reheatedBefore: true as const }),
    },
  };
}
