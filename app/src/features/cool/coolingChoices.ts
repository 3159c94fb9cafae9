import { containerById, type Container, type Stay } from '@omtel/core/forecast';
import {
  lengthUnitOf,
  orProblem,
  parseNumber,
  toMetres,
  type UnitSystem,
  type Problem,
} from '@omtel/core/units';

/** What a cook chooses of a cooling, as it stands in the form. */
export interface CoolingChoices {
  readonly containerId: string;
  readonly ownLength: string;
  readonly ownWidth: string;
  readonly count: number;
  readonly lid: boolean;
  readonly stirred: boolean;
  readonly where: Where;
  readonly start: string;
}

export const OWN = 'own';
export type Where = 'refrigerator' | 'iceFirst' | 'counterFirst' | 'freezer';

const HALF_HOUR_S = 30 * 60;

/** The stays that a place in the form stands for. */
export const STAYS: Record<Where, readonly Stay[]> = {
  refrigerator: [{ place: 'refrigerator', forS: 0 }],
  iceFirst: [
    { place: 'iceBath', forS: HALF_HOUR_S },
    { place: 'refrigerator', forS: 0 },
  ],
  counterFirst: [
    { place: 'counter', forS: 2 * HALF_HOUR_S },
    { place: 'refrigerator', forS: 0 },
  ],
  freezer: [{ place: 'freezer', forS: 0 }],
};

export const WHERE_WORDS: Record<Where, string> = {
  refrigerator: 'Refrigerator',
  iceFirst: 'Ice water first',
  counterFirst: 'Counter, 1 h',
  freezer: 'Freezer',
};

/** A container of the cook's own, of the usual plastic. */
const OWN_HEIGHT_M = 0.12;

/**
 * The container chosen, or a sentence for its fields.
 */
export function readContainer(
  { containerId, ownLength, ownWidth }: CoolingChoices,
  units: UnitSystem,
): Container | Problem {
  if (containerId !== OWN) return containerById(containerId);
  return orProblem(() => {
    const unit = lengthUnitOf(units);
    const [lengthM, widthM] = [ownLength, ownWidth].map((text) =>
      toMetres({ value: parseNumber(text), unit }),
    ) as [number, number];
    if (!(lengthM > 0 && widthM > 0 && lengthM <= 1 && widthM <= 1))
      return { problem: 'A container is wider than nothing and fits on a shelf.' };
    return {
      ...containerById('tub'),
      id: OWN,
      label: 'Own',
      base: { kind: 'square', lengthM, widthM },
      heightM: OWN_HEIGHT_M,
    };
  });
}
