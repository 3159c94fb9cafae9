import { readdirSync, readFileSync } from 'node:fs';
import { drawn, redrawn, structure, type Structure } from './lib/structure';

const rooms = readdirSync('core/src', { withFileTypes: true })
  .filter((entry) => entry.isDirectory() && entry.name !== 'testing')
  .map(({ name }) => name);

describe('the structure', () => {
  it('is drawn in docs/architecture.md as it is', () => {
    const page = readFileSync('docs/architecture.md', 'utf8');
    expect(redrawn(page, drawn(structure()))).toBe(page);
  });

  it('is drawn without what follows from other imports', () => {
    const house: Structure = new Map([
      ['roof', new Set(['walls', 'ground'])],
      ['walls', new Set(['ground'])],
      ['ground', new Set<string>()],
    ]);
    expect(drawn(house)).toBe('flowchart TD\n  roof --> walls\n  walls --> ground');
  });

  it.each(rooms)('core/src/%s says in its index what lives there, and lets out names alone', (room) => {
    const index = readFileSync(`core/src/${room}/index.ts`, 'utf8');
    expect(index).toMatch(/^\/\*\*\n( \* .+\n){2,4} \*\/\nexport /);
    expect(
      index.replace(/\/\*\*[^]*?\*\//, '').replace(/export (type )?\{[^}]*\} from '[^']+';/g, ''),
    ).toMatch(/^\s*$/);
  });

  it.each(rooms)('core/src/%s is in the table of docs/architecture.md', (room) => {
    expect(readFileSync('docs/architecture.md', 'utf8')).toContain(`\n| \`${room}\` `);
  });
});
