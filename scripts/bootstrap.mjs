// The one script that runs before anything is installed, so it uses nothing but Node itself. It brings the npm packages
// up to date with the lockfile, then hands over to the TypeScript script named.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const [task, ...rest] = process.argv.slice(2);
const [major, minor] = process.versions.node.split('.').map(Number);
if (major < 20 || (major === 20 && minor < 19)) {
  console.error(`Omtel needs Node 20.19 or newer; this is ${process.versions.node}.`);
  process.exit(1);
}

const stamp = join(root, 'node_modules', '.omtel-lockfile');
const wanted = createHash('sha256')
  .update(readFileSync(join(root, 'package-lock.json')))
  .digest('hex');
if (!existsSync(stamp) || readFileSync(stamp, 'utf8') !== wanted) {
  console.log('Installing packages …');
  const { status } = spawnSync('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
    cwd: root,
    stdio: 'inherit',
  });
  if (status !== 0) {
    console.error(
      'The npm packages could not be installed. Check that the npm registry can be reached, then try again.',
    );
    process.exit(1);
  }
  writeFileSync(stamp, wanted);
}

const child = spawn(process.execPath, ['--import', 'tsx', join('scripts', `${task}.ts`), ...rest], {
  cwd: root,
  stdio: 'inherit',
});
// A terminal sends Ctrl-C to the child as well; it decides when all is stopped.
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
  process.on(signal, () => signal !== 'SIGINT' && child.kill(signal));
child.on('exit', (code, signal) => process.exit(code ?? (signal === 'SIGINT' ? 130 : 1)));
