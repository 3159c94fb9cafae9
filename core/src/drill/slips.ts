import { foodById } from '../foods';
import type { Chance } from '../chance';
import type { EventType, FoodEvent, Payload } from '../record';
import { DAY_MS, HOUR_MS, MINUTE_MS } from '../units';

/** What goes wrong in kitchens, or nearly: each a life with one question. */
export const slipIds = [
  'keptCooked',
  'keptRaw',
  'keptThawed',
  'leftOut',
  'putBack',
  'onTable',
  'cooled',
  'undercooked',
  'heatedAgain',
  'heatedTwice',
  'lostSight',
  'undated',
  'brought',
  'printed',
  'warmStore',
  'doubted',
] as const;
export type SlipId = (typeof slipIds)[number];

const COOKED = [
  'lentil-soup',
  'chicken-stew',
  'cooked-rice',
  'lasagne',
  'curry',
  'gravy',
  'cooked-chicken',
  'fish-pie',
  'cooked-vegetables',
  'paella',
  'potato-salad',
] as const;
const RAW = [
  'chicken-thighs',
  'ground-beef',
  'beef-steak',
  'pork-chops',
  'cod',
  'salmon-side',
  'raw-sausages',
  'shrimp',
  'turkey-breast',
] as const;
const COLD = ['milk', 'cut-fruit', 'hummus', 'sliced-meats', 'soft-cheese', 'tofu', 'cream-dessert'] as const;
/** What minds no band, put among the others so that nobody answers without looking. */
const HARDY = ['hard-cheese', 'butter', 'jam'] as const;

/** Tells a life backwards from now, by chance. */
export interface Teller {
  readonly chance: Chance;
  readonly now: number;
  readonly event: <Type extends EventType>(agoMs: number, type: Type, payload: Payload<Type>) => FoodEvent;
}

const pick = <T>(chance: Chance, among: readonly T[]): T => among[Math.floor(chance() * among.length)]!;
/** In steps of five minutes, as people tell it. */
const minutes = (chance: Chance, least: number, most: number): number =>
  Math.round((least + chance() * (most - least)) / 5) * 5 * MINUTE_MS;
const days = (chance: Chance, least: number, most: number): number =>
  Math.round((least + chance() * (most - least)) * 4) * (DAY_MS / 4);
const degrees = (chance: Chance, least: number, most: number) => ({
  value: Math.round(least + chance() * (most - least)),
  unit: 'C' as const,
});

type Came = Partial<Payload<'added'>>;

function came(
  { now, event }: Teller,
  foodKey: string,
  agoMs: number,
  condition: Payload<'added'>['condition'],
  more: Came = {},
): FoodEvent {
  const { name, forms } = foodById(foodKey);
  return event(agoMs, 'added', {
    foodKey,
    name,
    massKg: 0.8,
    form: forms[0]!,
    condition,
    place: 'refrigerator',
    since: now - agoMs,
    ...more,
  });
}

const cookedDish = ({ chance }: Teller): string => pick(chance, COOKED);

/** On the heat, done by its readings, and off again. */
function cooked(told: Teller, foodKey: string, offAgoMs: number): readonly FoodEvent[] {
  const { event } = told;
  return [
    came(told, foodKey, offAgoMs + HOUR_MS, 'fresh'),
    event(offAgoMs + HOUR_MS, 'cookingStarted', {}),
    ...[10, 5, 0].map((before) =>
      event(offAgoMs + before * MINUTE_MS, 'reading', {
        temperature: { value: 96, unit: 'C' },
        watchedMs: 15_000,
      }),
    ),
    event(offAgoMs, 'offHeat', {}),
  ];
}

/** The life of each slip. */
export const SLIPS: Readonly<Record<SlipId, (told: Teller) => readonly FoodEvent[]>> = {
  keptCooked: (told) => [
    came(told, pick(told.chance, [...COOKED, ...COLD]), days(told.chance, 0.25, 9), 'cooked'),
  ],
  keptRaw: (told) => [came(told, pick(told.chance, RAW), days(told.chance, 0.25, 6), 'fresh')],
  keptThawed: (told) => {
    const thawed = days(told.chance, 0.25, 6);
    return [
      came(told, pick(told.chance, RAW), thawed + 2 * DAY_MS, 'frozen', { place: 'freezer' }),
      told.event(thawed + DAY_MS, 'thawStarted', { method: 'refrigerator' }),
      told.event(thawed, 'thawed', {}),
    ];
  },
  leftOut: (told) => {
    const out = minutes(told.chance, 20, 320);
    return [
      came(told, pick(told.chance, [...COOKED, ...COLD, ...HARDY]), out + DAY_MS / 2, 'cooked'),
      told.event(out, 'moved', { place: 'counter' }),
    ];
  },
  putBack: (told) => {
    const out = minutes(told.chance, 20, 320);
    return [
      came(told, pick(told.chance, [...COOKED, ...COLD, ...HARDY]), out + DAY_MS, 'cooked'),
      told.event(out + 3 * HOUR_MS, 'moved', { place: 'counter' }),
      told.event(3 * HOUR_MS, 'moved', { place: 'refrigerator' }),
    ];
  },
  onTable: (told) => {
    const out = minutes(told.chance, 10, 320);
    return [...cooked(told, cookedDish(told), out + 10 * MINUTE_MS), told.event(out, 'served', {})];
  },
  cooled: (told) => {
    const off = minutes(told.chance, 90, 480);
    const read = (agoMs: number, least: number, most: number) =>
      told.event(agoMs, 'reading', { temperature: degrees(told.chance, least, most) });
    return [
      ...cooked(told, cookedDish(told), off),
      told.event(off - 20 * MINUTE_MS, 'putAway', { place: 'refrigerator', portions: 2, depthM: 0.04 }),
      ...(off > 3 * HOUR_MS ? [read(off - 2 * HOUR_MS, 12, 34)] : []),
      read(5 * MINUTE_MS, 3, 16),
    ];
  },
  undercooked: (told) => {
    const off = minutes(told.chance, 5, 40);
    return [
      came(told, pick(told.chance, RAW), off + 6 * HOUR_MS, 'fresh'),
      told.event(off + HOUR_MS, 'cookingStarted', {}),
      told.event(off, 'reading', { temperature: degrees(told.chance, 50, 82), watchedMs: 15_000 }),
      told.event(off, 'offHeat', {}),
    ];
  },
  heatedAgain: (told) => {
    const on = minutes(told.chance, 10, 100);
    return [
      came(told, cookedDish(told), DAY_MS + on, 'cooked'),
      told.event(on, 'cookingStarted', {}),
      told.event(5 * MINUTE_MS, 'reading', { temperature: degrees(told.chance, 55, 90), watchedMs: 15_000 }),
    ];
  },
  heatedTwice: (told) => {
    const off = minutes(told.chance, 60, 600);
    return [
      came(told, cookedDish(told), DAY_MS + off, 'cooked'),
      told.event(off + 30 * MINUTE_MS, 'cookingStarted', {}),
      told.event(off, 'reading', { temperature: degrees(told.chance, 76, 92), watchedMs: 15_000 }),
      told.event(off, 'offHeat', {}),
      told.event(off - 20 * MINUTE_MS, 'moved', { place: 'refrigerator' }),
    ];
  },
  lostSight: (told) => {
    const gap = minutes(told.chance, 30, 600);
    return [
      came(told, pick(told.chance, [...COOKED, ...COLD, ...HARDY]), gap + DAY_MS, 'cooked'),
      told.event(0, 'unaccounted', { since: told.now - gap }),
    ];
  },
  undated: (told) => [
    came(told, pick(told.chance, [...COOKED, ...COLD]), days(told.chance, 0, 8), 'cooked', { since: null }),
  ],
  brought: (told) => {
    const out = minutes(told.chance, 20, 300);
    const known = told.chance() < 0.7;
    return [
      came(told, cookedDish(told), minutes(told.chance, 5, 20), 'cooked', {
        from: pick(told.chance, ['guest', 'takeaway', 'delivery'] as const),
        came: pick(told.chance, ['hot', 'cold'] as const),
        place: 'counter',
        outSince: known ? told.now - out - 20 * MINUTE_MS : null,
        since: told.now - out - 20 * MINUTE_MS,
        ...(told.chance() < 0.2 && { reheatedBefore: true as const }),
      }),
    ];
  },
  printed: (told) => [
    came(told, pick(told.chance, COLD), days(told.chance, 1, 5), 'cooked', {
      unopened: true,
      printed: {
        kind: pick(told.chance, ['useBy', 'bestBefore'] as const),
        at: told.now + Math.round((told.chance() - 0.5) * 6) * DAY_MS,
      },
    }),
  ],
  warmStore: (told) => {
    const since = minutes(told.chance, 30, 600);
    return [
      came(told, pick(told.chance, [...COOKED, ...COLD, ...RAW]), DAY_MS / 2 + since, 'cooked'),
      told.event(0, 'storeWarm', { since: told.now - since }),
    ];
  },
  doubted: (told) => {
    const off = minutes(told.chance, 5, 30);
    return [
      came(told, pick(told.chance, RAW), off + 5 * HOUR_MS, 'fresh'),
      told.event(off + HOUR_MS, 'cookingStarted', {}),
      told.event(off, 'reading', {
        temperature: degrees(told.chance, 70, 85),
        doubtful: true,
        watchedMs: 15_000,
      }),
      told.event(off, 'offHeat', {}),
    ];
  },
};
