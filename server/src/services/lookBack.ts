import { setImmediate as othersTurn } from 'node:timers/promises';
import { lookedBackSince, partingOf, type LookBack, type Parting } from '@omtel/core/lookback';
import type { WallClock } from '../clock';
import type { Database } from '../db/connect';
import { eventsBetween } from '../repositories/events';
import { historiesOf } from './histories';
import { getHousehold } from './household';
import { householdNow } from './householdClock';

/** So many of the latest that left are looked back on; a household that has more looks back less far. */
const MOST_LOOKED_BACK_ON = 2_000;
/** So many histories are in memory at once. */
const AT_ONCE = 50;

/** What left a household's kitchen in the last months, each as it was ruled on then. Between two foods others have their turn. */
export async function lookBackOn(db: Database, householdId: string, wall: WallClock): Promise<LookBack> {
  const household = await getHousehold(db, householdId);
  const { zone, formerZones, units, guidance } = household.settings;
  const now = householdNow(household, wall);
  const since = lookedBackSince(now, zone);
  const left = await eventsBetween(db, householdId, ['eaten', 'discarded'], [since, now]);
  const foodIds = [...new Set(left.reverse().map(({ foodId }) => foodId))];
  const looked = foodIds.slice(0, MOST_LOOKED_BACK_ON);
  const partings: Parting[] = [];
  for (let first = 0; first < looked.length; first += AT_ONCE) {
    const part = looked.slice(first, first + AT_ONCE);
    const histories = await historiesOf(db, householdId, part);
    for (const foodId of part) {
      try {
        const parting = partingOf(histories.get(foodId)!, histories, { zone, formerZones, units, guidance });
        if (parting && parting.at >= since) partings.push(parting);
      } catch {
        // A history that will not fold was set aside, and nobody can say how that food stood.
      }
      await othersTurn();
    }
  }
  partings.sort((a, b) => b.at - a.at);
  return { since: looked.length < foodIds.length ? (partings.at(-1)?.at ?? since) : since, partings };
}
