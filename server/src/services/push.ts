import { toPush, type Pushed, type PushSubscription, type Reminder } from '@omtel/core/reminders';
import type { Household } from '@omtel/core/api';
import webpush from 'web-push';
import type { Database } from '../db/connect';
import { deleteSubscription, pushWriter, type Subscribed, type Writer } from '../repositories/push';
import { Refusal } from './refusal';

/** Who may be asked if something goes wrong (RFC 8292 §2.1): nobody by mail, since no server of Omtel is anybody else's. */
const SUBJECT = 'mailto:nobody@omtel.invalid';
const PATIENCE_MS = 4_000;
const GONE = new Set([404, 410]);

/** Posts to a push service, as `fetch`. */
export type Post = (endpoint: string, init: RequestInit) => Promise<{ readonly status: number }>;

/** What pushes go through. */
export interface Pushing {
  readonly db: Database;
  readonly post: Post;
  /** The origins that may be posted to: whoever signs in must not make this server ask anything else. */
  readonly pushServices: () => readonly string[];
}

export const writerOf = (db: Database): Promise<Writer> => pushWriter(db, () => webpush.generateVAPIDKeys());

/** By which push service a device is written to. */
export const serviceOf = ({ subscription }: Pick<Subscribed, 'subscription'>): string =>
  new URL(subscription.endpoint).origin;

/** @throws Refusal for an endpoint at no push service this server knows */
export function checkEndpoint(subscription: PushSubscription, services: readonly string[]): void {
  if (!services.includes(serviceOf({ subscription })))
    throw new Refusal(422, 'This server knows no such push service. Whoever runs it can name it.');
}

/**
 * Sends a message to devices, sealed for each (RFC 8291). Those their push service knows no more are forgotten.
 *
 * @returns how many took it
 */
export async function push(
  { db, post, pushServices }: Pushing,
  devices: readonly Subscribed[],
  message: Pushed,
  ttlS: number,
): Promise<number> {
  const writer = await writerOf(db);
  const services = pushServices();
  const sent = await Promise.all(
    devices
      // One that was allowed when it subscribed may be no more.
      .filter((device) => services.includes(serviceOf(device)))
      .map(async ({ tokenHash, subscription }) => {
        const status = await sendOne(post, subscription, { writer, message, ttlS });
        if (GONE.has(status)) await deleteSubscription(db, tokenHash);
        return status >= 200 && status < 300;
      }),
  );
  return sent.filter(Boolean).length;
}

interface Letter {
  readonly writer: Writer;
  readonly message: Pushed;
  readonly ttlS: number;
}

/** The answer's status; 0 where there was none. */
async function sendOne(
  post: Post,
  subscription: PushSubscription,
  { writer, message, ttlS }: Letter,
): Promise<number> {
  try {
    const { endpoint, method, headers, body } = webpush.generateRequestDetails(
      subscription,
      JSON.stringify(message),
      {
        vapidDetails: { subject: SUBJECT, ...writer },
        TTL: ttlS,
        urgency: message.pressing ? 'high' : 'normal',
        contentEncoding: 'aes128gcm',
      },
    );
    const sent = {
      method,
      // The sender of what is posted counts its own bytes.
      headers: Object.fromEntries(
        Object.entries(headers).flatMap(([name, value]) =>
          name === 'Content-Length' ? [] : [[name, String(value)]],
        ),
      ),
      body: new Uint8Array(body),
      redirect: 'error' as const,
      signal: AbortSignal.timeout(PATIENCE_MS),
    };
    return (await post(endpoint, sent)).status;
  } catch {
    return 0;
  }
}

/** What is sent to see that it arrives. */
export const trial = (settings: Household['settings'], now: number): Pushed => {
  const reminder: Reminder = {
    key: 'trial',
    at: now,
    until: now,
    title: 'Omtel reminds you here',
    detail: 'This is how it looks when something is due.',
    page: '/now',
    pressing: true,
  };
  return { ...toPush(reminder, settings, now), trial: true };
};
