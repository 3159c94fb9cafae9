import { heardText, readHeard, type Heard, type LogEntry } from '@omtel/core/api';

/** Something that happened in the household: an entry, or a change beside the entries; and how far it was heard with it. */
export type Happened =
  { readonly heard: Heard; readonly entry: LogEntry } | { readonly heard: Heard; readonly entry: null };

/** As much of an EventSource as is listened to. */
export type Source = Pick<EventSource, 'addEventListener' | 'close'>;

interface Listened {
  readonly householdId: string;
  /** How far this device has heard. */
  readonly heard: Heard;
  readonly onHappened: (what: Happened) => void;
  /** A stream broke: the network did, or nobody is signed in here any more. */
  readonly onBroken?: () => void;
  readonly open?: (address: string) => Source;
}

/** The first wait before a stream that broke is opened again, and the longest; a share of each is chance, so that not all come at once. */
const [FIRST_MS, LONGEST_MS] = [1_000, 60_000];
/** A stream that held so long was a good one. */
const GOOD_MS = 20_000;

/**
 * Listens to what happens in a household, from where this device has heard. A stream that breaks is opened again after what was
 * heard last, ever more slowly while it does not hold, and at once when the network is back.
 *
 * @returns what ends it
 */
export function listen({
  householdId,
  heard: from,
  onHappened,
  onBroken = () => undefined,
  open = (address) => new EventSource(address),
}: Listened): () => void {
  let heard = from;
  let source: Source | null = null;
  let timer: ReturnType<typeof setTimeout> | null = null;
  let broken = 0;
  const begin = () => {
    timer = null;
    const openedAt = Date.now();
    source = open(`/api/live?after=${heardText(heard)}&for=${householdId}`);
    const told = (read: (data: string) => LogEntry | null) => (event: Event) => {
      const { data, lastEventId } = event as MessageEvent<string>;
      const next = readHeard(lastEventId);
      if (!next) return;
      heard = next;
      onHappened({ heard, entry: read(data) });
    };
    source.addEventListener(
      'entry',
      told((data) => JSON.parse(data) as LogEntry),
    );
    source.addEventListener(
      'beside',
      told(() => null),
    );
    source.addEventListener('error', () => {
      source?.close();
      source = null;
      broken = Date.now() - openedAt > GOOD_MS ? 0 : broken + 1;
      timer ??= setTimeout(begin, waitAfter(broken, Math.random()));
      onBroken();
    });
  };
  const atOnce = () => {
    if (source || !timer) return;
    clearTimeout(timer);
    broken = 0;
    begin();
  };
  window.addEventListener('online', atOnce);
  begin();
  return () => {
    window.removeEventListener('online', atOnce);
    if (timer) clearTimeout(timer);
    source?.close();
  };
}

/**
 * How long is waited before a stream is opened again.
 *
 * @param broken how many broke one after the other
 * @param chance 0 to 1
 */
export const waitAfter = (broken: number, chance: number): number =>
  Math.min(LONGEST_MS, FIRST_MS * 2 ** Math.max(0, broken - 1)) * (0.5 + chance / 2);
