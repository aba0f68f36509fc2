import { createServer } from 'node:net';

/** Processes and ports, for tests that start and kill them. */
export const sleep = (ms: number) => new Promise((done) => setTimeout(done, ms));
export const alive = (pid: number): boolean => {
  try {
    process.kill(pid, 0);
    return true;
  } catch {
    return false;
  }
};
export const freePort = () =>
  new Promise<number>((done) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port } = server.address() as { port: number };
      server.close(() => done(port));
    });
  });
