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
  type Slip,
} from './teller';

/** What is kept in the cold, and for how long; what nobody knows of how it came. */
export const kept = {
  keptCooked: (told) => [
    came(told, pick(told.chance, [...COOKED, ...COLD]), days(told.chance, 0.25, 9), 'cooked'),
  ],
  keptRaw: (told) => [came(told, pick(told.chance, RAW), days(told.chance, 0.25, 6), 'fresh')],
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
  lostSight: (told) => {
    const gap = minutes(told.chance, 30, 600);
    return [
      came(told, pick(told.chance, [...COOKED, ...COLD, ...HARDY]), gap + DAY_MS, 'cooked'),
      told.event(0, 'unaccounted', { since: told.now - gap }),
    ];
  },
  madeCold: (told) => {
    const made = minutes(told.chance, 30, 480);
    return [
      came(told, pick(told.chance, [...COLD, 'potato-salad']), made, 'cooked', { fromRoom: true }),
      told.event(5 * MINUTE_MS, 'reading', { temperature: degrees(told.chance, 2, 18) }),
    ];
  },
  forgottenFrozen: (told) => {
    const months = days(told.chance, 10, 500);
    return [
      came(told, pick(told.chance, [...COOKED, ...COLD, ...HARDY]), months + HOUR_MS, 'cooked'),
      told.event(months, 'moved', { place: 'freezer' }),
    ];
  },
} satisfies Record<string, Slip>;
