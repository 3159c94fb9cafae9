/** Outside a browser a Request knows no relative addresses; after this it does. */
export function knowsPaths(): void {
  const Native = Request;
  globalThis.Request = class extends Native {
    constructor(input: RequestInfo, init?: RequestInit) {
      super(typeof input === 'string' ? new URL(input, 'http://localhost').href : input, init);
    }
  } as never;
}
