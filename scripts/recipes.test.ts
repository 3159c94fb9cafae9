import { existsSync, readFileSync } from 'node:fs';

/** Each recipe by its heading: what it is an example of, and the files it goes through. */
const recipes = readFileSync('CONTRIBUTING.md', 'utf8')
  .split('\n## ')
  .slice(1)
  .map((section) => ({
    title: section.slice(0, section.indexOf('\n')),
    example: /`([^`]+)`/.exec(section)![1]!,
    files: [...section.matchAll(/^\| `([^`]+)` +\|/gm)].map(([, path]) => path!),
  }));

describe('the recipes of CONTRIBUTING.md', () => {
  it('lead through adding each kind of thing there is', () =>
    expect(recipes.map(({ title }) => title.split(':')[0])).toEqual([
      'A food',
      'A rule',
      'A check',
      'An event',
      'A screen',
      'A calculator',
      'A device',
    ]));

  it.each(recipes)('$title: its example is in every file it names', ({ example, files }) => {
    expect(files.length).toBeGreaterThan(1);
    const without = files.filter(
      (path) => !existsSync(path) || !(path + readFileSync(path, 'utf8')).includes(example),
    );
    expect(without).toEqual([]);
  });
});
