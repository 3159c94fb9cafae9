/** Whether this device can hold a passkey, and the page was opened where one can be used: an address of numbers has none. */
export const canHold = (): boolean => typeof PublicKeyCredential !== 'undefined' && isByName();

const isByName = (): boolean => !/^(\d+\.){3}\d+$|^\[/.test(window.location.hostname);

/** Said where the page was opened by an address of numbers; the same machine has a name. */
export function whyNoPasskey(): string {
  if (isByName()) return 'This browser holds no passkeys.';
  const { protocol, port } = window.location;
  return `A passkey wants an address by name. On this machine that is ${protocol}//localhost${port && `:${port}`}; sign in there once.`;
}

/** What somebody who waves a passkey away, or has none, is told: nothing went wrong. */
const WAVED = 'No passkey was used.';

/** What came of asking the device: what it signed, or why it did not. */
export type Signed<Answer> =
  | { readonly answer: Answer; readonly problem?: never }
  | { readonly problem: string; readonly answer?: never };

/** Lets the device sign, which asks its owner. */
export async function signed<Answer>(sign: () => Promise<Answer>): Promise<Signed<Answer>> {
  try {
    return { answer: await sign() };
  } catch (error) {
    const known = error instanceof Error && error.name === 'InvalidStateError';
    return { problem: known ? 'This device holds a passkey of yours already.' : WAVED };
  }
}
