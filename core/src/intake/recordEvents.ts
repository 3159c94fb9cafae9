import { z } from 'zod';
import { MOST_EVENTS } from '../api/foods';
import type { KitchenEvent } from '../record';
import { eventSchema } from '../record/events';
import { mealEventSchema } from '../record/mealSchema';

/** Anything a household records; told apart by its type. */
export const kitchenEventSchema = z.discriminatedUnion('type', [
  eventSchema,
  mealEventSchema,
] as never) as z.ZodType<KitchenEvent>;

/** A batch of what a household records. */
export const recordEventsSchema = z
  .object({ events: z.array(kitchenEventSchema).min(1).max(MOST_EVENTS) })
  .strict();
