import type { WallClock } from '../clock';
import type { Database } from '../db/connect';

/** What the routes work with. */
export interface Services {
  readonly db: Database;
  readonly wall: WallClock;
  readonly secret: string;
  /** The time zone a new household starts in. */
  readonly zone: string;
  /** Where the built web client lies; null serves the API alone. */
  readonly webRoot: string | null;
  readonly log: (line: string) => void;
}
