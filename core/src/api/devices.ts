import { z } from 'zod';
import { type Measured, measuredSchema } from '../devices/channels';
import { LONGEST_CHANNEL, type RefusedLine } from '../devices/line';

export const LONGEST_DEVICE_NAME = 60;

const instant = z.number().int().min(0);

export const newDeviceSchema = z
  .object({ id: z.uuid().lowercase(), name: z.string().trim().min(1).max(LONGEST_DEVICE_NAME) })
  .strict();

/** A device with its key, which is told once and kept by nobody but the device. */
export const deviceKeySchema = z.object({ id: z.uuid(), key: z.string() });
export type DeviceKey = z.infer<typeof deviceKeySchema>;

/** What a channel measures from a moment on; the beginning is 0. */
export const channelChangeSchema = z.object({ measured: measuredSchema, since: instant }).strict();
export type ChannelChange = z.infer<typeof channelChangeSchema>;

export const channelNameSchema = z.string().min(1).max(LONGEST_CHANNEL);

/** A channel of a device, as the household sees it. */
export interface Channel {
  readonly name: string;
  readonly measured: Measured;
  readonly since: number;
  readonly last: { readonly at: number; readonly celsius: number } | null;
  readonly battery: number | null;
}

export interface Device {
  readonly id: string;
  readonly name: string;
  readonly madeAt: number;
  /** Whether there is a key it can send with. */
  readonly hasKey: boolean;
  readonly channels: readonly Channel[];
}

export interface Devices {
  readonly devices: readonly Device[];
}

/** What became of the lines a device sent. */
export interface TakenIn {
  /** The moment it is in the kitchen: a device without a clock of its own may go by it. */
  readonly now: number;
  readonly taken: number;
  readonly refused: readonly RefusedLine[];
}

/** A time of the record of a channel. */
export const recordSpanSchema = z
  .object({ from: z.coerce.number().int().min(0), to: z.coerce.number().int().min(0) })
  .refine(({ from, to }) => from <= to, { message: 'It ends before it begins.' });

/** What a channel read over a time: each reading kept, or of a long time the lowest and the highest of each part. */
export type ChannelRecord =
  | {
      readonly kind: 'readings';
      readonly readings: readonly { readonly at: number; readonly celsius: number }[];
    }
  | {
      readonly kind: 'extremes';
      /** How many parts the whole of the time has. */
      readonly of: number;
      readonly parts: readonly { readonly at: number; readonly lowC: number; readonly highC: number }[];
    };
