import { serve } from '@hono/node-server';
import { fixedClock, systemClock } from './clock';
import { ConfigProblem, readConfig } from './config';
import { connect, migrate } from './db/connect';
import { ensureDemoHousehold } from './demo/demoHousehold';
import { createApp } from './http/app';
import { refoldStale } from './services/refold';

const KEEP_ALIVE_MS = 65_000;

/** Starts the server and says so on standard output; every way it can fail is one sentence on standard error. */
async function main(): Promise<void> {
  const config = readConfig(process.env);
  const wall = config.fixedClock === null ? systemClock : fixedClock(config.fixedClock);
  const db = connect(config.databaseUrl);
  await migrate(db);
  await refoldStale(db);
  await ensureDemoHousehold(db, wall, config.zone);
  const app = createApp({
    db,
    wall,
    secret: config.secret,
    zone: config.zone,
    webRoot: config.webRoot,
    log: (line) => console.error(line),
  });

  const server = serve({ fetch: app.fetch, port: config.port, hostname: '127.0.0.1' }, ({ port }) => {
    console.log(`listening on http://127.0.0.1:${port}`);
  });
  server.on('error', fail);
  // Longer than a client keeps a connection for its next request, so that neither finds it closed under its hands.
  if ('keepAliveTimeout' in server) server.keepAliveTimeout = KEEP_ALIVE_MS;
  const stop = () => {
    server.close(() => void db.destroy().then(() => process.exit(0)));
    // Browsers keep connections open; what was acknowledged is in the database already.
    if ('closeAllConnections' in server) server.closeAllConnections();
  };
  process.on('SIGTERM', stop);
  process.on('SIGINT', stop);
}

function fail(error: Error & { code?: string }): never {
  if (error.code === 'EADDRINUSE')
    console.error(`Port ${process.env.OMTEL_PORT ?? 4610} is in use. Set OMTEL_PORT to another one.`);
  else if (error instanceof ConfigProblem) console.error(error.message);
  else if (error.code) console.error(`The database cannot be used (${error.code}).`);
  else console.error(`The server could not start (${error.name}: ${error.message}).`);
  process.exit(1);
}

main().catch(fail);
