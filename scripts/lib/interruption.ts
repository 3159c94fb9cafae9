const LOOK_EVERY_MS = 500;

/**
 * Tells when it is time to stop: Ctrl-C, a signal to end, a terminal that was closed, or a parent that is gone. From then on
 * whoever works has to come to an end; nothing ends by itself.
 */
export function interruption(): AbortSignal {
  const stopping = new AbortController();
  const stop = () => stopping.abort();
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.on(signal, stop);
  const parent = process.ppid;
  setInterval(() => process.ppid !== parent && stop(), LOOK_EVERY_MS).unref();
  return stopping.signal;
}

/** Settles when the signal comes, or has come. */
export const aborted = (signal: AbortSignal): Promise<void> =>
  new Promise((resolve) => {
    if (signal.aborted) resolve();
    else signal.addEventListener('abort', () => resolve(), { once: true });
  });
