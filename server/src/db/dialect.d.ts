/** The driver’s dialect, which the package’s own types leave out. */
declare module 'knex/lib/dialects/mysql2' {
  import { Knex } from 'knex';

  class MySql2Client extends Knex.Client {
    /** Asks the database one thing over one connection. */
    protected _query(connection: unknown, asked: unknown): Promise<unknown>;
  }
  export = MySql2Client;
}
