import { serve, type ServerType } from '@hono/node-server';
import { pushService } from '@omtel/devices/push';
import { fixedClock, systemClock } from './clock';
import { ConfigProblem, readConfig } from './config';
import { connect } from './db/connect';
import { migrate } from './db/migrate';
import { ensureDemoHousehold } from './demo/demoHousehold';
import { createApp } from './http/app';
import { jsonLog } from './log';
import { deleteWhatCloses } from './services/closing';
import { liveFrom } from './services/live';
import { refoldBehind } from './services/refolding';
import { remindFrom } from './services/reminding';

const KEEP_ALIVE_MS = 65_000;
const LAST_REQUESTS_MS = 10_000;

/** Starts the server and says so on standard output; every way it can fail is one sentence on standard error. */
async function main(): Promise<void> {
  const config = readConfig(process.env);
  const wall = config.fixedClock === null ? systemClock : fixedClock(config.fixedClock);
  await migrate(config.databaseUrl);
  const db = connect(config.databaseUrl);
  await ensureDemoHousehold(db, wall, config.zone);
  const log = jsonLog((line) => console.log(line));
  const live = liveFrom(db);
  let own = '';
  const pushing = { db, post: fetch, pushServices: () => [own, ...config.pushServices] };
  const reminding = remindFrom(pushing, wall, log);
  const app = createApp({
    db,
    wall,
    secret: config.secret,
    zone: config.zone,
    webRoot: config.webRoot,
    hosts: config.hosts,
    refolding: await refoldBehind(db, log),
    live,
    pushing,
    pushService: pushService(() => `${own}/push`),
    log,
  });

  deleteWhatCloses(db, log);
  const server = serve({ fetch: app.fetch, port: config.port, hostname: '127.0.0.1' }, ({ port }) => {
    own = `http://127.0.0.1:${port}`;
    console.log(`listening on ${own}`);
  });
  server.on('error', fail);
  // Longer than a client keeps a connection for its next request, so that neither finds it closed under its hands.
  if ('keepAliveTimeout' in server) server.keepAliveTimeout = KEEP_ALIVE_MS;
  const stop = () => {
    // Who listens would be waited for.
    live.end();
    reminding.end();
    void stopped(server)
      .then(() => db.destroy())
      .then(() => process.exit(0));
  };
  process.once('SIGTERM', stop);
  process.once('SIGINT', stop);
  // Whoever started it holds the other end, and is gone when that closes.
  if (process.env.OMTEL_SUPERVISED) process.stdin.once('end', stop).resume();
}

/** Lets the event loop go round. */
const oneTurn = () => new Promise((resume) => setTimeout(() => setImmediate(resume), TURN_MS));
const TURN_MS = 20;
const MOST_TURNS = 100;

/**
 * Lets in whoever has come to the door already, and hears them: once it is shut they would be turned away without a word. A busy
 * server lets in one a turn.
 */
async function heardOut(server: ServerType): Promise<void> {
  let came = true;
  server.on('connection', () => {
    came = true;
  });
  for (let turn = 0; came && turn < MOST_TURNS; turn++) {
    came = false;
    await oneTurn();
  }
  await oneTurn();
}

/** Takes no more requests, and lets those under way finish: not for ever, since a client may never read its answer. */
async function stopped(server: ServerType): Promise<void> {
  await heardOut(server);
  const closed = new Promise((resolve) => server.close(resolve));
  if (!('closeIdleConnections' in server)) return void (await closed);
  // A connection that is done with its request stays open for the next one, which will not come.
  const idle = setInterval(() => setImmediate(() => server.closeIdleConnections()), TURN_MS);
  const last = setTimeout(() => server.closeAllConnections(), LAST_REQUESTS_MS);
  await closed;
  clearInterval(idle);
  clearTimeout(last);
}

/** What the database’s driver calls its troubles, and what the network does. */
const DATABASE = /^(ER_|PROTOCOL_|ECONN|ETIMEDOUT|ENOTFOUND|EHOSTUNREACH|EPIPE)/;

function fail(error: Error & { code?: string }): never {
  if (error.code === 'EADDRINUSE')
    console.error(`Port ${process.env.OMTEL_PORT ?? 4610} is in use. Set OMTEL_PORT to another one.`);
  else if (error instanceof ConfigProblem) console.error(error.message);
  else if (DATABASE.test(error.code ?? '')) console.error(`The database cannot be used (${error.code}).`);
  else console.error(`The server could not start (${error.name}: ${error.message}).`);
  process.exit(1);
}

main().catch(fail);
