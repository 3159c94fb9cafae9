import { isDeepStrictEqual } from 'node:util';
import type { Settings } from '@omtel/core/api';
import { inCare } from '@omtel/core/table';
import {
  BrokenTrail,
  foldInCare,
  foldTrail,
  FOLD_VERSION,
  type FoodState,
  type Histories,
} from '@omtel/core/trail';
import type { Database } from '../db/connect';
import { fromJson } from '../repositories/json';
import { findHousehold } from '../repositories/households';
import { historiesOf } from './histories';

/** What a ledger holds, and what in it does not agree with itself. */
export interface Verified {
  readonly households: number;
  readonly events: number;
  readonly foods: number;
  /** Foods whose stored state is not what their history folds to. */
  readonly differing: readonly string[];
  /** Foods that are set aside, or left by an older fold: nothing can be said of them. */
  readonly notJudged: number;
  /** Households whose events are not numbered from one on without a gap. */
  readonly gaps: readonly string[];
}

interface StoredFood {
  readonly id: string;
  readonly state: unknown;
  readonly in_care: unknown;
  readonly fold: number;
  readonly set_aside: number;
}

const FOODS_AT_ONCE = 100;

/** Reads everything and folds it anew: what is stored has to be what happened amounts to. */
export async function verifyLedger(db: Database): Promise<Verified> {
  const ids: string[] = await db('households').orderBy('id').pluck('id');
  let [events, foods, notJudged] = [0, 0, 0];
  const [differing, gaps] = [[] as string[], [] as string[]];
  for (const householdId of ids) {
    const household = (await findHousehold(db, householdId))!;
    const numbered = await numbersOf(db, householdId);
    events += numbered.count;
    if (!numbered.gapless) gaps.push(householdId);
    for (let after = ''; ;) {
      const rows: StoredFood[] = await db('foods')
        .where({ household_id: householdId })
        .where('id', '>', after)
        .orderBy('id')
        .limit(FOODS_AT_ONCE)
        .select('id', 'state', 'in_care', 'fold', 'set_aside');
      if (rows.length === 0) break;
      foods += rows.length;
      after = rows.at(-1)!.id;
      const judged = rows.filter(({ fold, set_aside: aside }) => fold === FOLD_VERSION && !aside);
      notJudged += rows.length - judged.length;
      const histories = await historiesOf(
        db,
        householdId,
        judged.map(({ id }) => id),
      );
      for (const { id, state, in_care: theirs } of judged) {
        const stored = fromJson<FoodState>(state);
        const forThem = theirs === null ? null : fromJson<FoodState>(theirs);
        const [folded, foldedForThem] = foldedAgain(id, histories, household.settings);
        // What was gone when somebody came to the table who needs extra care was not told again for them.
        const unasked = forThem === null && stored.place === 'gone';
        if (!isDeepStrictEqual(folded, stored) || !(unasked || isDeepStrictEqual(foldedForThem, forThem)))
          differing.push(id);
      }
    }
  }
  return { households: ids.length, events, foods, differing, notJudged, gaps };
}

/** What a history folds to, and for who needs extra care, as it would come back from the database; nothing where it does not fold. */
function foldedAgain(
  id: string,
  histories: Histories,
  { guidance, table }: Pick<Settings, 'guidance' | 'table'>,
): readonly [state?: unknown, inCare?: unknown] {
  const history = histories.get(id) ?? [];
  try {
    const theirs = inCare(table).length > 0 ? foldInCare(history, guidance, histories) : null;
    return JSON.parse(JSON.stringify([foldTrail(history, guidance, histories), theirs])) as [
      unknown,
      unknown,
    ];
  } catch (error) {
    if (error instanceof BrokenTrail) return [];
    throw error;
  }
}

async function numbersOf(
  db: Database,
  householdId: string,
): Promise<{ readonly count: number; readonly gapless: boolean }> {
  const row = (await db('events')
    .where({ household_id: householdId })
    .count({ count: '*' })
    .countDistinct({ different: 'seq' })
    .min({ first: 'seq' })
    .max({ last: 'seq' })
    .first()) as Record<string, unknown>;
  const [count, different, first, last] = ['count', 'different', 'first', 'last'].map((key) =>
    Number(row[key] ?? 0),
  ) as [number, number, number, number];
  return { count, gapless: count === 0 || (different === count && last - first + 1 === count) };
}
