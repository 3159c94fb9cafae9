import MySql2Client from 'knex/lib/dialects/mysql2';
import { untilAlone } from './again';
import { inTurn, type Connection, type Place } from './places';

/** A node that has lost the others of its cluster serves nobody until it has found them again. */
const LEFT_THE_CLUSTER = 'ER_UNKNOWN_COM_ERROR';

/** How connections are made. */
export interface Manner {
  readonly connectMs: number;
  /** What is said first over each. */
  readonly greeting: readonly string[];
  /** A place that is silent for so long is given up, and another one used. */
  readonly silentMs: number;
}

/**
 * A dialect for a database that is to be had in several places: a connection is made to the first that serves, and a place that
 * falls silent, or leaves its cluster, is left. A statement by itself that met another is tried again; one of a transaction
 * ends with it.
 */
export function dialectFor(
  places: readonly Place[],
  { connectMs, greeting, silentMs }: Manner,
): typeof MySql2Client {
  const placeOf = new WeakMap<object, Place>();

  return class extends MySql2Client {
    override async acquireRawConnection(): Promise<object> {
      let trouble: unknown;
      for (const place of inTurn(places)) {
        this.connectionSettings = { uri: place.url, connectTimeout: connectMs };
        let connection: object | undefined;
        try {
          connection = await super.acquireRawConnection();
          placeOf.set(connection, place);
          place.connected(connection as Connection);
          for (const said of greeting) await this._query(connection, said);
          return connection;
        } catch (error) {
          // Nobody has it yet, so nobody else would end it.
          (connection as Connection | undefined)?.stream.destroy();
          place.failed();
          trouble = error;
        }
      }
      throw trouble;
    }

    override async _query(connection: object, asked: unknown): Promise<unknown> {
      const once = () => this.askedOnce(connection, asked);
      return '__knexTxId' in connection ? once() : untilAlone(once);
    }

    private async askedOnce(connection: object, asked: unknown): Promise<unknown> {
      const place = placeOf.get(connection);
      // While it is being made, it is asked who answers.
      if (!place) return super._query(connection, asked);
      place.ask(connection as Connection);
      const endLooking = place.whenSilent(silentMs, () => place.giveUp());
      try {
        return await super._query(connection, asked);
      } catch (error) {
        if ((error as { code?: unknown }).code === LEFT_THE_CLUSTER) {
          place.failed();
          (connection as Connection).stream.destroy();
        }
        throw error;
      } finally {
        endLooking();
        place.answered(connection as Connection);
      }
    }
  };
}
