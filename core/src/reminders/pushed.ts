import { z } from 'zod';

/** Where a device can be written to, and what its messages are sealed with (W3C Push API). */
export const pushSubscriptionSchema = z.object({
  endpoint: z.url({ protocol: /^https?$/ }).max(500),
  keys: z.object({
    p256dh: z.string().regex(/^[\w-]{80,100}=*$/, { message: 'No public key of a device.' }),
    auth: z.string().regex(/^[\w-]{20,30}=*$/, { message: 'No secret of a device.' }),
  }),
});
export type PushSubscription = z.infer<typeof pushSubscriptionSchema>;

/** By what this server is known to push services, and whether this device is reminded. */
export const pushKeySchema = z.object({
  writer: z.string(),
  /** Push services outside may be asked; else the stand-in that ships. */
  outside: z.boolean(),
  here: z.boolean(),
});
export type PushKey = z.infer<typeof pushKeySchema>;

/** A message to a device: what its system shows. */
export interface Pushed {
  /** The same of what is told twice: it is shown once. */
  readonly tag: string;
  readonly title: string;
  readonly body: string;
  readonly page: string;
  readonly at: number;
  readonly pressing: boolean;
  readonly heard: boolean;
  readonly felt: boolean;
  /** It was asked for to see that it arrives: shown in any case. */
  readonly trial?: boolean;
}
