import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const ROOT = join(__dirname, '..');
/** The text of every test there is, with the table it goes through, by its file's name; what is called alike stands together. */
const tests = new Map<string, string>();
for (const room of ['core', 'app', 'server'])
  for (const path of readdirSync(join(ROOT, room, 'src'), { recursive: true, encoding: 'utf8' })) {
    const name = /(?:testing\/(\w+)|(\w+)\.test)\.tsx?$/.exec(path);
    if (!name) continue;
    const key = `${name[1] ?? name[2]}.test`;
    tests.set(key, (tests.get(key) ?? '') + readFileSync(join(ROOT, room, 'src', path), 'utf8'));
  }
const guidance = readFileSync(join(ROOT, 'docs/guidance.md'), 'utf8');
const duties = guidance.split('\n').flatMap((line) => {
  const [, duty, shown] = line.split('|').map((cell) => cell.trim());
  return duty?.startsWith('§') && shown ? [[duty, shown] as const] : [];
});

describe('the duties of docs/guidance.md', () => {
  it('are of every section that has some', () =>
    expect(new Set(duties.map(([duty]) => duty.split(' ')[0]))).toEqual(
      new Set(['§1', '§2', '§3', '§4', '§5', '§6', '§7', '§9', '§12']),
    ));

  it.each(duties)('“%s” is held by tests that exist', (_duty, shown) => {
    const held = shown.split('; ').map((each) => {
      const [, file] = /^`([\w.]+)`/.exec(each) ?? [];
      const names = [...each.matchAll(/“([^”]+)”/g)].map(([, name]) => name!);
      expect(names.length).toBeGreaterThan(0);
      return names.filter((name) => !tests.get(file!)?.includes(name));
    });
    expect(held.flat()).toEqual([]);
  });
});
