import { runJob, type JobKind, type Jobs } from '@omtel/core/jobs';

/** What the page sends, and what it gets back. */
export interface Order<Kind extends JobKind = JobKind> {
  readonly kind: Kind;
  readonly asked: Jobs[Kind]['asked'];
}
export type Report =
  | { readonly type: 'progress'; readonly share: number }
  | { readonly type: 'done'; readonly answer: unknown }
  | { readonly type: 'failed'; readonly sentence: string };

/** The worker's own side of the channel; the page's types know only the window. */
const channel = globalThis as unknown as {
  onmessage: (message: { data: Order }) => void;
  postMessage: (report: Report) => void;
};

/** No more often than an eye can follow: to be told costs a page, which is drawing, more than to compute does. */
const TOLD_EVERY_MS = 120;

channel.onmessage = ({ data: { kind, asked } }) => {
  let toldAt = performance.now();
  const tell = (share: number) => {
    const now = performance.now();
    if (now - toldAt < TOLD_EVERY_MS) return;
    toldAt = now;
    channel.postMessage({ type: 'progress', share });
  };
  try {
    const answer = runJob(kind, asked, tell);
    channel.postMessage({ type: 'done', answer });
  } catch (error) {
    if (!(error instanceof Error)) throw error;
    channel.postMessage({ type: 'failed', sentence: error.message });
  }
};
