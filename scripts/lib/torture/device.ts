import { setTimeout as pause } from 'node:timers/promises';
import type { FoodEvent } from '@omtel/core/record';

const AGAIN_MS = 60;

/** Signs in as the demo household. */
export async function signIn(address: string): Promise<{ readonly cookie: string; readonly now: number }> {
  const response = await fetch(`${address}/api/session/demo`, { method: 'POST' });
  const { clock } = (await response.json()) as { clock: { now: number } };
  return { cookie: response.headers.get('set-cookie')!.split(';')[0]!, now: clock.now };
}

/** A device with an outbox: what was not acknowledged is sent again, until it is. */
export class Device {
  /** The entries that were acknowledged. */
  readonly acknowledged = new Set<string>();
  batches = 0;
  /** Batches that had to be sent more than once. */
  again = 0;
  /** The longest time from sending a batch first to its acknowledgement, ms. */
  longestMs = 0;

  /** @param addresses of servers that are asked in turn, as something that balances them would */
  constructor(
    private readonly addresses: readonly string[],
    private readonly cookie: string,
  ) {}

  /**
   * Sends a batch until it is acknowledged.
   *
   * @throws when the server says that it will never take it
   */
  async send(events: readonly FoodEvent[]): Promise<void> {
    const began = performance.now();
    for (let tried = 0; ; tried++) {
      const answer = await this.post(events);
      if (answer?.status === 200) {
        const { accepted } = JSON.parse(answer.text) as { accepted: string[] };
        for (const id of accepted) this.acknowledged.add(id);
        break;
      }
      if (answer && answer.status < 500) throw new Error(`refused: ${answer.text}`);
      if (tried === 0) this.again += 1;
      await pause(AGAIN_MS);
    }
    this.batches += 1;
    this.longestMs = Math.max(this.longestMs, performance.now() - began);
  }

  private asked = 0;

  /** What was answered; null where the server was gone before it had, whether or not it took them. */
  private async post(events: readonly FoodEvent[]): Promise<{ status: number; text: string } | null> {
    try {
      const address = this.addresses[this.asked++ % this.addresses.length]!;
      const response = await fetch(`${address}/api/events`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', cookie: this.cookie },
        body: JSON.stringify({ events }),
      });
      return { status: response.status, text: await response.text() };
    } catch (error) {
      return ifUnreachable(error);
    }
  }
}

/** What fetch throws when there is no answer; anything else is thrown on. */
export function ifUnreachable(error: unknown): null {
  if ((error as Error).name !== 'TypeError') throw error;
  return null;
}
