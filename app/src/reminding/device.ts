import type { Pushed, PushKey, PushSubscription } from '@omtel/core/reminders';
import { noticeOf, PUSHED, type PushedHere } from './notice';

/** Whether this browser can show what falls due, and was let. */
export type Allowed = 'cannot' | NotificationPermission;

export const allowedHere = (): Allowed =>
  typeof Notification === 'undefined' || !('serviceWorker' in navigator) ? 'cannot' : Notification.permission;

/** Asks whether Omtel may show what falls due; only what somebody pressed may ask. */
export const askToShow = (): Promise<NotificationPermission> => Notification.requestPermission();

const registration = () => navigator.serviceWorker?.getRegistration();

/** By what this device is known to the push service that ships. */
const STAND_IN = 'omtel.push';

/**
 * Lets a server write to this device: by the browser's own push service where the server may ask those outside, else by the one that
 * ships, which this page listens to.
 *
 * @throws where there is no push service to be had
 */
export async function subscribe({ writer, outside }: PushKey): Promise<PushSubscription> {
  if (outside) {
    const own = await (
      await registration()
    )?.pushManager.subscribe({
      userVisibleOnly: true,
      applicationServerKey: writer,
    });
    if (!own) throw new Error('This browser has no push service.');
    return own.toJSON() as PushSubscription;
  }
  const answer = await fetch('/push/devices', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ writer }),
  });
  if (!answer.ok) throw new Error('The push service does not answer.');
  const { id, subscription } = (await answer.json()) as { id: string; subscription: PushSubscription };
  localStorage.setItem(STAND_IN, id);
  return subscription;
}

/** Lets nobody write to this device any more. */
export async function unsubscribe(): Promise<void> {
  localStorage.removeItem(STAND_IN);
  await (await (await registration())?.pushManager.getSubscription())?.unsubscribe();
}

/** Hands what comes on to the service worker, which shows it. */
async function handOn(pushed: Pushed): Promise<void> {
  // On a first visit the worker is still being made ready.
  const { active } = await navigator.serviceWorker.ready;
  active?.postMessage({ type: PUSHED, pushed } satisfies PushedHere);
}

/**
 * Listens to the push service that ships, as a browser does to its own.
 *
 * @param onForgotten it does not know this device any more
 * @returns what ends it
 */
export function listen(onForgotten: () => void): () => void {
  const id = localStorage.getItem(STAND_IN);
  if (id === null) {
    onForgotten();
    return () => undefined;
  }
  const source = new EventSource(`/push/devices/${id}`);
  source.addEventListener(
    'push',
    ({ data }: MessageEvent<string>) => void handOn(JSON.parse(data) as Pushed),
  );
  source.addEventListener('error', () => {
    // It was answered that there is nothing; a network that is gone is tried again by itself.
    if (source.readyState === EventSource.CLOSED) onForgotten();
  });
  return () => source.close();
}

/** Shows by the system what this page would say, were it before somebody's eyes. */
export async function showBySystem(pushed: Pushed): Promise<void> {
  if (allowedHere() === 'granted') await (await registration())?.showNotification(...noticeOf(pushed));
}
