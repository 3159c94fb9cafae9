import { startDatabase } from './database';
import { isFree } from './ports';
import { ensureSecrets, type Secrets } from './secrets';
import { Sentence } from './sentence';

const HOME = '.omtel';
const USUAL_PORT = 4610;

/** This checkout's own port, secrets and database, or the database it was told to use. */
export interface Installation {
  readonly port: number;
  readonly secrets: Secrets;
  readonly databaseUrl: string;
  stop(): Promise<void>;
}

/**
 * Opens the installation of this checkout: finds the port free and the database running.
 *
 * @throws Sentence when the port is in use or the database does not start
 */
export async function openInstallation(): Promise<Installation> {
  const port = Number(process.env.OMTEL_PORT ?? USUAL_PORT);
  if (!(await isFree(port)))
    throw new Sentence(`Port ${port} is in use. Stop what uses it, or set OMTEL_PORT to another one.`);
  const secrets = ensureSecrets(HOME);
  const external = process.env.OMTEL_DATABASE_URL;
  if (external) return { port, secrets, databaseUrl: external, stop: () => Promise.resolve() };
  const database = await startDatabase(`${HOME}/database`, secrets.database);
  return { port, secrets, databaseUrl: database.url, stop: database.stop };
}
