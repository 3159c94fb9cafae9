import { z } from 'zod';
import { thermometerKinds } from './kinds';

const MOST_ENTRIES = 200;
export const LONGEST_RHYTHM_DAYS = 366;

const instant = z.number().int().min(0).max(8.64e15);
const degrees = z.number().min(-80).max(400);
const temperature = z.object({ value: degrees, unit: z.enum(['C', 'F']) }).strict();

export const checkPoints = ['ice', 'boiling'] as const;
export type CheckPoint = (typeof checkPoints)[number];

/** Something that happened to a thermometer. */
const entry = z.discriminatedUnion('what', [
  /** It was held into ice water or boiling water, which is so warm, and read. */
  z
    .object({
      at: instant,
      what: z.literal('checked'),
      point: z.enum(checkPoints),
      expectedC: z.number().min(-1).max(110),
      read: temperature,
    })
    .strict(),
  /** Its readings are in doubt until the next check. */
  z
    .object({ at: instant, what: z.enum(['dropped', 'wet', 'lowBattery', 'newBattery', 'adjusted']) })
    .strict(),
]);
export type ThermometerEntry = z.infer<typeof entry>;
export type Mishap = Exclude<ThermometerEntry['what'], 'checked'>;

export const thermometerSchema = z
  .object({
    id: z.string().min(1).max(40),
    name: z.string().trim().min(1, 'A name, so that it can be told from the others.').max(40),
    kind: z.enum(thermometerKinds),
    /** How finely it is marked, K. */
    resolutionK: z.number().positive().max(10),
    /** What it can show, °C. */
    rangeC: z.tuple([degrees, degrees]).refine(([least, most]) => least < most, {
      message: 'From the lower to the higher.',
    }),
    livesIn: z.string().trim().max(40),
    boughtAt: instant.nullable(),
    /** The device that sends what it shows, by its id. */
    device: z.uuid().optional(),
    /** It is checked again so many days after a check. */
    rhythmDays: z.number().int().min(1).max(LONGEST_RHYTHM_DAYS),
    /** In the order it was said. */
    log: z.array(entry).max(MOST_ENTRIES),
  })
  .strict();
/** A thermometer of a household, with all that happened to it. */
export type Thermometer = z.infer<typeof thermometerSchema>;

export const MOST_THERMOMETERS = 12;

/** The log with one entry more; of a long one the oldest is forgotten. */
export const withEntry = (thermometer: Thermometer, entry: ThermometerEntry): Thermometer => ({
  ...thermometer,
  log: [...thermometer.log, entry].slice(-MOST_ENTRIES),
});
