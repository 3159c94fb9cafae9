import { createECDH, randomBytes, randomUUID } from 'node:crypto';
import { decrypt } from 'http_ece';

/** What a device tells whoever may write to it (W3C Push API, `PushSubscriptionJSON`). */
export interface PushKeys {
  readonly p256dh: string;
  readonly auth: string;
}

/** One message, as the device has it once it is opened. */
export type Opened = (message: string) => void;

/** A message nobody took in yet, until when it is kept. */
interface Kept {
  readonly message: string;
  readonly until: number;
  readonly topic: string | null;
}

const MOST_KEPT = 20;
const AUTH_BYTES = 16;

/** A device as a push service knows it, with the half of a browser that opens what was sealed for it (RFC 8291). */
export class Receiver {
  readonly id = randomUUID();
  private readonly ecdh = createECDH('prime256v1');
  private readonly auth = randomBytes(AUTH_BYTES).toString('base64url');
  private kept: readonly Kept[] = [];
  private listener: Opened | null = null;
  readonly keys: PushKeys;

  /** @param writer the only one who may write to it: its public key, base64url (RFC 8292) */
  constructor(readonly writer: string) {
    this.ecdh.generateKeys();
    this.keys = { p256dh: this.ecdh.getPublicKey('base64url'), auth: this.auth };
  }

  /**
   * Takes in a message, hands it on, or keeps it until somebody listens.
   *
   * @param topic a later one of the same replaces it (RFC 8030 §5.4)
   * @throws when it was not sealed for this device
   */
  take(sealed: Buffer, { ttlS, topic, now }: { ttlS: number; topic: string | null; now: number }): void {
    const message = decrypt(sealed, {
      version: 'aes128gcm',
      privateKey: this.ecdh,
      authSecret: this.auth,
    }).toString('utf8');
    if (this.listener) return this.listener(message);
    const others = this.kept.filter((one) => one.until > now && (topic === null || one.topic !== topic));
    if (ttlS > 0) this.kept = [...others, { message, until: now + ttlS * 1000, topic }].slice(-MOST_KEPT);
  }

  /** Hands on what was kept, and all that comes from now on; one listens at a time, the latest. */
  listen(listener: Opened, now: number): () => void {
    this.listener = listener;
    for (const { message, until } of this.kept) if (until > now) listener(message);
    this.kept = [];
    return () => {
      if (this.listener === listener) this.listener = null;
    };
  }
}
