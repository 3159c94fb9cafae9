import { foodById, type Food } from '../foods';
import {
  stricter,
  type CookTarget,
  type DurationRange,
  type Rule,
  type RuleSet,
  type RuleValue,
} from '../guidance';
import { isAtLeast, toKilograms } from '../units';
import type { Payload } from '../record';

/** What a food is of. */
export interface Kinds {
  readonly foodKey: string;
  readonly parts: readonly string[];
}

/** How it is roasted, where that is known. */
interface Roasting {
  readonly oven: Payload<'ovenOn'> | null;
  readonly massKg: number;
}

interface Done {
  readonly cooked: boolean;
}

type Months = RuleSet['storage']['pizza']['freezer'];

/** What a food is of: its own kind, and for a mixed dish those of its parts. */
export const kindsOf = ({ foodKey, parts }: Kinds): readonly Food[] => [foodKey, ...parts].map(foodById);

/** Whether time out of the cold matters to it; of a mixed dish, to any part (guidance §11.30). */
export const mindsTheBand = (state: Kinds & Partial<Done & { readonly sealed: boolean }>): boolean =>
  !state.sealed &&
  kindsOf(state).some(({ keepsWarm, cooking }) => !keepsWarm || (state.cooked === true && cooking !== null));

/** How long a food may be in the growth band in all; milk for an infant has hours of its own. */
export function bandLimit(state: Kinds, { bandTime }: RuleSet): Rule<RuleSet['bandTime']['limit']['value']> {
  const infant = kindsOf(state).some(({ infantMilk }) => infantMilk);
  return infant ? strictest([bandTime.limit, bandTime.infantMilk]) : bandTime.limit;
}

/** The cooking target of a food, for a mixed dish the strictest of its parts'; null for one that is eaten as it is. */
export function targetOf(state: Kinds & Partial<Roasting>, rules: RuleSet): Rule<CookTarget> | null {
  const targets = kindsOf(state).flatMap(({ cooking }) =>
    cooking ? [inItsOven(rules.cooking.targets[cooking], state, rules)] : [],
  );
  return targets.length ? strictest(targets) : null;
}

/** Held temperatures of a roast count only in the ovens they were measured in; in a colder one it is done at the plain one. */
function inItsOven(
  target: Rule<CookTarget>,
  { oven, massKg }: Partial<Roasting>,
  { cooking: { roastOven } }: RuleSet,
): Rule<CookTarget> {
  if (!oven?.temperature || !/\.(roast|porkRoast)$/.test(target.id)) return target;
  const { heavyFrom, light, heavy } = roastOven.value;
  const row = (massKg ?? 0) >= toKilograms(heavyFrom) ? heavy : light;
  if (isAtLeast(oven.temperature, oven.fan ? row.fan : row.still)) return target;
  const plain = target.value.options.filter(({ heldMs }) => heldMs === 0);
  return plain.length ? { ...target, value: { ...target.value, options: plain } } : target;
}

/** What it is heated to: the mark of what a plant packed, where it is all of that. */
export function reheatTargetOf(state: Kinds, { reheating }: RuleSet): Rule<CookTarget> {
  return kindsOf(state).every(({ plantPacked }) => plantPacked) ? reheating.plantPacked : reheating.target;
}

/** Whether people heat it before they eat it; nobody does yoghurt. */
export const isHeated = (state: Kinds): boolean =>
  kindsOf(state).some(({ cooking, warmed }) => cooking !== null || warmed === true);

/** How long a food keeps in the refrigerator and the freezer, raw or cooked; a mixed dish as its shortest-lived part. */
export function storageOf(
  state: Kinds & Done,
  { storage }: RuleSet,
): { readonly refrigerator: Rule<DurationRange>; readonly freezer: Months } | null {
  const rows = kindsOf(state).flatMap(({ rawStorage, cookedStorage, alsoKeepsAs, keepsWarm, cooking }) => {
    // Whole vegetables are raw for as long as they look and taste it.
    if (!state.cooked && keepsWarm && cooking !== null) return [];
    const category = state.cooked ? cookedStorage : (rawStorage ?? cookedStorage);
    return [category, state.cooked ? alsoKeepsAs : undefined].flatMap((row) => (row ? [storage[row]] : []));
  });
  if (!rows.length) return null;
  return { refrigerator: strictest(rows.map(({ refrigerator }) => refrigerator)), freezer: rows[0]!.freezer };
}

/** How long raw food keeps once it was thawed; what keeps by itself does not shorten it. */
export function afterThawOf(state: Kinds, { afterThaw }: RuleSet): Rule<DurationRange> {
  const kinds = kindsOf(state);
  const minding = kinds.filter(({ keepsWarm }) => !keepsWarm);
  return strictest((minding.length ? minding : kinds).map((food) => afterThaw[food.afterThaw]));
}

/** One of the rules that is as strict as all of them together, or the first with the value that is. */
function strictest<Value extends RuleValue>(rules: readonly Rule<Value>[]): Rule<Value> {
  const value = rules.map((rule) => rule.value).reduce(stricter);
  const written = JSON.stringify(value);
  return rules.find((rule) => JSON.stringify(rule.value) === written) ?? { ...rules[0]!, value };
}
