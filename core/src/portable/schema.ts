import { z } from 'zod';
import { powerCutSchema, storeReadingSchema } from '../api/stores';
import { measuredSchema } from '../devices';
import { columnsSchema } from '../formats';
import { DEFAULT_SETTINGS, settingsSchema } from '../household';
import { kitchenEventSchema } from '../intake';

/** What a file says it is. */
export const PORTABLE_FORMAT = 'omtel-household';

/** Raised where a file of before would be misread; older ones are read as they were meant. */
export const PORTABLE_VERSION = 1;

const instant = z.number().int().min(0);
const name = z.string().min(1).max(120);

/** The lists of a file, by their names; each member stands on a line of its own. */
export const portableSections = {
  /** Who entered something, those who have left as well; nothing of what opens the door to them. */
  people: z.object({ id: z.uuid(), name }).strict(),
  /** What happened, in the order it was taken in; when that was, and who entered it, by id. */
  events: z.object({ event: kitchenEventSchema, recordedAt: instant, by: z.uuid().optional() }).strict(),
  powerCuts: powerCutSchema.extend({ onAt: instant.nullable() }).strict(),
  devices: z.object({ id: z.uuid(), name, madeAt: instant, columns: columnsSchema.nullable() }).strict(),
  /** What a device measures with; how far its readings were thinned and judged. */
  channels: z
    .object({
      device: z.uuid(),
      name: z.string().min(1).max(20),
      measured: measuredSchema,
      since: instant,
      battery: z.number().nullable(),
      thinnedUntil: instant,
      judgedUntil: instant,
      judgedLimit: z.number().nullable(),
    })
    .strict(),
  /** What the air of a store read; by which channel of a device, where one read it. */
  storeReadings: storeReadingSchema
    .extend({ channel: z.object({ device: z.uuid(), name: z.string() }).strict().optional() })
    .strict(),
  /** Some readings of a channel, each its moment and °C. */
  deviceReadings: z
    .object({
      device: z.uuid(),
      channel: z.string(),
      readings: z.array(z.tuple([instant, z.number().min(-273.15).max(2000)])),
    })
    .strict(),
} as const;

export type Section = keyof typeof portableSections;
export type Portable<Name extends Section> = z.infer<(typeof portableSections)[Name]>;

export const SECTIONS = Object.keys(portableSections) as readonly Section[];

/** Settings as a file tells them; one of before knew fewer, which are then as they usually are. */
const toldSettings = z.preprocess((told) => {
  const { times, reminders } = DEFAULT_SETTINGS;
  return typeof told === 'object' && told !== null ? { times, reminders, ...told } : told;
}, settingsSchema);

/** What stands before the lists. */
export const portableHeadSchema = z.object({
  format: z.literal(PORTABLE_FORMAT, { message: 'This is no file of a household from Omtel.' }),
  version: z
    .number()
    .int()
    .min(1)
    .max(PORTABLE_VERSION, { message: 'This file is of a newer Omtel than this one. Renew this one first.' }),
  exportedAt: instant,
  household: z.object({ id: z.uuid(), name, settings: toldSettings }),
});
export type PortableHead = z.infer<typeof portableHeadSchema>;

/** What taking in a file did, or would do. */
export interface Taken {
  readonly dry: boolean;
  /** The household it came from. */
  readonly from: string;
  /** What is new here of each list, and what was known. */
  readonly lists: Readonly<Record<Section, { readonly fresh: number; readonly known: number }>>;
  readonly foods: number;
  readonly meals: number;
  /** Whether the settings of the file were taken too. */
  readonly settings: boolean;
}

/** How far it is, a line each: the last says what was taken, or why nothing was. */
export type TakingIn =
  | { readonly what: string; readonly done: number; readonly of: number }
  | { readonly taken: Taken }
  | { readonly problem: string };
