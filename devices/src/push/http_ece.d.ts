/** As much of the package as is used here; it brings no types. */
declare module 'http_ece' {
  import type { ECDH } from 'node:crypto';
  export function decrypt(
    body: Buffer,
    how: { readonly version: 'aes128gcm'; readonly privateKey: ECDH; readonly authSecret: string },
  ): Buffer;
}
