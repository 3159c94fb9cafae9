import type { Database } from '../db/connect';
import type { Whose } from './people';

interface Stored {
  household_id: string;
  person_id: string;
  code_hash: string;
}

const of = ({ householdId, id }: Whose) => ({ household_id: householdId, person_id: id });

export async function insertCodes(db: Database, person: Whose, codeHashes: readonly string[]): Promise<void> {
  await db<Stored>('recovery_codes').insert(codeHashes.map((code_hash) => ({ ...of(person), code_hash })));
}

/** Uses a code up; whether it was one that had not been used. */
export async function useCode(db: Database, person: Whose, codeHash: string): Promise<boolean> {
  return (
    (await db<Stored>('recovery_codes')
      .where({ ...of(person), code_hash: codeHash })
      .delete()) > 0
  );
}

export async function deleteCodes(db: Database, person: Whose): Promise<void> {
  await db<Stored>('recovery_codes').where(of(person)).delete();
}
