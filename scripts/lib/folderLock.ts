import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { setTimeout as pause } from 'node:timers/promises';
import { identityOf, runs } from './processes';
import { Sentence } from './sentence';

const LOOK_EVERY_MS = 50;

/**
 * Does something while no other process does what asks for the same lock file; one whose holder is gone is taken over.
 *
 * @param refusal what is said instead of waiting for another; it is waited for if nothing is
 * @throws Sentence with the refusal
 */
export async function withLock<Result>(
  file: string,
  work: () => Promise<Result>,
  refusal?: string,
): Promise<Result> {
  while (!take(file)) {
    if (refusal && runs(holderOf(file))) throw new Sentence(refusal);
    await pause(LOOK_EVERY_MS);
  }
  try {
    return await work();
  } finally {
    rmSync(file, { force: true });
  }
}

function take(file: string): boolean {
  try {
    writeFileSync(file, identityOf(process.pid)!, { flag: 'wx' });
    return true;
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
    if (!runs(holderOf(file))) rmSync(file, { force: true });
    return false;
  }
}

function holderOf(file: string): string {
  try {
    return readFileSync(file, 'utf8');
  } catch (error) {
    // It was given back a moment ago.
    if ((error as NodeJS.ErrnoException).code !== 'ENOENT') throw error;
    return '';
  }
}
