/** The driver’s dialect, which the package’s own types leave out. */
declare module 'knex/lib/dialects/mysql2' {
  import { Knex } from 'knex';

  class MySql2Client extends Knex.Client {
    /** Where and how the next connection is made. */
    connectionSettings: object;
    acquireRawConnection(): Promise<object>;
    /** Asks the database one thing over one connection. */
    _query(connection: object, asked: unknown): Promise<unknown>;
  }
  export = MySql2Client;
}
