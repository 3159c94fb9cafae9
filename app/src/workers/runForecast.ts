import type { JobKind, Jobs } from '@omtel/core/jobs';
import type { Order, Report } from './forecast.worker';

/** A forecast could not be made from what was asked; the message is for the cook. */
export class ForecastFailed extends Error {}

/** A forecast under way. */
export interface RunningForecast<Answer> {
  readonly answer: Promise<Answer>;
  /** Stops it at once; its answer never comes. */
  cancel(): void;
}

/** One that is idle: to start one takes longer than many a forecast. */
let idle: Worker | null = null;

function started(): Worker {
  const worker = new Worker(new URL('./forecast.worker.ts', window.location.href));
  worker.onerror = () => {
    if (idle === worker) idle = null;
  };
  return worker;
}

/** Has a worker ready before anything is asked. */
export function readyForForecasts(): void {
  idle ??= started();
}

/**
 * Computes in a worker, so that the page never waits and a forecast nobody wants any more is simply ended, its worker with it.
 *
 * @param onProgress told the share done, 0 to 1
 */
export function runForecast<Kind extends JobKind>(
  kind: Kind,
  asked: Jobs[Kind]['asked'],
  onProgress: (share: number) => void,
): RunningForecast<Jobs[Kind]['answer']> {
  const worker = idle ?? started();
  idle = null;
  let busy = true;
  const answer = new Promise<Jobs[Kind]['answer']>((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<Report>) => {
      if (data.type === 'progress') return onProgress(data.share);
      busy = false;
      if (idle) worker.terminate();
      else idle = worker;
      if (data.type === 'done') resolve(data.answer as Jobs[Kind]['answer']);
      else reject(new ForecastFailed(data.sentence));
    };
    worker.onerror = () => {
      busy = false;
      worker.terminate();
      reject(new ForecastFailed('The forecast could not be computed here.'));
    };
  });
  worker.postMessage({ kind, asked } satisfies Order);
  const cancel = () => {
    if (!busy) return;
    busy = false;
    worker.terminate();
    // What is asked next need not wait for one to start.
    readyForForecasts();
  };
  return { answer, cancel };
}
