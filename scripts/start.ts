import { HOME, openDatabase, secretsHere, wantedPort } from './lib/installation';
import { interruption } from './lib/interruption';
import { run } from './lib/sentence';
import { startServer } from './lib/serverProcess';
import { supervise } from './lib/supervise';
import { ensureWebBuild } from './lib/webBuild';

/** Everything from a fresh checkout to the address to open; Ctrl-C stops all that was started. */
run(async () => {
  const port = await wantedPort();
  // Before anything runs that would have to be stopped: whatever stops a build stops this as well.
  const webRoot = await ensureWebBuild();
  const stopping = interruption();
  const secrets = secretsHere();
  await supervise({
    stopping,
    say: (sentence) => console.log(sentence),
    parts: [
      { name: 'database', start: () => openDatabase(secrets) },
      {
        name: 'server',
        needs: 'database',
        start: async (databaseUrl) => {
          const server = await startServer(
            {
              OMTEL_DATABASE_URL: databaseUrl,
              OMTEL_PORT: String(port),
              OMTEL_SECRET: secrets.session,
              OMTEL_WEB_ROOT: webRoot,
            },
            { log: `${HOME}/server.log` },
          );
          console.log(`Omtel is ready: ${server.address}`);
          return server;
        },
      },
    ],
  });
});
