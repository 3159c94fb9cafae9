import { chances } from '../core/src/chance';
import { readingsToTell, watchProbe } from '../core/src/devices';
import { foodById, type FormId } from '../core/src/foods';
import { roastForecast, steepestRise } from '../core/src/forecast';
import { homeRules } from '../core/src/guidance';
import { crossingS, ThermalProblem } from '../core/src/thermal';
import { MINUTE_MS, SECOND_MS, toCelsius } from '../core/src/units';
import { roasted, roastingProbe, type RoastStory } from '../devices/src';

const ROASTS = 40;
/** How far the roasts are from what the forecast takes for usual, each way; and how far their tips lie from the middle. */
const OFF = { h: 0.3, wet: 0.4, thick: 0.2, middle: 0.3 };
const DOOR_MS = 4 * MINUTE_MS;
/** What has not come for so long is silent. */
const SILENT_MS = MINUTE_MS;

const JOINTS: readonly {
  readonly foodKey: string;
  readonly form: FormId;
  readonly kg: readonly [number, number];
}[] = [
  { foodKey: 'beef-roast-boneless', form: 'bonelessJoint', kg: [1, 3] },
  { foodKey: 'lamb-shoulder-bone-in', form: 'boneInJoint', kg: [1.5, 3] },
  { foodKey: 'chicken-whole', form: 'wholeBird', kg: [1.2, 2.5] },
  { foodKey: 'pork-loin', form: 'bonelessJoint', kg: [0.8, 2] },
];

interface Told {
  /** The computed time to the target against the true one, from going in, less 1. */
  readonly off: number;
  readonly holds: boolean;
}

/**
 * Live roasts the forecast was not fitted to: other ovens, wetter and thicker joints, a door left open, noise and lag. How near the time
 * to the target is at half-way and at three quarters, and whether the band holds it.
 */
export async function live(): Promise<string[]> {
  const told: Record<'half' | 'threeQuarters', (Told | null)[]> = { half: [], threeQuarters: [] };
  const bad: boolean[] = [];
  let falseAlarms = 0;
  for (let i = 0; i < ROASTS; i++) {
    const chance = chances(500 + i);
    const { foodKey, form, kg } = JOINTS[i % JOINTS.length]!;
    const between = (low: number, high: number) => low + chance() * (high - low);
    const about = (spread: number) => between(1 - spread, 1 + spread);
    const food = foodById(foodKey);
    const targetC = toCelsius(homeRules.cooking.targets[food.cooking!].value.options[0]!.at);
    const joint = {
      foodKey,
      form,
      massKg: between(...kg),
      startC: between(2, 12),
      ovenC: between(140, 210),
      fan: chance() < 0.5,
    };
    const doorAt = between(20, 50) * MINUTE_MS;
    const story: RoastStory = {
      ...joint,
      seed: i,
      from: 0,
      to: 0,
      timesH: about(OFF.h),
      timesWet: about(OFF.wet),
      timesThick: about(OFF.thick),
      doorOpen: [doorAt, doorAt + DOOR_MS],
      noiseK: between(0.03, 0.2),
      offMiddle: between(0, OFF.middle),
    };
    const { timeS, coldestC } = roasted(story);
    const trueS = crossingS(timeS, coldestC, targetC, true);
    if (trueS === null) continue;
    const steepest = steepestRise(form, joint.massKg);
    const input = { food, ...joint, targetC };
    const seenBy = (over: Partial<RoastStory>, share: number) => {
      const readings = [...roastingProbe({ ...story, to: share * trueS * SECOND_MS, ...over })].filter(
        ({ channel }) => channel === '1',
      );
      const { steady, state } = watchProbe(readings, steepest, homeRules);
      const read = readingsToTell(steady, []).map(({ at, celsius }) => ({
        atS: at / SECOND_MS,
        coreC: celsius,
      }));
      return { read, leapt: state === 'jumped', lastMs: readings.at(-1)?.at ?? 0 };
    };
    const [at, ends] = [0.4 * trueS * SECOND_MS, Infinity];
    const bone = seenBy({ onBone: true }, 0.5);
    bad.push(
      seenBy({ pulled: [at, ends] }, 0.5).leapt,
      bone.leapt || toldAt(input, bone.read, trueS) === null,
      0.5 * trueS * SECOND_MS - seenBy({ silent: [at, ends] }, 0.5).lastMs > SILENT_MS,
    );
    for (const [when, share] of [
      ['half', 0.5],
      ['threeQuarters', 0.75],
    ] as const) {
      const { read, leapt } = seenBy({}, share);
      if (leapt) falseAlarms += 1;
      told[when].push(toldAt(input, read, trueS));
    }
  }
  const lines = (['half', 'threeQuarters'] as const).map((when) => {
    const all = told[when];
    const said = all.filter((each): each is Told => each !== null);
    const within = (share: number) => said.filter(({ off }) => Math.abs(off) <= share).length;
    const sorted = said.map(({ off }) => Math.abs(off)).sort((a, b) => a - b);
    return `${when === 'half' ? 'half-way' : 'three quarters'}: within 4 % ${within(0.04)}, within 10 % ${within(0.1)}, the band holds the truth ${said.filter(({ holds }) => holds).length}, of ${all.length} (${all.length - said.length} said that the probe explains nothing); median ${(100 * sorted[sorted.length >> 1]!).toFixed(1)} %`;
  });
  const seen = bad.filter(Boolean).length;
  return [
    ...lines,
    `probes pulled out, on the bone or silent: ${seen} of ${bad.length} recognised; ${falseAlarms} false alarms of ${2 * ROASTS}`,
  ];
}

function toldAt(
  input: Parameters<typeof roastForecast>[0],
  read: Parameters<typeof roastForecast>[1],
  trueS: number,
): Told | null {
  try {
    const { usual, span, unmet } = roastForecast(input, read);
    if (unmet) return null;
    const trueMs = trueS * SECOND_MS;
    return {
      off: crossingS(usual.timeS, usual.coldestC, input.targetC, true)! / trueS - 1,
      holds: span.fastMs <= trueMs && trueMs <= span.slowMs,
    };
  } catch (problem) {
    if (problem instanceof ThermalProblem) return null;
    throw problem;
  }
}
