import { randomBytes } from 'node:crypto';
import { existsSync, linkSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

export interface Secrets {
  /** Signs session cookies. */
  readonly session: string;
  /** The database user's password. */
  readonly database: string;
}

/** The secrets of this installation, made once and kept in its ignored folder, readable by its owner only. */
export function ensureSecrets(folder: string): Secrets {
  const file = join(folder, 'secrets.json');
  if (existsSync(file)) return JSON.parse(readFileSync(file, 'utf8')) as Secrets;
  mkdirSync(folder, { recursive: true });
  const secrets = { session: randomBytes(32).toString('hex'), database: randomBytes(24).toString('hex') };
  const own = `${file}.${process.pid}`;
  writeFileSync(own, JSON.stringify(secrets), { mode: 0o600 });
  try {
    // Whole or not at all, and of two that start at once the first.
    linkSync(own, file);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
  } finally {
    rmSync(own);
  }
  return JSON.parse(readFileSync(file, 'utf8')) as Secrets;
}
