import { isFree } from './lib/ports';
import { startDatabase } from './lib/database';
import { ensureSecrets } from './lib/secrets';
import { Sentence, run } from './lib/sentence';
import { startServer } from './lib/serverProcess';
import { ensureWebBuild } from './lib/webBuild';

const HOME = '.omtel';

/** Everything from a fresh checkout to the address to open; Ctrl-C stops all that was started. */
run(async () => {
  const port = Number(process.env.OMTEL_PORT ?? 4610);
  if (!(await isFree(port)))
    throw new Sentence(`Port ${port} is in use. Stop what uses it, or set OMTEL_PORT to another one.`);
  const secrets = ensureSecrets(HOME);
  const webRoot = ensureWebBuild();
  const external = process.env.OMTEL_DATABASE_URL;
  const database = external ? null : await startDatabase(`${HOME}/database`, secrets.database);
  try {
    const server = await startServer({
      OMTEL_DATABASE_URL: external ?? database!.url,
      OMTEL_PORT: String(port),
      OMTEL_SECRET: secrets.session,
      OMTEL_WEB_ROOT: webRoot,
    });
    console.log(`Omtel is ready: ${server.address}`);
    const stop = () => void server.stop();
    process.on('SIGINT', stop);
    process.on('SIGTERM', stop);
    await server.ended;
  } finally {
    await database?.stop();
  }
});
