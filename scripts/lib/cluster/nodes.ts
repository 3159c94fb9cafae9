import { cpSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { createData } from '../mariadbd';
import { freePorts } from '../ports';
import { Sentence } from '../sentence';
import type { Part, Running } from '../supervise';
import { ClusterNode } from './node';

const NAMES = ['first node', 'second node', 'third node'];

const LOOK_EVERY_MS = 100;
const MOST_PATIENCE_MS = 10_000;
const FOUNDED_WITHIN_MS = 60_000;

/**
 * Three nodes on this machine, each a part to be kept running. Whichever starts first founds the cluster if it is as far as any;
 * else it waits for the one that is.
 *
 * @param folder where their data lie; made when missing
 */
export async function openNodes(
  folder: string,
  password: string,
  { throwaway = false } = {},
): Promise<{ readonly nodes: readonly ClusterNode[]; readonly parts: readonly Part[] }> {
  const ports = await freePorts(NAMES.length * 4);
  const nodes = NAMES.map((name, index) => {
    const [sql, group, missed, whole] = ports.slice(index * 4) as [number, number, number, number];
    return new ClusterNode(
      name,
      join(folder, String(index + 1)),
      { sql, group, missed, whole },
      password,
      throwaway,
    );
  });
  for (const node of nodes) await node.endLeftover();
  await prepare(nodes);

  // One at a time, so that no two found a cluster each.
  const inTurn = turns();
  const start = async (node: ClusterNode): Promise<Running> => {
    const until = Date.now() + FOUNDED_WITHIN_MS;
    while (Date.now() < until) {
      const started = await inTurn(async () => {
        if (nodes.some((other) => other !== node && other.runs)) {
          await without(node, nodes);
          return node.start(nodes, false);
        }
        const reached = new Map(nodes.map((each) => [each, each.position().last]));
        return reached.get(node) === Math.max(...reached.values()) ? node.start(nodes, true) : null;
      });
      if (started) return started;
      await pause(LOOK_EVERY_MS);
    }
    throw new Sentence(`The ${node.name} waits in vain for the one that is furthest.`);
  };
  return { nodes, parts: nodes.map((node) => ({ name: node.name, start: () => start(node) })) };
}

/** Does one thing after the other, whatever became of the one before. */
function turns(): <Result>(work: () => Promise<Result>) => Promise<Result> {
  let last: Promise<unknown> = Promise.resolve();
  return (work) => {
    const mine = last.then(work);
    last = mine.catch(() => undefined);
    return mine;
  };
}

/**
 * Settles when the others have gone on without a node that fell: one that is back before they know that it was away keeps all of
 * them from agreeing for long. Where nobody serves there is nothing to wait for.
 */
async function without(node: ClusterNode, nodes: readonly ClusterNode[]): Promise<void> {
  const others = nodes.filter((other) => other !== node && other.runs);
  const until = Date.now() + MOST_PATIENCE_MS;
  while (Date.now() < until) {
    const sizes = await Promise.all(others.map((other) => other.groupSize()));
    if (sizes.every((size) => size === null || size <= others.length)) return;
    await pause(LOOK_EVERY_MS);
  }
}

/** Gives nodes that have no data the first one's: they then have nothing to catch up with. */
async function prepare(nodes: readonly ClusterNode[]): Promise<void> {
  const [first, ...others] = nodes as [ClusterNode, ...ClusterNode[]];
  if (nodes.every((node) => node.hasData)) return;
  if (nodes.some((node) => node.hasData)) {
    // One that lost its data is given all of it by the others when it joins them.
    for (const node of nodes) if (!node.hasData) createData(node.home);
    return;
  }
  createData(first.home);
  // The history they all follow begins here.
  await (await first.start([first], true)).stop();
  for (const { home } of others) {
    const unfinished = `${home.data}.new`;
    rmSync(unfinished, { recursive: true, force: true });
    cpSync(first.home.data, unfinished, { recursive: true });
    for (const own of ['galera.cache', 'gvwstate.dat']) rmSync(join(unfinished, own), { force: true });
    const state = join(unfinished, 'grastate.dat');
    writeFileSync(state, readFileSync(state, 'utf8').replace('safe_to_bootstrap: 1', 'safe_to_bootstrap: 0'));
    renameSync(unfinished, home.data);
  }
}
