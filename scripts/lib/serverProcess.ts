import { spawn, type ChildProcess } from 'node:child_process';
import { Sentence } from './sentence';

export interface RunningServer {
  readonly address: string;
  readonly ended: Promise<number>;
  stop(): Promise<void>;
}

/**
 * Starts the web server as a process of its own and waits until it listens.
 *
 * @param settings its OMTEL_… environment
 * @param watch restarts it whenever its sources change
 * @throws Sentence with what the server said when it could not start
 */
export async function startServer(settings: Record<string, string>, watch = false): Promise<RunningServer> {
  const tsx = watch
    ? ['node_modules/tsx/dist/cli.mjs', 'watch', '--clear-screen=false']
    : ['--import', 'tsx'];
  const child = spawn(process.execPath, [...tsx, 'server/src/main.ts'], {
    env: { ...process.env, ...settings },
    stdio: ['ignore', 'pipe', 'pipe'],
    // Its own group, so that Ctrl-C is passed on once and in order.
    detached: true,
  });
  const ended = new Promise<number>((resolve) => child.once('exit', (code) => resolve(code ?? 1)));
  const address = await listening(child, ended);
  return {
    address,
    ended,
    stop: async () => {
      child.kill('SIGTERM');
      await ended;
    },
  };
}

function listening(child: ChildProcess, ended: Promise<number>): Promise<string> {
  return new Promise((resolve, reject) => {
    let said = '';
    child.stderr!.on('data', (chunk: Buffer) => {
      said += chunk.toString();
      process.stderr.write(chunk);
    });
    child.stdout!.on('data', (chunk: Buffer) => {
      const match = /listening on (http:\S+)/.exec(chunk.toString());
      if (match) resolve(match[1]!);
    });
    void ended.then(() => reject(new Sentence(said ? '' : 'The server ended before it was ready.')));
  });
}
