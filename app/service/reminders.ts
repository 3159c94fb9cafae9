import type { Pushed } from '@omtel/core/reminders';
import { GO_TO, noticeOf, PUSHED, type GoTo, type PushedHere } from '../src/reminding/notice';

declare const self: ServiceWorkerGlobalScope;

const pages = () => self.clients.matchAll({ type: 'window', includeUncontrolled: true });

/** Shows what was pushed, unless a page is before somebody's eyes: that rings by itself. */
async function show(pushed: Pushed): Promise<void> {
  const inSight = (await pages()).some(({ visibilityState }) => visibilityState === 'visible');
  if (inSight && !pushed.trial) return;
  await self.registration.showNotification(...noticeOf(pushed));
}

/** Brings an open page forward and to what was pressed, or opens one. */
async function open(page: string): Promise<void> {
  const [first] = await pages();
  if (!first) return void (await self.clients.openWindow(page));
  first.postMessage({ type: GO_TO, page } satisfies GoTo);
  await first.focus();
}

/** Lets systems show what falls due, whether a page is open or not. */
export function remind(): void {
  self.addEventListener('push', (event) => {
    if (event.data) event.waitUntil(show(event.data.json() as Pushed));
  });
  self.addEventListener('message', (event) => {
    const said = event.data as PushedHere | null;
    if (said?.type === PUSHED) event.waitUntil(show(said.pushed));
  });
  self.addEventListener('notificationclick', (event) => {
    event.notification.close();
    const { page } = event.notification.data as { readonly page: string };
    event.waitUntil(open(page));
  });
}
