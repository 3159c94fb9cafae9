import { foodById, searchFoods, type FormId } from '@omtel/core/foods';
import { trialPlaces, usualH, type Trial, type TrialPlace } from '@omtel/core/forecast';
import {
  inUnit,
  massUnitOf,
  lengthUnitOf,
  orProblem,
  parseNumber,
  toCelsius,
  toKilograms,
  toMetres,
  type UnitSystem,
  type Problem,
} from '@omtel/core/units';

/** A trial as it is typed. */
export interface TrialDraft {
  readonly search: string;
  readonly form: FormId;
  readonly place: TrialPlace;
  readonly mass: string;
  readonly thickest: string;
  readonly start: string;
  readonly around: string;
  readonly h: string;
}

const shown = (celsius: number, units: UnitSystem): string =>
  String(Math.round(inUnit({ value: celsius, unit: 'C' }, units.temperature).value));

/** A draft that begins with what is usual at a place. */
export function draftAt(place: TrialPlace, search: string, startC: number, units: UnitSystem): TrialDraft {
  const food = searchFoods(search)[0] ?? foodById('lamb-shoulder-bone-in');
  return {
    search,
    form: food.forms[0]!,
    mass: units.mass === 'metric' ? '2' : '4.5',
    thickest: '',
    start: shown(startC, units),
    ...usualAt(place, units),
  };
}

export const usualAt = (
  place: TrialPlace,
  units: UnitSystem,
): Pick<TrialDraft, 'place' | 'around' | 'h'> => ({
  place,
  around: shown(trialPlaces[place].aroundC, units),
  h: String(usualH(place)),
});

/** What was typed, read; or a sentence that says what is wrong with which field. */
export function readTrial(draft: TrialDraft, untilS: number, units: UnitSystem): Trial | Problem {
  const food = searchFoods(draft.search)[0];
  if (!food || draft.search.trim() === '') return { problem: 'No food by that name.' };
  return orProblem(() => {
    const degrees = (text: string) => toCelsius({ value: parseNumber(text), unit: units.temperature });
    return {
      foodKey: food.id,
      form: draft.form,
      massKg: toKilograms({ value: parseNumber(draft.mass), unit: massUnitOf(units) }),
      thickestM:
        draft.thickest.trim() === ''
          ? undefined
          : toMetres({ value: parseNumber(draft.thickest), unit: lengthUnitOf(units) }),
      startC: degrees(draft.start),
      aroundC: degrees(draft.around),
      h: parseNumber(draft.h),
      untilS,
    };
  });
}
