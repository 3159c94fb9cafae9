import { eachMapping, TraceMap } from '@jridgewell/trace-mapping';
import { readdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import { exportWeb } from '../scripts/lib/webBuild';

const OUTPUT = resolve('.omtel', 'weighed');
const KILO = 1000;
/** What weighs less is summed up. */
const LEAST_KB = 1;

/** Whose code a source is: a package's by its name, or a part of Omtel's own. */
const ownerOf = (source: string): string =>
  /.*node_modules\/((?:@[^/]+\/)?[^/]+)\//.exec(source)?.[1] ??
  /(app|core)\/src\//.exec(source)?.[1] ??
  'the bundler';

/** Characters of a script by whose code they are. */
function charactersOf(script: string, map: string): Map<string, number> {
  const lines = script.split('\n');
  const owners = new Map<string, number>();
  let last: { line: number; column: number; owner: string } | null = null;
  const count = (line: number, column: number) => {
    if (!last) return;
    const length =
      line === last.line ? column - last.column : (lines[last.line - 1]?.length ?? 0) - last.column;
    owners.set(last.owner, (owners.get(last.owner) ?? 0) + Math.max(0, length));
  };
  eachMapping(new TraceMap(map), ({ generatedLine: line, generatedColumn: column, source }) => {
    count(line, column);
    last = { line, column, owner: ownerOf(source ?? '') };
  });
  count(Infinity, 0);
  return owners;
}

/** What each package weighs in the scripts every page begins with, as its share of what is sent. */
export async function weights(): Promise<string[]> {
  exportWeb(resolve('app'), OUTPUT, ['--source-maps']);
  const folder = join(OUTPUT, '_expo/static/js/web');
  const page = readFileSync(join(OUTPUT, 'index.html'), 'utf8');
  const starting = [...page.matchAll(/src="[^"]*\/([^/"]+\.js)"/g)].map(([, name]) => name!);
  const all = new Map<string, number>();
  for (const name of readdirSync(folder).filter((file) => starting.includes(file))) {
    const script = readFileSync(join(folder, name), 'utf8');
    const sent = brotliCompressSync(script).length;
    const owners = charactersOf(script, readFileSync(join(folder, `${name}.map`), 'utf8'));
    const sum = [...owners.values()].reduce((a, b) => a + b, 0);
    for (const [owner, length] of owners)
      all.set(owner, (all.get(owner) ?? 0) + (sent * length) / sum / KILO);
  }
  const heaviest = [...all].sort(([, a], [, b]) => b - a);
  const light = heaviest.filter(([, kB]) => kB < LEAST_KB);
  return [
    'kB on first load, compressed as it is sent',
    ...heaviest
      .filter(([, kB]) => kB >= LEAST_KB)
      .map(([owner, kB]) => `${kB.toFixed(0).padStart(4)}  ${owner}`),
    `${light
      .reduce((sum, [, kB]) => sum + kB, 0)
      .toFixed(0)
      .padStart(4)}  ${light.length} others`,
  ];
}
