import type { PowerOff } from './power';

/** A time in which the store a food is in cannot be relied on. It ends when it is right again, or the food leaves it. */
export interface Spell {
  /** Its air was read too warm, and was last right then, epoch ms. */
  readonly warmFrom: number | null;
  readonly power: PowerOff | null;
}

/** From when on, and why, nothing keeps cold what is in the store. */
export function beginningOf({ warmFrom, power }: Spell): readonly [number, 'air' | 'power'] {
  return warmFrom !== null && warmFrom <= (power?.coldUntil ?? Infinity)
    ? [warmFrom, 'air']
    : [power!.coldUntil, 'power'];
}

/** Whether the store a food is in may be warm at a moment: then it cools nothing that is put there. */
export const unsureAt = ({ spell }: { readonly spell: Spell | null }, at: number): boolean =>
  spell !== null && beginningOf(spell)[0] <= at;
