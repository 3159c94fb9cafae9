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

/**
 * Computes in a worker of its own, so that the page never waits and a forecast nobody wants any more is simply ended.
 *
 * @param onProgress told the share done, 0 to 1
 */
export function runForecast<Kind extends JobKind>(
  kind: Kind,
  asked: Jobs[Kind]['asked'],
  onProgress: (share: number) => void,
): RunningForecast<Jobs[Kind]['answer']> {
  const worker = new Worker(new URL('./forecast.worker.ts', window.location.href));
  const answer = new Promise<Jobs[Kind]['answer']>((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<Report>) => {
      if (data.type === 'progress') return onProgress(data.share);
      worker.terminate();
      if (data.type === 'done') resolve(data.answer as Jobs[Kind]['answer']);
      else reject(new ForecastFailed(data.sentence));
    };
    worker.onerror = () => {
      worker.terminate();
      reject(new ForecastFailed('The forecast could not be computed here.'));
    };
  });
  worker.postMessage({ kind, asked } satisfies Order);
  return { answer, cancel: () => worker.terminate() };
}
