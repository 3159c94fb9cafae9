import type { Tweaks } from '@omtel/core/forecast';
import { lengthUnitOf, NumberProblem, parseNumber, toMetres, type UnitSystem } from '@omtel/core/units';

/** How many times the usual coefficient, to choose from. */
export const TIMES = ['0.5', '0.75', '1', '1.5', '2'] as const;

/** A forecast's assumptions as a cook changes them; blank is the usual. */
export interface TweakDraft {
  readonly hTimes: (typeof TIMES)[number];
  readonly fat: string;
  /** Left out where the thickness is not this forecast's to change. */
  readonly thickest?: string;
}

export const USUAL: TweakDraft = { hTimes: '1', fat: '' };
export const USUAL_WITH_THICKNESS: TweakDraft = { ...USUAL, thickest: '' };

/** What was changed, read; what cannot be read counts as not changed. */
export function readTweaks(
  { hTimes, fat, thickest = '' }: TweakDraft,
  units: UnitSystem,
): Tweaks & { readonly thickestM?: number } {
  const thick = readOr(thickest, undefined);
  return {
    hTimes: Number(hTimes),
    fat: readOr(fat, undefined),
    thickestM: thick === undefined ? undefined : toMetres({ value: thick, unit: lengthUnitOf(units) }),
  };
}

function readOr<Otherwise>(text: string, otherwise: Otherwise): number | Otherwise {
  if (text.trim() === '') return otherwise;
  try {
    return parseNumber(text);
  } catch (error) {
    if (error instanceof NumberProblem) return otherwise;
    throw error;
  }
}
