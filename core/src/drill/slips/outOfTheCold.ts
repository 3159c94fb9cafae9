import { DAY_MS, HOUR_MS, MINUTE_MS } from '../../units';
import {
  COOKED,
  RAW,
  COLD,
  HARDY,
  pick,
  minutes,
  days,
  degrees,
  came,
  cookedDish,
  cooked,
  type Slip,
} from './teller';

/** What stands out, or where the cold does not hold. */
export const outOfTheCold = {
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
  onIce: (told) => {
    const out = minutes(told.chance, 20, 400);
    return [
      came(told, pick(told.chance, [...COOKED, ...COLD]), out + DAY_MS / 2, 'cooked'),
      told.event(out, 'moved', { place: 'ice' }),
      told.event(minutes(told.chance, 5, 15), 'reading', { temperature: degrees(told.chance, 2, 11) }),
    ];
  },
  inTheSun: (told) => {
    const out = minutes(told.chance, 10, 200);
    return [
      came(told, pick(told.chance, [...COOKED, ...COLD]), out + DAY_MS / 2, 'cooked'),
      told.event(out, 'moved', { place: 'outdoors' }),
    ];
  },
  warmStore: (told) => {
    const since = minutes(told.chance, 30, 600);
    return [
      came(told, pick(told.chance, [...COOKED, ...COLD, ...RAW]), DAY_MS / 2 + since, 'cooked'),
      told.event(0, 'storeWarm', { since: told.now - since }),
    ];
  },
  powerCut: (told) => {
    const off = minutes(told.chance, 30, 600);
    const back = told.chance() < 0.5 ? [told.event(0, 'powerOn', {})] : [];
    return [
      came(told, pick(told.chance, [...COOKED, ...COLD, ...HARDY]), DAY_MS / 2 + off, 'cooked'),
      told.event(off, 'powerOff', { since: told.now - off, freezer: 'full' }),
      ...back,
    ];
  },
  frozenThroughCut: (told) => {
    const off = days(told.chance, 0.25, 3);
    return [
      came(told, pick(told.chance, RAW), 20 * DAY_MS + off, 'frozen', { place: 'freezer' }),
      told.event(off, 'powerOff', {
        since: told.now - off,
        freezer: pick(told.chance, ['full', 'half'] as const),
      }),
    ];
  },
} satisfies Record<string, Slip>;
