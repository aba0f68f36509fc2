import { randomBytes } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { writeWhole } from './files.mjs';
import { sleep, start } from './run.mjs';
import { fail } from './say.mjs';

/** Seals what must be read again, as the secrets of second factors; kept beside the data, the same at every start. */
export function shopSecret(folder) {
  const file = join(folder, 'cookie-secret');
  const kept = existsSync(file) ? readFileSync(file, 'utf8').trim() : '';
  if (kept.length >= 32) return kept;
  const fresh = randomBytes(32).toString('hex');
  writeWhole(file, fresh);
  return fresh;
}

/** How long a port may be held by a program that is going: one that was killed lets go of it a moment later, ms. */
const GOING_MS = 3000;
const whyNot = (host, port) =>
  new Promise((resolve) => {
    const server = createServer();
    server.once('error', ({ code }) => resolve(code));
    server.listen(port, host, () => server.close(() => resolve(null)));
  });

/** Ends the script in words when an address cannot be listened at. */
export async function needPort(host, port) {
  let code = await whyNot(host, port);
  for (const last = Date.now() + GOING_MS; code === 'EADDRINUSE' && Date.now() < last; code = await whyNot(host, port)) await sleep(100);
  if (code === null) return;
  fail(
    code === 'EADDRINUSE'
      ? `Port ${port} is held by another program. Stop that, or take another: PORT=${port + 1} npm start`
      : code === 'EACCES'
        ? `This user may not listen on port ${port}. Take one above 1023: PORT=5150 npm start`
        : `The address ${host} is not one of this machine (${code}). HOST=127.0.0.1 npm start listens on this machine only.`
  );
}

export const addressOf = (host, port) => `http://${host === '0.0.0.0' || host === '::' ? '127.0.0.1' : host.includes(':') ? `[${host}]` : host}:${port}`;

/** Starts the built application. @returns the child process, at once */
export const startWeb = (root, { folder, url, host, port, stdio = 'inherit', env = {} }) =>
  start(process.execPath, ['build/index.js'], {
    cwd: join(root, 'web'),
    stdio,
    env: {
      NODE_ENV: 'production',
      HOST: host,
      PORT: String(port),
      DATABASE_URL: url,
      CHIAVE_DATA: folder,
      SHOP_SECRET: process.env.SHOP_SECRET ?? shopSecret(folder),
      // The API reads every body itself and answers with problem details; a limit here would only cut the connection.
      BODY_SIZE_LIMIT: 'Infinity',
      LOG_LEVEL: 'warn',
      // An open gauge listens for ever: a stop does not wait for it longer than this, s.
      SHUTDOWN_TIMEOUT: '5',
      ...env
    }
  });

/** Waits until a started application answers. @returns what is wrong in words, or null */
export async function untilServed(child, address) {
  for (let i = 0; i < 200; i++) {
    await sleep(150);
    if (child.exitCode !== null || child.signalCode !== null) return 'The application did not start; the lines above say why.';
    const response = await fetch(`${address}/api/v1/health`).catch(() => null);
    if (response?.ok) return null;
    if (response && i > 60) return `The application runs but is not well: ${await response.text()}`;
  }
  return 'The application did not answer in time.';
}
