import { PORTABLE_FORMAT, PORTABLE_VERSION, portableText } from '@omtel/core/portable';
import type { Database } from '../../db/connect';
import { householdRows } from '../../repositories/portable/read';
import { getHousehold } from '../household';

/**
 * A household as one file, piece by piece: all that was ever recorded of it, and its settings. What opens the door to anybody, and the
 * keys of devices and of the calendar, stay here.
 *
 * @throws Refusal when the household is gone
 */
export async function* writtenHousehold(
  db: Database,
  householdId: string,
  exportedAt: number,
): AsyncGenerator<string> {
  const { id, name, settings } = await getHousehold(db, householdId);
  yield* portableText(
    { format: PORTABLE_FORMAT, version: PORTABLE_VERSION, exportedAt, household: { id, name, settings } },
    householdRows(db, householdId),
  );
}
