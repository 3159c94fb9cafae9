import { foodById, isCanned, keepsInCupboard, readMass, type Food, type OwnFood } from '@omtel/core/foods';
import {
  atClock,
  clockOf,
  clockTimeWords,
  daysBetween,
  endOfPrintedDay,
  isoDay,
  lastAtClock,
  parseClockTime,
} from '@omtel/core/time';
import type { Line } from '@omtel/core/line';
import type { FoodEvent, Payload, Shelf } from '@omtel/core/record';
import {
  convertTyped,
  massUnitOf,
  orProblem,
  parseNumber,
  TypedProblem,
  type Mass,
  type MassUnit,
  type UnitSystem,
} from '@omtel/core/units';

type Added = Payload<'added'>;

/** What is said of a food that comes into the stores. */
export interface AddDraft {
  /** What it is ruled as; several kinds for a mixed dish. */
  readonly kinds: readonly string[];
  readonly name: string;
  readonly mass: string;
  /** As it lies there; the usual one of its kind where nobody says. */
  readonly form: Added['form'] | null;
  readonly condition: Added['condition'];
  readonly place: Added['place'];
  /** Days ago, or 'unknown'. */
  readonly since: string;
  /** The time of that day as typed; blank counts from its first minute. */
  readonly sinceClock: string;
  readonly from: 'us' | NonNullable<Added['from']>;
  readonly reheated: boolean;
  readonly came: 'hot' | 'cold';
  /** When it left the heat or the cold where it came from, as typed; blank: nobody knows. */
  readonly outClock: string;
  /** Made here from ingredients at room temperature. */
  readonly fromRoom: boolean;
  readonly printedKind: 'none' | 'useBy' | 'bestBefore';
  readonly printedDay: string;
  readonly withoutAir: boolean;
  /** In the maker's pack, closed yet. */
  readonly unopened: boolean;
  /** On the way home in an insulated bag with frozen packs. */
  readonly bag: boolean;
  /** Where in the refrigerator, where somebody says. */
  readonly shelf?: Shelf;
}

export const draftOf = (food: Food): AddDraft => ({
  kinds: [food.id],
  name: food.name,
  mass: '',
  form: null,
  condition: food.cooking !== null && (food.rawStorage !== null || food.keepsWarm) ? 'fresh' : 'cooked',
  place: 'refrigerator',
  since: '0',
  sinceClock: '',
  from: 'us',
  reheated: false,
  came: food.cooking === null ? 'cold' : 'hot',
  outClock: '',
  fromRoom: false,
  printedKind: 'none',
  printedDay: '',
  withoutAir: false,
  unopened: false,
  bag: false,
});

/** Whether to ask if fish is closed in a pack without air. */
export const asksForAir = ({ kinds, condition }: Pick<AddDraft, 'kinds' | 'condition'>): boolean =>
  condition !== 'cooked' && kinds.some((id) => /^fish|^shellfish/.test(foodById(id).rawStorage ?? ''));

/** What drips must not stand above what is eaten as it is. */
const DRIPS: ReadonlySet<Food['shelf']> = new Set(['wholeRaw', 'groundRaw', 'poultryRaw']);

/** Whether it matters on which shelf of the refrigerator it stands. */
export const asksForShelf = (draft: AddDraft): boolean =>
  placeOf(draft) === 'refrigerator' &&
  draft.condition !== 'cooked' &&
  draft.kinds.some((id) => DRIPS.has(foodById(id).shelf));

/** Whether to ask if its pack was opened: closed it keeps to its use-by. */
export const asksForPack = ({ kinds, printedKind }: Pick<AddDraft, 'kinds' | 'printedKind'>): boolean =>
  printedKind === 'useBy' && kinds.length === 1 && foodById(kinds[0]!).packed === 'pack';

/** Whether to ask if it was made from ingredients at room temperature. */
export const asksForRoom = ({
  kinds,
  condition,
  from,
}: Pick<AddDraft, 'kinds' | 'condition' | 'from'>): boolean =>
  condition === 'cooked' && from === 'us' && foodById(kinds[0]!).cookedStorage === 'mixedSalads';

/** The same from a food of the household's own. */
export const draftOfOwn = ({ name, kinds }: Pick<OwnFood, 'name' | 'kinds'>): AddDraft => ({
  ...draftOf(foodById(kinds[0]!)),
  name,
  kinds,
});

/** Whether it goes by the name of a kind, and not by one of the household's own. */
export const isNamedBy = ({ name }: Pick<AddDraft, 'name'>, kind: string): boolean =>
  name.trim() === foodById(kind).name;

/** What was said of a food when it came, to be set right. */
export function draftOfAdded(
  { payload, at }: FoodEvent<'added'>,
  { zone, units }: { readonly zone: string; readonly units: UnitSystem },
): AddDraft {
  const {
    foodKey,
    parts = [],
    name,
    massKg,
    form,
    condition,
    place,
    since,
    outSince,
    printed,
    from,
  } = payload;
  const bare = draftOf(foodById(foodKey));
  const sinceClock = since === null ? '' : clockOf(since, zone);
  return {
    ...bare,
    kinds: [foodKey, ...parts],
    name,
    mass: convertTyped(String(massKg), 'kg', massUnitOf(units)),
    form,
    condition,
    place,
    since: since === null ? 'unknown' : String(daysBetween(since, at, zone)),
    // A day alone counts from its first minute.
    sinceClock: sinceClock === clockTimeWords({ hour: 0, minute: 0 }) ? '' : sinceClock,
    from: from ?? 'us',
    reheated: payload.reheatedBefore ?? false,
    came: payload.came ?? bare.came,
    outClock: typeof outSince === 'number' ? clockOf(outSince, zone) : '',
    fromRoom: payload.fromRoom ?? false,
    printedKind: printed?.kind ?? 'none',
    printedDay: printed ? isoDay(printed.at, zone) : '',
    withoutAir: payload.withoutAir ?? false,
    unopened: payload.unopened ?? false,
    bag: payload.bag ?? false,
  };
}

/** A draft with what one typed line said besides its food. */
export function withLine(draft: AddDraft, line: Line, units: UnitSystem): AddDraft {
  const { mass, place, condition, daysAgo, clock } = line;
  const said = { ...draft, ...(condition && { condition }), ...(place && { place }) };
  return {
    ...said,
    ...(mass && { mass: convertTyped(String(mass.value), mass.unit, massUnitOf(units)) }),
    ...(daysAgo !== undefined && { since: String(daysAgo) }),
    ...(clock && { sinceClock: clock }),
  };
}

/** As it came the last time, and comes again now. */
export const draftAgain = (payload: Added, { units }: { readonly units: UnitSystem }): AddDraft => ({
  ...draftOf(foodById(payload.foodKey)),
  kinds: [payload.foodKey, ...(payload.parts ?? [])],
  name: payload.name,
  mass: convertTyped(String(payload.massKg), 'kg', massUnitOf(units)),
  form: payload.form,
  condition: payload.condition,
  ...(KEPT_IN.has(payload.place) && { place: payload.place }),
});

/** Where things are put after shopping; out or on the way they were once. */
const KEPT_IN: ReadonlySet<Added['place']> = new Set(['refrigerator', 'freezer', 'cupboard']);

/** The fields that can hold something wrong. */
export type AddField = 'name' | 'mass' | 'sinceClock' | 'outClock' | 'printedDay';

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
  const dry = keepsInCupboard(kinds) && (condition === 'cooked' || !isCanned(kinds[0]!));
  return ['refrigerator', 'freezer', 'counter', 'car', ...(dry ? (['cupboard'] as const) : [])];
}

/** Whether it is a can that is closed yet: no day of it counts. */
export const isClosedCan = (kinds: readonly string[], place: Added['place']): boolean =>
  place === 'cupboard' && isCanned(kinds[0]!);

/** Where it goes: as chosen, or the first place that fits what was chosen since. */
export function placeOf(draft: Pick<AddDraft, 'kinds' | 'condition' | 'place'>): Added['place'] {
  const places = placesFor(draft);
  return places.includes(draft.place) ? draft.place : places[0]!;
}

/** As it lies there, where its kind comes so. */
export function formOf({ kinds, form }: Pick<AddDraft, 'kinds' | 'form'>): Added['form'] {
  const { forms } = foodById(kinds[0]!);
  return form && forms.includes(form) ? form : forms[0]!;
}

/** The weight typed; null where it is no number yet. */
export function typedMass(text: string, unit: MassUnit): Mass | null {
  const read = orProblem(() => ({ value: parseNumber(text), unit }));
  return 'problem' in read ? null : read;
}

/** The food as it is recorded, or a sentence for the field that is wrong. A day alone counts from its first minute. */
export function readAdd(
  draft: AddDraft,
  units: UnitSystem,
  { now, zone, season }: AddedWhen,
): { added: Added } | { field: AddField; problem: string } {
  const name = draft.name.trim();
  if (name === '') return { field: 'name', problem: 'A name, to find it by.' };
  const [foodKey, ...parts] = draft.kinds as [string, ...string[]];
  const read = readMass(draft.mass, massUnitOf(units), units);
  if ('problem' in read) return { field: 'mass', ...read };
  const { massKg } = read;
  const place = placeOf(draft);
  const since = orProblem(() => ({ at: sinceOf(draft, place, now, zone) }));
  if ('problem' in since) return { field: 'sinceClock', ...since };
  const out = orProblem(() => ({
    at: draft.outClock.trim() === '' ? null : lastAtClock(now, parseClockTime(draft.outClock), zone),
  }));
  if ('problem' in out) return { field: 'outClock', ...out };
  const printed = orProblem(() => ({ at: endOfPrintedDay(draft.printedDay, now, zone) }));
  if (draft.printedKind !== 'none' && 'problem' in printed) return { field: 'printedDay', ...printed };
  const elsewhere = draft.from !== 'us';
  return {
    added: {
      foodKey,
      name,
      massKg,
      form: formOf(draft),
      condition: draft.condition,
      place,
      since: since.at,
      ...(place === 'car' && { ...season, ...(draft.bag && { bag: true as const }) }),
      ...(parts.length && { parts }),
      ...(draft.from !== 'us' && { from: draft.from }),
      ...(elsewhere && draft.condition === 'cooked' && { came: draft.came, outSince: out.at }),
      ...(elsewhere && draft.reheated && { reheatedBefore: true as const }),
      ...(asksForRoom(draft) && draft.fromRoom && { fromRoom: true as const }),
      ...(draft.printedKind !== 'none' &&
        'at' in printed && { printed: { kind: draft.printedKind, at: printed.at } }),
      ...(asksForPack(draft) && draft.unopened && { unopened: true as const }),
      ...(asksForAir(draft) && draft.withoutAir && { withoutAir: true as const }),
    },
  };
}

/** A day alone counts from its first minute; a can that is closed has no day to count from yet. */
function sinceOf(
  { kinds, since, sinceClock }: Pick<AddDraft, 'kinds' | 'since' | 'sinceClock'>,
  place: Added['place'],
  now: number,
  zone: string,
): number | null {
  if (since === 'unknown' || isClosedCan(kinds, place)) return null;
  const clock = sinceClock.trim() === '' ? { hour: 0, minute: 0 } : parseClockTime(sinceClock);
  const at = atClock(now, -Number(since), clock, zone);
  if (at > now) throw new TypedProblem('That is still to come.', sinceClock);
  return at;
}
