import { z } from 'zod';
import { probePlaces } from '../record/probePlaces';

/** What a channel of a device measures; null where nobody said. */
export const measuredSchema = z
  .discriminatedUnion('of', [
    z.object({ of: z.literal('refrigerator') }).strict(),
    z.object({ of: z.literal('freezer') }).strict(),
    z.object({ of: z.literal('food'), foodId: z.uuid().lowercase(), place: z.enum(probePlaces) }).strict(),
  ])
  .nullable();
export type Measured = z.infer<typeof measuredSchema>;

/** Of a household. */
export const MOST_DEVICES = 20;
/** Of one device. */
export const MOST_CHANNELS = 8;
