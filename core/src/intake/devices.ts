import { z } from 'zod';
import { LONGEST_CHANNEL, measuredSchema } from '../devices';
import { columnsSchema } from '../formats';
import { LONGEST_DEVICE_NAME } from '../api';

const instant = z.number().int().min(0);

/** A device a household has. */
export const newDeviceSchema = z
  .object({ id: z.uuid().lowercase(), name: z.string().trim().min(1).max(LONGEST_DEVICE_NAME) })
  .strict();

/** What a channel measures from a moment on; the beginning is 0. */
export const channelChangeSchema = z.object({ measured: measuredSchema, since: instant }).strict();

export const channelNameSchema = z.string().min(1).max(LONGEST_CHANNEL);

/** How the files of a device are read, as it was said the last time. */
export const deviceColumnsSchema = z.object({ columns: columnsSchema }).strict();

/** A time of the record of a channel. */
export const recordSpanSchema = z
  .object({ from: z.coerce.number().int().min(0), to: z.coerce.number().int().min(0) })
  .refine(({ from, to }) => from <= to, { message: 'It ends before it begins.' });
