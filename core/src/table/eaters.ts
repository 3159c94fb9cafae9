import { z } from 'zod';

/** Why somebody needs extra care (guidance §1). */
export const careReasons = ['pregnancy', 'underFive', 'overSixtyFour', 'immunity'] as const;
export type CareReason = (typeof careReasons)[number];

export const CARE_WORDS: Readonly<Record<CareReason, string>> = {
  pregnancy: 'Pregnant',
  underFive: 'Under five',
  overSixtyFour: '65 or over',
  immunity: 'Weakened immunity',
};

export const MOST_EATERS = 24;

/** Somebody who eats here, by the name they gave. */
export const eaterSchema = z
  .object({
    id: z.string().min(1).max(40),
    name: z.string().trim().min(1, { message: 'A name.' }).max(40),
    small: z.boolean(),
    /** Null: none. */
    care: z.enum(careReasons).nullable(),
  })
  .strict();
export type Eater = z.infer<typeof eaterSchema>;

/** Those who need extra care. */
export const inCare = (table: readonly Eater[]): readonly Eater[] =>
  table.filter(({ care }) => care !== null);

const LIST = new Intl.ListFormat('en-GB');

/** Names as one says them. @example namesOf([{ name: 'Ines' }, { name: 'Bo' }]) // 'Ines and Bo' */
export const namesOf = (eaters: readonly Pick<Eater, 'name'>[]): string =>
  LIST.format(eaters.map(({ name }) => name));
