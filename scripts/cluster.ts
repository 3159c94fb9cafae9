import { runCluster } from './lib/cluster/run';
import { HOME, secretsHere, wantedPort } from './lib/installation';
import { interruption } from './lib/interruption';
import { freePort } from './lib/ports';
import { run } from './lib/sentence';
import { ensureWebBuild } from './lib/webBuild';

/** Omtel on more than one machine, to be tried on this one: three nodes of a database and two servers, until Ctrl-C. */
run(async () => {
  const ports = [await wantedPort(), await freePort()];
  const webRoot = await ensureWebBuild();
  const stopping = interruption();
  const secrets = secretsHere();
  await runCluster({
    folder: `${HOME}/cluster`,
    password: secrets.database,
    servers: ports.map((port) => ({
      OMTEL_PORT: String(port),
      OMTEL_SECRET: secrets.session,
      OMTEL_WEB_ROOT: webRoot,
    })),
    stopping,
    say: (sentence) => console.log(sentence),
    started: ({ address }, index) =>
      console.log(`Omtel is ready at the ${index === 0 ? 'first' : 'second'} server: ${address}`),
  });
});
