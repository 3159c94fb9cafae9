import { z } from 'zod';
import { payloads, temperatureSchema } from '../record/events';

export const storeIds = ['refrigerator', 'freezer'] as const;
export type StoreId = (typeof storeIds)[number];

/** The air of a refrigerator or freezer, read by its own thermometer or a sensor. */
export const storeReadingSchema = z
  .object({
    id: z.uuid(),
    store: z.enum(storeIds),
    at: z.number().int().min(0),
    temperature: temperatureSchema,
  })
  .strict();
export type StoreReading = z.infer<typeof storeReadingSchema>;

const { freezer, opened } = payloads.powerOff.shape;

/** A power cut as long as it lasts. Said again under its id, it tells what was opened meanwhile. */
export const powerCutSchema = z
  .object({ id: z.uuid(), offAt: z.number().int().min(0), freezer, opened: opened.unwrap() })
  .strict();
export type PowerCut = z.infer<typeof powerCutSchema>;

/** The end of a power cut. */
export const powerBackSchema = z.object({ onAt: z.number().int().min(0) }).strict();

/** A page of the readings of all stores, newest first. */
export interface StoreRecord {
  readonly readings: readonly StoreReading[];
  /** Where it goes on; null at the beginning of all. */
  readonly next: string | null;
}
