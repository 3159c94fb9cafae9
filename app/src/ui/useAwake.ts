import { useEffect } from 'react';

/** Keeps the screen lit while something is looked at with the hands full; a browser that cannot leaves it as it is. */
export function useAwake(wanted: boolean): void {
  useEffect(() => {
    if (!wanted || typeof navigator === 'undefined' || !('wakeLock' in navigator)) return;
    let ended = false;
    let lock: WakeLockSentinel | null = null;
    const ask = async () => {
      if (document.visibilityState !== 'visible') return;
      const had = await navigator.wakeLock.request('screen').catch(() => null);
      if (ended) await had?.release();
      else lock = had;
    };
    // It is lost whenever the page is left for another.
    document.addEventListener('visibilitychange', ask);
    void ask();
    return () => {
      ended = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, [wanted]);
}
