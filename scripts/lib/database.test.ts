import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createConnection } from 'mysql2/promise';
import { startDatabase } from './database';
import { withLock } from './folderLock';
import { identityOf, isAlive, runs } from './processes';

jest.setTimeout(120_000);

const folder = mkdtempSync(join(tmpdir(), 'omtel-database-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const start = (password = 'some-password') => startDatabase(folder, password, { throwaway: true });
const run = () => JSON.parse(readFileSync(join(folder, 'run.json'), 'utf8')) as { pid: number; port: number };

it('of those who use a database the last stops it; one that was killed is found again at its port', async () => {
  // Two at once start one.
  const [one, other] = await Promise.all([start(), start()]);
  expect(one.url).toBe(other.url);
  const first = run();
  expect(isAlive(first.pid)).toBe(true);

  process.kill(first.pid, 'SIGKILL');
  await one.ended;
  const again = await start();
  expect(again.url).toBe(one.url);
  expect(run().pid).not.toBe(first.pid);
  const connection = await createConnection(again.url);
  await connection.query('SELECT 1');
  await connection.end();

  // Somebody else in another process uses it, and then is gone.
  const users = join(folder, 'users');
  writeFileSync(join(users, identityOf(process.ppid)!), '');
  await again.stop();
  expect(isAlive(run().pid)).toBe(true);
  const last = await start();
  rmSync(join(users, identityOf(process.ppid)!));
  writeFileSync(join(users, '999999-1'), '');
  await last.stop();
  expect(isAlive(run().pid)).toBe(false);
});

it('a run file that names another program, or another folder’s database, is not believed', async () => {
  const elsewhere = `${folder}-2`;
  mkdirSync(elsewhere, { recursive: true });
  const mine = await start();
  const { pid } = run();
  writeFileSync(join(elsewhere, 'run.json'), JSON.stringify({ pid, port: run().port }));
  const other = await startDatabase(elsewhere, 'other-password', { throwaway: true });
  expect(other.url).not.toContain(`:${run().port}/`);
  await other.stop();
  expect(isAlive(pid)).toBe(true);
  await mine.stop();
  rmSync(elsewhere, { recursive: true });
});

describe('a lock in a folder', () => {
  const file = join(tmpdir(), `omtel-lock-${process.pid}`);

  it('is had by one at a time, and given back by whoever fails', async () => {
    let [inside, most] = [0, 0];
    const work = async () => {
      most = Math.max(most, ++inside);
      await new Promise((resume) => setTimeout(resume, 20));
      inside--;
    };
    await Promise.all([withLock(file, work), withLock(file, work), withLock(file, work)]);
    expect(most).toBe(1);
    await expect(withLock(file, () => Promise.reject(new Error('no')))).rejects.toThrow('no');
    await withLock(file, work);
  });

  it('is taken over from one that is gone', async () => {
    writeFileSync(file, '999999-1');
    await withLock(file, async () => expect(readFileSync(file, 'utf8')).toBe(identityOf(process.pid)));
  });
});

it('a process is known by its beginning as well: its number is used again', () => {
  const me = identityOf(process.pid)!;
  expect(runs(me)).toBe(true);
  expect(runs(me.replace(/-.*/, '-1'))).toBe(false);
  expect(identityOf(999_999)).toBeNull();
});
