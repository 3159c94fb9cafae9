import type { Heard } from '@omtel/core/api';
import { listen, type Happened } from './stream';

/** What tabs of one kitchen tell each other. */
type Said = { readonly kind: 'happened'; readonly what: Happened } | { readonly kind: 'where' };

interface Following {
  readonly householdId: string;
  readonly heard: Heard;
  readonly onHappened: (what: Happened) => void;
  readonly onBroken: () => void;
}

/**
 * Follows what happens in a household with one stream for all tabs of this browser: a browser opens few connections to one
 * address, and a kitchen has many tabs. Whichever tab holds the lock listens and tells the others; when it is closed the next one
 * goes on from where it has heard.
 *
 * @returns what ends it
 */
export function follow({ householdId, heard: from, onHappened, onBroken }: Following): () => void {
  const others = new BroadcastChannel(`omtel.live.${householdId}`);
  const ended = new AbortController();
  let heard = from;
  let last: Happened | null = null;
  let stop: (() => void) | null = null;
  const take = (what: Happened) => {
    // Another tab had heard less far, and is told again.
    if (what.heard.seq <= heard.seq && what.heard.turn === heard.turn) return;
    heard = what.heard;
    last = what;
    onHappened(what);
  };
  others.onmessage = ({ data }: MessageEvent<Said>) => {
    if (data.kind === 'happened') take(data.what);
    // Who has come later than the last thing that happened hears of that.
    else if (stop && last) others.postMessage({ kind: 'happened', what: last } satisfies Said);
  };
  const lead = () =>
    new Promise<void>((resolve) => {
      if (ended.signal.aborted) return resolve();
      const close = listen({
        householdId,
        heard,
        onBroken,
        onHappened: (what) => {
          take(what);
          others.postMessage({ kind: 'happened', what } satisfies Said);
        },
      });
      stop = () => {
        close();
        resolve();
      };
    });
  navigator.locks
    .request(`omtel.live.${householdId}`, { signal: ended.signal }, lead)
    // Nobody waits for the lock any more.
    .catch(() => undefined);
  others.postMessage({ kind: 'where' } satisfies Said);
  return () => {
    ended.abort();
    stop?.();
    others.close();
  };
}
