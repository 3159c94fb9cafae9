import { z } from 'zod';
import { allergenIds } from '../foods/allergens';
import { formIds } from '../foods/categories';
import { isKnownFood, keepsInCupboard } from '../foods/catalogue';
import { HEAVIEST_KG, LONGEST_NAME } from '../foods/forms';
import { schools } from '../guidance/schools';
import { coolingPlanSchema } from './coolingPlan';
import { probePlaces } from './probePlaces';

/** Where food can be. Heat, ice and water are places too: they say what happens to it there. */
export const places = [
  'freezer',
  'refrigerator',
  'cupboard',
  'water',
  'counter',
  'car',
  'outdoors',
  'table',
  'ice',
  'heat',
  'gone',
] as const;
export type Place = (typeof places)[number];

/** Where in the refrigerator, top to bottom. */
export const shelves = ['top', 'middle', 'lower', 'drawer', 'door'] as const;
export type Shelf = (typeof shelves)[number];

/** Colder than any freezer and hotter than any oven's food: outside this a reading is a slip of the hand. */
export const temperatureSchema = z
  .object({ value: z.number(), unit: z.enum(['C', 'F']) })
  .refine(({ value, unit }) => (unit === 'C' ? value >= -40 && value <= 300 : value >= -40 && value <= 572), {
    message: 'A kitchen thermometer shows −40 to 300 °C (−40 to 572 °F).',
  });

/** Ids are compared as they are written, in small letters. */
const id = z.uuid().lowercase({ message: 'An id in small letters.' });

const temperature = temperatureSchema;
const instant = z.number().int().min(0).max(8.64e15);
const massKg = z
  .number()
  .positive('The weight must be more than nothing.')
  .max(HEAVIEST_KG, `At most ${HEAVIEST_KG} kg.`);
const portions = z.number().int().min(1).max(99);
/** Where it stands there, and whether it is covered. */
const standing = { shelf: z.enum(shelves).optional(), covered: z.boolean().optional() };
/** What is seen to where food is kept hot or cold; false: it was found undone. */
const seenTo = z
  .object({ stirred: z.boolean(), covered: z.boolean(), iceLevel: z.boolean() })
  .partial()
  .strict();
export type HoldingDuty = keyof z.infer<typeof seenTo>;
/** A thermometer further off than this is thrown away, not corrected. */
const MOST_OFF = 10;
const nothing = z.object({}).strict();
/** On the way: in an insulated bag with two frozen packs or more, and outside the household's warm months. */
const carrying = { bag: z.literal(true).optional(), season: z.literal('cool').optional() };
/** The date a maker printed, to its end. Use-by speaks of safety, best before of taste. */
const printed = z.object({ kind: z.enum(['useBy', 'bestBefore']), at: instant }).strict();
/** The date on a label: what counts for who reads it on another day. */
const labelDate = z.discriminatedUnion('kind', [
  z.object({ kind: z.enum(['useBy', 'frozen']), at: instant }).strict(),
  z.object({ kind: z.literal('unknown') }).strict(),
]);
export type LabelDate = z.infer<typeof labelDate>;
/** Longer than a thermometer is watched in one go. */
const LONGEST_WATCH_MS = 5 * 60 * 1000;
const span = z.object({ fastMs: z.number().int().min(0), slowMs: z.number().int().min(0) });

/** The payload of each type of event, as it is stored and sent. */
export const payloads = {
  /** The food comes into the household's hands. `since`: when it was bought, opened, thawed or cooked; null: nobody knows. */
  added: z
    .object({
      foodKey: z.string().refine(isKnownFood, { message: 'No such food in the catalogue.' }),
      /** What a mixed dish is made of besides: it takes the strictest rule of each. */
      parts: z
        .array(z.string().refine(isKnownFood, { message: 'No such food in the catalogue.' }))
        .max(12)
        .optional(),
      name: z.string().trim().min(1).max(LONGEST_NAME),
      massKg,
      form: z.enum(formIds),
      condition: z.enum(['frozen', 'thawed', 'fresh', 'cooked']),
      /** The cupboard is for unopened cans, and for what needs no cold. */
      place: z.enum(['freezer', 'refrigerator', 'cupboard', 'counter', 'car']),
      ...carrying,
      since: instant.nullable(),
      /** Brought by somebody else: what it was through before nobody here knows. */
      from: z.enum(['guest', 'takeaway', 'delivery']).optional(),
      /** Whether it came hot; by its kind where nobody says. */
      came: z.enum(['hot', 'cold']).optional(),
      /** When it left the heat or the cold where it came from; null or left out: nobody knows. */
      outSince: instant.nullable().optional(),
      /** Made here from ingredients at room temperature: it has to get cold. */
      fromRoom: z.literal(true).optional(),
      printed: printed.optional(),
      /** In the maker's pack, closed: with a printed use-by its days begin when it is opened. */
      unopened: z.literal(true).optional(),
      /** Fish in a pack without air. */
      withoutAir: z.literal(true).optional(),
      reheatedBefore: z.literal(true).optional(),
    })
    .strict()
    .refine(
      ({ place, foodKey, parts = [] }) => place !== 'cupboard' || keepsInCupboard([foodKey, ...parts]),
      {
        message: 'Only unopened cans, and what needs no cold, keep in the cupboard.',
        path: ['place'],
      },
    ),
  /** Part of another food goes its own way from here, with all that happened to it before. */
  portioned: z
    .object({
      from: id,
      name: z.string().trim().min(1).max(LONGEST_NAME),
      massKg,
      portions: portions.optional(),
    })
    .strict(),
  /** So much of it went off as another food. */
  dividedOff: z.object({ to: id, massKg, portions: portions.optional() }).strict(),
  /** Another food was put to this one: it is as the worse of both from here. */
  joined: z.object({ with: id }).strict(),
  joinedTo: z.object({ into: id }).strict(),
  /** Nobody can say where it was since then. */
  unaccounted: z.object({ since: instant }).strict(),
  /** The air of the store it is in was read too warm, and was last read right at `since`; then right again. */
  storeWarm: z.object({ since: instant }).strict(),
  storeRight: nothing,
  /** The power of its store is off since then. How full the freezer is, and which store was opened meanwhile. */
  powerOff: z
    .object({
      since: instant,
      freezer: z.enum(['full', 'half', 'less']),
      opened: z
        .array(z.enum(['refrigerator', 'freezer']))
        .max(2)
        .optional(),
    })
    .strict(),
  powerOn: nothing,
  /** There are ice crystals in it still. */
  iceSeen: nothing,
  /** A can or a pack was opened: its days count from here, and fish has air again. */
  opened: nothing,
  /** A label is on it. `says`: the date that stands there; left out: nobody knows. */
  labelled: z.object({ says: labelDate.optional() }).strict(),
  /** What it contains that some cannot eat; the last word holds. None: nothing is noted any more. */
  allergens: z.object({ contains: z.array(z.enum(allergenIds)).max(allergenIds.length) }).strict(),
  /** Somebody remembered since when its days count: bought, opened, thawed or cooked. */
  dated: z.object({ since: instant }).strict(),
  /** Somebody remembered when it left the heat or the cold where it came from. */
  outSince: z.object({ since: instant }).strict(),
  printed,
  planned: z
    .object({
      method: z.enum(['refrigerator', 'coldWater', 'microwave', 'fromFrozen', 'thawed', 'fresh']),
      serveAt: instant,
      cookFastMs: z.number().int().positive(),
      cookSlowMs: z.number().int().positive(),
      restMs: z.number().int().min(0),
      /** Thawing times from heat transfer, as they were when it was planned; the rules' alone where none were known. */
      computedThaw: z.object({ refrigerator: span, coldWater: span, microwave: span }).partial().optional(),
      /** How long an icy middle still takes, from what it read. */
      thawLeftMs: z.number().int().min(0).optional(),
      /** When to start, as it was accepted: within these the cook is home and it is neither too early nor too late. */
      startFrom: instant,
      startBy: instant,
    })
    .strict(),
  planDropped: nothing,
  thawStarted: z
    .object({
      method: z.enum(['refrigerator', 'coldWater', 'microwave']),
      /** The water runs. */
      running: z.literal(true).optional(),
    })
    .strict(),
  waterChanged: nothing,
  /** How warm the water is. */
  waterRead: z.object({ temperature }).strict(),
  thawed: nothing,
  /** How hot, and whether its fan is on, where somebody says. */
  ovenOn: z.object({ temperature: temperature.optional(), fan: z.boolean().optional() }).strict(),
  cookingStarted: z.object({ by: z.literal('microwave').optional() }).strict(),
  reading: z
    .object({
      temperature,
      /** Where its tip was; where the form is read first when nobody says. */
      place: z.enum(probePlaces).optional(),
      /** The thermometer was watched for so long, and showed no less. */
      watchedMs: z.number().int().min(0).max(LONGEST_WATCH_MS).optional(),
      /** What to add, in its own degrees, because the thermometer reads off by that much. */
      correction: z.number().min(-MOST_OFF).max(MOST_OFF).optional(),
      /** The thermometer was dropped since its check, or is off by an unknown amount: it proves nothing. */
      doubtful: z.literal(true).optional(),
      /** Which thermometer it was, by its id. */
      by: z.string().min(1).max(40).optional(),
      /** It may be off by so much either way, K: by its marks, its check, and how steady it was. */
      withinK: z.number().min(0).max(20).optional(),
      /** With a check of what is kept hot or cold. */
      seenTo: seenTo.optional(),
    })
    .strict(),
  signSeen: nothing,
  offHeat: nothing,
  served: nothing,
  /** How warm the air is where the food stands. */
  airRead: z.object({ temperature }).strict(),
  putAway: z
    .object({
      place: z.enum(['refrigerator', 'freezer']),
      portions,
      depthM: z.number().positive().max(0.5),
      ...standing,
    })
    .strict(),
  moved: z
    .object({
      place: z.enum(['freezer', 'refrigerator', 'cupboard', 'counter', 'car', 'outdoors', 'table', 'ice']),
      ...carrying,
      ...standing,
    })
    .strict(),
  coolingPlanned: coolingPlanSchema,
  /** This food goes by other guidance than the household's; null: by the household's again. */
  guided: z
    .object({
      choice: z
        .object({ school: z.enum(schools), extraCare: z.boolean() })
        .strict()
        .nullable(),
    })
    .strict(),
  eaten: nothing,
  discarded: nothing,
  /**
   * Names another event: it happened at another time, otherwise than was said, or not at all. `instead` takes the place of
   * its whole payload. History itself is never edited.
   */
  corrected: z
    .object({
      eventId: id,
      at: instant.optional(),
      instead: z.record(z.string(), z.unknown()).optional(),
      withdrawn: z.literal(true).optional(),
    })
    .strict(),
  note: z.object({ text: z.string().trim().min(1).max(500) }).strict(),
} as const;

export type EventType = keyof typeof payloads;
export type Payload<Type extends EventType> = z.infer<(typeof payloads)[Type]>;

/** One thing that happened to one food. Ids are UUID v7, made where the event is recorded. */
export type FoodEvent<Type extends EventType = EventType> = {
  [T in Type]: {
    readonly id: string;
    readonly foodId: string;
    readonly at: number;
    readonly type: T;
    readonly payload: Payload<T>;
    /** Its place in the order in which the household took its entries in; none while it is on its way. */
    readonly seq?: number;
  };
}[Type];

const eventOf = <Type extends EventType>(type: Type) =>
  z.object({
    id,
    foodId: id,
    /** When it happened, epoch milliseconds. */
    at: instant,
    type: z.literal(type),
    payload: payloads[type],
  });

const types = Object.keys(payloads) as EventType[];

export const eventSchema = z.discriminatedUnion(
  'type',
  types.map(eventOf) as unknown as [ReturnType<typeof eventOf<EventType>>],
) as unknown as z.ZodType<FoodEvent>;
