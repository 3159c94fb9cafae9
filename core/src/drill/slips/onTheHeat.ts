import { DAY_MS, HOUR_MS, MINUTE_MS } from '../../units';
import { RAW, pick, minutes, degrees, came, cookedDish, cooked, type Slip } from './teller';

/** What is cooked, cooled and heated again, read or not. */
export const onTheHeat = {
  undercooked: (told) => {
    const off = minutes(told.chance, 5, 40);
    return [
      came(told, pick(told.chance, RAW), off + 6 * HOUR_MS, 'fresh'),
      told.event(off + HOUR_MS, 'cookingStarted', {}),
      told.event(off, 'reading', { temperature: degrees(told.chance, 50, 82), watchedMs: 15_000 }),
      told.event(off, 'offHeat', {}),
    ];
  },
  notRead: (told) => {
    const off = minutes(told.chance, 10, 200);
    return [
      came(told, pick(told.chance, RAW), off + 6 * HOUR_MS, 'fresh'),
      told.event(off + HOUR_MS, 'cookingStarted', {}),
      told.event(off, 'offHeat', {}),
    ];
  },
  stillOnHeat: (told) => {
    const on = minutes(told.chance, 30, 900);
    return [
      came(told, pick(told.chance, RAW), on + 6 * HOUR_MS, 'fresh'),
      told.event(on, 'cookingStarted', {}),
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
  heatedAgain: (told) => {
    // Somebody left it on low, once in a while.
    const on = minutes(told.chance, 10, told.chance() < 0.3 ? 240 : 100);
    return [
      came(told, cookedDish(told), DAY_MS + on, 'cooked'),
      told.event(on, 'cookingStarted', told.chance() < 0.3 ? { by: 'microwave' } : {}),
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
} satisfies Record<string, Slip>;
