import { formatDuration, HOUR_MS, MINUTE_MS } from '../units';

/** Minutes that are likelier hours, or the other way: what to ask, and what was likelier meant, if anything was. */
export interface TimeSlip {
  readonly question: string;
  /** In ms. */
  readonly meant: number | null;
}

/** The shortest and the longest anything is cooked without a chart that says better. */
const COOKED = { fastMs: 2 * MINUTE_MS, slowMs: 12 * HOUR_MS };
/** A cook of one's own may take this many times less or more than a chart says. */
const OWN_WAY = 3;
const MINUTES = 60;

/**
 * What to ask before a cooking time is planned with; null where it is to be believed.
 *
 * @param typedMs as it was typed
 * @param chart how long a chart says that it takes; null where none has it
 */
export function cookTimeSlip(
  typedMs: number,
  chart: { readonly fastMs: number; readonly slowMs: number } | null,
): TimeSlip | null {
  const [least, most] = chart
    ? [chart.fastMs / OWN_WAY, chart.slowMs * OWN_WAY]
    : [COOKED.fastMs, COOKED.slowMs];
  const within = (ms: number) => ms >= least && ms <= most;
  if (within(typedMs)) return null;
  const meant = [typedMs * MINUTES, typedMs / MINUTES].find(within) ?? null;
  const usual = chart && `The chart says ${formatDuration(chart.fastMs)} to ${formatDuration(chart.slowMs)}.`;
  const asked =
    meant === null ? (usual ?? 'That is hardly possible.') : `Did you mean ${formatDuration(meant)}?`;
  return { question: `${formatDuration(typedMs)}? ${asked}`, meant };
}

/** A time as a question offers it. */
export const writtenTime = (ms: number): string => formatDuration(ms);
