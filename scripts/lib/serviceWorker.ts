import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { build } from 'esbuild';
import { injectManifest } from 'workbox-build';

/** File names that carry a hash of their contents need no other mark of their version. */
const HASHED = /[.-][0-9a-f]{16,}\.\w+$/;
/** More than the largest file of a build: none is left out. */
const LARGEST_FILE = 8 * 1024 * 1024;

/**
 * Writes the service worker beside a built web client, with the list of all its files.
 *
 * @param dist the built client
 */
export async function writeServiceWorker(dist: string): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'omtel-service-'));
  try {
    const swSrc = join(folder, 'service.js');
    await build({
      entryPoints: [resolve('app/service/service.ts')],
      outfile: swSrc,
      bundle: true,
      minify: true,
      format: 'iife',
      target: 'es2022',
      define: { 'process.env.NODE_ENV': '"production"' },
    });
    await injectManifest({
      swSrc,
      swDest: join(dist, 'service-worker.js'),
      globDirectory: dist,
      globPatterns: ['**/*.{js,css,html,ttf,png,svg,webmanifest}'],
      dontCacheBustURLsMatching: HASHED,
      maximumFileSizeToCacheInBytes: LARGEST_FILE,
    });
  } finally {
    rmSync(folder, { recursive: true });
  }
}
