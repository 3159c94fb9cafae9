import { foodById, type Food } from '../foods';
import {
  stricter,
  type CookTarget,
  type DurationRange,
  type Rule,
  type RuleSet,
  type RuleValue,
} from '../guidance';
import type { FoodState } from './state';

type Kinds = Pick<FoodState, 'foodKey' | 'parts'>;
type Months = RuleSet['storage']['pizza']['freezer'];

/** What a food is of: its own kind, and for a mixed dish those of its parts. */
export const kindsOf = ({ foodKey, parts }: Kinds): readonly Food[] => [foodKey, ...parts].map(foodById);

/** The cooking target of a food, for a mixed dish the strictest of its parts'; null for one that is eaten as it is. */
export function targetOf(state: Kinds, rules: RuleSet): Rule<CookTarget> | null {
  const targets = kindsOf(state).flatMap(({ cooking }) => (cooking ? [rules.cooking.targets[cooking]] : []));
  return targets.length ? strictest(targets) : null;
}

/** How long a food keeps in the refrigerator and the freezer, raw or cooked; a mixed dish as its shortest-lived part. */
export function storageOf(
  state: Kinds & Pick<FoodState, 'cooked'>,
  { storage }: RuleSet,
): { readonly refrigerator: Rule<DurationRange>; readonly freezer: Months } {
  const rows = kindsOf(state).map(
    ({ rawStorage, cookedStorage }) => storage[state.cooked ? cookedStorage : (rawStorage ?? cookedStorage)],
  );
  return { refrigerator: strictest(rows.map(({ refrigerator }) => refrigerator)), freezer: rows[0]!.freezer };
}

/** How long raw food keeps once it was thawed. */
export const afterThawOf = (state: Kinds, { afterThaw }: RuleSet): Rule<DurationRange> =>
  strictest(kindsOf(state).map((food) => afterThaw[food.afterThaw]));

/** One of the rules that is as strict as all of them together, or the first with the value that is. */
function strictest<Value extends RuleValue>(rules: readonly Rule<Value>[]): Rule<Value> {
  const value = rules.map((rule) => rule.value).reduce(stricter);
  const written = JSON.stringify(value);
  return rules.find((rule) => JSON.stringify(rule.value) === written) ?? { ...rules[0]!, value };
}
