import { foodById, isCanned, keepsInCupboard, type Food } from '../foods';
import type { Payload } from '../record';

/** What it is: bought to be cooked, thawed for it, or ready to eat. */
export const conditions = ['fresh', 'thawed', 'cooked'] as const;
export type AskedCondition = (typeof conditions)[number];

/** How many days ago it was bought, thawed, made or opened; null: not sure. */
export const daysAgo = [0, 1, 2, 3, 4, 7, 30] as const;

/** Where it has been since. Out of the cold for so long at most, in all; what was longer than all these is long. */
export const whereabouts = [
  'cold',
  'out1',
  'out2',
  'out4',
  'outLong',
  'frozen',
  'cupboard',
  'unknown',
] as const;
export type Whereabouts = (typeof whereabouts)[number];

/** Whether something is still all right: the answers to its questions. */
export interface Answers {
  readonly foodKey: string;
  /** What a mixed dish is made of besides, where that is known: it takes the strictest rule of each. */
  readonly parts?: readonly string[];
  readonly condition: AskedCondition;
  readonly daysAgo: number | null;
  readonly where: Whereabouts;
}

const isBoughtRaw = ({ cooking, rawStorage, keepsWarm }: Food): boolean =>
  cooking !== null && (rawStorage !== null || keepsWarm === true);

/** The conditions a kind of food comes in; where there is one alone, nothing is to be asked. */
export const conditionsOf = (foodKey: string): readonly AskedCondition[] =>
  isBoughtRaw(foodById(foodKey)) ? conditions : ['cooked'];

/** Where a kind of food can have been. */
export function whereOf({
  foodKey,
  parts = [],
  condition,
}: Pick<Answers, 'foodKey' | 'parts' | 'condition'>): readonly Whereabouts[] {
  const dry = keepsInCupboard([foodKey, ...parts]) && (condition === 'cooked' || !isCanned(foodKey));
  return whereabouts.filter((where) =>
    where === 'cupboard' ? dry : where !== 'frozen' || condition !== 'thawed',
  );
}

/** The place a food is entered in by where it has been. */
export const placeAt = (where: Whereabouts): Payload<'added'>['place'] =>
  where === 'frozen' ? 'freezer' : where === 'cupboard' ? 'cupboard' : 'refrigerator';
