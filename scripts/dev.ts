import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { startDatabase } from './lib/database';
import { freePort, isFree } from './lib/ports';
import { ensureSecrets } from './lib/secrets';
import { Sentence, run } from './lib/sentence';
import { startServer } from './lib/serverProcess';

const HOME = '.omtel';

/** The same as start, but every saved file shows at once: the client reloads, the server starts again. */
run(async () => {
  const port = Number(process.env.OMTEL_PORT ?? 4610);
  if (!(await isFree(port)))
    throw new Sentence(`Port ${port} is in use. Stop what uses it, or set OMTEL_PORT to another one.`);
  const secrets = ensureSecrets(HOME);
  const external = process.env.OMTEL_DATABASE_URL;
  const database = external ? null : await startDatabase(`${HOME}/database`, secrets.database);
  try {
    const server = await startServer(
      {
        OMTEL_DATABASE_URL: external ?? database!.url,
        OMTEL_PORT: String(await freePort()),
        OMTEL_SECRET: secrets.session,
      },
      true,
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
    await database?.stop();
  }
});
