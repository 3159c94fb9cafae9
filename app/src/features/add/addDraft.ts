import { foodById, HEAVIEST_KG, type Food } from '@omtel/core/foods';
import { atClock } from '@omtel/core/time';
import type { Payload } from '@omtel/core/trail';
import { NumberProblem, parseNumber, toKilograms, type MassUnit } from '@omtel/core/units';

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
});

/** The food as it is recorded, or a sentence for the field that is wrong. A day alone counts from its first minute. */
export function readAdd(
  draft: AddDraft,
  unit: MassUnit,
  now: number,
  zone: string,
): { added: Added } | { field: 'name' | 'mass'; problem: string } {
  const name = draft.name.trim();
  if (name === '') return { field: 'name', problem: 'A name, to find it by.' };
  const [foodKey, ...parts] = draft.kinds as [string, ...string[]];
  try {
    const massKg = toKilograms({ value: parseNumber(draft.mass), unit });
    if (massKg <= 0) return { field: 'mass', problem: 'The weight must be more than nothing.' };
    if (massKg > HEAVIEST_KG) return { field: 'mass', problem: `At most ${HEAVIEST_KG} kg.` };
    const midnight = (days: number) => atClock(now, -days, { hour: 0, minute: 0 }, zone);
    return {
      added: {
        foodKey,
        name,
        massKg,
        form: foodById(foodKey).forms[0]!,
        condition: draft.condition,
        place: draft.condition === 'frozen' ? 'freezer' : draft.place,
        since: draft.since === 'unknown' ? null : midnight(Number(draft.since)),
        ...(parts.length && { parts }),
        ...(draft.from !== 'us' && { from: draft.from }),
        ...(draft.from !== 'us' && draft.reheated && { reheatedBefore: true as const }),
      },
    };
  } catch (error) {
    if (error instanceof NumberProblem) return { field: 'mass', problem: error.message };
    throw error;
  }
}
