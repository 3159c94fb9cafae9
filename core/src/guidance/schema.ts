import { z } from 'zod';
import { afterThawCategories, cookingCategories, roastIds, storageCategories } from '../foods/categories';
import { ruleSetIds } from './schools';
import { sources } from './sources';
import * as v from './values';

export type * from './values';

const sourceId = z.enum(Object.keys(sources) as [keyof typeof sources]);

/** One rule: its value stands here and nowhere else. */
const rule = <Value extends z.ZodType>(value: Value) =>
  z.object({
    /** School and path, such as 'home.bandTime.limit'. */
    id: z.string(),
    title: z.string().min(3),
    value,
    source: sourceId,
    note: z.string().optional(),
    /** The school is silent and takes the home chart's value. */
    borrowed: z.literal(true).optional(),
    /** The household set it for itself, stricter than its school. */
    own: z.literal(true).optional(),
    /** In the strictest of all: the rules it was computed from that are as strict as it is. */
    strictestOf: z.array(z.string()).optional(),
  });

const each = <Key extends string, Value extends z.ZodType>(keys: readonly Key[], value: Value) =>
  z.record(z.enum(keys as readonly [Key, ...Key[]]), value);

/** The shape every rule set must have, whole: silence is filled by borrowing, never left out. */
export const ruleSetSchema = z.object({
  school: z.enum(ruleSetIds),
  name: z.string(),
  bands: z.object({
    growth: rule(v.temperatureBand),
    refrigerator: rule(v.temperatureLimit),
    freezer: rule(v.temperatureLimit),
    hotHolding: rule(v.temperatureLimit),
  }),
  holding: z.object({ hotCheck: rule(v.duration), coldCheck: rule(v.duration) }),
  bandTime: z.object({
    limit: rule(v.duration),
    chillAgain: rule(v.chillAgain),
    warmAir: rule(v.temperatureLimit),
    warmAirFactor: rule(v.factor),
    /** How long an insulated bag with frozen packs may keep food cold, if it arrives so. */
    insulatedBag: rule(v.duration),
    /** For milk an infant is fed with. */
    infantMilk: rule(v.duration),
  }),
  thawing: z.object({
    refrigerator: rule(v.thawRate),
    waterBird: rule(v.thawRate),
    waterPack: rule(v.thawRate),
    waterChange: rule(v.duration),
    /** How warm the water may be. */
    waterTemperature: rule(v.temperatureLimit),
    /** How long food may lie in it, in all. */
    waterMost: rule(v.duration),
    /** Whether the minutes in water count as time in the growth band even while all is done right. */
    waterCounts: rule(v.binding),
    /** Whether it must be running: still water, however fresh, is then no method. */
    waterRunning: rule(v.binding),
    fromFrozen: rule(v.factor),
    /** Whether only small, thin things may be cooked from frozen. */
    fromFrozenThin: rule(v.binding),
    /** A bird sold frozen and stuffed is not thawed. */
    soldStuffed: rule(v.allowed),
    /** Fish in a pack without air is not thawed in it. */
    withoutAir: rule(v.allowed),
    onCounter: rule(v.allowed),
    cookAtOnce: rule(v.duration),
    thawedAbove: rule(v.tolerance),
  }),
  afterThaw: each(afterThawCategories, rule(v.durationRange)),
  /** How long cooked food keeps once it was thawed; at most what was left of its days. */
  afterThawCooked: rule(v.durationRange),
  refreezing: z.object({ afterRefrigerator: rule(v.allowed), afterWaterOrMicrowave: rule(v.allowed) }),
  cooking: z.object({
    targets: each(cookingCategories, rule(v.cookTarget)),
    oven: rule(v.temperatureLimit),
    jointRest: rule(v.durationRange),
    preheat: rule(v.duration),
    interrupting: rule(v.allowed),
    /** What a microwave has to reach besides the food's own target, and how long the food then stands. */
    microwave: rule(v.cookTarget),
    /** The ovens in which held temperatures of a roast count. */
    roastOven: rule(v.ovens),
    /** How soon food that goes back on the heat goes on with the same cook. */
    sameCook: rule(v.duration),
    /** How long a cook may go on without a reading before nobody knows how it stands. */
    unread: rule(v.duration),
  }),
  roasting: each(roastIds, rule(v.roastTable)),
  cooling: z.object({
    intoRefrigerator: rule(v.duration),
    depth: rule(v.depthLimit),
    firstMark: rule(v.coolingMark),
    secondMark: rule(v.coolingMark),
    /** Whether the marks rule on the food, or are advice. */
    marksBind: rule(v.binding),
    /** Whether food that missed the first mark may be heated and cooled again, once. */
    rescue: rule(v.allowed),
    /** Whether food deeper than the rule counts as out of the cold until a reading shows it cold. */
    deepCounts: rule(v.binding),
    /** For dishes made from ingredients at room temperature. */
    fromRoom: rule(v.coolingMark),
    rice: rule(v.duration),
  }),
  storage: each(
    storageCategories,
    z.object({ refrigerator: rule(v.durationRange), freezer: rule(v.freezerMonths) }),
  ),
  /** What is not eaten at all. */
  avoided: rule(v.avoided),
  /** What is eaten only heated through. */
  heatedFirst: rule(v.avoided),
  /** A printed use-by is never exceeded. */
  printedDate: rule(v.binding),
  reheating: z.object({
    target: rule(v.cookTarget),
    /** The same for what a plant packed ready to eat. */
    plantPacked: rule(v.cookTarget),
    within: rule(v.duration),
    times: rule(v.count),
    stand: rule(v.duration),
  }),
  thermometer: z.object({
    icePoint: rule(v.tolerance),
    /** How long a check holds, before another is due. */
    checkEvery: rule(v.duration),
    /** Off by more, it is thrown away and not corrected. */
    mostOff: rule(v.tolerance),
    /** Two checks that differ by more. */
    disagreement: rule(v.tolerance),
    /** How far a figure may be off where its thermometer was checked, and where nobody did. */
    checkedWithin: rule(v.tolerance),
    uncheckedWithin: rule(v.tolerance),
    steadyFor: rule(v.duration),
    dialSteadyFor: rule(v.duration),
    steadySpan: rule(v.tolerance),
    /** Joints that are read in two places. */
    twoPlaces: rule(v.massOver),
  }),
  keepingApart: z.object({
    shelves: rule(v.order),
    hands: rule(v.duration),
    sanitiser: rule(v.strength),
    sanitiserWet: rule(v.durationRange),
    /** How long a mix is good for. */
    sanitiserKeeps: rule(v.duration),
    /** From here on it is for floors and bins. */
    disinfecting: rule(v.strengthFrom),
    /** What bottles of bleach hold. */
    bleach: rule(v.percents),
  }),
  /** Whole birds and joints in hot oil. */
  frying: z.object({
    /** How much of the pot stays free above the oil once the food is in it. */
    rim: rule(v.clearance),
    oil: rule(v.temperatureLimit),
  }),
  servings: z.object({
    wholeBird: rule(v.massRange),
    boneIn: rule(v.massRange),
    boneless: rule(v.massRange),
  }),
  powerCut: z.object({
    refrigerator: rule(v.duration),
    freezerFull: rule(v.duration),
    freezerHalf: rule(v.duration),
  }),
});

export type RuleSet = z.infer<typeof ruleSetSchema>;
export interface Rule<Value extends v.RuleValue = v.RuleValue> {
  readonly id: string;
  readonly title: string;
  readonly value: Value;
  readonly source: keyof typeof sources;
  readonly note?: string;
  readonly borrowed?: true;
  readonly own?: true;
  readonly strictestOf?: readonly string[];
}

/** The tree as it is written by hand: the same without ids, which follow from the place in the tree. */
export type Draft<Node> = Node extends { id: string; value: unknown; source: unknown }
  ? Omit<Node, 'id'>
  : Node extends object
    ? { [Key in keyof Node]: Draft<Node[Key]> }
    : Node;
