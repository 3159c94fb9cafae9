import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { ensureWebBuild } from '../scripts/lib/webBuild';
import budget from './budget.json';
import { expect, test } from './kitchen';

const KILO = 1000;

/** What each script weighs as it is sent, kB, by its name. */
function scripts(dist: string): Map<string, number> {
  const folder = join(dist, '_expo/static/js/web');
  const sent = readdirSync(folder).filter((file) => file.endsWith('.js.br'));
  return new Map(sent.map((file) => [file.replace(/\.br$/, ''), statSync(join(folder, file)).size / KILO]));
}

test('what a phone is sent stays within its budget', async () => {
  const dist = await ensureWebBuild();
  const sizes = scripts(dist);
  const page = readFileSync(join(dist, 'index.html'), 'utf8');
  const starting = [...page.matchAll(/src="[^"]*\/([^/"]+\.js)"/g)].map(([, name]) => name!);
  const sum = (names: readonly string[]) => names.reduce((total, name) => total + sizes.get(name)!, 0);
  const places = [...sizes].filter(
    ([name]) => !starting.includes(name) && !/worker|^forecast-|^Drawing-|^pdf-/.test(name),
  );
  // Fetched where they are wanted: with the first chart, for a PDF, and when somebody chooses a passphrase.
  const sizeOf = (start: string) => [...sizes].find(([name]) => name.startsWith(start))![1];
  const lists = Math.max(...places.map(([, size]) => size));
  expect(starting.length).toBeGreaterThan(0);
  expect(sum(starting)).toBeLessThanOrEqual(budget.startingScripts);
  expect(lists).toBeLessThanOrEqual(budget.commonPassphrases);
  for (const [, size] of places) if (size < lists) expect(size).toBeLessThanOrEqual(budget.largestPlace);
  expect(sizeOf('Drawing-')).toBeLessThanOrEqual(budget.charts);
  expect(sizeOf('pdf-')).toBeLessThanOrEqual(budget.pdf);
  expect(sum([...sizes.keys()])).toBeLessThanOrEqual(budget.allScripts);
});
