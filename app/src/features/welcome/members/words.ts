import type { Role } from '@omtel/core/roles';
import { clockWords, dayName } from '@omtel/core/time';

/** What each role is called, and what it may do. */
export const ROLE_WORDS: Readonly<Record<Role, { readonly name: string; readonly may: string }>> = {
  cook: { name: 'Cook', may: 'you may do everything in it.' },
  helper: {
    name: 'Helper',
    may: 'you see everything, and tick and note what happens. Cooks plan, and say what the kitchen goes by.',
  },
};

/** A day and a time of it. */
export const whenWords = (at: number, now: number, zone: string): string =>
  `${dayName(at, now, zone)}, ${clockWords(at, zone)}`;
