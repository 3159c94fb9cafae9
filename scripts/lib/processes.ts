import { readFileSync } from 'node:fs';
import { setTimeout as pause } from 'node:timers/promises';

/** Whether a process runs. A child that ended but was not waited for still answers to its number. */
export const isAlive = (pid: number): boolean => {
  const stat = read(pid, 'stat');
  return stat !== null && !/\) Z /.test(stat);
};

/** What a process was started with, word by word; empty when there is none. */
export const commandOf = (pid: number): readonly string[] => (read(pid, 'cmdline') ?? '').split('\0');

/** Names a process for good: numbers are used again, but not with the same beginning. Null when there is none. */
export function identityOf(pid: number): string | null {
  const stat = read(pid, 'stat');
  // The name in brackets may hold anything; what follows it is counted from the state on.
  const began = stat?.slice(stat.lastIndexOf(')') + 2).split(' ')[19];
  return began ? `${pid}-${began}` : null;
}

/** Whether the process of an identity still runs. */
export function runs(identity: string): boolean {
  const pid = Number(identity.split('-')[0]);
  return isAlive(pid) && identityOf(pid) === identity;
}

/** Asks a process to end, and waits until it has. */
export async function endProcess(pid: number): Promise<void> {
  if (isAlive(pid)) process.kill(pid, 'SIGTERM');
  while (isAlive(pid)) await pause(50);
}

function read(pid: number, what: 'stat' | 'cmdline'): string | null {
  try {
    return readFileSync(`/proc/${pid}/${what}`, 'utf8');
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === undefined) throw error;
    return null;
  }
}
