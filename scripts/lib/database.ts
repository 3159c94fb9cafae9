import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { withLock } from './folderLock';
import { becomesReady, createData, homeIn, launch, THROWAWAY, urlOf } from './mariadbd';
import { freePort, isFree } from './ports';
import { commandOf, endProcess, identityOf, isAlive, runs } from './processes';
import { Sentence } from './sentence';

export interface RunningDatabase {
  readonly url: string;
  /** Settles when it no longer runs, whoever ended it. */
  readonly ended: Promise<void>;
  /** Stops it, unless another process uses it still. */
  stop(): Promise<void>;
}

interface RunFile {
  readonly pid: number;
  readonly port: number;
}

interface Options {
  /** What is in it need not outlive the machine: nothing waits for the disk. A crash of the database still loses nothing. */
  readonly throwaway?: boolean;
}

/** Another program may take a port between finding it free and listening on it. */
const MOST_PORTS = 3;
const LOOK_EVERY_MS = 250;

/**
 * Starts MariaDB on loopback with its data in a folder of the project, or joins the one that serves that folder already. The last
 * who uses it stops it.
 *
 * @param folder where data, log and run file lie; made when missing
 * @param password of the user `omtel`, who may use databases whose names begin with `omtel`
 * @throws Sentence when it cannot be installed or does not start
 */
export async function startDatabase(
  folder: string,
  password: string,
  options: Options = {},
): Promise<RunningDatabase> {
  const home = resolve(folder);
  const users = join(home, 'users');
  const me = join(users, identityOf(process.pid)!);
  mkdirSync(users, { recursive: true });
  const alone = <Result>(work: () => Promise<Result>) => withLock(join(home, 'lock'), work);

  const { pid, port } = await alone(async () => {
    const running = runningIn(home) ?? (await startIn(home, password, options));
    writeFileSync(me, '');
    return running;
  });
  return {
    url: urlOf(port, password),
    ended: endOf(pid),
    stop: () =>
      alone(async () => {
        rmSync(me, { force: true });
        if (usersIn(users).length === 0) await endProcess(pid);
      }),
  };
}

/** Those who use the database of a folder. */
export const usersOf = (folder: string): readonly string[] => usersIn(join(resolve(folder), 'users'));

/** Those who use a database and have not ended. */
function usersIn(users: string): readonly string[] {
  const named = readdirSync(users);
  for (const gone of named.filter((user) => !runs(user))) rmSync(join(users, gone), { force: true });
  return named.filter(runs);
}

const runFileIn = (home: string) => join(home, 'run.json');

/** The database that serves a folder, if one does: numbers are used again, and the next folder's name may begin alike. */
function runningIn(home: string): RunFile | null {
  const file = runFileIn(home);
  const known = existsSync(file) ? (JSON.parse(readFileSync(file, 'utf8')) as RunFile) : null;
  return known && isAlive(known.pid) && commandOf(known.pid).includes(`--datadir=${homeIn(home).data}`)
    ? known
    : null;
}

async function startIn(folder: string, password: string, { throwaway = false }: Options): Promise<RunFile> {
  const home = homeIn(folder);
  if (!existsSync(join(home.data, 'mysql'))) createData(home);
  for (let tried = 0; tried < MOST_PORTS; tried++) {
    const port = await portFor(folder);
    const server = launch(home, port, password, throwaway ? THROWAWAY : []);
    const run: RunFile = { pid: server.pid!, port };
    writeFileSync(runFileIn(folder), JSON.stringify(run));
    if (await becomesReady(urlOf(port, password), run.pid)) return run;
    await endProcess(run.pid);
  }
  throw new Sentence(`The database does not start; ${home.log} says why.`);
}

/** The port it had last, so that who was connected finds it again; another where that is taken. */
async function portFor(home: string): Promise<number> {
  const file = runFileIn(home);
  const last = existsSync(file) ? (JSON.parse(readFileSync(file, 'utf8')) as RunFile).port : null;
  rmSync(file, { force: true });
  return last !== null && (await isFree(last)) ? last : freePort();
}

/** Settles when a process has ended. It may be nobody's child here, so it is looked at from time to time. */
export function endOf(pid: number): Promise<void> {
  return new Promise((resolve) => {
    const look = setInterval(() => {
      if (isAlive(pid)) return;
      clearInterval(look);
      resolve();
    }, LOOK_EVERY_MS);
    look.unref();
  });
}
