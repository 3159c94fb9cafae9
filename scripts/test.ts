import { execFile, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { ensureProgram } from './lib/debian';
import { run } from './lib/sentence';
import { addUp, countChecks, countJest, countPlaywright, type Count } from './lib/testCount';
import { ensureWebBuild } from './lib/webBuild';

const RESULTS = join('.omtel', 'test-results');
const bin = (name: string) => join('node_modules', '.bin', name);

/** Checks that either hold or do not; each counts as one test. */
const CHECKS: readonly (readonly [name: string, program: string, ...args: string[]])[] = [
  ['formatting', bin('prettier'), '--check', '--log-level=warn', '.'],
  ['lint', bin('eslint'), '.'],
  [
    'structure',
    bin('depcruise'),
    '--config',
    '.dependency-cruiser.cjs',
    ...['core', 'app', 'server', 'e2e', 'bench', 'devices', 'scripts'],
  ],
  ['types of core', bin('tsc'), '-p', 'core'],
  ['types of server', bin('tsc'), '-p', 'server'],
  ['types of app', bin('tsc'), '-p', 'app'],
  ['types of the service worker', bin('tsc'), '-p', 'app/service'],
  ['types of scripts and stories', bin('tsc'), '-p', 'tsconfig.json'],
];

function runs(name: string, program: string, args: readonly string[]): boolean {
  console.log(`\n— ${name}`);
  return spawnSync(program, args, { stdio: 'inherit' }).status === 0;
}

/** Whether a check holds; what it said is shown once it is through, since others run beside it. */
const holds = ([name, program, ...args]: (typeof CHECKS)[number]): Promise<boolean> =>
  new Promise((resolve) =>
    execFile(program, args, { maxBuffer: MOST_SAID }, (problem, said, complaints) => {
      console.log(`\n— ${name}\n${said}${complaints}`.trimEnd());
      resolve(problem === null);
    }),
  );
const MOST_SAID = 64 * 2 ** 20;

/** Every check, as many at a time as there are cores. */
async function checked(): Promise<boolean[]> {
  const waiting = [...CHECKS];
  const worker = async () => {
    const held: boolean[] = [];
    for (let check = waiting.shift(); check; check = waiting.shift()) held.push(await holds(check));
    return held;
  };
  return (await Promise.all(Array.from({ length: availableParallelism() }, worker))).flat();
}

/** Runs a test runner that writes its results into a file, and counts them; no file is a failure of its own. */
function counted(
  name: string,
  program: string,
  args: readonly string[],
  count: (report: unknown) => Count,
): Count {
  const file = join(RESULTS, `${name}.json`);
  process.env.PLAYWRIGHT_JSON_OUTPUT_FILE = file;
  const passed = runs(
    name,
    program,
    args.map((arg) => arg.replace('%file', file)),
  );
  const found = existsSync(file) ? count(JSON.parse(readFileSync(file, 'utf8'))) : { passed: 0, failed: 1 };
  return passed || found.failed > 0 ? found : { ...found, failed: 1 };
}

/** Every check and every test of the project, and one closing line that adds them up. */
run(async () => {
  rmSync(RESULTS, { recursive: true, force: true });
  mkdirSync(RESULTS, { recursive: true });
  ensureProgram('mariadbd', 'mariadb-server');
  ensureProgram('chromium', 'chromium');
  const checks = countChecks(await checked());
  const units = counted('unit and server tests', bin('jest'), ['--json', '--outputFile=%file'], countJest);
  await ensureWebBuild();
  const stories = counted(
    'browser stories',
    bin('playwright'),
    ['test', '--config=e2e/playwright.config.ts'],
    countPlaywright,
  );
  const { passed, failed } = addUp([checks, units, stories]);
  console.log(`\n${passed} passed, ${failed} failed`);
  process.exitCode = failed === 0 && passed > 0 ? 0 : 1;
});
