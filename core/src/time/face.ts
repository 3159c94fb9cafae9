/** How a clock shows the hours: of the whole day, or of its two halves. */
export type ClockFace = 24 | 12;

let shown: ClockFace = 24;

export const clockFace = (): ClockFace => shown;

/**
 * Says times by this face from now on. A page shows one household, so it is said once there; who speaks for many says it for each
 * (`saidBy`).
 */
export function showTimesBy(face: ClockFace): void {
  shown = face;
}

/**
 * Does something that puts times into words for one household of many.
 *
 * @param work nothing that waits: another household would be told by this face meanwhile
 */
export function saidBy<Result>(face: ClockFace, work: () => Result): Result {
  const before = shown;
  shown = face;
  try {
    return work();
  } finally {
    shown = before;
  }
}
