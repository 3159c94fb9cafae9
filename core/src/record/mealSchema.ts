import { z } from 'zod';
import { isKnownFood } from '../foods/catalogue';
import { formIds } from '../foods/categories';
import { HEAVIEST_KG, LONGEST_NAME } from '../foods/forms';
import { MOST_EATERS } from '../table/eaters';
import {
  heldPlaces,
  LONGEST_COURSE_MS,
  markKinds,
  MOST_BOUGHT,
  MOST_DISHES,
  shopShelves,
  taskKinds,
  tickedKinds,
} from './mealKinds';

const MOST_PEOPLE = 60;
const MOST_TASKS = 200;
/** Nothing of a meal takes longer than a thaw does. */
const LONGEST_MS = 14 * 24 * 60 * 60 * 1000;
const LONGEST_MINUTES = LONGEST_MS / 60_000;

const id = z.uuid().lowercase({ message: 'An id in small letters.' });
/** The name of a dish or a task within its meal. */
const within = z.string().min(1).max(60);
/** Those at the table who do not eat it, by their ids: whoever is not named here does. */
const without = z.array(z.string().min(1).max(40)).max(MOST_EATERS).optional();
const name = z.string().trim().min(1).max(LONGEST_NAME);
const instant = z.number().int().min(0).max(8.64e15);
const ms = z.number().int().min(0).max(LONGEST_MS);
const celsius = z.tuple([z.number().min(0).max(300), z.number().min(0).max(300)]);
const span = z.object({ fastMs: ms, slowMs: ms }).strict();
const minutes = z.number().int().min(0).max(LONGEST_MINUTES);

const heating = z
  .object({
    at: z.enum(['oven', 'hob', 'microwave', 'grill', 'slowCooker']),
    fastMs: ms.positive(),
    slowMs: ms.positive(),
    celsius: celsius.optional(),
    everyMs: ms.positive().optional(),
  })
  .strict();

const common = {
  id: within,
  name,
  /** The food it is made of; made up when it is planned where it is still to be bought or brought. */
  foodId: id.nullable(),
  prepareMs: ms,
  finishMs: ms,
  waitsMs: ms,
  /** Where it is kept hot while it waits for the table; it stands out where nothing is said. */
  heldAt: z.enum(heldPlaces).optional(),
  /** It comes to the table so long after the rest. */
  afterMs: ms.max(LONGEST_COURSE_MS).optional(),
  keeps: z.boolean(),
  without,
  /** The meal of which it is left over. */
  leftFrom: id.optional(),
  /** What is bought for it besides. */
  buys: z
    .array(z.object({ name, shelf: z.enum(shopShelves) }).strict())
    .max(MOST_BOUGHT)
    .optional(),
};

/** Where it comes from, for what is not in the stores yet. */
const comes = z.enum(['shop', 'guest']).optional();
const kinds = {
  foodKey: z.string().refine(isKnownFood, { message: 'No such food in the catalogue.' }),
  parts: z.array(z.string().refine(isKnownFood, { message: 'No such food in the catalogue.' })).max(12),
  form: z.enum(formIds),
  massKg: z.number().positive().max(HEAVIEST_KG),
};

/** A dish as it was planned. */
const dish = z.discriminatedUnion('kind', [
  z
    .object({
      kind: z.literal('cooked'),
      ...common,
      ...kinds,
      foodId: id,
      comes,
      condition: z.enum(['frozen', 'thawed', 'fresh']),
      since: instant.nullable(),
      method: z.enum(['refrigerator', 'coldWater', 'microwave', 'fromFrozen', 'thawed', 'fresh']),
      computedThaw: z.object({ refrigerator: span, coldWater: span, microwave: span }).partial().optional(),
      /** How long an icy middle takes since its thaw was begun, from what it read. */
      thawLeftMs: ms.optional(),
      /** In a marinade or a brine, in the refrigerator. */
      marinateMs: ms.optional(),
      heating,
      restMs: ms,
    })
    .strict(),
  z.object({ kind: z.literal('reheated'), ...common, comes, heating }).strict(),
  z.object({ kind: z.literal('plain'), ...common, comes, heating }).strict(),
  z.object({ kind: z.literal('cold'), ...common, comes }).strict(),
]);
export type PlannedDish = z.infer<typeof dish>;

/** A task where the schedule has put it. */
const task = z
  .object({
    id: within,
    dish: within,
    kind: z.enum(taskKinds),
    startAt: instant,
    minutes,
    place: z.string().max(20).optional(),
    celsius: celsius.optional(),
    hands: z.array(z.tuple([minutes, minutes])).max(60),
    /** In minutes from its start. */
    marks: z.array(z.object({ at: minutes, what: z.enum(markKinds) }).strict()).max(60),
    ruleIds: z.array(z.string().max(80)).max(8),
    /** A cook said when: the schedule keeps to it. */
    pinned: z.literal(true).optional(),
    /** Who said to do it, by the id of the cook. */
    who: z.string().max(40).optional(),
    /** Those who may do it, where not everybody may. */
    by: z.array(z.string().max(40)).max(12).optional(),
  })
  .strict();
export type PlacedTask = z.infer<typeof task>;

/** What can be said of a meal, as it is stored and sent. What a food of it goes through is said of the food. */
export const mealPayloads = {
  /** What is to be eaten, by how many, and when. Said again, it takes the place of what was said before. */
  mealPlanned: z
    .object({
      name,
      people: z.number().int().min(1).max(MOST_PEOPLE),
      smallEaters: z.number().int().min(0).max(MOST_PEOPLE),
      without,
      serveAt: instant,
      dishes: z.array(dish).min(1).max(MOST_DISHES),
    })
    .strict()
    .refine(({ people, smallEaters }) => smallEaters <= people, {
      message: 'Small eaters are some of all who eat.',
      path: ['smallEaters'],
    })
    .refine(({ dishes }) => new Set(dishes.map((each) => each.id)).size === dishes.length, {
      message: 'Each dish once.',
      path: ['dishes'],
    }),
  /** One schedule for all of it. The latest holds. */
  mealScheduled: z.object({ serveAt: instant, tasks: z.array(task).max(MOST_TASKS) }).strict(),
  /** A task that no food tells of was begun, or done, then; null: it was not. */
  mealTicked: z
    .object({
      dish: within,
      /** The dish by its name, for the log. */
      name,
      kind: z.enum(tickedKinds),
      part: z.enum(['begun', 'done']),
      at: instant.nullable(),
    })
    .strict(),
  /** Something that goes into a dish was bought then; null: it was not. */
  mealBought: z.object({ dish: within, item: name, at: instant.nullable() }).strict(),
  mealDropped: z.object({}).strict(),
} as const;

const eventOf = <Type extends keyof typeof mealPayloads>(type: Type) =>
  z.object({ id, mealId: id, at: instant, type: z.literal(type), payload: mealPayloads[type] });

const types = Object.keys(mealPayloads) as (keyof typeof mealPayloads)[];

export const mealEventSchema = z.discriminatedUnion(
  'type',
  types.map(eventOf) as unknown as [ReturnType<typeof eventOf<keyof typeof mealPayloads>>],
);
