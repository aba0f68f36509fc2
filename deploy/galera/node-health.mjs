/**
 * Tells haproxy whether a node of the cluster takes writes: 200 where it is joined and has everything, else 503 with what it says.
 * A port that is open is not enough: a node that lost the others, or is still catching up, answers it too.
 *
 *   NODE_URL=mariadb://chiave_health:…@127.0.0.1:3306   who is asked; the user needs no right at all
 *   HEALTH_HOST=192.0.2.11 HEALTH_PORT=9200             where haproxy asks
 */
import { createServer } from 'node:http';
import mariadb from 'mariadb';

const { NODE_URL = 'mariadb://chiave_health@127.0.0.1:3306', HEALTH_HOST = '127.0.0.1', HEALTH_PORT = '9200' } = process.env;
/** Longest wait for the node, ms: one that hangs does not take writes. */
const WAIT_MS = 1000;
/** What a node calls itself that is joined and has everything. */
const SYNCED = '4';
const pool = mariadb.createPool({ ...fromUrl(NODE_URL), connectionLimit: 1, acquireTimeout: WAIT_MS, connectTimeout: WAIT_MS });

function fromUrl(text) {
  const { hostname, port, username, password } = new URL(text);
  return { host: hostname, port: Number(port || 3306), user: decodeURIComponent(username), password: decodeURIComponent(password) };
}

async function state() {
  const rows = await pool.query({ sql: "SHOW STATUS WHERE Variable_name IN ('wsrep_ready', 'wsrep_local_state')", timeout: WAIT_MS });
  const { wsrep_ready: ready, wsrep_local_state: local } = Object.fromEntries(rows.map((row) => [row.Variable_name, row.Value]));
  return { takesWrites: ready === 'ON' && local === SYNCED, said: `ready ${ready ?? 'unknown'}, state ${local ?? 'unknown'}` };
}

createServer((_request, response) => {
  state().then(
    ({ takesWrites, said }) => response.writeHead(takesWrites ? 200 : 503, { 'content-type': 'text/plain' }).end(`${said}\n`),
    (error) => response.writeHead(503, { 'content-type': 'text/plain' }).end(`${error.code ?? 'no answer'}\n`)
  );
}).listen(Number(HEALTH_PORT), HEALTH_HOST);
