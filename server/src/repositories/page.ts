import { cursorOf, type Cursor } from '@omtel/core/intake';
import type { Knex } from 'knex';

/** Keeps a query, newest first, to what follows a page before it, and one row more, which tells whether there is another. */
export function pageOf<Query extends Knex.QueryBuilder>(
  query: Query,
  { before, most }: { readonly before?: Cursor; readonly most: number },
): Query {
  if (before)
    void query.where((older) =>
      older
        .where('at', '<', before.at)
        .orWhere((same) => same.where('at', before.at).where('id', '<', before.id)),
    );
  return query
    .orderBy('at', 'desc')
    .orderBy('id', 'desc')
    .limit(most + 1) as Query;
}

/** A page of the rows found, and where the next one begins. */
export function paged<Row extends Cursor>(
  rows: readonly Row[],
  most: number,
): { readonly rows: readonly Row[]; readonly next: string | null } {
  const page = rows.slice(0, most);
  return { rows: page, next: rows.length > most ? cursorOf(page.at(-1)!) : null };
}
