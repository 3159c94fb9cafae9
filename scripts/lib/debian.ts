import { spawnSync } from 'node:child_process';
import { accessSync, constants, existsSync } from 'node:fs';
import { delimiter, join } from 'node:path';
import { Sentence } from './sentence';

/** Another installation may be under way on the machine: its end is waited for, s. */
const LOCK_WAIT = 'DPkg::Lock::Timeout=300';

/** Where a program lies, or null. Servers live in sbin, which not every user has on the path. */
export function findProgram(name: string): string | null {
  const folders = [...(process.env.PATH ?? '').split(delimiter), '/usr/sbin', '/usr/local/sbin', '/usr/bin'];
  for (const folder of folders) {
    const path = join(folder, name);
    try {
      accessSync(path, constants.X_OK);
      return path;
    } catch (error) {
      // Not here; the next folder may have it.
      if ((error as NodeJS.ErrnoException).code === undefined) throw error;
    }
  }
  return null;
}

/**
 * Installs a program from Debian's packages when it is missing and this user may.
 *
 * @returns the program's path
 * @throws Sentence with the one command to type when it may not
 */
export const ensureProgram = (program: string, debianPackage: string): string =>
  ensure(() => findProgram(program), debianPackage);

/** The same of a file that is no program. */
export const ensureFile = (path: string, debianPackage: string): string =>
  ensure(() => (existsSync(path) ? path : null), debianPackage);

function ensure(find: () => string | null, debianPackage: string): string {
  const found = find();
  if (found) return found;
  const advice = `${debianPackage} is missing. Install it as root: apt-get install -y --no-install-recommends ${debianPackage}`;
  if (process.getuid?.() !== 0 || !findProgram('apt-get')) throw new Sentence(advice);
  console.log(`Installing ${debianPackage} from Debian’s packages …`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const apt = (...args: string[]) =>
    spawnSync('apt-get', ['-qq', '-o', LOCK_WAIT, ...args], { env, stdio: ['ignore', 'ignore', 'ignore'] })
      .status === 0;
  apt('update');
  if (!apt('install', '-y', '--no-install-recommends', debianPackage)) throw new Sentence(advice);
  const installed = find();
  if (!installed) throw new Sentence(advice);
  return installed;
}
