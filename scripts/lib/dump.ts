import { spawn } from 'node:child_process';
import { createReadStream, createWriteStream, renameSync } from 'node:fs';
import type { Readable, Writable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import { ensureProgram } from './debian';
import { Sentence } from './sentence';

/** How MariaDB's own programs are told where a database is. The password is not among the words everybody can read. */
function connectionOf(databaseUrl: string): { words: string[]; env: NodeJS.ProcessEnv; name: string } {
  const { hostname, port, username, password, pathname } = new URL(databaseUrl);
  return {
    words: [
      '--no-defaults',
      '--protocol=tcp',
      `--host=${hostname}`,
      `--port=${port || 3306}`,
      `--user=${decodeURIComponent(username)}`,
    ],
    env: { ...process.env, MYSQL_PWD: decodeURIComponent(password) },
    name: pathname.slice(1),
  };
}

/**
 * Writes all of a database into a compressed file of plain SQL, as it was at one moment, while it goes on being used.
 *
 * @throws Sentence when it cannot be read; no file is left then
 */
export async function dumpInto(databaseUrl: string, file: string): Promise<void> {
  const { words, env, name } = connectionOf(databaseUrl);
  const program = ensureProgram('mariadb-dump', 'mariadb-client');
  const child = spawn(program, [...words, '--single-transaction', '--skip-dump-date', '--hex-blob', name], {
    env,
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  const ended = outcomeOf(child, 'The database could not be read');
  const unfinished = `${file}.part`;
  await Promise.all([pipeline(child.stdout, createGzip(), createWriteStream(unfinished)), ended]);
  renameSync(unfinished, file);
}

/**
 * Reads such a file into an empty database.
 *
 * @throws Sentence when it is no such file, or the database refuses it
 */
export async function loadFrom(file: string, databaseUrl: string): Promise<void> {
  const { words, env, name } = connectionOf(databaseUrl);
  const child = spawn(ensureProgram('mariadb', 'mariadb-client'), [...words, name], {
    env,
    stdio: ['pipe', 'ignore', 'pipe'],
  });
  const ended = outcomeOf(child, `${file} could not be read in`);
  try {
    await pipeline(createReadStream(file), createGunzip(), child.stdin);
  } catch (error) {
    child.kill();
    await ended.catch(() => undefined);
    throw new Sentence(
      (error as NodeJS.ErrnoException).code === 'ENOENT'
        ? `There is no file ${file}.`
        : `${file} is no whole backup of Omtel.`,
    );
  }
  await ended;
}

interface Child {
  readonly stderr: Readable;
  readonly stdin: Writable | null;
  once(event: 'exit', listener: (code: number | null) => void): unknown;
}

function outcomeOf(child: Child, failed: string): Promise<void> {
  let said = '';
  child.stderr.on('data', (chunk: Buffer) => (said += chunk.toString()));
  return new Promise((resolve, reject) => {
    child.once('exit', (code) => {
      if (code === 0) resolve();
      else reject(new Sentence(`${failed}: ${said.trim().split('\n')[0] || `it ended with ${code}`}`));
    });
  });
}
