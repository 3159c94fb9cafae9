import { z } from 'zod';
import { temperatureSchema } from '../trail/events';

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

/** The latest readings of all stores, newest first. */
export interface StoreRecord {
  readonly readings: readonly StoreReading[];
}
