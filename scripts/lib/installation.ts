import { startDatabase, type RunningDatabase } from './database';
import { isFree } from './ports';
import { ensureSecrets, type Secrets } from './secrets';
import { Sentence } from './sentence';

export const HOME = '.omtel';
export const USUAL_PORT = 4610;

/**
 * The port to listen on.
 *
 * @throws Sentence when it is none, or something else listens there
 */
export async function wantedPort(): Promise<number> {
  const port = Number(process.env.OMTEL_PORT || USUAL_PORT);
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new Sentence('The setting OMTEL_PORT is not usable: it has to be a whole number up to 65535.');
  if (port === 0 || (await isFree(port))) return port;
  throw new Sentence(`Port ${port} is in use. Stop what uses it, or set OMTEL_PORT to another one.`);
}

/** This checkout's own secrets, made when there are none, or what signs sessions as it was told: servers of one cluster share it. */
export function secretsHere(): Secrets {
  const own = ensureSecrets(HOME);
  return { ...own, session: process.env.OMTEL_SECRET || own.session };
}

/**
 * This checkout's own database, running until it is stopped, or the one it was told to use.
 *
 * @throws Sentence when the database does not start
 */
export async function openDatabase({ database }: Secrets): Promise<RunningDatabase> {
  const external = process.env.OMTEL_DATABASE_URL;
  if (external) return { url: external, ended: new Promise(() => undefined), stop: () => Promise.resolve() };
  return startDatabase(`${HOME}/database`, database);
}
