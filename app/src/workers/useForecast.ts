import type { JobKind, Jobs } from '@omtel/core/jobs';
import { useEffect, useMemo, useRef, useState } from 'react';
import { readyForForecasts, runForecast, type RunningForecast } from './runForecast';

/** What is asked anew sooner than this is being typed, and settles before it is computed; a tap is answered at once. */
const SETTLE_MS = 250;

export interface Forecast<Answer, Asked = unknown> {
  /** The latest answer; it stays while the next one is computed. */
  readonly answer: Answer | null;
  /** What that answer was asked with. */
  readonly answered: Asked | null;
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
    restart: () => {
      value = initial;
    },
  };
}

interface Outcome<Answer, Asked> {
  readonly of: string;
  readonly answered: Asked | null;
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
): Forecast<Jobs[Kind]['answer'], Jobs[Kind]['asked']> {
  type Answer = Jobs[Kind]['answer'];
  type Asked = Jobs[Kind]['asked'];
  const [outcome, setOutcome] = useState<Outcome<Answer, Asked> | null>(null);
  const progress = useMemo(() => watched(0), []);
  const [round, setRound] = useState(0);
  const stop = useRef(() => {});
  // Infinity is a usual length of stay, which JSON does not know.
  const key = asked ? JSON.stringify(asked, (_, value) => (value === Infinity ? 'for ever' : value)) : null;

  const askedAt = useRef(-Infinity);

  useEffect(readyForForecasts, []);
  useEffect(() => {
    if (!asked || key === null) return;
    let wanted = true;
    const now = performance.now();
    const typed = now - askedAt.current < SETTLE_MS;
    askedAt.current = now;
    const settle = (result: Omit<Outcome<Answer, Asked>, 'of' | 'answered'>) => {
      if (!wanted) return;
      setOutcome((last) => ({
        of: key,
        ...result,
        answer: result.answer ?? last?.answer ?? null,
        answered: result.answer ? asked : (last?.answered ?? null),
      }));
    };
    let running: RunningForecast<Answer> | null = null;
    const begin = () => {
      running = runForecast(kind, asked, (share) => wanted && progress.set(share));
      running.answer.then(
        (answer) => settle({ answer, problem: null, cancelled: false }),
        (error: Error) => settle({ answer: null, problem: error.message, cancelled: false }),
      );
    };
    progress.restart();
    let timer: ReturnType<typeof setTimeout> | undefined;
    // No sooner a tap than its computation: what React draws meanwhile would keep a timer waiting.
    if (typed) timer = setTimeout(begin, SETTLE_MS);
    else begin();
    stop.current = () => {
      clearTimeout(timer);
      running?.cancel();
    };
    return () => {
      wanted = false;
      stop.current();
    };
    // `key` says all that `asked` does, and stays the same while it does.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [kind, key, round]);

  return {
    answer: outcome?.answer ?? null,
    answered: outcome?.answered ?? null,
    current: outcome !== null && outcome.of === key,
    running: key !== null && outcome?.of !== key,
    progress,
    problem: outcome?.of === key ? outcome.problem : null,
    cancelled: outcome?.of === key && outcome.cancelled,
    cancel: () => {
      stop.current();
      setOutcome((last) => ({
        of: key ?? '',
        answer: last?.answer ?? null,
        answered: last?.answered ?? null,
        problem: null,
        cancelled: true,
      }));
    },
    again: () => {
      setOutcome((last) => last && { ...last, of: '' });
      setRound((n) => n + 1);
    },
  };
}
