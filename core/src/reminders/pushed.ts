/** Where a device can be written to, and what its messages are sealed with (W3C Push API). */
export interface PushSubscription {
  readonly endpoint: string;
  readonly keys: { readonly p256dh: string; readonly auth: string };
}

/** By what this server is known to push services, and whether this device is reminded. */
export interface PushKey {
  readonly writer: string;
  /** Push services outside may be asked; else the stand-in that ships. */
  readonly outside: boolean;
  readonly here: boolean;
}

/** A message to a device: what its system shows. */
export interface Pushed {
  /** The same of what is told twice: it is shown once. */
  readonly tag: string;
  readonly title: string;
  readonly body: string;
  readonly page: string;
  readonly at: number;
  readonly pressing: boolean;
  readonly heard: boolean;
  readonly felt: boolean;
  /** It was asked for to see that it arrives: shown in any case. */
  readonly trial?: boolean;
}
