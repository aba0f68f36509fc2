import { randomBytes } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { sleep, start } from './run.mjs';
import { fail } from './say.mjs';

/** The API's own limit is 1 MiB and answers with problem details; the server's stands above it. */
const SERVER_BODY_LIMIT = '12M';

/** Signs the shop's cookies; kept beside the data so that a restart asks nobody again. */
function shopSecret(folder) {
  const file = join(folder, 'cookie-secret');
  if (!existsSync(file)) writeFileSync(file, randomBytes(32).toString('hex'), { mode: 0o600 });
  return readFileSync(file, 'utf8').trim();
}

/** Serves the built application and waits until its health answers. @returns the child process */
export async function serveWeb(root, { folder, url, host, port, stdio = 'inherit', env = {} }) {
  const child = start(process.execPath, ['build/index.js'], {
    cwd: join(root, 'web'),
    stdio,
    env: {
      NODE_ENV: 'production',
      HOST: host,
      PORT: String(port),
      DATABASE_URL: url,
      SHOP_SECRET: shopSecret(folder),
      BODY_SIZE_LIMIT: SERVER_BODY_LIMIT,
      LOG_LEVEL: 'warn',
      // An open gauge listens for ever: a stop does not wait for it longer than this, s.
      SHUTDOWN_TIMEOUT: '5',
      ...env
    }
  });
  const address = `http://${host === '0.0.0.0' || host === '::' ? '127.0.0.1' : host.includes(':') ? `[${host}]` : host}:${port}`;
  for (let i = 0; i < 120; i++) {
    await sleep(150);
    if (child.exitCode !== null) fail(`The application did not start on port ${port}; the lines above say why. PORT=5151 npm start takes another port.`);
    const response = await fetch(`${address}/api/v1/health`).catch(() => null);
    if (response?.ok) return { child, address };
    if (response && i > 60) fail(`The application runs but its database does not answer: ${await response.text()}`);
  }
  return fail('The application did not answer in time.');
}
