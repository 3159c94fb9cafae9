import type { KitchenEvent } from '@omtel/core/record';
import { actOf, whyNot, type Role } from '@omtel/core/roles';
import type { Database } from '../db/connect';
import { enteredBy } from '../repositories/events';
import { Refusal } from './refusal';

/**
 * Lets entries pass that are somebody's to make. What is their own is known from who entered it here, or comes with them.
 *
 * @throws Refusal for the first that is not
 */
export async function refuseNotTheirs(
  db: Database,
  householdId: string,
  events: readonly KitchenEvent[],
  { id, role }: { readonly id: string; readonly role: Role },
): Promise<void> {
  if (!whyNot(role, 'takeAway') && !whyNot(role, 'decide')) return;
  const named = events.flatMap((event) => (event.type === 'corrected' ? [event.payload.eventId] : []));
  const known = named.length ? await enteredBy(db, householdId, named) : new Map<string, string | null>();
  const brought = new Set(events.map((event) => event.id));
  const isOwn = (eventId: string) => (known.has(eventId) ? known.get(eventId) === id : brought.has(eventId));
  for (const event of events) {
    const why = whyNot(role, actOf(event, event.type === 'corrected' && isOwn(event.payload.eventId)));
    if (why) throw new Refusal(403, why);
  }
}
