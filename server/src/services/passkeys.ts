import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
  type AuthenticationResponseJSON,
  type PublicKeyCredentialCreationOptionsJSON,
  type PublicKeyCredentialRequestOptionsJSON,
  type RegistrationResponseJSON,
} from '@simplewebauthn/server';
import { MINUTE_MS } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';
import type { Database } from '../db/connect';
import { hashOf } from '../hashOf';
import { forgetChallenges, insertChallenge, useChallenge } from '../repositories/challenges';
import { findPasskey, insertPasskey, listPasskeys, savePasskeyUsed } from '../repositories/passkeys';
import type { Whose } from '../repositories/people';
import type { Visitor } from '../repositories/sessions';
import type { AtTheDoor } from './door';
import { Refusal } from './refusal';
import { shows } from './renewal';
import { admit, cameIn } from './throttle';

/** A device is unlocked, and a finger laid on it, in this time. */
const SIGNED_WITHIN_MS = 5 * MINUTE_MS;
const MOST_KEYS = 20;

/** The address a page was opened at: a key made at one opens no other. */
export interface OpenedAt {
  /** Its name, without a port. */
  readonly host: string;
  readonly origin: string;
}

type Person = Whose & { readonly name: string };

const notTaken = () => new Refusal(403, 'That passkey was not made. Nothing was changed; try again.');
/** The same whatever of it was wrong, so that nobody learns who lives here. */
const shut = () => new Refusal(403, 'That passkey opens no kitchen here.');

/**
 * What a device is to sign, so that it holds a key to somebody's door.
 *
 * @throws Refusal for a wrong passphrase, or where they have very many keys
 */
export async function offerPasskey(
  db: Database,
  who: Person,
  passphrase: string,
  { host }: OpenedAt,
  now: number,
): Promise<PublicKeyCredentialCreationOptionsJSON> {
  await shows(db, who, passphrase, now);
  const known = await listPasskeys(db, who);
  if (known.length >= MOST_KEYS) throw new Refusal(422, 'These are very many passkeys. Delete one first.');
  const options = await generateRegistrationOptions({
    rpName: 'Omtel',
    rpID: host,
    userID: new TextEncoder().encode(who.id),
    userName: who.name,
    attestationType: 'none',
    excludeCredentials: known.map(({ credentialId }) => ({ id: credentialId })),
    authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
  });
  await expectSigned(db, options.challenge, who.id, now);
  return options;
}

/**
 * Keeps a key a device has made.
 *
 * @param device on which it was made, in words
 * @throws Refusal where it does not sign what it was asked to
 */
export async function addPasskey(
  db: Database,
  who: Whose,
  response: RegistrationResponseJSON,
  { host, origin }: OpenedAt,
  { device, now }: { readonly device: string; readonly now: number },
): Promise<void> {
  const { verified, registrationInfo } = await verifyRegistrationResponse({
    response,
    expectedChallenge: (challenge) => isExpected(db, challenge, who.id, now),
    expectedOrigin: origin,
    expectedRPID: host,
    requireUserVerification: true,
  }).catch(() => {
    throw notTaken();
  });
  if (!verified) throw notTaken();
  const { id: credentialId, publicKey, counter } = registrationInfo.credential;
  try {
    await insertPasskey(db, who, {
      id: uuid(),
      credentialHash: hashOf(credentialId),
      credentialId,
      publicKey,
      counter,
      device,
      since: now,
      usedAt: null,
    });
  } catch (error) {
    if ((error as { code?: string }).code !== 'ER_DUP_ENTRY') throw error;
    throw notTaken();
  }
}

/** What a device is to sign to come in; whose key it holds it says itself, so that this tells nobody who lives here. */
export async function askPasskey(
  db: Database,
  { host }: OpenedAt,
  { now }: AtTheDoor,
): Promise<PublicKeyCredentialRequestOptionsJSON> {
  const options = await generateAuthenticationOptions({ rpID: host, userVerification: 'required' });
  await expectSigned(db, options.challenge, null, now);
  return options;
}

/** @throws Refusal, the same one whatever of it was wrong */
export async function signInByPasskey(
  db: Database,
  response: AuthenticationResponseJSON,
  { host, origin }: OpenedAt,
  { now, address }: AtTheDoor,
): Promise<Visitor> {
  const counted = [{ by: 'address', key: address }] as const;
  await admit(db, counted, now);
  const known = await findPasskey(db, hashOf(response.id), now);
  if (!known) throw shut();
  const { key, person } = known;
  const { verified, authenticationInfo } = await verifyAuthenticationResponse({
    response,
    expectedChallenge: (challenge) => isExpected(db, challenge, null, now),
    expectedOrigin: origin,
    expectedRPID: host,
    requireUserVerification: true,
    credential: { id: key.credentialId, publicKey: new Uint8Array(key.publicKey), counter: key.counter },
  }).catch(() => {
    throw shut();
  });
  if (!verified) throw shut();
  await savePasskeyUsed(db, key.id, { counter: authenticationInfo.newCounter, usedAt: now });
  await cameIn(db, counted);
  const { householdId, id, name, role } = person;
  return { householdId, person: { id, name, role } };
}

async function expectSigned(
  db: Database,
  challenge: string,
  personId: string | null,
  now: number,
): Promise<void> {
  await forgetChallenges(db, now);
  await insertChallenge(db, { challengeHash: hashOf(challenge), personId }, now + SIGNED_WITHIN_MS);
}

const isExpected = (
  db: Database,
  challenge: string,
  personId: string | null,
  now: number,
): Promise<boolean> => useChallenge(db, { challengeHash: hashOf(challenge), personId }, now);
