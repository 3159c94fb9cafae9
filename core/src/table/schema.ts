import { z } from 'zod';
import { careReasons, MOST_NAME } from './eaters';

/** Somebody at the table, as a household is told. */
export const eaterSchema = z
  .object({
    id: z.string().min(1).max(40),
    name: z.string().trim().min(1, { message: 'A name.' }).max(MOST_NAME),
    small: z.boolean(),
    care: z.enum(careReasons).nullable(),
  })
  .strict();
