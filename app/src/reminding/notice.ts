import type { Pushed } from '@omtel/core/reminders';

/** What a page and the service worker say to each other of reminders. */
export const PUSHED = 'PUSHED';
export const GO_TO = 'GO_TO';

/** A message that came to a page, handed on to the service worker, which shows it. */
export interface PushedHere {
  readonly type: typeof PUSHED;
  readonly pushed: Pushed;
}

/** Somebody pressed a notification: the page it is of is wanted. */
export interface GoTo {
  readonly type: typeof GO_TO;
  readonly page: string;
}

/** Felt through a pocket, ms on and off. */
export const VIBRATION = [200, 100, 200, 100, 400];

/** More than the types of the DOM know of what a notification can be. */
interface Notice extends NotificationOptions {
  readonly vibrate?: readonly number[];
  readonly timestamp: number;
  readonly data: { readonly page: string };
}

/** A reminder as a system shows it. One that makes no sound does not vibrate either: systems know no other way. */
export function noticeOf({ title, body, tag, page, at, pressing, heard, felt }: Pushed): [string, Notice] {
  const silent = !heard;
  return [
    title,
    {
      body,
      tag,
      data: { page },
      timestamp: at,
      silent,
      icon: '/icon-192.png',
      badge: '/icon-192.png',
      requireInteraction: pressing,
      ...(!silent && { vibrate: felt ? VIBRATION : [] }),
    },
  ];
}
