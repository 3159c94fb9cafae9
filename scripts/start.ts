import { openInstallation } from './lib/installation';
import { run } from './lib/sentence';
import { startServer } from './lib/serverProcess';
import { ensureWebBuild } from './lib/webBuild';

/** Everything from a fresh checkout to the address to open; Ctrl-C stops all that was started. */
run(async () => {
  const installation = await openInstallation();
  try {
    const server = await startServer({
      OMTEL_DATABASE_URL: installation.databaseUrl,
      OMTEL_PORT: String(installation.port),
      OMTEL_SECRET: installation.secrets.session,
      OMTEL_WEB_ROOT: ensureWebBuild(),
    });
    console.log(`Omtel is ready: ${server.address}`);
    const stop = () => void server.stop();
    process.on('SIGINT', stop);
    process.on('SIGTERM', stop);
    await server.ended;
  } finally {
    await installation.stop();
  }
});
