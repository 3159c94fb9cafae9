import type { Tweaks } from '@omtel/core/forecast';
import { USUAL_REFRIGERATOR, type Refrigerator } from '@omtel/core/thermal';
import {
  lengthUnitOf,
  orProblem,
  parseNumber,
  toCelsius,
  toMetres,
  type UnitSystem,
} from '@omtel/core/units';

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

/** A refrigerator as a cook knows it; blank is the usual. */
export interface RefrigeratorDraft {
  readonly set: string;
  readonly room: string;
  readonly watts: string;
}

export const USUAL_COLD: RefrigeratorDraft = { set: '', room: '', watts: '' };

/** The refrigerator that was described; what cannot be read, or is no refrigerator, counts as not changed. */
export function readRefrigerator(
  { set, room, watts }: RefrigeratorDraft,
  { temperature: unit }: UnitSystem,
): Refrigerator {
  const degrees = (text: string, usual: number, [least, most]: readonly [number, number]) => {
    const value = readOr(text, undefined);
    const asC = value === undefined ? usual : toCelsius({ value, unit });
    return asC >= least && asC <= most ? asC : usual;
  };
  const { setC, roomC, capacityW } = USUAL_REFRIGERATOR;
  const power = readOr(watts, capacityW);
  return {
    ...USUAL_REFRIGERATOR,
    setC: degrees(set, setC, SETTINGS_C),
    roomC: degrees(room, roomC, ROOMS_C),
    capacityW: power > 0 && power <= MOST_WATTS ? power : capacityW,
  };
}

/** What a thermostat can be set to, and rooms a refrigerator stands in, °C. */
const SETTINGS_C = [0, 12] as const;
const ROOMS_C = [0, 45] as const;
const MOST_WATTS = 1000;

function readOr<Otherwise>(text: string, otherwise: Otherwise): number | Otherwise {
  if (text.trim() === '') return otherwise;
  const read = orProblem(() => ({ value: parseNumber(text) }));
  return 'problem' in read ? otherwise : read.value;
}
