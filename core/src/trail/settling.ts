import type { FoodEvent } from './events';

export type Beginning = FoodEvent<'added'> | FoodEvent<'portioned'>;
export const isBeginning = (event: FoodEvent): event is Beginning =>
  event.type === 'added' || event.type === 'portioned';

/** By when they happened, then by when they were made. */
export const inOrder = (a: FoodEvent, b: FoodEvent): number => a.at - b.at || (a.id < b.id ? -1 : 1);

/**
 * Orders events by when they happened and takes corrections in: the latest correction of an event sets its time or
 * withdraws it. Corrections can be corrected themselves; a withdrawn one has no effect, and neither has one that would move
 * a food's coming past what happened to it, or an event before its food was there. The order in which events arrived does
 * not matter, only `at`, then the id; the same id twice is one event (guidance §11.29).
 */
export function settle(events: readonly FoodEvent[]): readonly FoodEvent[] {
  const each = [...new Map(events.map((event) => [event.id, event])).values()];
  const verdicts = setRight(each);
  const standing = each.filter((event) => event.type !== 'corrected' && !verdicts.get(event.id)?.withdrawn);
  const begin = standing.filter(isBeginning).sort(inOrder)[0];
  if (!begin) return standing.map((event) => movedTo(event, verdicts)).sort(inOrder);
  const others = standing
    .filter((event) => event !== begin)
    .map((event) => ({ event, at: verdicts.get(event.id)?.at }));
  const came = movedTo(begin, verdicts);
  // What happened to it is not moved along with its coming.
  const past = others.some(({ event, at }) => !OF_WORDS.has(event.type) && (at ?? event.at) < came.at);
  const settled = past && came.at > begin.at ? begin : came;
  return [
    settled,
    ...others.map(({ event, at }) => (at === undefined || at < settled.at ? event : { ...event, at })),
  ].sort(inOrder);
}

/** Entries that say nothing of what was done to the food. */
const OF_WORDS: ReadonlySet<FoodEvent['type']> = new Set([
  'note',
  'guided',
  'labelled',
  'planned',
  'planDropped',
]);

type Verdicts = ReadonlyMap<string, { readonly at?: number; readonly withdrawn?: true }>;

/** What the corrections among events say of others, by their ids: that they happened at another time, or not at all. */
export function setRight(events: readonly FoodEvent[]): Verdicts {
  const corrections = events
    .filter((event): event is FoodEvent<'corrected'> => event.type === 'corrected')
    .sort((a, b) => (a.id < b.id ? 1 : -1));
  // Newest first: ids are UUID v7, so a later correction is judged before the one it may withdraw.
  const verdicts = new Map<string, { at?: number; withdrawn?: true }>();
  for (const { id, payload } of corrections) {
    if (verdicts.get(id)?.withdrawn || verdicts.has(payload.eventId)) continue;
    verdicts.set(payload.eventId, payload);
  }
  return verdicts;
}

function movedTo<Event extends FoodEvent>(event: Event, verdicts: Verdicts): Event {
  const at = verdicts.get(event.id)?.at;
  return at === undefined ? event : { ...event, at };
}

/**
 * Why a correction is not taken, in a sentence for the cook; null where it is (guidance §11.29).
 *
 * @param history what the food's trail holds already
 */
export function whyRefused(history: readonly FoodEvent[], correction: FoodEvent<'corrected'>): string | null {
  const { eventId, at } = correction.payload;
  if (at === undefined) return null;
  const settled = settle(history);
  const target = settled.find(({ id }) => id === eventId);
  const begin = settled.find(isBeginning);
  if (!target || !begin) return null;
  if (target !== begin)
    return at < begin.at
      ? 'The food was not there yet. Set right when it came first, or choose a later time.'
      : null;
  const first = settled.find((event) => event !== begin && !OF_WORDS.has(event.type));
  return first && at > first.at
    ? 'Something had happened to it by then. Set that right first, or choose an earlier time.'
    : null;
}
