import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { userInfo } from 'node:os';
import { join } from 'node:path';
import { createConnection } from 'mysql2/promise';
import { endOf } from '../database';
import { ensureFile, ensureProgram } from '../debian';
import { becomesReady, homeIn, launch, mariadbd, THROWAWAY, urlOf, usualWords, type Home } from '../mariadbd';
import { commandOf, endProcess, isAlive } from '../processes';
import { Sentence } from '../sentence';
import type { Running } from '../supervise';

/** What a node listens on, all on loopback. */
export interface Ports {
  readonly sql: number;
  /** For the others of its cluster, and for what it missed while it was away: in pieces, or whole. */
  readonly group: number;
  readonly missed: number;
  readonly whole: number;
}

/** How far a node has come: the history it follows, and the number of the last change in it. */
export interface Position {
  readonly history: string;
  readonly last: number;
}

const SAYS_WITHIN_MS = 1_000;

/** Cautious ones wait longer for a node that says nothing before they go on without it; a home's network is quick. */
const PATIENCE = [
  'evs.keepalive_period=PT0.4S',
  'evs.inactive_check_period=PT0.2S',
  'evs.suspect_timeout=PT1.5S',
  'evs.inactive_timeout=PT5S',
  'evs.install_timeout=PT5S',
];

/** One node of a cluster on this machine: a MariaDB that holds everything the others hold. */
export class ClusterNode {
  readonly home: Home;
  /** Of the process it last ran in. */
  pid: number | null = null;

  constructor(
    readonly name: string,
    folder: string,
    private readonly ports: Ports,
    private readonly password: string,
    private readonly throwaway: boolean,
  ) {
    mkdirSync(folder, { recursive: true });
    this.home = homeIn(folder);
  }

  get url(): string {
    return urlOf(this.ports.sql, this.password);
  }

  get runs(): boolean {
    return this.pid !== null && isAlive(this.pid);
  }

  get hasData(): boolean {
    return existsSync(join(this.home.data, 'mysql'));
  }

  get group(): string {
    return `127.0.0.1:${this.ports.group}`;
  }

  /** Ends what was left running by somebody who was killed. */
  async endLeftover(): Promise<void> {
    const pid = existsSync(this.home.pidFile) ? Number(readFileSync(this.home.pidFile, 'utf8')) : NaN;
    if (commandOf(pid).includes(`--datadir=${this.home.data}`)) await endProcess(pid);
  }

  /** How far it had come when it last ran; it must not run. */
  position(): Position {
    mkdirSync(this.home.temporary, { recursive: true });
    const words = [
      ...usualWords(this.home),
      '--skip-networking',
      ...replication([this.group]),
      '--wsrep-recover',
    ];
    const { stderr } = spawnSync(mariadbd(), words, { encoding: 'utf8' });
    const found = /Recovered position: (\S+):(-?\d+)/.exec(stderr);
    if (!found)
      throw new Sentence(`How far ${this.name} had come cannot be told; ${this.home.data} says more.`);
    return { history: found[1]!, last: Number(found[2]) };
  }

  /**
   * Starts it, and waits until it serves.
   *
   * @param all whom it may meet
   * @param founding whether the cluster begins with it: the others learn from it what they have missed
   * @throws Sentence when it does not come to serve
   */
  async start(all: readonly ClusterNode[], founding: boolean): Promise<Running & { readonly url: string }> {
    const { history, last } = this.position();
    if (founding) this.maySayHowItWas();
    const { group, missed, whole } = this.ports;
    const provider = [
      'base_host=127.0.0.1',
      `base_port=${group}`,
      `gmcast.listen_addr=tcp://127.0.0.1:${group}`,
      `ist.recv_addr=127.0.0.1:${missed}`,
      ...PATIENCE,
    ];
    const server = launch(this.home, this.ports.sql, this.password, [
      ...replication(all.map((node) => node.group)),
      `--wsrep-node-name=${this.name}`,
      `--wsrep-node-address=127.0.0.1:${group}`,
      `--wsrep-provider-options=${provider.join(';')}`,
      // What is copied whole is copied while the other node goes on.
      '--wsrep-sst-method=mariabackup',
      `--wsrep-sst-auth=${userInfo().username}:`,
      `--wsrep-sst-receive-address=127.0.0.1:${whole}`,
      ...(last >= 0 ? [`--wsrep-start-position=${history}:${last}`] : []),
      ...(founding ? ['--wsrep-new-cluster'] : []),
      ...(this.throwaway ? THROWAWAY : []),
    ]);
    const pid = server.pid!;
    this.pid = pid;
    if (!(await becomesReady(this.url, pid))) {
      await endProcess(pid);
      throw new Sentence(`The ${this.name} does not start; ${this.home.log} says why.`);
    }
    return { url: this.url, ended: endOf(pid), stop: () => endProcess(pid) };
  }

  /** How many nodes it knows to be together, itself included; null while it serves nobody. */
  async groupSize(): Promise<number | null> {
    try {
      const connection = await createConnection({ uri: this.url, connectTimeout: SAYS_WITHIN_MS });
      try {
        const [rows] = await connection.query(
          "SHOW STATUS WHERE Variable_name IN ('wsrep_cluster_size', 'wsrep_ready')",
        );
        const said = new Map(
          (rows as { Variable_name: string; Value: string }[]).map((row) => [row.Variable_name, row.Value]),
        );
        return said.get('wsrep_ready') === 'ON' ? Number(said.get('wsrep_cluster_size')) : null;
      } finally {
        await connection.end();
      }
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code === undefined) throw error;
      return null;
    }
  }

  /** Nobody is further than it, whatever it wrote down before it knew. */
  private maySayHowItWas(): void {
    const file = join(this.home.data, 'grastate.dat');
    if (!existsSync(file)) return;
    const said = readFileSync(file, 'utf8');
    writeFileSync(file, said.replace('safe_to_bootstrap: 0', 'safe_to_bootstrap: 1'));
  }
}

/** What makes a MariaDB replicate. */
function replication(groups: readonly string[]): readonly string[] {
  ensureProgram('mariadb-backup', 'mariadb-backup');
  const provider = ensureFile('/usr/lib/galera/libgalera_smm.so', 'galera-4');
  return [
    '--wsrep-on=ON',
    `--wsrep-provider=${provider}`,
    '--wsrep-cluster-name=omtel',
    `--wsrep-cluster-address=gcomm://${groups.join(',')}`,
    '--binlog-format=ROW',
    '--innodb-autoinc-lock-mode=2',
  ];
}
