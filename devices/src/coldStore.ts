import { chances, deviate } from '@omtel/core/chance';
import type { DeviceReading } from '@omtel/core/devices';
import { compressorRuns, USUAL_REFRIGERATOR, type Refrigerator } from '@omtel/core/thermal';
import { DAY_MS, HOUR_MS, MINUTE_MS, SECOND_MS } from '@omtel/core/units';
import { isIn } from './isIn';

/** What a sensor in a refrigerator or a freezer lives through. Moments count from its first reading, ms. */
export interface ColdStoreStory {
  readonly store: 'refrigerator' | 'freezer';
  readonly channel?: string;
  readonly seed: number;
  readonly from: number;
  readonly to: number;
  readonly everyMs?: number;
  /** How often somebody opens the door in an hour of the day. */
  readonly doorsPerHour?: number;
  /** The door left ajar, and the power off, from and to. */
  readonly ajar?: readonly [number, number];
  readonly powerOff?: readonly [number, number];
  /** A pot of so many degrees put in warm. */
  readonly warmPot?: { readonly at: number; readonly celsius: number };
  /** Its compressor is just strong enough, and loses such a share of its strength each day. */
  readonly failing?: number;
}

/** A usual one, set a step colder. */
const REFRIGERATOR: Refrigerator = { ...USUAL_REFRIGERATOR, setC: 2.8 };
/** A freezer of the same make: colder, stronger, and full. */
const FREEZER: Refrigerator = { ...USUAL_REFRIGERATOR, setC: -20, hysteresisK: 1.5, capacityW: 170 };
/** What stands in it, and how it is in touch with the air: heat capacity, J/K, and W/K. */
const CONTENTS = {
  refrigerator: { heatJK: 60e3, surfaceWK: 6 },
  freezer: { heatJK: 150e3, surfaceWK: 8 },
} as const;
/** Air of the kitchen that comes in by an open door, and by one ajar, W/K. */
const [OPEN_WK, AJAR_WK] = [60, 9];
/** A pot of soup: heat capacity, J/K, and W/K of its sides. */
const POT = { heatJK: 16e3, surfaceWK: 2.6 };
/** A tired compressor has so much more than it needs. */
const SPARE = 1.05;
const STEP_MS = 5 * SECOND_MS;
/** A door is open so long, in seconds, at least and at most. */
const DOOR_S = [6, 25] as const;
/** Nobody opens it in the night. */
const WAKING_H = [7, 22] as const;
/** What a sensor is off by each time, K, and shows at all. */
const [NOISE_K, RESOLUTION_K] = [0.05, 0.1];
/** The share of its readings that never arrive. */
const DROPPED = 0.01;
const EMPTIES_PER_DAY = 0.002;

/** The readings of a sensor in a cold store, computed step by step: compressor, doors, what was put in, and the power. */
export function* coldStore(story: ColdStoreStory): Generator<DeviceReading> {
  const { store, channel = '1', seed, from, to, everyMs = MINUTE_MS, doorsPerHour = 1 } = story;
  const cabinet = store === 'refrigerator' ? REFRIGERATOR : FREEZER;
  const contents = CONTENTS[store];
  const enoughW = SPARE * cabinet.leakWK * (cabinet.roomC - cabinet.setC);
  const capacityW = (ms: number) =>
    story.failing ? enoughW * Math.max(0, 1 - (story.failing * ms) / DAY_MS) : cabinet.capacityW;
  const chance = chances(seed);
  let [airC, contentsC, running, doorUntil] = [cabinet.setC, cabinet.setC, false, -1];
  let pot: number | null = null;
  for (let ms = 0, next = 0; from + ms <= to; ms += STEP_MS) {
    if (ms >= next) {
      next += everyMs;
      const read = airC + NOISE_K * deviate(chance);
      if (chance() >= DROPPED)
        yield {
          channel,
          at: from + ms,
          celsius: Math.round(Math.round(read / RESOLUTION_K) * RESOLUTION_K * 100) / 100,
          battery: Math.max(0.1, 0.95 - (EMPTIES_PER_DAY * ms) / DAY_MS),
        };
    }
    const hour = ((from + ms) % DAY_MS) / HOUR_MS;
    if (isIn(WAKING_H, hour) && chance() < (doorsPerHour * STEP_MS) / HOUR_MS)
      doorUntil = ms + (DOOR_S[0] + chance() * (DOOR_S[1] - DOOR_S[0])) * SECOND_MS;
    if (pot === null && story.warmPot && ms >= story.warmPot.at) pot = story.warmPot.celsius;
    running = compressorRuns(cabinet, airC, running) && !isIn(story.powerOff, ms);
    const inWK = cabinet.leakWK + (ms < doorUntil ? OPEN_WK : 0) + (isIn(story.ajar, ms) ? AJAR_WK : 0);
    const seconds = STEP_MS / SECOND_MS;
    const toContentsW = contents.surfaceWK * (airC - contentsC);
    const fromPotW = pot === null ? 0 : POT.surfaceWK * (pot - airC);
    airC +=
      (seconds / cabinet.airJK) *
      (inWK * (cabinet.roomC - airC) - toContentsW + fromPotW - (running ? capacityW(ms) : 0));
    contentsC += (seconds / contents.heatJK) * toContentsW;
    if (pot !== null) pot -= (seconds / POT.heatJK) * fromPotW;
  }
}
