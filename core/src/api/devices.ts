import type { Measured, Part, Read, RefusedLine, StoreFacts } from '../devices';
import type { Columns } from '../formats';

export const LONGEST_DEVICE_NAME = 60;

/** A device with its key, which is told once and kept by nobody but the device. */
export interface DeviceKey {
  readonly id: string;
  readonly key: string;
}

/** What a channel measures from a moment on; the beginning is 0. */
export interface ChannelChange {
  readonly measured: Measured;
  readonly since: number;
}

/** A channel of a device, as the household sees it. */
export interface Channel {
  readonly name: string;
  readonly measured: Measured;
  readonly since: number;
  readonly last: Read | null;
  readonly battery: number | null;
  /** In a food: it moved as no food can, and counts for nothing until it is back. */
  readonly leapt: boolean;
}

export interface Device {
  readonly id: string;
  readonly name: string;
  readonly madeAt: number;
  /** Whether there is a key it can send with. */
  readonly hasKey: boolean;
  /** How its files are read, where one was. */
  readonly columns: Columns | null;
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

/** What a channel read over a time, for drawing. */
export interface ChannelRecord {
  /** How many even parts the whole of the time has; those in which nobody looked are left out. */
  readonly of: number;
  readonly parts: readonly Part[];
  /** What it amounts to for the store it measures; null of a long time, or where there is nothing to say. */
  readonly facts: StoreFacts | null;
  /** The thermometer whose checks correct it, and whether it is in doubt at the end; null where the device is none. */
  readonly by: { readonly name: string; readonly doubted: boolean } | null;
}
