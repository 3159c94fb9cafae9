import { spawn, type ChildProcess } from 'node:child_process';
import { createWriteStream, existsSync, renameSync, statSync, type WriteStream } from 'node:fs';
import { createInterface } from 'node:readline';
import { Sentence } from './sentence';

export interface RunningServer {
  readonly address: string;
  readonly pid: number;
  readonly ended: Promise<number>;
  stop(): Promise<void>;
}

interface Options {
  /** Restarts it whenever its sources change. */
  readonly watch?: boolean;
  /** Where its log goes; nowhere if not said. */
  readonly log?: string;
}

/**
 * Starts the web server as a process of its own and waits until it listens. It stops when this process is gone.
 *
 * @param settings its OMTEL_… environment
 * @throws Sentence with what the server said when it could not start
 */
export async function startServer(
  settings: Record<string, string>,
  { watch = false, log }: Options = {},
): Promise<RunningServer> {
  const tsx = watch
    ? ['node_modules/tsx/dist/cli.mjs', 'watch', '--clear-screen=false']
    : ['--import', 'tsx'];
  const child = spawn(process.execPath, [...tsx, 'server/src/main.ts'], {
    env: { ...process.env, ...settings, ...(!watch && { OMTEL_SUPERVISED: 'yes' }) },
    stdio: [watch ? 'ignore' : 'pipe', 'pipe', 'pipe'],
    // Its own group, so that Ctrl-C is passed on once and in order.
    detached: true,
  });
  const ended = new Promise<number>((resolve) => child.once('exit', (code) => resolve(code ?? 1)));
  const address = await listening(child, ended, log ? appendTo(log) : null);
  return {
    address,
    pid: child.pid!,
    ended,
    stop: async () => {
      child.kill('SIGTERM');
      await ended;
    },
  };
}

const MOST_LOGGED_BYTES = 10 * 2 ** 20;

/** A log to go on with; one that has grown large is put aside first, in place of the one put aside before. */
function appendTo(file: string): WriteStream {
  if (existsSync(file) && statSync(file).size > MOST_LOGGED_BYTES) renameSync(file, `${file}.1`);
  return createWriteStream(file, { flags: 'a' });
}

function listening(child: ChildProcess, ended: Promise<number>, log: WriteStream | null): Promise<string> {
  return new Promise((resolve, reject) => {
    let said = '';
    child.stderr!.on('data', (chunk: Buffer) => {
      said += chunk.toString();
      process.stderr.write(chunk);
    });
    createInterface({ input: child.stdout! }).on('line', (line) => {
      const match = /^listening on (http:\S+)/.exec(line);
      if (match) resolve(match[1]!);
      else log?.write(`${line}\n`);
    });
    void ended.then(() => {
      log?.end();
      reject(new Sentence(said ? '' : 'The server ended before it was ready.'));
    });
  });
}
