import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { serveStatic } from '@hono/node-server/serve-static';
import { Hono } from 'hono';

/** File names that carry a hash of their contents never change. */
const HASHED = /[.-][0-9a-f]{16,}\.\w+$/;

/** Serves the built web client, compressed beforehand; every address that is no file is the app's own. */
export function webClient(root: string): Hono {
  const page = readFileSync(join(root, 'index.html'), 'utf8');
  const app = new Hono();
  app.use(
    '*',
    serveStatic({
      root,
      precompressed: true,
      rewriteRequestPath: (path) => (path === '/' ? '/none' : path),
      onFound: (path, c) => {
        c.header(
          'cache-control',
          HASHED.test(path.replace(/\.(br|gz)$/, '')) ? 'public, max-age=31536000, immutable' : 'no-cache',
        );
      },
    }),
  );
  app.get('*', (c) => {
    c.header('cache-control', 'no-cache');
    return c.html(page);
  });
  return app;
}
