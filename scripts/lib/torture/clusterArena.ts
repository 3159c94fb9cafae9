import type { ClusterNode } from '../cluster/node';
import { runCluster } from '../cluster/run';
import { becomesReady } from '../mariadbd';
import { freePorts } from '../ports';
import { PASSWORD, SETTINGS, stood, UNDISTURBED, type Arena } from './arena';

/** Opens one of three nodes and two servers; any one node, any one server, or one of each may be killed. */
export async function openClusterArena(folder: string, { throwaway = false } = {}): Promise<Arena> {
  const ports = await freePorts(2);
  const stopping = new AbortController();
  const databaseUrls: string[] = [];
  const pids = new Map<string, () => number>();
  let nodes: readonly ClusterNode[] = [];
  const running = runCluster({
    ...UNDISTURBED,
    folder,
    password: PASSWORD,
    throwaway,
    servers: ports.map((port) => ({ ...SETTINGS, OMTEL_PORT: String(port) })),
    stopping: stopping.signal,
    opened: (all) => {
      nodes = all;
      databaseUrls.push(...all.map(({ url }) => url));
      for (const node of all) pids.set(node.name, () => node.pid ?? 0);
    },
    started: ({ pid }, index) => pids.set(`server ${index}`, () => pid),
  });
  const servers = ports.map((_, index) => `server ${index}`);
  const names = ['first node', 'second node', 'third node'];
  return stood({
    ports,
    databaseUrls,
    targets: [
      ...names.map((name) => [name]),
      ...servers.map((server) => [server]),
      ...names.flatMap((name) => servers.map((server) => [name, server])),
    ],
    names: [...names, ...servers],
    pids,
    running,
    stopping,
    whole: async () =>
      (await Promise.all(nodes.map(({ url, pid }) => becomesReady(url, pid!)))).every(Boolean),
  });
}
