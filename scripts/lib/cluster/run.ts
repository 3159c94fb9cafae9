import { mkdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { withLock } from '../folderLock';
import { startServer, type RunningServer } from '../serverProcess';
import { supervise } from '../supervise';
import type { ClusterNode } from './node';
import { openNodes } from './nodes';

interface Options {
  /** Where the nodes keep their data. */
  readonly folder: string;
  readonly password: string;
  /** What each of the servers is told besides where the database is. */
  readonly servers: readonly Record<string, string>[];
  readonly stopping: AbortSignal;
  say(sentence: string): void;
  started(server: RunningServer, index: number): void;
  readonly mostFalls?: number;
  readonly throwaway?: boolean;
  /** What is told once nobody is started yet. */
  opened?(nodes: readonly ClusterNode[]): void;
}

const SERVERS = ['first server', 'second server', 'third server'];

/**
 * Keeps a cluster of three nodes and some servers running on this machine until it is time to stop. Each server prefers a node of
 * its own, and goes to another when that one falls.
 *
 * @throws Sentence when it runs already, or a part of it is no use
 */
export async function runCluster(options: Options): Promise<void> {
  const folder = resolve(options.folder);
  mkdirSync(folder, { recursive: true });
  await withLock(join(folder, 'lock'), () => run({ ...options, folder }), 'A cluster runs here already.');
}

async function run({
  folder,
  password,
  servers,
  throwaway,
  opened,
  started,
  ...kept
}: Options): Promise<void> {
  const { nodes, parts } = await openNodes(folder, password, { throwaway });
  opened?.(nodes);
  await supervise({
    ...kept,
    parts: [
      ...parts,
      ...servers.map((settings, index) => ({
        name: SERVERS[index]!,
        needs: nodes[index]!.name,
        start: async () => {
          const places = [...nodes.slice(index), ...nodes.slice(0, index)].map(({ url }) => url);
          const server = await startServer(
            { ...settings, OMTEL_DATABASE_URL: places.join(',') },
            { log: join(folder, `server-${index + 1}.log`) },
          );
          started(server, index);
          return server;
        },
      })),
    ],
  });
}
