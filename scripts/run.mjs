import { spawn, spawnSync } from 'node:child_process';

/** Runs a command to its end; its output goes to ours unless `quiet`, and is shown when it fails; `silent` never shows it. @param timeout ms after which it is ended */
export function run(command, args, { cwd, env, quiet = false, silent = false, input, timeout } = {}) {
  const result = spawnSync(command, args, {
    cwd,
    env: { ...process.env, ...env },
    input,
    timeout,
    killSignal: 'SIGKILL',
    encoding: 'utf8',
    stdio: quiet || silent ? 'pipe' : ['inherit', 'inherit', 'inherit'],
    maxBuffer: 64 * 1024 * 1024
  });
  if (result.status !== 0 && quiet) process.stderr.write(`${result.stdout ?? ''}${result.stderr ?? ''}${result.error ?? ''}`);
  return { ok: result.status === 0, out: result.stdout ?? '', error: result.stderr ?? '', code: result.status };
}

/** Starts a command that goes on; lines go to `log` when given. */
export function start(command, args, { cwd, env, stdio = 'inherit', detached = false } = {}) {
  return spawn(command, args, { cwd, env: { ...process.env, ...env }, stdio, detached });
}

export const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

export const found = (command) => spawnSync('sh', ['-c', `command -v ${command}`], { stdio: 'ignore' }).status === 0;
