import { asCorrected } from '@omtel/core/record';
import { spansAskedFor, usualOf, type Usual } from '@omtel/core/usual';
import type { WallClock } from '../clock';
import type { Database } from '../db/connect';
import { correctionsOf, eventsBetween } from '../repositories/events';
import { getHousehold } from './household';
import { householdNow } from './householdClock';

/** What a household is likely to be putting in, by what came before, as it was set right; what was taken back never came. */
export async function usualIn(db: Database, householdId: string, wall: WallClock): Promise<Usual> {
  const household = await getHousehold(db, householdId);
  const now = householdNow(household, wall);
  const { zone } = household.settings;
  const came = (
    await Promise.all(spansAskedFor(now, zone).map((span) => eventsBetween(db, householdId, ['added'], span)))
  ).flat();
  const read = asCorrected(
    await correctionsOf(
      db,
      householdId,
      came.map(({ foodId }) => foodId),
    ),
  );
  const arrivals = came.flatMap((event) => {
    const said = read(event);
    return said?.type === 'added' ? [{ at: said.at, added: said.payload }] : [];
  });
  return usualOf(arrivals, now, zone);
}
