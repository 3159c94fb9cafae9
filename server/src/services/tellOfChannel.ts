import type { WallClock } from '../clock';
import type { Database } from '../db/connect';
import { listChannels } from '../repositories/devices';
import type { HouseholdRow } from '../repositories/households';
import { judgeAir } from './judgeAir';
import { tellFood } from './tellFood';

/** Tells what a channel read to whom it concerns: the foods in the store whose air it measures, or the food it is in. */
export async function tellOfChannel(
  db: Database,
  household: HouseholdRow,
  channelId: number,
  wall: WallClock,
): Promise<void> {
  const channel = (await listChannels(db, household.id)).find(({ id }) => id === channelId);
  if (!channel) return;
  const { measured } = channel;
  // What it was said to have read of a store before is taken back where it measures another thing.
  await judgeAir(db, household, channel, wall);
  if (measured?.of === 'food') await tellFood(db, household, { ...channel, measured }, wall);
}
