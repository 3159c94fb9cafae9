import { z } from 'zod';
import { rulesOf } from './lookup';
import { schools } from './schools';
import { ruleAt } from './tree';
import { ruleValue } from './values';

/** A value a household set for itself; it counts where it is stricter than the rule it stands in for. */
export const ownRuleSchema = z
  .object({ path: z.string().max(80), value: ruleValue })
  .strict()
  .refine(({ path, value }) => ruleAt(rulesOf('home'), path)?.value.kind === value.kind, {
    message: 'There is no such rule to set.',
  });

/** Which guidance a household follows. */
export const guidanceSchema = z
  .object({
    school: z.enum(schools),
    /** Someone who eats here is pregnant, under 5, 65 or over, or has weakened immunity. */
    extraCare: z.boolean(),
    own: z.array(ownRuleSchema).max(60),
  })
  .strict();

export type Guidance = z.infer<typeof guidanceSchema>;
export type OwnRule = Guidance['own'][number];

/** What one food or meal is ruled by where it differs from the household. */
export type GuidanceChoice = Pick<Guidance, 'school' | 'extraCare'>;

export const PLAIN_GUIDANCE: Guidance = { school: 'home', extraCare: false, own: [] };
