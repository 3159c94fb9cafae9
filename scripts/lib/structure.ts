import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { Sentence } from './sentence';

interface Module {
  readonly source: string;
  readonly dependencies: readonly { readonly resolved: string }[];
}

/** Rooms, with those each of them imports from. */
export type Structure = ReadonlyMap<string, ReadonlySet<string>>;

const MOST_SAID = 256 * 2 ** 20;

/** The rooms of the core, the server and the app, by what their files import; tests are left out. */
export function structure(): Structure {
  const { status, stdout, stderr } = spawnSync(
    join('node_modules', '.bin', 'depcruise'),
    ['--config', '.dependency-cruiser.cjs', '--output-type', 'json', 'core/src', 'app/src', 'server/src'],
    { encoding: 'utf8', maxBuffer: MOST_SAID },
  );
  if (status === null || stdout === '') throw new Sentence(`The imports cannot be read: ${stderr}`);
  const { modules } = JSON.parse(stdout) as { modules: readonly Module[] };
  const rooms = new Map<string, Set<string>>();
  for (const { source, dependencies } of modules) {
    const room = roomOf(source);
    if (!room) continue;
    const below = rooms.get(room) ?? new Set();
    rooms.set(room, below);
    for (const { resolved } of dependencies) {
      const other = roomOf(resolved);
      if (other && other !== room) below.add(other);
    }
  }
  return rooms;
}

/** A room of the core by its name; the server and the app are one each. */
const roomOf = (file: string): string | null =>
  /^core\/src\/(\w+)\//.exec(file)?.[1] ?? /^(app|server)\/src\//.exec(file)?.[1] ?? null;

/** The rooms as a Mermaid chart: an arrow for every import that does not follow from others. */
export function drawn(rooms: Structure): string {
  const names = [...rooms.keys()].sort();
  const arrows = names.flatMap((room) =>
    [...rooms.get(room)!]
      .filter((below) => ![...rooms.get(room)!].some((via) => via !== below && reaches(rooms, via, below)))
      .sort()
      .map((below) => `  ${room} --> ${below}`),
  );
  return ['flowchart TD', ...arrows].join('\n');
}

function reaches(rooms: Structure, from: string, to: string, seen = new Set<string>()): boolean {
  if (seen.has(from)) return false;
  seen.add(from);
  return [...(rooms.get(from) ?? [])].some((next) => next === to || reaches(rooms, next, to, seen));
}

const BEGIN = '<!-- drawn by `npm run structure` -->';
const END = '<!-- end of the drawing -->';

/** A page with the drawing in it brought up to date. */
export function redrawn(page: string, drawing: string): string {
  const [before, rest] = page.split(BEGIN);
  const after = rest?.split(END)[1];
  if (after === undefined) throw new Sentence(`The page has no place for the drawing: ${BEGIN} … ${END}`);
  return `${before}${BEGIN}\n\n\`\`\`mermaid\n${drawing}\n\`\`\`\n\n${END}${after}`;
}
