import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { openDatabase, secretsHere, wantedPort } from './lib/installation';
import { freePort } from './lib/ports';
import { run } from './lib/sentence';
import { startServer } from './lib/serverProcess';

/** The same as start, but every saved file shows at once: the client reloads, the server starts again. */
run(async () => {
  const port = await wantedPort();
  const secrets = secretsHere();
  const database = await openDatabase(secrets);
  try {
    const server = await startServer(
      {
        OMTEL_DATABASE_URL: database.url,
        OMTEL_PORT: String(await freePort()),
        OMTEL_SECRET: secrets.session,
      },
      { watch: true },
    );
    const client = spawn(
      join('..', 'node_modules', '.bin', 'expo'),
      ['start', '--web', '--port', String(port)],
      {
        cwd: 'app',
        stdio: ['ignore', 'inherit', 'inherit'],
        env: {
          ...process.env,
          OMTEL_API: server.address,
          BROWSER: 'none',
          EXPO_OFFLINE: '1',
          EXPO_NO_TELEMETRY: '1',
        },
      },
    );
    const stop = () => client.kill('SIGTERM');
    process.on('SIGINT', stop);
    process.on('SIGTERM', stop);
    await new Promise((resolve) => client.once('exit', resolve));
    await server.stop();
  } finally {
    await database.stop();
  }
});
