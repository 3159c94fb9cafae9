import { z } from 'zod';

const metres = z.number().positive().max(1);

/** How a batch was said to be cooled, whole enough to forecast it again when a reading comes in. */
export const coolingPlanSchema = z
  .object({
    /** When its middle leaves the hot side, by forecast: from then on the cooling marks count. */
    marksFrom: z.number().int().min(0).max(8.64e15),
    how: z.string().trim().min(1).max(200),
    startC: z.number().min(-40).max(180),
    container: z.object({
      id: z.string().max(40),
      label: z.string().max(80),
      base: z.discriminatedUnion('kind', [
        z.object({ kind: z.literal('round'), diameterM: metres }),
        z.object({ kind: z.literal('square'), lengthM: metres, widthM: metres }),
      ]),
      heightM: metres,
      wall: z.object({ thicknessM: metres, conductivity: z.number().positive() }),
    }),
    count: z.number().int().min(1).max(99),
    lid: z.boolean(),
    stirred: z.boolean(),
    stays: z
      .array(
        z.object({
          place: z.enum(['counter', 'iceBath', 'refrigerator', 'freezer']),
          /** Of no matter for the last one, which holds for ever. */
          forS: z.number().min(0).max(86_400),
        }),
      )
      .min(1)
      .max(4),
  })
  .strict();
export type CoolingPlan = z.infer<typeof coolingPlanSchema>;
