import { startDatabase } from './database';
import { isFree } from './ports';
import { ensureSecrets, type Secrets } from './secrets';
import { Sentence } from './sentence';

const HOME = '.omtel';
const USUAL_PORT = 4610;

/**
 * The port to listen on.
 *
 * @throws Sentence when something else listens there
 */
export async function wantedPort(): Promise<number> {
  const port = Number(process.env.OMTEL_PORT ?? USUAL_PORT);
  if (await isFree(port)) return port;
  throw new Sentence(`Port ${port} is in use. Stop what uses it, or set OMTEL_PORT to another one.`);
}

/** This checkout's own secrets and database, or the database it was told to use. */
export interface Installation {
  readonly secrets: Secrets;
  readonly databaseUrl: string;
  stop(): Promise<void>;
}

/**
 * Opens the installation of this checkout, with its database running until it is stopped.
 *
 * @throws Sentence when the database does not start
 */
export async function openInstallation(): Promise<Installation> {
  const secrets = ensureSecrets(HOME);
  const external = process.env.OMTEL_DATABASE_URL;
  if (external) return { secrets, databaseUrl: external, stop: () => Promise.resolve() };
  const database = await startDatabase(`${HOME}/database`, secrets.database);
  return { secrets, databaseUrl: database.url, stop: database.stop };
}
