import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { chmodSync, chownSync, existsSync, mkdirSync, mkdtempSync, openSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir, userInfo } from 'node:os';
import { join, resolve } from 'node:path';
import { missingPackages } from '../../scripts/install.mjs';
import { freePort, sleep } from '../processes';

/** Three nodes of a database cluster on loopback, with the settings that `deploy` ships, and haproxy before them. */
const root = resolve(import.meta.dirname, '../..');
const PROVIDER = '/usr/lib/galera/libgalera_smm.so';
const isRoot = process.getuid?.() === 0;
/** What the tests need beside MariaDB. */
const NEEDED = { haproxy: 'haproxy', rsync: 'rsync', ss: 'iproute2', lsof: 'lsof', openssl: 'openssl', [PROVIDER]: 'galera-4' };

/** Why a cluster cannot be tried here; null where it can. Root installs what is missing, where the packages are to be had. */
export function clusterMissing(): string | null {
  const missing = (): string[] => missingPackages(NEEDED);
  if (isRoot && missing().length > 0) {
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive', RUNLEVEL: '1' };
    spawnSync('apt-get', ['update', '-qq'], { env });
    spawnSync('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...missing()], { env });
  }
  return missing().length > 0 ? `missing, and only root may install: ${missing().join(', ')}` : null;
}

/** MariaDB refuses to be root's; the copying of a joiner works as the user that owns its folder. */
const user = isRoot ? 'mysql' : userInfo().username;
const idOf = (flag: string) => Number(spawnSync('id', [flag, user], { encoding: 'utf8' }).stdout);

export interface ClusterNode {
  name: string;
  port: number;
  health: number;
  child: ChildProcess;
  /** Asks it as its owner. @returns rows of cells, or null while it does not answer */
  ask: (sql: string) => string[][] | null;
  /** True once it is joined and has everything. */
  synced: () => boolean;
}

export async function cluster() {
  const folder = mkdtempSync(join(tmpdir(), 'chiave-cluster-'));
  chmodSync(folder, 0o755);
  const children: ChildProcess[] = [];
  const ports = await freePorts(15);
  const [peers, clients, healths, copies, rests] = [0, 3, 6, 9, 12].map((from) => ports.slice(from, from + 3));
  const address = `gcomm://${peers.map((port) => `127.0.0.1:${port}`).join(',')}`;
  const data = (n: number) => join(folder, `node${n}`);
  const socket = (n: number) => join(folder, `node${n}.sock`);

  function make(n: number): void {
    const args = ['--no-defaults', `--datadir=${data(n)}`, `--user=${user}`, '--skip-test-db', '--auth-root-authentication-method=socket'];
    const made = spawnSync('mariadb-install-db', [...args, `--auth-root-socket-user=${userInfo().username}`], { encoding: 'utf8' });
    if (made.status !== 0) throw new Error(made.stderr);
  }
  if (isRoot) chownSync(folder, idOf('-u'), idOf('-g'));
  for (const n of [0, 1, 2]) make(n);

  /** Starts a node: the first one of a new cluster, or one that joins the others. */
  function begin(n: number, first = false): ChildProcess {
    const log = openSync(join(folder, `node${n}.log`), 'a');
    const child = spawn(
      existsSync('/usr/sbin/mariadbd') ? '/usr/sbin/mariadbd' : 'mariadbd',
      [
        `--defaults-file=${settings}`,
        `--datadir=${data(n)}`,
        `--socket=${socket(n)}`,
        `--pid-file=${join(folder, `node${n}.pid`)}`,
        `--port=${clients[n]}`,
        `--user=${user}`,
        '--bind-address=127.0.0.1',
        '--innodb-buffer-pool-size=64M',
        `--log-bin=${join(data(n), `log-node${n}`)}`,
        `--wsrep-cluster-address=${address}`,
        `--wsrep-node-name=node${n}`,
        `--wsrep-node-address=127.0.0.1:${peers[n]}`,
        `--wsrep-node-incoming-address=127.0.0.1:${clients[n]}`,
        `--wsrep-sst-receive-address=127.0.0.1:${copies[n]}`,
        `--wsrep-provider-options=${providerOptions};base_host=127.0.0.1;base_port=${peers[n]};gmcast.listen_addr=tcp://127.0.0.1:${peers[n]};ist.recv_addr=127.0.0.1:${rests[n]}`,
        ...(first ? ['--wsrep-new-cluster'] : [])
      ],
      { stdio: ['ignore', log, log] }
    );
    children.push(child);
    return child;
  }
  const settings = join(root, 'deploy/galera/galera.cnf');
  const providerOptions = /wsrep_provider_options\s*=\s*"([^"]+)"/.exec(readFileSync(settings, 'utf8'))![1];
  const ask = (n: number, sql: string): string[][] | null => {
    const { status, stdout } = spawnSync('mariadb', ['--no-defaults', `--socket=${socket(n)}`, '--batch', '--skip-column-names'], { input: sql, encoding: 'utf8', timeout: 8000 }); // prettier-ignore
    return status === 0 ? stdout.split('\n').filter(Boolean).map((line) => line.split('\t')) : null; // prettier-ignore
  };
  const synced = (n: number) => ask(n, "SHOW STATUS LIKE 'wsrep_local_state_comment'")?.[0]?.[1] === 'Synced';
  async function untilSynced(n: number): Promise<void> {
    for (let turn = 0; turn < 300; turn++) {
      if (synced(n)) return;
      await sleep(200);
    }
    throw new Error(`node ${n} did not join: ${readFileSync(join(folder, `node${n}.log`), 'utf8').split('\n').filter((l) => l.includes('ERROR')).slice(-5).join('\n')}`); // prettier-ignore
  }
  const nodes: ClusterNode[] = [0, 1, 2].map((n) => ({
    name: `node${n}`,
    port: clients[n],
    health: healths[n],
    child: null as unknown as ChildProcess,
    ask: (sql) => ask(n, sql),
    synced: () => synced(n)
  }));
  nodes[0].child = begin(0, true);
  await untilSynced(0);
  // One after the other: each copies from one that is not copying to another.
  for (const n of [1, 2]) {
    nodes[n].child = begin(n);
    await untilSynced(n);
  }
  ask(
    0,
    `CREATE DATABASE chiave CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
     CREATE USER 'chiave'@'127.0.0.1' IDENTIFIED BY 'loopback'; GRANT ALL ON chiave.* TO 'chiave'@'127.0.0.1'; GRANT ALL ON \`chiave\\_%\`.* TO 'chiave'@'127.0.0.1';
     GRANT BINLOG MONITOR ON *.* TO 'chiave'@'127.0.0.1';
     CREATE USER 'chiave_health'@'127.0.0.1';`
  );
  for (const node of nodes)
    children.push(
      spawn(process.execPath, [join(root, 'deploy/galera/node-health.mjs')], {
        env: { ...process.env, NODE_URL: `mariadb://chiave_health@127.0.0.1:${node.port}`, HEALTH_PORT: String(node.health) },
        stdio: 'ignore'
      })
    );
  return {
    folder,
    nodes,
    /** A node that was lost joins the others again. */
    async join(n: number): Promise<void> {
      nodes[n].child = begin(n);
      await untilSynced(n);
    },
    async stop(): Promise<void> {
      for (const child of children) if (child.exitCode === null) child.kill('SIGKILL');
      await sleep(300);
      rmSync(folder, { recursive: true, force: true });
    }
  };
}

export async function freePorts(many: number): Promise<number[]> {
  const ports = new Set<number>();
  while (ports.size < many) ports.add(await freePort());
  return [...ports];
}

/** A certificate of our own for this machine, in the one file haproxy reads. @returns its path and what trusts it */
export function ownCertificate(folder: string): { file: string; trusted: string } {
  mkdirSync(folder, { recursive: true });
  const [file, cert, key] = ['shop.pem', 'cert.pem', 'key.pem'].map((name) => join(folder, name));
  const made = spawnSync('sh', [
    '-c',
    `openssl req -x509 -newkey rsa:2048 -nodes -days 2 -subj /CN=localhost -addext subjectAltName=DNS:localhost,IP:127.0.0.1 -keyout ${key} -out ${cert} 2>/dev/null && cat ${cert} ${key} > ${file}`
  ]);
  if (made.status !== 0) throw new Error('openssl made no certificate');
  return { file, trusted: readFileSync(cert, 'utf8') };
}
