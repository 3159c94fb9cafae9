import { asCorrected, isBeginning, whyRefused, type FoodEvent } from '@omtel/core/record';
import type { Histories } from '@omtel/core/trail';
import type { Database } from '../db/connect';
import { eventsOfFoods } from '../repositories/events';
import { Refusal } from './refusal';

/**
 * Refuses what cannot have happened: a food that begins twice, foods put to each other in a ring, and a correction of another
 * food's entry, to before that food was there, past what happened to it, or to what no such event can say. Refuses also what
 * would be too much of one food.
 *
 * @param stored the histories of the foods these are of; none of a food that is new
 * @param fresh new events, in the order they were sent
 */
export async function refuseUntrue(
  trx: Database,
  householdId: string,
  stored: Histories,
  fresh: readonly FoodEvent[],
): Promise<void> {
  const known = new Map([...stored].map(([foodId, history]) => [foodId, [...history]]));
  for (const event of fresh) {
    const history = known.get(event.foodId) ?? [];
    known.set(event.foodId, history);
    const why = whyUntrue(history, event) ?? whyTooMuch(history, event);
    if (why) throw new Refusal(422, why);
    history.push(event);
  }
  for (const event of fresh) if (event.type === 'joined') await refuseRing(trx, householdId, event, known);
}

/** A probe may be left in for days; all else that happens to one food is counted on fingers. */
const MOST_READINGS = 5000;
const MOST_ELSE = 500;
/** What ends a food, or sets its end right, is taken all the same. */
const ENDS: ReadonlySet<FoodEvent['type']> = new Set(['eaten', 'discarded', 'corrected']);
const MOST_ENDS = 50;

/** A history longer than these takes longer to fold than others may be kept waiting. */
function whyTooMuch(history: readonly FoodEvent[], event: FoodEvent): string | null {
  const reads = event.type === 'reading';
  const alike = history.filter(({ type }) => (type === 'reading') === reads).length;
  const most = reads ? MOST_READINGS : ENDS.has(event.type) ? MOST_ELSE + MOST_ENDS : MOST_ELSE;
  return alike < most ? null : 'That is more than Omtel keeps of one food. Put it in anew, and go on there.';
}

function whyUntrue(history: readonly FoodEvent[], event: FoodEvent): string | null {
  if (isBeginning(event)) {
    if (history.some(isBeginning)) return 'That food is here already.';
    return event.type === 'portioned' && event.payload.from === event.foodId
      ? 'A food cannot be a part of itself.'
      : null;
  }
  if (event.type !== 'corrected') return null;
  if (!history.some(({ id }) => id === event.payload.eventId))
    return 'What this sets right is not known of this food.';
  return whyRefused(history, event);
}

/** A food that was put to another cannot have that put to itself. */
async function refuseRing(
  trx: Database,
  householdId: string,
  { foodId, payload }: FoodEvent<'joined'>,
  fresh: ReadonlyMap<string, readonly FoodEvent[]>,
): Promise<void> {
  const seen = new Set<string>();
  for (let wanted = [payload.with]; wanted.length;) {
    if (wanted.includes(foodId)) throw new Refusal(422, 'Two foods cannot each be put to the other.');
    wanted.forEach((id) => seen.add(id));
    const stored = await eventsOfFoods(trx, householdId, wanted);
    const joined = wanted.flatMap((id) => {
      const history = [...(stored.get(id) ?? []), ...(fresh.get(id) ?? [])];
      const stands = asCorrected(history);
      return history.flatMap((event) =>
        event.type === 'joined' && stands(event) ? [event.payload.with] : [],
      );
    });
    wanted = [...new Set(joined)].filter((id) => !seen.has(id));
  }
}
