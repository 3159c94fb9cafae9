import { z } from 'zod';
import { guidanceSchema, PLAIN_GUIDANCE } from '../guidance';
import { ownFoodSchema } from '../foods/ownFood';
import { isZone, parseClockTime } from '../time';
import { MICROWAVE_W, MOST_COOKS, MOST_FORMER_ZONES, MOST_OVENS } from './limits';
import { HIGHEST_M, LOWEST_M } from '../thermometers/boiling';
import { roles } from '../roles/roles';
import { MOST_EATERS } from '../table/eaters';
import { eaterSchema } from '../table/schema';
import { MOST_THERMOMETERS, thermometerSchema } from '../thermometers/schema';
import { orProblem } from '../units';

const clockText = z.string().refine((text) => !('problem' in orProblem(() => parseClockTime(text))), {
  message: 'A time such as 07:00.',
});

const weekdays = ['1', '2', '3', '4', '5', '6', '7'] as const;

/** When somebody is home and awake, by weekday. */
const hours = z.record(z.enum(weekdays), z.array(z.object({ from: clockText, to: clockText })).max(4));

export const MOST_OWN_FOODS = 200;

/** What a household can set for itself. */
export const settingsSchema = z.object({
  units: z.object({ temperature: z.enum(['C', 'F']), mass: z.enum(['metric', 'imperial']) }),
  theme: z.enum(['system', 'light', 'dark']),
  largerText: z.boolean(),
  zone: z.string().refine(isZone, { message: 'No such time zone.' }),
  /** How its clocks show the hours, and the weekday its weeks begin with. */
  times: z.object({ face: z.union([z.literal(24), z.literal(12)]), weekFrom: z.enum(['1', '6', '7']) }),
  /** How it is reminded; in its quiet hours nothing is heard or felt but what is on the heat or out of the cold. */
  reminders: z.object({
    heard: z.boolean(),
    felt: z.boolean(),
    quiet: z.object({ from: clockText, to: clockText }).nullable(),
  }),
  guidance: guidanceSchema,
  /** Where the household lived before, the latest first: days counted there may end earlier. */
  formerZones: z.array(z.string()).max(MOST_FORMER_ZONES),
  /** The household's thermometers, with their checks. */
  thermometers: z
    .array(thermometerSchema)
    .max(MOST_THERMOMETERS)
    .refine((all) => new Set(all.map(({ id }) => id)).size === all.length, {
      message: 'Each thermometer once.',
    }),
  /** How high the kitchen lies above the sea, m: water boils by it. */
  altitudeM: z.number().min(LOWEST_M).max(HIGHEST_M),
  /** Months, 1 to 12, in which air nobody measured outdoors or in a car is taken for warm. */
  warmMonths: z.array(z.number().int().min(1).max(12)).max(12),
  /** What this household cooks and no catalogue knows. */
  ownFoods: z.array(ownFoodSchema).max(MOST_OWN_FOODS),
  availability: hours,
  /** What there is to cook with; an oven's room is counted in shelves. */
  kitchen: z.object({
    ovens: z
      .array(
        z.object({
          shelves: z.number().int().min(1).max(8),
          /** The widest tin it takes, m. */
          widestM: z.number().min(0).max(2).nullable(),
          fan: z.boolean(),
        }),
      )
      .max(MOST_OVENS),
    /** A warm drawer, in dishes it holds. */
    warm: z.number().int().min(0).max(8),
    rings: z.number().int().min(0).max(8),
    /** The largest pot, l. */
    potLitres: z.number().min(0).max(200).nullable(),
    /** What is free in the refrigerator, l. */
    coldLitres: z.number().min(0).max(200).nullable(),
    boards: z.number().int().min(1).max(8),
    sinks: z.number().int().min(1).max(3),
    microwave: z.boolean(),
    /** What its maker says it puts out at full power, W. */
    microwaveW: z.number().min(MICROWAVE_W.least).max(MICROWAVE_W.most).nullable(),
    grill: z.boolean(),
    slowCooker: z.boolean(),
  }),
  /** Who eats here. Why somebody needs extra care is told to nobody outside the household. */
  table: z
    .array(eaterSchema)
    .max(MOST_EATERS)
    .refine((table) => new Set(table.map(({ id }) => id)).size === table.length, {
      message: 'Each of them once.',
    }),
  /** Who cooks; without hours of their own they are home and awake as the household. */
  cooks: z
    .array(
      z.object({
        id: z.string().min(1).max(40),
        name: z.string().trim().min(1).max(40),
        availability: hours.nullable(),
        /** Not to have raw poultry in hand. */
        noRawPoultry: z.boolean().optional(),
      }),
    )
    .min(1)
    .max(MOST_COOKS)
    .refine((cooks) => new Set(cooks.map(({ id }) => id)).size === cooks.length, {
      message: 'Each cook once.',
    }),
});
export type Settings = z.infer<typeof settingsSchema>;

export const settingsPatchSchema = settingsSchema.omit({ formerZones: true }).partial().strict();
export type SettingsPatch = z.infer<typeof settingsPatchSchema>;

/** A change of settings, with what those it changes were where it was meant: others may have changed them since. */
export const settingsChangeSchema = settingsPatchSchema
  .extend({ was: settingsSchema.partial().optional() })
  .strict();

export const householdSchema = z.object({
  id: z.uuid(),
  name: z.string(),
  /** Who is signed in on this device; nobody in the demo. */
  me: z.object({ id: z.uuid(), name: z.string(), role: z.enum(roles) }).nullable(),
  /** When it is deleted, by the wall clock; null: nobody asked for that. */
  closesAt: z.number().int().nullable(),
  settings: settingsSchema,
  /** The household's own time; the demo's can be moved ahead. `aheadMs` is how far it was moved. */
  clock: z.object({
    now: z.number().int(),
    aheadMs: z.number().int(),
    movable: z.boolean(),
    frozen: z.boolean(),
  }),
});
export type Household = z.infer<typeof householdSchema>;

/** Codes that open the door once each. */
export const recoveryCodesSchema = z.object({ codes: z.array(z.string()) });
export type RecoveryCodes = z.infer<typeof recoveryCodesSchema>;

/** The devices people of the household are signed in on, those seen last first; moments by the wall clock. */
export const signedInDevicesSchema = z.object({
  devices: z.array(
    z.object({
      id: z.uuid(),
      person: z.object({ id: z.uuid(), name: z.string() }),
      device: z.string(),
      since: z.number().int(),
      seenAt: z.number().int(),
      /** It is this one. */
      here: z.boolean(),
    }),
  ),
});
export type SignedInDevices = z.infer<typeof signedInDevicesSchema>;

/** A new household, and codes that open its door once each, told this one time. */
export const foundedSchema = z.object({ household: householdSchema, codes: z.array(z.string()) });
export type Founded = z.infer<typeof foundedSchema>;

/** How far the demo clock may be moved: enough for any leftover to run out, not enough to lose the story. */
export const FURTHEST_AHEAD_MS = 60 * 24 * 60 * 60 * 1000;
export const clockMoveSchema = z.object({ aheadMs: z.number().int().min(0).max(FURTHEST_AHEAD_MS) }).strict();

export const DEFAULT_SETTINGS: Omit<Settings, 'zone'> = {
  units: { temperature: 'C', mass: 'metric' },
  times: { face: 24, weekFrom: '1' },
  reminders: { heard: true, felt: true, quiet: null },
  theme: 'system',
  largerText: false,
  guidance: PLAIN_GUIDANCE,
  thermometers: [],
  altitudeM: 0,
  formerZones: [],
  warmMonths: [5, 6, 7, 8, 9],
  ownFoods: [],
  kitchen: {
    ovens: [{ shelves: 2, widestM: null, fan: false }],
    warm: 0,
    rings: 4,
    potLitres: null,
    coldLitres: null,
    boards: 2,
    sinks: 1,
    microwave: true,
    microwaveW: null,
    grill: false,
    slowCooker: false,
  },
  table: [],
  cooks: [{ id: 'cook', name: 'The cook', availability: null }],
  availability: Object.fromEntries(
    weekdays.map((day) => [day, [{ from: '06:30', to: '23:30' }]]),
  ) as Settings['availability'],
};
