import { z } from 'zod';

/** The keys to somebody's door that devices hold, the first first; moments by the wall clock. */
export const passkeysSchema = z.object({
  passkeys: z.array(
    z.object({
      id: z.uuid(),
      device: z.string(),
      since: z.number().int(),
      usedAt: z.number().int().nullable(),
    }),
  ),
});
export type Passkeys = z.infer<typeof passkeysSchema>;

const text = z.string().max(20_000);

/** What a device answers that made a key or signs with one, as WebAuthn writes it; what it amounts to is looked at on the server. */
export const signedSchema = z.looseObject({
  id: text,
  rawId: text,
  type: z.literal('public-key'),
  response: z.record(z.string(), z.unknown()),
  clientExtensionResults: z.record(z.string(), z.unknown()),
});
