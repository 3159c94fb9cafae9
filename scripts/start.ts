import { openInstallation, wantedPort } from './lib/installation';
import { run } from './lib/sentence';
import { startServer } from './lib/serverProcess';
import { ensureWebBuild } from './lib/webBuild';

/** Everything from a fresh checkout to the address to open; Ctrl-C stops all that was started. */
run(async () => {
  const port = await wantedPort();
  // Before anything runs that would have to be stopped: a build cannot be interrupted tidily.
  const webRoot = ensureWebBuild();
  const installation = await openInstallation();
  try {
    const server = await startServer({
      OMTEL_DATABASE_URL: installation.databaseUrl,
      OMTEL_PORT: String(port),
      OMTEL_SECRET: installation.secrets.session,
      OMTEL_WEB_ROOT: webRoot,
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
