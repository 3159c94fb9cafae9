import { payloads, type FoodEvent } from './events';
import { tiedTo } from './ties';

export type Beginning = FoodEvent<'added'> | FoodEvent<'portioned'>;
export const isBeginning = (event: FoodEvent): event is Beginning =>
  event.type === 'added' || event.type === 'portioned';

/** By when they happened, then by when they were made. */
export const inOrder = (a: FoodEvent, b: FoodEvent): number => a.at - b.at || (a.id < b.id ? -1 : 1);

/**
 * Orders events by when they happened and takes corrections in: the latest correction of an event withdraws it or lets it
 * stand, with the time and the words said last. Corrections can be withdrawn themselves; a withdrawn one has no effect, and
 * neither has one that would move a food's coming past what happened to it, an event before its food was there, or put
 * words no such event can have. The order in which events arrived does not matter, only `at`, then the id; the same id
 * twice is one event (guidance §11.29).
 */
export function settle(events: readonly FoodEvent[]): readonly FoodEvent[] {
  const each = [...new Map(events.map((event) => [event.id, event])).values()];
  const verdicts = setRight(each);
  const standing = each.filter((event) => event.type !== 'corrected' && !verdicts.get(event.id)?.withdrawn);
  const begin = standing.filter(isBeginning).sort(inOrder)[0];
  if (!begin) return standing.map((event) => movedTo(reworded(event, verdicts), verdicts)).sort(inOrder);
  const others = standing
    .filter((event) => event !== begin)
    .map((event) => ({ event: reworded(event, verdicts), at: verdicts.get(event.id)?.at }));
  const said = reworded(begin, verdicts);
  const came = movedTo(said, verdicts);
  // What happened to it is not moved along with its coming.
  const past = others.some(({ event, at }) => !OF_WORDS.has(event.type) && (at ?? event.at) < came.at);
  const settled = past && came.at > begin.at ? said : came;
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
  'allergens',
  'planned',
  'planDropped',
]);

/** What corrections say of an event: its time, its words, or that it did not happen. */
type Verdict = Omit<FoodEvent<'corrected'>['payload'], 'eventId'>;
type Verdicts = ReadonlyMap<string, Verdict>;

/** What the corrections among events say of others, by their ids. */
function setRight(events: readonly FoodEvent[]): Verdicts {
  const corrections = events
    .filter((event): event is FoodEvent<'corrected'> => event.type === 'corrected')
    .sort(newestFirst);
  // A later correction is judged before the one it may withdraw.
  const verdicts = new Map<string, Verdict>();
  for (const { id, payload } of corrections) {
    if (verdicts.get(id)?.withdrawn) continue;
    const { eventId, ...older } = payload;
    const { withdrawn, ...newer } = verdicts.get(eventId) ?? older;
    verdicts.set(eventId, {
      ...(withdrawn && { withdrawn }),
      at: newer.at ?? older.at,
      instead: newer.instead ?? older.instead,
    });
  }
  return verdicts;
}

/**
 * The last word holds: that which the household took in last, whatever the clocks of devices said; what is on its way comes
 * after all it has. Without either, ids are UUID v7, and grow.
 */
const newestFirst = (a: FoodEvent, b: FoodEvent): number =>
  (b.seq ?? Infinity) - (a.seq ?? Infinity) || (a.id < b.id ? 1 : -1);

/** How events read by their corrections; null where these say that it did not happen. */
export function asCorrected(corrections: readonly FoodEvent[]): (event: FoodEvent) => FoodEvent | null {
  const verdicts = setRight(corrections);
  return (event) => (verdicts.get(event.id)?.withdrawn ? null : movedTo(reworded(event, verdicts), verdicts));
}

function movedTo<Event extends FoodEvent>(event: Event, verdicts: Verdicts): Event {
  const at = verdicts.get(event.id)?.at;
  return at === undefined ? event : { ...event, at };
}

function reworded<Event extends FoodEvent>(event: Event, verdicts: Verdicts): Event {
  const instead = verdicts.get(event.id)?.instead;
  const payload = instead && payloadInstead(event, instead);
  return payload ? { ...event, payload } : event;
}

/** Words in place of an event's own, read as those of its kind; null where no such event can have them, or they tie it to another food. */
function payloadInstead({ type, payload }: FoodEvent, instead: Readonly<Record<string, unknown>>) {
  const read = payloads[type].safeParse(instead);
  if (!read.success || tiedTo(type, read.data) !== tiedTo(type, payload)) return null;
  return read.data;
}

/**
 * Why a correction is not taken, in a sentence for the cook; null where it is (guidance §11.29).
 *
 * @param history what the food's trail holds already
 */
export function whyRefused(history: readonly FoodEvent[], correction: FoodEvent<'corrected'>): string | null {
  const { eventId, at, instead } = correction.payload;
  const settled = settle(history);
  const target = settled.find(({ id }) => id === eventId);
  const begin = settled.find(isBeginning);
  if (!target || !begin) return null;
  if (instead && !payloadInstead(target, instead))
    return 'That cannot be said of it. Look at what was entered.';
  if (at === undefined) return null;
  if (target !== begin)
    return at < begin.at
      ? 'The food was not there yet. Set right when it came first, or choose a later time.'
      : null;
  const first = settled.find((event) => event !== begin && !OF_WORDS.has(event.type));
  return first && at > first.at
    ? 'Something had happened to it by then. Set that right first, or choose an earlier time.'
    : null;
}
