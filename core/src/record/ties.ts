import type { EventType, FoodEvent } from './events';

/** What happens to two foods at once is an entry of each, which names the other food under this word. */
const TIES = {
  portioned: { by: 'from', half: 'dividedOff' },
  dividedOff: { by: 'to', half: 'portioned' },
  joined: { by: 'with', half: 'joinedTo' },
  joinedTo: { by: 'into', half: 'joined' },
} as const satisfies Partial<Record<EventType, { by: string; half: EventType }>>;

const tieOf = (type: EventType) => (type in TIES ? TIES[type as keyof typeof TIES] : null);

/** The food that payload words tie an entry of this kind to; null where it is of one food alone. */
export function tiedTo(type: EventType, payload: unknown): string | null {
  const tie = tieOf(type);
  return tie && (payload as Record<string, string>)[tie.by]!;
}

/**
 * The entry of the other food that says the same as this one. They happened together or not at all: what sets one right sets
 * the other right (guidance §11.29).
 *
 * @param history what is recorded of the other food
 * @returns null where it has none
 */
export function otherHalf(event: FoodEvent, history: readonly FoodEvent[]): FoodEvent | null {
  const tie = tieOf(event.type);
  if (!tie) return null;
  const away = ({ at }: FoodEvent) => Math.abs(at - event.at);
  return (
    history
      .filter(({ type, payload }) => type === tie.half && tiedTo(type, payload) === event.foodId)
      .toSorted((a, b) => away(a) - away(b))[0] ?? null
  );
}
