import type { JobKind, Jobs } from '@omtel/core/jobs';
import { useEffect, useMemo, useRef, useState } from 'react';
import { runForecast, type RunningForecast } from './runForecast';

/** Typing settles before anything is computed. */
const SETTLE_MS = 250;

export interface Forecast<Answer> {
  /** The latest answer; it stays while the next one is computed. */
  readonly answer: Answer | null;
  /** What the answer belongs to, so that a screen can tell an old one. */
  readonly current: boolean;
  readonly running: boolean;
  /** Share done; watched apart, so that a screen is not drawn anew for every hundredth. */
  readonly progress: Watched<number>;
  readonly problem: string | null;
  readonly cancelled: boolean;
  readonly cancel: () => void;
  readonly again: () => void;
}

/** A value that parts of a screen watch without the whole of it following. */
export interface Watched<Value> {
  readonly get: () => Value;
  readonly watch: (onChange: () => void) => () => void;
}

function watched<Value>(initial: Value) {
  let value = initial;
  const watchers = new Set<() => void>();
  return {
    get: () => value,
    watch: (onChange: () => void) => {
      watchers.add(onChange);
      return () => void watchers.delete(onChange);
    },
    set: (next: Value) => {
      value = next;
      watchers.forEach((tell) => tell());
    },
  };
}

interface Outcome<Answer> {
  readonly of: string;
  readonly answer: Answer | null;
  readonly problem: string | null;
  readonly cancelled: boolean;
}

/**
 * A forecast that follows what is asked. A new question ends the old computation.
 *
 * @param asked null while there is nothing to ask
 */
export function useForecast<Kind extends JobKind>(
  kind: Kind,
  asked: Jobs[Kind]['asked'] | null,
): Forecast<Jobs[Kind]['answer']> {
  type Answer = Jobs[Kind]['answer'];
  const [outcome, setOutcome] = useState<Outcome<Answer> | null>(null);
  const [busy, setBusy] = useState(false);
  const progress = useMemo(() => watched(0), []);
  const [round, setRound] = useState(0);
  const running = useRef<RunningForecast<Answer> | null>(null);
  // Infinity is a usual length of stay, which JSON does not know.
  const key = asked ? JSON.stringify(asked, (_, value) => (value === Infinity ? 'for ever' : value)) : null;

  useEffect(() => {
    if (!asked || key === null) return;
    let wanted = true;
    const settle = (result: Omit<Outcome<Answer>, 'of'>) => {
      if (!wanted) return;
      setOutcome((last) => ({ of: key, ...result, answer: result.answer ?? last?.answer ?? null }));
      setBusy(false);
    };
    const timer = setTimeout(() => {
      progress.set(0);
      setBusy(true);
      running.current = runForecast(kind, asked, (share) => wanted && progress.set(share));
      running.current.answer.then(
        (answer) => settle({ answer, problem: null, cancelled: false }),
        (error: Error) => settle({ answer: null, problem: error.message, cancelled: false }),
      );
    }, SETTLE_MS);
    return () => {
      wanted = false;
      clearTimeout(timer);
      running.current?.cancel();
      setBusy(false);
    };
    // `key` says all that `asked` does, and stays the same while it does.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [kind, key, round]);

  return {
    answer: outcome?.answer ?? null,
    current: outcome !== null && outcome.of === key,
    running: busy,
    progress,
    problem: outcome?.of === key ? outcome.problem : null,
    cancelled: outcome?.of === key && outcome.cancelled,
    cancel: () => {
      running.current?.cancel();
      setBusy(false);
      setOutcome((last) => ({
        of: key ?? '',
        answer: last?.answer ?? null,
        problem: null,
        cancelled: true,
      }));
    },
    again: () => setRound((n) => n + 1),
  };
}
