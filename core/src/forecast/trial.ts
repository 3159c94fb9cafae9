import { foodById, type FormId } from '../foods';
import { forecast, materialOfFood, media, type Medium, type OnProgress, type Series } from '../thermal';
import { bodyOf } from './geometry';

/** Something to try: a food of some shape and weight, somewhere, from some temperature on. */
export interface Trial {
  readonly foodKey: string;
  readonly form: FormId;
  readonly massKg: number;
  readonly thickestM?: number;
  readonly startC: number;
  /** What is around it, °C, and the coefficient it meets, W/(m²·K). */
  readonly aroundC: number;
  readonly h: number;
  readonly untilS: number;
}

/** Where food can be tried, with what is usual there. */
export const trialPlaces = {
  refrigerator: { label: 'Refrigerator', medium: 'stillRefrigerator', aroundC: 4 },
  fanRefrigerator: { label: 'Refrigerator with a fan', medium: 'fanRefrigerator', aroundC: 4 },
  coldWater: { label: 'Cold water', medium: 'stillWater', aroundC: 12 },
  runningWater: { label: 'Running water', medium: 'runningWater', aroundC: 12 },
  iceBath: { label: 'Ice water', medium: 'iceBath', aroundC: 0.5 },
  counter: { label: 'Counter', medium: 'roomAir', aroundC: 21 },
  freezer: { label: 'Freezer', medium: 'stillRefrigerator', aroundC: -18 },
  oven: { label: 'Oven', medium: 'stillOven', aroundC: 163 },
  fanOven: { label: 'Oven with a fan', medium: 'fanOven', aroundC: 163 },
} as const satisfies Record<string, { label: string; medium: Medium; aroundC: number }>;
export type TrialPlace = keyof typeof trialPlaces;

/** The coefficient that is usual at a place, W/(m²·K). */
export const usualH = (place: TrialPlace): number => media[trialPlaces[place].medium].usual;

/** Runs a trial. @throws ThermalProblem for what makes no sense */
export function runTrial(
  { foodKey, form, massKg, thickestM, startC, aroundC, h, untilS }: Trial,
  onProgress?: OnProgress,
): Series {
  const material = materialOfFood(foodById(foodKey));
  return forecast(
    {
      material,
      shape: bodyOf(form, massKg / material.densityKgM3, thickestM),
      startC,
      segments: [{ untilS: Infinity, rest: { temperatureC: aroundC, h } }],
      untilS,
    },
    onProgress,
  );
}
