import { containerById, type Container, type Stay } from '@omtel/core/forecast';
import type { FoodState } from '@omtel/core/trail';
import {
  fromMetres,
  inUnit,
  lengthUnitOf,
  orProblem,
  parseNumber,
  toCelsius,
  toMetres,
  type Problem,
  type Temperature,
  type UnitSystem,
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

/** Off the hob a pot is about as hot, °C. */
const OFF_THE_HEAT_C = 90;
/** A container of one's own begins as large as a tub for leftovers, m. */
const OWN_BASE_M = { lengthM: 0.2, widthM: 0.15 };

/** The plan under way where there is one, else the pot as it comes off the hob; every figure as it is typed in the household's units. */
export function choicesFor(
  { cooling, lastReading }: Pick<FoodState, 'cooling' | 'lastReading'>,
  units: UnitSystem,
): CoolingChoices {
  const plan = cooling?.plan;
  const where = (Object.keys(STAYS) as Where[]).find(
    (name) => JSON.stringify(STAYS[name]) === JSON.stringify(plan?.stays),
  );
  const { id = 'pot', base } = plan?.container ?? {};
  const own = id === OWN && base?.kind === 'square' ? base : OWN_BASE_M;
  const length = (lengthM: number) => typed(fromMetres(lengthM, lengthUnitOf(units)));
  const degrees = (temperature: Temperature) => inUnit(temperature, units.temperature).value;
  return {
    containerId: id,
    ownLength: length(own.lengthM),
    ownWidth: length(own.widthM),
    count: plan?.count ?? 1,
    lid: plan?.lid ?? true,
    stirred: plan?.stirred ?? false,
    where: where ?? 'refrigerator',
    start: plan
      ? typed(degrees({ value: plan.startC, unit: 'C' }))
      : // Rounded up: a warmer beginning never makes a forecast better.
        String(Math.ceil(degrees(lastReading?.temperature ?? { value: OFF_THE_HEAT_C, unit: 'C' }) - 1e-9)),
  };
}

/** As finely as a field is filled in. */
const typed = (value: number): string => String(Number(value.toFixed(2)));

const [COLDEST_START_C, HOTTEST_START_C] = [5, 110];

/** How warm it is now, or a sentence for the field. */
export function readStart(text: string, { temperature: unit }: UnitSystem): { startC: number } | Problem {
  return orProblem(() => {
    const startC = toCelsius({ value: parseNumber(text), unit });
    return startC >= COLDEST_START_C && startC <= HOTTEST_START_C
      ? { startC }
      : { problem: 'Food comes off the heat warm, and no hotter than boiling.' };
  });
}
