import { EventEmitter, once } from 'node:events';
import { setTimeout as pause } from 'node:timers/promises';
import { aborted } from './interruption';
import { Sentence } from './sentence';

/** Something that runs until it is stopped, or ends by itself. */
export interface Running {
  readonly ended: Promise<unknown>;
  /** Where others find it. */
  readonly url?: string;
  stop(): Promise<void>;
}

export interface Part {
  readonly name: string;
  /** The name of the part it cannot start without. */
  readonly needs?: string;
  /** @param url where the part is that it needs */
  start(url: string): Promise<Running>;
}

/** How often a part may fall within so long: more often, and starting it again is no help. */
const MOST_FALLS = 5;
const WITHIN_MS = 60_000;
const BEFORE_NEXT_MS = 500;

/**
 * Keeps parts running until it is time to stop: what falls is started again, and said to be. Several may fall at once, and what
 * needs another cannot start before that has. They are stopped in the reverse of their order.
 *
 * @param mostFalls how often a part may fall within a minute
 * @throws Sentence when a part does not start at first, or falls again and again; all is stopped by then
 */
export async function supervise({
  parts,
  stopping,
  say,
  mostFalls = MOST_FALLS,
}: {
  readonly parts: readonly Part[];
  readonly stopping: AbortSignal;
  say(sentence: string): void;
  readonly mostFalls?: number;
}): Promise<void> {
  // It is time to stop, or one part is no use.
  const over = new AbortController();
  void aborted(stopping).then(() => over.abort());
  const isOver = aborted(over.signal);
  const up = new Map<string, Running>();
  const ups = new EventEmitter().setMaxListeners(parts.length);
  const usedUrl = new Map<string, string | undefined>();
  const stoppedHere = new Set<string>();

  /** It is to be found elsewhere now, which those who need it learn only by starting. */
  const tellWhoNeeds = async (name: string, { url }: Running) => {
    for (const other of parts.filter(({ needs }) => needs === name)) {
      const running = up.get(other.name);
      if (!running || usedUrl.get(other.name) === url) continue;
      stoppedHere.add(other.name);
      await running.stop();
    }
  };

  const keep = async ({ name, needs, start }: Part) => {
    const fell = fallsOf(name, mostFalls);
    let stoodOnce = false;
    while (!over.signal.aborted) {
      const needed = needs === undefined ? null : up.get(needs);
      if (needed === undefined) {
        await Promise.race([once(ups, 'up'), isOver]);
        continue;
      }
      try {
        usedUrl.set(name, needed?.url);
        up.set(name, await start(needed?.url ?? ''));
      } catch (error) {
        if (!stoodOnce || !(error instanceof Sentence)) throw error;
        fell();
        await pause(BEFORE_NEXT_MS);
        continue;
      }
      stoodOnce = true;
      const running = up.get(name)!;
      ups.emit('up');
      await tellWhoNeeds(name, running);
      const fallen = await Promise.race([running.ended.then(() => true), isOver]);
      if (!fallen) return;
      up.delete(name);
      if (stoppedHere.delete(name)) continue;
      say(`The ${name} ended. It is started again.`);
      fell();
    }
  };

  const kept = parts.map((part) => keep(part).finally(() => over.abort()));
  try {
    await Promise.all(kept);
  } finally {
    // What is starting has to have started before it can be stopped.
    await Promise.allSettled(kept);
    for (const { name } of [...parts].reverse()) await up.get(name)?.stop();
  }
}

/** Notes that a part fell, and throws a sentence when that was too often. */
function fallsOf(name: string, mostFalls: number): () => void {
  let falls: number[] = [];
  return () => {
    falls = [...falls, Date.now()].filter((at) => at > Date.now() - WITHIN_MS);
    if (falls.length > mostFalls)
      throw new Sentence(`The ${name} fell ${falls.length} times within a minute. Omtel stops.`);
  };
}
