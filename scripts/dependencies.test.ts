import { readFileSync } from 'node:fs';

const read = (path: string): string => readFileSync(path, 'utf8');
const manifests = [
  'package.json',
  ...['core', 'server', 'app', 'e2e', 'bench', 'devices'].map((room) => `${room}/package.json`),
];
const needed = new Set(
  manifests.flatMap((path) => {
    const { dependencies, devDependencies } = JSON.parse(read(path)) as Record<
      string,
      Record<string, string>
    >;
    return Object.keys({ ...dependencies, ...devDependencies }).filter((name) => !name.startsWith('@omtel/'));
  }),
);

it('docs/dependencies.md has every package, and none besides', () => {
  const told = read('docs/dependencies.md')
    .split('\n')
    .flatMap((line) =>
      line.startsWith('| `') ? [...line.split('|')[1]!.matchAll(/`([^`]+)`/g)].map(([, name]) => name!) : [],
    );
  expect(told.toSorted()).toEqual([...needed].toSorted());
});
