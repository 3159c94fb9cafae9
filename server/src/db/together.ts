import type { Knex } from 'knex';
import type { Database } from './connect';

/** A question to the database, and how its rows are read. */
export interface Question<Answer> {
  readonly query: Knex.QueryBuilder;
  read(rows: readonly never[]): Answer;
}

/** Asks one question by itself. */
export const ask = async <Answer>({ query, read }: Question<Answer>): Promise<Answer> =>
  read((await query) as never[]);

type Answers<Questions extends readonly Question<unknown>[]> = {
  -readonly [Index in keyof Questions]: Questions[Index] extends Question<infer Answer> ? Answer : never;
};

/**
 * Asks several questions on one way to the database, in their order: for small ones the way takes longer than all the rest.
 *
 * @param trx a transaction, so that they are one whole
 */
export async function askTogether<const Questions extends readonly Question<unknown>[]>(
  trx: Database,
  questions: Questions,
): Promise<Answers<Questions>> {
  const results = await inOne(
    trx,
    questions.map(({ query }) => query),
  );
  return questions.map(({ read }, index) => read(results[index] as never[])) as Answers<Questions>;
}

/** Writes several things on one way to the database, in their order. */
export async function writeTogether(trx: Database, queries: readonly Knex.QueryBuilder[]): Promise<void> {
  if (queries.length) await inOne(trx, queries);
}

/** One statement of many: the database takes it as a block, so that no text from outside can ever add one to it. */
async function inOne(trx: Database, queries: readonly Knex.QueryBuilder[]): Promise<readonly unknown[]> {
  const natives = queries.map((query) => query.toSQL().toNative());
  const [results] = (await trx.raw(
    `BEGIN NOT ATOMIC ${natives.map(({ sql }) => `${sql};`).join(' ')} END`,
    natives.flatMap(({ bindings }) => [...bindings]),
  )) as [unknown[]];
  return results;
}
