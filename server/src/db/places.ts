/** A connection as far as it is ended here: what waits for it fails then. */
export interface Connection {
  readonly stream: { destroy(): void; once(event: 'close', listener: () => void): unknown };
}

/** How long a place that failed is tried after all others. */
const SHUNNED_MS = 10_000;

/** A place where the database is to be had: one server, or one node of a cluster, each of which holds everything. */
export class Place {
  /** All connections there are to it. */
  private readonly connections = new Set<Connection>();
  /** Those that were asked something and have not answered yet. */
  readonly asked = new Set<Connection>();
  /** When it was last asked or answered anything. */
  lastAt = Date.now();
  private shunnedUntil = 0;

  constructor(readonly url: string) {}

  get shunned(): boolean {
    return Date.now() < this.shunnedUntil;
  }

  failed(): void {
    this.shunnedUntil = Date.now() + SHUNNED_MS;
  }

  connected(connection: Connection): void {
    this.connections.add(connection);
    connection.stream.once('close', () => this.connections.delete(connection));
  }

  ask(connection: Connection): void {
    this.asked.add(connection);
    this.lastAt = Date.now();
  }

  answered(connection: Connection): void {
    this.asked.delete(connection);
    this.lastAt = Date.now();
  }

  /** For how long it has answered nobody who waits for it since a moment, ms. */
  silentSince(moment: number): number {
    return this.asked.size ? Date.now() - Math.max(moment, this.lastAt) : 0;
  }

  /** Waits for nothing more from it, nor asks it again over connections that lie idle. */
  giveUp(): void {
    this.failed();
    for (const connection of this.connections) connection.stream.destroy();
  }
}

/** The places of a database, comma by comma, in the order in which they are to be tried: those that failed lately come last. */
export const placesOf = (databaseUrl: string): readonly Place[] =>
  databaseUrl.split(',').map((url) => new Place(url.trim()));

export const inTurn = (places: readonly Place[]): readonly Place[] =>
  [...places].sort((a, b) => Number(a.shunned) - Number(b.shunned));
