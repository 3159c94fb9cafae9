import { z } from 'zod';

/** The address at which a calendar follows the plans: since when there is one; the path itself only as it is made. */
export const calendarFeedSchema = z.object({
  since: z.number().int().nullable(),
  path: z.string().nullable(),
});
export type CalendarFeed = z.infer<typeof calendarFeedSchema>;
