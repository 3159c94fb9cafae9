import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { DECIDED } from '../app/src/features/guide/decided';

const ROOT = join(__dirname, '..');
/** The text of every test there is, with the table it goes through, by its file's name; what is called alike stands together. */
const tests = new Map<string, string>();
for (const room of ['core/src', 'app/src', 'server/src', 'scripts', 'e2e'])
  for (const path of readdirSync(join(ROOT, room), { recursive: true, encoding: 'utf8' })) {
    const name = /(?:testing\/(\w+)|(\w+)\.(test|story))\.tsx?$/.exec(path);
    if (!name) continue;
    const key = `${name[1] ?? name[2]}.${name[3] ?? 'test'}`;
    tests.set(key, (tests.get(key) ?? '') + readFileSync(join(ROOT, room, path), 'utf8'));
  }

/** The rows of a page's tables that say by which tests they are shown: those whose first cell is so. */
const rowsOf = (page: string, first: RegExp): (readonly [what: string, shown: string])[] =>
  readFileSync(join(ROOT, page), 'utf8')
    .split('\n')
    .flatMap((line) => {
      const [, what, shown] = line.split('|').map((cell) => cell.trim());
      return what && shown && first.test(what) && shown.includes('`') ? [[what, shown] as const] : [];
    });

/** The names of tests in such a cell that are in none of the files named before them. */
function unknownIn(shown: string): string[] {
  return shown.split(/; (?=`)/).flatMap((each) => {
    const [, file] = /^`([\w.]+)`/.exec(each) ?? [];
    const names = [...each.matchAll(/“([^”]+)”/g)].map(([, name]) => name!);
    expect(names.length).toBeGreaterThan(0);
    return names.filter((name) => !tests.get(file!)?.includes(name));
  });
}

describe('the duties of docs/guidance.md', () => {
  const duties = rowsOf('docs/guidance.md', /^§\d+ /);

  it('are of every section that has some', () =>
    expect(new Set(duties.map(([duty]) => duty.split(' ')[0]))).toEqual(
      new Set(['§1', '§2', '§3', '§4', '§5', '§6', '§7', '§8', '§9', '§12']),
    ));

  it.each(duties)('“%s” is held by tests that exist', (_duty, shown) => expect(unknownIn(shown)).toEqual([]));
});

describe('the promises of docs/reliability.md', () => {
  const promises = rowsOf('docs/reliability.md', /^\w.*\.$/);

  it('are many', () => expect(promises.length).toBeGreaterThan(20));

  it.each(promises)('“%s” is held by tests that exist', (_promise, shown) =>
    expect(unknownIn(shown)).toEqual([]),
  );
});

describe('what was decided where advice is silent', () => {
  const page = readFileSync(join(ROOT, 'docs/guidance.md'), 'utf8');
  const numbers = [...page.matchAll(/^\| (\d+) +\|/gm)].map(([, number]) => Number(number));

  it('is told to cooks in plain words, each decision of the list', () => {
    expect(numbers).toEqual(numbers.map((_, i) => i + 1));
    expect(DECIDED).toHaveLength(numbers.length);
  });

  it('without a figure of a rule, which would stand twice', () => {
    for (const said of DECIDED) expect(said.replace('24 hours', '')).not.toMatch(/\d/);
  });
});
