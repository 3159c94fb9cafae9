import type { RuleSet } from '@omtel/core/guidance';

interface Kind {
  readonly value: keyof RuleSet['storage'];
  /** What it is called where it is cooked. */
  readonly label: string;
}

/** What is cooked in batches, by the rows of the chart of days. */
export const BATCH_KINDS = [
  { value: 'soupsStews', label: 'Soup, stew, casserole' },
  { value: 'cookedMeat', label: 'Meat, poultry, fish' },
  { value: 'cookedRice', label: 'Rice' },
  { value: 'cookedGrains', label: 'Grains, pasta, pulses' },
  { value: 'cookedVegetables', label: 'Vegetables' },
  { value: 'gravyBroth', label: 'Gravy, broth' },
] as const satisfies readonly Kind[];
export type BatchKind = (typeof BATCH_KINDS)[number]['value'];

/** What is salted raw. */
export const RAW_KINDS = [
  { value: 'poultryWhole', label: 'A whole bird' },
  { value: 'poultryParts', label: 'Pieces of poultry' },
  { value: 'roasts', label: 'A joint' },
  { value: 'chops', label: 'Chops' },
  { value: 'steaks', label: 'Steaks' },
  { value: 'fishLean', label: 'Lean fish' },
  { value: 'fishFatty', label: 'Fatty fish' },
  { value: 'shellfish', label: 'Shellfish' },
] as const satisfies readonly Kind[];
export type RawKind = (typeof RAW_KINDS)[number]['value'];

/** The kind that was remembered, or the first where there is no such one any more. */
export const kindIn = <Value extends string>(
  kinds: readonly { readonly value: Value }[],
  text: string,
): Value => (kinds.find(({ value }) => value === text) ?? kinds[0]!).value;
