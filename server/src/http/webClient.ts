import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { serveStatic } from '@hono/node-server/serve-static';
import { Hono, type Context } from 'hono';
import { compress } from 'hono/compress';
import { TOLD_IN_PAGE, type FirstPage } from '@omtel/core/api';

/** File names that carry a hash of their contents never change. */
const HASHED = /[.-][0-9a-f]{16,}\.\w+$/;

/** What only a file is named like: built ones, and those in their folders. */
const FILE = /^\/(_expo|assets)\/|[.-][0-9a-f]{16,}\.\w+$/;

const notThere = (c: Context) =>
  c.text('This file is not there any more. Reload the page.', 404, { 'cache-control': 'no-store' });

/** The places that list the household's foods, and so are told of them in the page. */
const LISTING = /^\/(now|plan|stores)$/;

/** What is told in the page as text, which no tag inside it can end. */
const toldIn = (told: FirstPage): string =>
  `<script id="${TOLD_IN_PAGE}" type="application/json">${JSON.stringify(told).replaceAll('<', '\\u003c')}</script>`;

/**
 * Serves the built web client, compressed beforehand; every address that is no file is the app's own.
 *
 * @param firstPage what to tell in a page that lists foods, so that it need not ask; null when nobody is signed in
 */
export function webClient(root: string, firstPage?: (c: Context) => Promise<FirstPage | null>): Hono {
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
  app.use('*', compress());
  // A file of another build is no page: a client that asks for it has to learn that it is gone.
  app.get('*', (c, next) => (FILE.test(c.req.path) ? notThere(c) : next()));
  app.get('*', async (c) => {
    const told = LISTING.test(c.req.path) ? await firstPage?.(c) : null;
    // What is a household's own is kept by no cache, and never shown from one on the way back.
    c.header('cache-control', told ? 'no-store' : 'no-cache');
    return c.html(told ? page.replace('</head>', () => `${toldIn(told)}</head>`) : page);
  });
  return app;
}
