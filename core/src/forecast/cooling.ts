import type { Food } from '../foods';
import {
  forecast,
  materialOfFood,
  media,
  throughWall,
  USUAL_REFRIGERATOR,
  valueAt,
  type Coefficient,
  type FaceEnvironment,
  type Moment,
  type Neighbour,
  type OnProgress,
  type Refrigerator,
  type Segment,
  type Series,
} from '../thermal';
import { filled, type Container } from './containers';
import { factorFor, type Factor, type Prior } from './factor';
import { timesH, withTweaks, type Tweaks } from './tweaks';

export type CoolingPlace = 'counter' | 'iceBath' | 'refrigerator' | 'freezer';

/** One stay of a cooling, in order; the last one holds for ever, whatever its `forS`. */
export interface Stay {
  readonly place: CoolingPlace;
  readonly forS: number;
}

/** How a batch is to be cooled. */
export interface CoolingInput extends Tweaks {
  readonly food: Pick<Food, 'composition' | 'freezingPointC'>;
  readonly massKg: number;
  readonly startC: number;
  readonly container: Container;
  readonly count: number;
  readonly lid: boolean;
  readonly stirred: boolean;
  readonly stays: readonly Stay[];
  readonly refrigerator?: Refrigerator;
  readonly neighbours?: readonly Neighbour[];
  /** The coefficients have been found to be so many times what is usual, by a reading. */
  readonly fit?: number;
  /** How long the clock of its marks has run already, where the forecast begins in the middle of a cooling, s. */
  readonly clockS?: number;
}

/** A batch forecast with the usual coefficients and with the ends of their range. */
export interface CoolingBand {
  readonly usual: Series;
  readonly slow: Series;
  readonly fast: Series;
}

/** Forecasts run this long: the second mark and some more. */
export const COOLING_S = 12 * 3600;
/** From this much water on a liquid is thin and mixes itself. */
const THIN_WATER = 90;
/** What stands under a container lets less heat through than open air: a board or a shelf. */
const BOARD_H = 3;
const SHELF_SHARE = 0.75;
/** A reading pins the coefficients down to about this share. */
const FITTED_SPREAD = 0.1;
export const ROOM_C = 21;
const ICE_WATER_C = 0.5;
const FREEZER_C = -18;
/**
 * Between the middle of a liquid that is mixed and its wall, W/(m²·K): a thin one moves by itself, a thick one only as
 * well as it is stirred. Assumed, wide for it.
 */
const INNER_FILM = {
  thin: { usual: 300, low: 150, high: 500 },
  stirred: { usual: 150, low: 60, high: 400 },
} as const satisfies Record<string, Coefficient>;

type Pace = 'usual' | 'low' | 'high';

/** What stood in the refrigerator already, where nobody said otherwise. */
export const USUAL_NEIGHBOURS: readonly Neighbour[] = [
  { name: 'Milk, 1 litre', heatJK: 4000, surfaceWK: 0.55, startC: 4 },
];

/** Specific heat of food in a refrigerator, J/(kg·K), and its density, kg/m³; near enough for a neighbour. */
const [NEIGHBOUR_CP, NEIGHBOUR_RHO] = [3600, 1000];

/**
 * A food that stands in the refrigerator, as one temperature: a cube of its weight in open air.
 *
 * @param massKg kg
 */
export function neighbourOf(name: string, massKg: number): Neighbour {
  const surfaceM2 = 6 * (massKg / NEIGHBOUR_RHO) ** (2 / 3);
  return {
    name,
    heatJK: massKg * NEIGHBOUR_CP,
    surfaceWK: media.stillRefrigerator.usual * surfaceM2,
    startC: USUAL_REFRIGERATOR.setC,
  };
}

export const isThin = ({ composition }: CoolingInput['food']): boolean => composition.water >= THIN_WATER;

/**
 * How a batch cools: what its middle and its mean do from the heat on, between a sluggish and a lively surrounding, and
 * what it does to the refrigerator.
 *
 * @throws DoesNotFit when the containers are too few
 */
export function coolingBand(input: CoolingInput, onProgress?: OnProgress): CoolingBand {
  const part = (i: number) => onProgress && ((share: number) => onProgress((i + share) / 3));
  return {
    usual: coolAt(input, 'usual', part(0)),
    slow: coolAt(input, 'low', part(1)),
    fast: coolAt(input, 'high', part(2)),
  };
}

/**
 * One forecast of a batch.
 *
 * @param until ends it before its time, once this holds
 */
export function coolAt(
  input: CoolingInput,
  pace: Pace,
  onProgress?: OnProgress,
  until?: (now: Moment) => boolean,
): Series {
  const { massKg, startC, container, count, stirred } = input;
  const food = withTweaks(input.food, input);
  const material = materialOfFood(food);
  const refrigerator = input.refrigerator ?? USUAL_REFRIGERATOR;
  let untilS = 0;
  const segments = input.stays.map((stay, i): Segment => {
    untilS = i === input.stays.length - 1 ? Infinity : untilS + stay.forS;
    return { untilS, ...surroundings(stay.place, input, pace, refrigerator) };
  });
  return forecast(
    {
      material,
      shape: filled(container, massKg / material.densityKgM3, count),
      startC,
      segments,
      untilS: COOLING_S,
      until,
      mixed: stirred || isThin(food),
      cabinet: { refrigerator, neighbours: input.neighbours ?? USUAL_NEIGHBOURS, bodies: count },
    },
    onProgress,
  );
}

function surroundings(
  place: CoolingPlace,
  input: CoolingInput,
  pace: Pace,
  refrigerator: Refrigerator,
): Omit<Segment, 'untilS'> {
  const { container, lid, food, fit } = input;
  const times = timesH(input);
  const h = (coefficient: Coefficient): number => {
    if (fit === undefined) return times * coefficient[pace];
    const spread = pace === 'low' ? 1 - FITTED_SPREAD : pace === 'high' ? 1 + FITTED_SPREAD : 1;
    return times * coefficient.usual * fit * spread;
  };
  const film = isThin(food) ? INNER_FILM.thin : input.stirred ? INNER_FILM.stirred : null;
  const walled = (outer: number) => {
    const h = throughWall(outer, container.wall.thicknessM, container.wall.conductivity);
    return film && h > 0 ? 1 / (1 / h + 1 / film[pace]) : h;
  };
  const inAir = (temperatureC: number, air: Coefficient, under: number): Omit<Segment, 'untilS'> => {
    const top: FaceEnvironment = lid
      ? { temperatureC, h: h(media.underLid) }
      : { temperatureC, h: h(air), wetness: isThin(food) ? 1 : 0.5 };
    return {
      rest: { temperatureC, h: walled(h(air)) },
      faces: { top, bottom: { temperatureC, h: walled(under) } },
    };
  };
  switch (place) {
    case 'counter':
      return inAir(ROOM_C, media.roomAir, BOARD_H);
    case 'refrigerator':
      return {
        cabinet: true,
        ...inAir(refrigerator.setC, media.stillRefrigerator, SHELF_SHARE * h(media.stillRefrigerator)),
      };
    case 'freezer':
      return inAir(FREEZER_C, media.stillRefrigerator, SHELF_SHARE * h(media.stillRefrigerator));
    case 'iceBath': {
      const bath = { temperatureC: ICE_WATER_C, h: walled(h(media.iceBath)) };
      return { rest: bath, faces: { bottom: bath, top: inAir(ROOM_C, media.roomAir, BOARD_H).faces!.top } };
    }
  }
}

/**
 * What is left of a cooling at a moment of it: as warm throughout as its middle is then, in the surroundings still to come.
 *
 * @param atS the moment, s from the heat
 * @param coreC how warm its middle is then, °C
 * @param fromS when the clock of its marks began to run, s from the heat; null where it has not
 */
export function coolingFrom(
  input: CoolingInput,
  atS: number,
  coreC: number,
  fromS: number | null,
): CoolingInput {
  let endS = 0;
  const stays = input.stays.flatMap((stay, i): Stay[] => {
    endS += stay.forS;
    const leftS = Math.min(stay.forS, endS - atS);
    return i === input.stays.length - 1 ? [stay] : leftS > 0 ? [{ ...stay, forS: leftS }] : [];
  });
  return { ...input, startC: coreC, stays, clockS: fromS === null ? 0 : Math.max(0, atS - fromS) };
}

/** Coefficients are so many times as sluggish or lively as usual, and no more. */
const FACTORS: Prior = { least: 0.2, most: 5, spread: 0.5 };

/**
 * How many times the usual coefficients a reading speaks for, so that the forecast passes by it as near as what is usual allows.
 *
 * @param atS when it was read, s from the heat
 * @param coreC what the middle read, °C
 */
export const fitTo = (input: CoolingInput, atS: number, coreC: number): Factor =>
  factorFor((fit) => {
    const { timeS, coreC: curve } = coolAt({ ...input, fit }, 'usual');
    return [valueAt(timeS, curve, atS) - coreC];
  }, FACTORS);
