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

/** Letters of a name. */
export const MOST_NAME = 40;

/** Somebody who eats here, by the name they gave. */
export interface Eater {
  readonly id: string;
  readonly name: string;
  readonly small: boolean;
  /** Null: none. */
  readonly care: CareReason | null;
}

/** Those who need extra care. */
export const inCare = (table: readonly Eater[]): readonly Eater[] =>
  table.filter(({ care }) => care !== null);

const LIST = new Intl.ListFormat('en-GB');

/** Names as one says them. @example namesOf([{ name: 'Ines' }, { name: 'Bo' }]) // 'Ines and Bo' */
export const namesOf = (eaters: readonly Pick<Eater, 'name'>[]): string =>
  LIST.format(eaters.map(({ name }) => name));
