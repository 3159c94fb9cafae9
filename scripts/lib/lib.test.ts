import { mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureProgram, findProgram } from './debian';
import { freePort, isFree } from './ports';
import { ensureSecrets } from './secrets';
import { Sentence } from './sentence';
import { addUp, countChecks, countJest, countPlaywright } from './testCount';

describe('counting tests', () => {
  it('adds up what passed and what failed', () => {
    expect(addUp([])).toEqual({ passed: 0, failed: 0 });
    expect(
      addUp([
        { passed: 2, failed: 1 },
        { passed: 3, failed: 0 },
      ]),
    ).toEqual({ passed: 5, failed: 1 });
    expect(countChecks([true, false, true])).toEqual({ passed: 2, failed: 1 });
  });

  it('counts a suite that could not run as a failure', () =>
    expect(countJest({ numPassedTests: 7, numFailedTests: 1, numRuntimeErrorTestSuites: 2 })).toEqual({
      passed: 7,
      failed: 3,
    }));

  it('counts an error outside any story as a failure', () => {
    const stats = { expected: 5, unexpected: 1, flaky: 1 };
    expect(countPlaywright({ stats, errors: [{}] })).toEqual({ passed: 6, failed: 2 });
  });
});

describe('ports', () => {
  it('finds one that is free, and sees when it is not', async () => {
    const port = await freePort();
    expect(await isFree(port)).toBe(true);
    const server = createServer();
    await new Promise<void>((resolve) => server.listen(port, '127.0.0.1', resolve));
    expect(await isFree(port)).toBe(false);
    await new Promise((resolve) => server.close(resolve));
    expect(await isFree(port)).toBe(true);
  });
});

describe('secrets', () => {
  const folder = mkdtempSync(join(tmpdir(), 'omtel-secrets-'));
  afterAll(() => rmSync(folder, { recursive: true }));

  it('are made once, long, and readable by their owner only', () => {
    const made = ensureSecrets(folder);
    expect(made.session.length).toBeGreaterThanOrEqual(64);
    expect(made.database).not.toBe(made.session);
    expect(ensureSecrets(folder)).toEqual(made);
    const file = join(folder, 'secrets.json');
    expect(statSync(file).mode & 0o077).toBe(0);
    expect(JSON.parse(readFileSync(file, 'utf8'))).toEqual(made);
  });
});

describe('programs', () => {
  it('are found on the path', () => {
    expect(findProgram('sh')).toMatch(/\/sh$/);
    expect(findProgram('no-such-program-here')).toBeNull();
    expect(ensureProgram('sh', 'dash')).toMatch(/\/sh$/);
  });

  it('that are missing and may not be installed are one line of advice', () => {
    const user = process.getuid;
    process.getuid = () => 1000;
    try {
      expect(() => ensureProgram('no-such-program-here', 'no-such-package')).toThrow(Sentence);
      expect(() => ensureProgram('no-such-program-here', 'no-such-package')).toThrow(
        'no-such-package is missing. Install it as root: apt-get install -y --no-install-recommends no-such-package',
      );
    } finally {
      process.getuid = user;
    }
  });
});
