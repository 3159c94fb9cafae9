import { DAY_MS, HOUR_MS, MINUTE_MS } from '../../units';
import { RAW, FISH, pick, minutes, days, degrees, came, cookedDish, type Slip } from './teller';

/** What is thawed, by each way, and frozen again. */
export const thawed = {
  keptThawed: (told) => {
    const thawed = days(told.chance, 0.25, 6);
    return [
      came(told, pick(told.chance, RAW), thawed + 2 * DAY_MS, 'frozen', { place: 'freezer' }),
      told.event(thawed + DAY_MS, 'thawStarted', { method: 'refrigerator' }),
      told.event(thawed, 'thawed', {}),
    ];
  },
  thawing: (told) => {
    const began = days(told.chance, 0.25, 4);
    return [
      came(told, pick(told.chance, RAW), began + 9 * DAY_MS, 'frozen', { place: 'freezer' }),
      told.event(began, 'thawStarted', { method: 'refrigerator' }),
    ];
  },
  onCounter: (told) => {
    const out = minutes(told.chance, 15, 300);
    return [
      came(told, pick(told.chance, RAW), out + 9 * DAY_MS, 'frozen', { place: 'freezer' }),
      told.event(out + HOUR_MS, 'thawStarted', { method: 'refrigerator' }),
      told.event(out, 'moved', { place: 'counter' }),
    ];
  },
  inWater: (told) => {
    const began = minutes(told.chance, 40, told.chance() < 0.3 ? 600 : 300);
    const thawed = minutes(told.chance, 5, 120);
    const read =
      told.chance() < 0.3
        ? [told.event(5 * MINUTE_MS, 'waterRead', { temperature: degrees(told.chance, 12, 28) })]
        : [];
    const lay = Math.max(0, began - thawed);
    const changes = Math.floor(lay / (30 * MINUTE_MS));
    // Somebody forgot it, once in a while.
    const kept = Math.floor(told.chance() * (changes + 1));
    return [
      came(told, pick(told.chance, RAW), began + 10 * DAY_MS, 'frozen', { place: 'freezer' }),
      told.event(began, 'thawStarted', {
        method: 'coldWater',
        ...(told.chance() < 0.3 && { running: true as const }),
      }),
      ...Array.from({ length: kept }, (_, i) =>
        told.event(began - (i + 1) * 30 * MINUTE_MS, 'waterChanged', {}),
      ),
      ...(thawed < began ? [told.event(thawed, 'thawed', {})] : read),
    ];
  },
  inPack: (told) => {
    const began = days(told.chance, 0.25, 2);
    return [
      came(told, pick(told.chance, FISH), began + 9 * DAY_MS, 'frozen', {
        place: 'freezer',
        withoutAir: true,
      }),
      told.event(began, 'thawStarted', { method: 'refrigerator' }),
      ...(told.chance() < 0.4 ? [told.event(began - HOUR_MS, 'opened', {})] : []),
    ];
  },
  frozenAgain: (told) => {
    const again = days(told.chance, 0.5, 5);
    return [
      came(told, pick(told.chance, RAW), again + 9 * DAY_MS, 'frozen', { place: 'freezer' }),
      told.event(again + 90 * MINUTE_MS, 'thawStarted', {
        method: pick(told.chance, ['coldWater', 'microwave', 'refrigerator'] as const),
      }),
      told.event(again + 60 * MINUTE_MS, 'thawed', {}),
      told.event(again, 'moved', { place: 'freezer' }),
    ];
  },
  thawedCooked: (told) => {
    const thawed = days(told.chance, 0.25, 6);
    return [
      came(told, cookedDish(told), thawed + 9 * DAY_MS, 'cooked', { since: told.now - thawed - 10 * DAY_MS }),
      told.event(thawed + 9 * DAY_MS - HOUR_MS, 'moved', { place: 'freezer' }),
      told.event(thawed + DAY_MS, 'thawStarted', { method: 'refrigerator' }),
      told.event(thawed, 'thawed', {}),
    ];
  },
} satisfies Record<string, Slip>;
