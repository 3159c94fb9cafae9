import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join, relative, resolve } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import { Sentence } from './sentence';
import { writeServiceWorker } from './serviceWorker';

const APP = resolve('app');
const DIST = join(APP, 'dist');
const STAMP = resolve('.omtel', 'web-build.json');
/** All that the web client is built from. */
const SOURCES = [
  'app/index.ts',
  'app/src',
  'app/public',
  'app/service',
  'app/app.json',
  'app/babel.config.js',
  'app/metro.config.js',
  'app/package.json',
  'core/src',
  'package-lock.json',
];

interface Stamp {
  readonly sources: string;
  readonly files: Record<string, number>;
}

/**
 * Builds the web client when its sources changed since the last build or the build is damaged.
 *
 * @returns the folder to serve
 * @throws Sentence when it cannot be built
 */
export async function ensureWebBuild(): Promise<string> {
  const sources = hashOf(SOURCES);
  const stamp = existsSync(STAMP) ? (JSON.parse(readFileSync(STAMP, 'utf8')) as Stamp) : null;
  if (stamp?.sources === sources) {
    if (isWhole(stamp)) return DIST;
    console.log('The built web client is damaged; building it again …');
  } else {
    console.log('Building the web client; this takes a minute or two …');
  }
  rmSync(DIST, { recursive: true, force: true });
  exportWeb(APP, DIST);
  await writeServiceWorker(DIST);
  compress(DIST);
  mkdirSync(resolve('.omtel'), { recursive: true });
  const files = Object.fromEntries(filesIn(DIST).map((file) => [relative(DIST, file), statSync(file).size]));
  writeFileSync(STAMP, JSON.stringify({ sources, files } satisfies Stamp));
  return DIST;
}

/**
 * Exports an Expo project for the web.
 *
 * @param more flags of its own
 * @throws Sentence naming the log when it fails
 */
export function exportWeb(project: string, output: string, more: readonly string[] = []): void {
  const env = { ...process.env, CI: '1', EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', NODE_ENV: 'production' };
  const built = spawnSync('npx', ['expo', 'export', '-p', 'web', '--output-dir', output, ...more], {
    cwd: project,
    env,
    encoding: 'utf8',
  });
  if (built.status === 0 && existsSync(join(output, 'index.html'))) return;
  mkdirSync(resolve('.omtel'), { recursive: true });
  const log = resolve('.omtel', 'web-build.log');
  writeFileSync(log, `${built.stdout}\n${built.stderr}`);
  throw new Sentence(`The web client could not be built; ${log} says why.`);
}

const isWhole = ({ files }: Stamp): boolean =>
  Object.entries(files).every(
    ([file, size]) => existsSync(join(DIST, file)) && statSync(join(DIST, file)).size === size,
  );

/** Compressed copies beside the files, so that no request waits for compression. */
function compress(folder: string): void {
  for (const file of filesIn(folder)) {
    if (!/\.(js|html|json|webmanifest|css|ttf|svg)$/.test(file)) continue;
    const content = readFileSync(file);
    writeFileSync(`${file}.gz`, gzipSync(content, { level: 9 }));
    writeFileSync(
      `${file}.br`,
      brotliCompressSync(content, { params: { [constants.BROTLI_PARAM_QUALITY]: 9 } }),
    );
  }
}

export function filesIn(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true })
    .sort((a, b) => (a.name < b.name ? -1 : 1))
    .flatMap((entry) =>
      entry.isDirectory() ? filesIn(join(folder, entry.name)) : [join(folder, entry.name)],
    );
}

function hashOf(paths: readonly string[]): string {
  const hash = createHash('sha256');
  const files = paths
    .filter((path) => existsSync(path))
    .flatMap((path) => (statSync(path).isDirectory() ? filesIn(path) : [path]));
  for (const file of files.filter((path) => !/\.test\.tsx?$/.test(path)))
    hash.update(file).update(readFileSync(file));
  return hash.digest('hex');
}
