/** A connection as far as it is ended here: what waits for it fails then. */
export interface Connection {
  readonly stream: { destroy(): void; once(event: 'close', listener: () => void): unknown };
}

/** How long a place that failed is tried after all others. */
const SHUNNED_MS = 10_000;

const LOOK_EVERY_MS = 100;
/** A look that comes later than this was held up. */
const LATE_MS = 2 * LOOK_EVERY_MS;

/** A place where the database is to be had: one server, or one node of a cluster, each of which holds everything. */
export class Place {
  /** All connections there are to it. */
  private readonly connections = new Set<Connection>();
  /** Those that were asked something and have not answered yet. */
  private readonly asked = new Set<Connection>();
  /** How often it was asked or answered anything. */
  private said = 0;
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
    this.said++;
  }

  answered(connection: Connection): void {
    this.asked.delete(connection);
    this.said++;
  }

  /**
   * Looks from now on whether it answers anybody who waits for it. Only while this process listens is it silent: what was answered
   * while this one was held up itself, by work of its own or by the machine, has not been heard yet.
   *
   * @param ms how long it may be silent
   * @param silent called at every look from then on
   * @returns ends the looking
   */
  whenSilent(ms: number, silent: () => void): () => void {
    let [silentMs, said, lookedAt] = [0, this.said, Date.now()];
    const looking = setInterval(() => {
      const now = Date.now();
      const waits = this.asked.size > 0 && said === this.said;
      silentMs = waits ? silentMs + Math.min(now - lookedAt, LATE_MS) : 0;
      [said, lookedAt] = [this.said, now];
      if (silentMs >= ms) silent();
    }, LOOK_EVERY_MS);
    return () => clearInterval(looking);
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
