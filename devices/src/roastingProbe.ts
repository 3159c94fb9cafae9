import { chances, deviate } from '@omtel/core/chance';
import type { DeviceReading } from '@omtel/core/devices';
import { foodById, type FormId } from '@omtel/core/foods';
import { bodyOf, usualThickness } from '@omtel/core/forecast';
import { forecast, materialOfFood, media, valueAt, type Segment, type Series } from '@omtel/core/thermal';
import { MINUTE_MS, SECOND_MS } from '@omtel/core/units';
import { isIn } from './isIn';

/** What a probe with two channels lives through in a joint. Moments count from when it goes into the oven, ms. */
export interface RoastStory {
  readonly seed: number;
  readonly foodKey: string;
  readonly form: FormId;
  readonly massKg: number;
  readonly startC: number;
  readonly ovenC: number;
  readonly fan?: boolean;
  readonly from: number;
  readonly to: number;
  readonly everyMs?: number;
  /** How lively the oven is against a usual one, and how wet the joint; both 1. */
  readonly timesH?: number;
  readonly timesWet?: number;
  /** The joint is so many times as thick as its weight says, 1. */
  readonly timesThick?: number;
  /** The door left open, from and to. */
  readonly doorOpen?: readonly [number, number];
  /** The tip pulled out into the oven, from and to. */
  readonly pulled?: readonly [number, number];
  /** Nothing comes, from and to. */
  readonly silent?: readonly [number, number];
  /** The first tip lies so far from the middle towards where the joint is as warm as its mean, 0. */
  readonly offMiddle?: number;
  /** Channel 1 was pushed through to the bone. */
  readonly onBone?: boolean;
  readonly noiseK?: number;
}

const KITCHEN_C = 21;
/** An oven whose door stands open. */
const OPEN_OVEN_C = 90;
/** A tip follows what it lies in, first order, s. */
const LAG_S = 4;
const RESOLUTION_K = 0.1;
/** It creeps so far in an hour. */
const DRIFT_KH = 0.05;
const DROPPED = 0.01;
/** The second tip lies so far from the middle towards the mean of the joint. */
const OFF_MIDDLE = 0.35;
/** Bone brings the heat of the oven in, so much of the way. */
const BONE = 0.3;
const LONGEST_S = 8 * 3600;

/** The readings of a probe in a roast, by conduction, with all that makes a probe no thermometer of a laboratory. */
export function* roastingProbe(story: RoastStory): Generator<DeviceReading> {
  const { seed, from, to, everyMs = 5 * SECOND_MS, noiseK = 0.05, ovenC, offMiddle = 0 } = story;
  const roast = roasted(story);
  const chance = chances(seed);
  const tips: [number | null, number | null] = [null, null];
  for (let ms = 0; from + ms <= to; ms += everyMs) {
    const coreC = valueAt(roast.timeS, roast.coreC, ms / SECOND_MS);
    const meanC = valueAt(roast.timeS, roast.meanC, ms / SECOND_MS);
    const air = isIn(story.doorOpen, ms) ? OPEN_OVEN_C : ovenC;
    const ofOven = (share: number) => coreC + share * (air - coreC) * Math.min(1, ms / (20 * MINUTE_MS));
    const inside = isIn(story.pulled, ms)
      ? [air, air]
      : [
          story.onBone ? ofOven(BONE) : coreC + offMiddle * (meanC - coreC),
          coreC + OFF_MIDDLE * (meanC - coreC),
        ];
    const follows = 1 - Math.exp(-everyMs / SECOND_MS / LAG_S);
    for (const i of [0, 1] as const) {
      const was = tips[i] ?? inside[i]!;
      const tip = (tips[i] = was + follows * (inside[i]! - was));
      const read = tip + noiseK * deviate(chance) + (DRIFT_KH * ms) / (60 * MINUTE_MS);
      if (chance() < DROPPED || isIn(story.silent, ms)) continue;
      yield {
        channel: String(i + 1),
        at: from + ms,
        celsius: Math.round(Math.round(read / RESOLUTION_K) * RESOLUTION_K * 100) / 100,
        battery: 0.7,
      };
    }
  }
}

/** The roast as it truly goes, whatever its probe says. */
export function roasted({
  foodKey,
  form,
  massKg,
  startC,
  ovenC,
  fan = false,
  timesH = 1,
  timesWet = 1,
  timesThick = 1,
  doorOpen,
}: RoastStory): Series {
  const material = materialOfFood(foodById(foodKey));
  const volume = massKg / material.densityKgM3;
  const h = (fan ? media.fanOven : media.stillOven).usual * timesH;
  const oven = (temperatureC: number, untilS: number): Segment => ({
    untilS,
    rest: {
      temperatureC,
      h,
      wetness: Math.min(1, 0.5 * timesWet),
      driesKgM2: 0.25 * timesWet,
      airFromC: KITCHEN_C,
    },
  });
  const segments = doorOpen
    ? [
        oven(ovenC, doorOpen[0] / SECOND_MS),
        oven(OPEN_OVEN_C, doorOpen[1] / SECOND_MS),
        oven(ovenC, Infinity),
      ]
    : [oven(ovenC, Infinity)];
  return forecast({
    material,
    // As thick by as much, and so much shorter that it weighs the same.
    shape: bodyOf(form, volume, timesThick === 1 ? undefined : timesThick * usualThickness(form, volume)),
    startC,
    segments,
    untilS: LONGEST_S,
    until: ({ coldestC }) => coldestC > Math.min(100, ovenC - 1),
  });
}
