import type { Role } from '@omtel/core/roles';
import { clockWords, dayName } from '@omtel/core/time';

interface Words {
  readonly name: string;
  /** As it is told to who comes. */
  readonly may: string;
  /** As it is told to who asks them in. */
  readonly they: string;
}

/** What each role is called, and what it may do. */
export const ROLE_WORDS: Readonly<Record<Role, Words>> = {
  cook: { name: 'Cook', may: 'you may do everything in it.', they: 'May do everything you may.' },
  helper: {
    name: 'Helper',
    may: 'you see everything, and tick and note what happens. Cooks plan, and say what the kitchen goes by.',
    they: 'Sees everything, and ticks and notes what happens. Plans nothing, and changes no settings.',
  },
};

/** A day and a time of it. */
export const whenWords = (at: number, now: number, zone: string): string =>
  `${dayName(at, now, zone)}, ${clockWords(at, zone)}`;
