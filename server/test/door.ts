import type { Founded } from '@omtel/core/api';
import type { InvitationKey } from '@omtel/core/door';
import type { Role } from '@omtel/core/roles';
import { json, type Kitchen } from './kitchen';

/** A device somebody asks on. */
export type Ask = (method: string, path: string, body?: unknown, headers?: object) => Promise<Response>;

/** Another device: it holds whatever cookie it was given last. */
export function deviceOf(kitchen: Kitchen): Ask {
  let cookie = '';
  return async (method, path, body, headers = {}) => {
    const response = await kitchen.ask(method, path, body, { cookie, ...headers });
    const given = response.headers.get('set-cookie');
    if (given) cookie = given.split(';')[0]!;
    return response;
  };
}

export const HARBOUR = {
  household: 'Harbour house',
  person: 'Mara',
  passphrase: 'tarred rope and lamb',
  zone: 'UTC',
} as const;

export const found = async (ask: Ask, said: object = HARBOUR): Promise<Founded> =>
  json<Founded>(await ask('POST', '/api/session/new', said));

export const sentence = async (response: Response): Promise<string> =>
  (await json<{ detail: string }>(response)).detail;

/** The key of a new invitation. */
export const invitedBy = async (ask: Ask, role: Role = 'helper'): Promise<string> =>
  (await json<InvitationKey>(await ask('POST', '/api/people/invitations', { role }))).key;

/** Somebody comes in on a device by a key. */
export const joined = (ask: Ask, key: string, person: string): Promise<Response> =>
  ask('POST', '/api/session/join', { key, person, passphrase: `${HARBOUR.passphrase} and ${person}` });
