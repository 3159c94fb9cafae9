export const SECOND_MS = 1000;
export const MINUTE_MS = 60 * SECOND_MS;
export const HOUR_MS = 60 * MINUTE_MS;
export const DAY_MS = 24 * HOUR_MS;

/**
 * A duration in the two largest units that matter to a cook, cut (never rounded up) to whole minutes, so that "25 min
 * left" is never more than is left. Under a minute it is shown in seconds.
 *
 * @param durationMs length in milliseconds; the sign is ignored
 * @example formatDuration(5_700_000) // '1 h 35 min'
 */
export function formatDuration(durationMs: number): string {
  const total = Math.abs(durationMs);
  if (total < MINUTE_MS) return `${Math.floor(total / SECOND_MS)} s`;
  const days = Math.floor(total / DAY_MS);
  const hours = Math.floor((total % DAY_MS) / HOUR_MS);
  const minutes = Math.floor((total % HOUR_MS) / MINUTE_MS);
  if (days >= 2) return hours ? `${days} d ${hours} h` : `${days} d`;
  const allHours = days * 24 + hours;
  if (allHours === 0) return `${minutes} min`;
  return minutes && allHours < 24 ? `${allHours} h ${minutes} min` : `${allHours} h`;
}

/**
 * A duration that must not look shorter than it is: rounded up to the whole minute first, and from a day on to the whole hour.
 *
 * @example formatDurationUp(61_000) // '2 min'
 */
export function formatDurationUp(durationMs: number): string {
  const total = Math.abs(durationMs);
  const grain = total > DAY_MS ? HOUR_MS : MINUTE_MS;
  return formatDuration(Math.ceil(total / grain) * grain);
}

/**
 * How long a temperature is held: a rule's own time to the second, so that nobody holds it for less.
 *
 * @example formatHold(134_000) // '2 min 14 s'
 */
export function formatHold(durationMs: number): string {
  const total = Math.ceil(durationMs / SECOND_MS) * SECOND_MS;
  const seconds = (total % MINUTE_MS) / SECOND_MS;
  return total > MINUTE_MS && seconds ? `${formatDuration(total)} ${seconds} s` : formatDuration(total);
}
