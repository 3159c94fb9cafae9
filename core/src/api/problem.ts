import { z } from 'zod';

/** RFC 9457 problem details; `detail` is a sentence a cook understands, `fields` names what was wrong with which field. */
export const problemSchema = z.object({
  type: z.string(),
  title: z.string(),
  status: z.number().int(),
  detail: z.string(),
  /** The request that met it, as the server's log names it. */
  instance: z.string().optional(),
  fields: z.array(z.object({ path: z.string(), message: z.string() })).optional(),
});
export type Problem = z.infer<typeof problemSchema>;
export const PROBLEM_TYPE = 'application/problem+json';

/** The type of the problem that a page was opened for another household than its device is signed in to now. */
export const ANOTHER_KITCHEN = 'urn:omtel:another-kitchen';
