import { setTimeout as pause } from 'node:timers/promises';
import { heardText, readHeard, type FoodList, type Heard } from '@omtel/core/api';
import { ifUnreachable } from './device';

const AGAIN_MS = 60;
/** What was said before it was stopped is told within this, or never. */
const PATIENCE_MS = 20_000;

/** A device that listens to what happens, and goes on after what it heard last wherever it is answered. */
export class Listener {
  /** The numbers of the entries it was told, in the order it was. */
  readonly told: number[] = [];
  private readonly stopped = new AbortController();
  private readonly begunAt: number;
  private asked = 0;

  private constructor(
    private readonly addresses: readonly string[],
    private readonly cookie: string,
    private heard: Heard,
  ) {
    this.begunAt = heard.seq;
  }

  /** @param addresses of servers that are asked in turn */
  static async begin(addresses: readonly string[], cookie: string): Promise<Listener> {
    const listener = new Listener(addresses, cookie, await heardBy(addresses[0]!, cookie));
    void listener.listen();
    return listener;
  }

  /** Stops it once it has been told all there is, and counts the entries it was not told exactly once and in order. */
  async untold(): Promise<number> {
    const { seq } = await heardBy(this.addresses[0]!, this.cookie);
    for (const from = Date.now(); this.heard.seq < seq && Date.now() - from < PATIENCE_MS;)
      await pause(AGAIN_MS);
    this.stopped.abort();
    const wanted = Array.from({ length: seq - this.begunAt }, (_, i) => this.begunAt + 1 + i);
    const wrong = wanted.filter((number, i) => this.told[i] !== number).length;
    return wrong + Math.max(0, this.told.length - wanted.length);
  }

  private async listen(): Promise<void> {
    while (!this.stopped.signal.aborted) {
      await this.follow().catch((error: unknown) => this.stopped.signal.aborted || ifUnreachable(error));
      await pause(AGAIN_MS);
    }
  }

  private async follow(): Promise<void> {
    const address = this.addresses[this.asked++ % this.addresses.length]!;
    const { ok, body } = await fetch(`${address}/api/live?after=${heardText(this.heard)}`, {
      headers: { cookie: this.cookie },
      signal: this.stopped.signal,
    });
    if (!ok) return;
    let rest = '';
    const text = new TextDecoder();
    for await (const chunk of body as unknown as AsyncIterable<Uint8Array>) {
      const messages = `${rest}${text.decode(chunk, { stream: true })}`.split('\n\n');
      // What was cut off in the middle was not heard.
      rest = messages.pop()!;
      messages.forEach((message) => this.take(message));
    }
  }

  private take(message: string): void {
    const heard = readHeard(/^id: (.*)$/m.exec(message)?.[1] ?? '');
    if (!heard) return;
    this.heard = heard;
    if (message.startsWith('event: entry')) this.told.push(heard.seq);
  }
}

async function heardBy(address: string, cookie: string): Promise<Heard> {
  const response = await fetch(`${address}/api/foods`, { headers: { cookie } });
  return ((await response.json()) as FoodList).heard;
}
