import { z } from 'zod';

/** Colder than a freezer and hotter than an oven is no figure of a kitchen, °C. */
export const [COLDEST_READ_C, HOTTEST_READ_C] = [-60, 320];
export const LONGEST_CHANNEL = 20;
/** What is sent at once; a device that was away for longer sends again. */
export const MOST_LINES = 5000;

/** A reading of one channel of a device. */
export interface DeviceReading {
  readonly channel: string;
  readonly at: number;
  readonly celsius: number;
  /** The share of its battery that is left, where it says. */
  readonly battery?: number;
}

/** What could not be read of what was sent, and why. */
export interface RefusedLine {
  /** Counted from 1, as an editor does. */
  readonly line: number;
  readonly sentence: string;
}

const lineSchema = z.object({
  at: z.iso.datetime({ offset: true, message: 'A time such as 2026-06-13T17:02:10Z.' }).optional(),
  channel: z
    .string()
    .trim()
    .min(1)
    .max(LONGEST_CHANNEL, `At most ${LONGEST_CHANNEL} characters.`)
    .regex(/^[\w.-]+$/, 'Letters, digits, points and dashes.')
    .default('1'),
  celsius: z.number().min(COLDEST_READ_C).max(HOTTEST_READ_C),
  battery: z.number().min(0).max(1).optional(),
});

/**
 * Reads what a device sends: JSON Lines, one object a line, as `{"at":"2026-06-13T17:02:10Z","channel":"1","celsius":61.4}`. Without `at`
 * it is now; without `channel` it is channel 1. A line that cannot be read takes no other with it.
 *
 * @param now the moment it arrives
 * @param latest what lies after it has not happened yet
 */
export function readLines(
  text: string,
  now: number,
  latest: number = now,
): { readonly readings: readonly DeviceReading[]; readonly refused: readonly RefusedLine[] } {
  const readings: DeviceReading[] = [];
  const refused: RefusedLine[] = [];
  text.split('\n').forEach((line, index) => {
    if (line.trim() === '') return;
    const read = readLine(line, now, latest);
    if (typeof read === 'string') refused.push({ line: index + 1, sentence: read });
    else readings.push(read);
  });
  return { readings, refused };
}

/** A reading, or what is wrong with its line. */
function readLine(line: string, now: number, latest: number): DeviceReading | string {
  const json = parsed(line);
  if (json === undefined) return 'This is no JSON.';
  const read = lineSchema.safeParse(json);
  if (!read.success) {
    const [{ path, message }] = read.error.issues as [z.core.$ZodIssue];
    return `${path.join('.') || 'The line'}: ${message}`;
  }
  const { at, celsius, channel, battery } = read.data;
  const moment = at === undefined ? now : Date.parse(at);
  if (moment < 0) return 'at: No kitchen was read so long ago.';
  if (moment > latest) return 'at: That has not happened yet. Check the clock of the device.';
  return { channel, at: Math.round(moment), celsius, ...(battery !== undefined && { battery }) };
}

function parsed(line: string): unknown {
  try {
    return JSON.parse(line);
  } catch {
    return undefined;
  }
}

/** The line a reading is sent as. */
export const lineOf = ({ at, ...reading }: DeviceReading): string =>
  JSON.stringify({ at: new Date(at).toISOString(), ...reading });
