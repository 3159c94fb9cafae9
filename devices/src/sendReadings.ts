import type { Problem, TakenIn } from '@omtel/core/api';
import { type DeviceReading, lineOf, MOST_LINES } from '@omtel/core/devices';

export interface Sending {
  /** Where Omtel is, as `http://127.0.0.1:8080`; empty from a page of its own. */
  readonly address: string;
  readonly key: string;
  /** Told how many were taken in so far. */
  readonly onProgress?: (taken: number) => void;
}

const AT_ONCE = Math.min(2000, MOST_LINES);

/**
 * Sends readings to the open address, as any device does: JSON Lines with its key. None at all asks what time it is there.
 *
 * @returns how many were taken in, and the moment it is in the kitchen
 * @throws Error with the server's own sentence where it took none
 */
export async function sendReadings(
  readings: Iterable<DeviceReading>,
  { address, key, onProgress }: Sending,
): Promise<Pick<TakenIn, 'taken' | 'now'>> {
  let [taken, now] = [0, NaN];
  let lines: string[] = [];
  const send = async () => {
    const response = await fetch(`${address}/api/devices/readings`, {
      method: 'POST',
      headers: { authorization: `Bearer ${key}`, 'content-type': 'application/x-ndjson' },
      body: lines.join('\n'),
    });
    const answer = (await response.json()) as Partial<TakenIn & Problem>;
    if (!response.ok) throw new Error(answer.detail ?? `It answered ${response.status}.`);
    taken += answer.taken!;
    now = answer.now!;
    lines = [];
    onProgress?.(taken);
  };
  for (const reading of readings) {
    lines.push(lineOf(reading));
    if (lines.length === AT_ONCE) await send();
  }
  if (lines.length || taken === 0) await send();
  return { taken, now };
}
