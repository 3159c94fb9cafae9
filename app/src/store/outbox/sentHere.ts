/** More than these nobody sends before they are heard of again. */
const MOST_KEPT = 500;

const ids = new Set<string>();

/** Notes what this page sends: when it is told back, it is known already. */
export function noteSent(sent: readonly string[]): void {
  for (const id of sent) ids.add(id);
  for (const id of ids) {
    if (ids.size <= MOST_KEPT) break;
    ids.delete(id);
  }
}

export const wasSentHere = (id: string): boolean => ids.has(id);
