import type { Card, Item } from '../print';
import { clockWords, longDay } from '../time';
import { CAUTIONS } from './cautions';

/** A meal as it is cooked: what is done when, in words. */
export interface MealOnCard {
  readonly title: string;
  readonly serveAt: number;
  readonly people: number;
  readonly steps: readonly {
    readonly at: number;
    readonly title: string;
    readonly detail: string;
    readonly who: string | null;
  }[];
  /** What each dish is cooked or heated to. */
  readonly targets: readonly (readonly [dish: string, figure: string])[];
}

/** The card of one meal: its steps by day, with a box for each, and what its dishes are read at. */
export function mealCard(
  { title, serveAt, people, steps, targets }: MealOnCard,
  { zone }: { readonly zone: string },
): Card {
  const days = new Map<string, Item[]>();
  for (const { at, title: what, detail, who } of steps) {
    const day = longDay(at, zone);
    const step: Item = {
      kind: 'step',
      when: clockWords(at, zone),
      what: who === null ? what : `${what} (${who})`,
      detail,
    };
    days.set(day, [...(days.get(day) ?? []), step]);
  }
  return {
    title,
    subtitle: `${longDay(serveAt, zone)}, ${clockWords(serveAt, zone)}, ${people} at the table`,
    sections: [
      {
        heading: 'Read it at',
        items: targets.map(([what, figure]): Item => ({ kind: 'row', what, figure })),
      },
      ...[...days].map(([heading, items]) => ({ heading, items })),
    ].filter(({ items }) => items.length > 0),
    foot: CAUTIONS,
  };
}
