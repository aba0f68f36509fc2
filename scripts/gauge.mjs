/**
 * `npm run gauge`: a simulated digital foot gauge on loopback. It speaks the protocol of docs/gauge.md: JSON lines over TCP. A
 * foot is put on, settles, stands, is lifted; readings carry noise, some lines drop out, and the connection is lost now and then.
 *
 * Options: --port 5160, --left 248,180,93, --right 250,181,94 (length, ball length, width, mm), --seed 1, --lose 0 (lines until
 * the connection is lost once; 0 never), --quick (settles at once, for tests).
 */
import { createServer } from 'node:net';

const words = process.argv.slice(2);
const option = (name, usual) => {
  const at = words.indexOf(`--${name}`);
  return at >= 0 ? words[at + 1] : usual;
};
const port = Number(option('port', '5160'));
const feet = Object.fromEntries(
  [
    ['left', '248,180,93'],
    ['right', '250,181.5,94']
  ].map(([side, usual]) => [side, option(side, usual).split(',').map(Number)])
);
const quick = words.includes('--quick');
let loseAfter = Number(option('lose', '0'));
let seed = Number(option('seed', '1'));
const random = () => {
  seed = (seed * 16807) % 2147483647;
  return seed / 2147483647;
};
const noise = () => (random() + random() + random() - 1.5) * 0.5;

const EVERY_MS = 100;
const SETTLES_MS = quick ? 300 : 1500;
const STANDS_MS = quick ? 3000 : 6000;
const LIFTED_MS = quick ? 500 : 2000;
const DROP_OUT = 0.04;

/** What the gauge reads at a moment: null while lifted. */
function readAt(ms) {
  const round = SETTLES_MS + STANDS_MS + LIFTED_MS;
  const side = Math.floor(ms / round) % 2 === 0 ? 'left' : 'right';
  const within = ms % round;
  if (within > SETTLES_MS + STANDS_MS) return { side, fault: 'no foot' };
  // The foot slides back to the heel cup: from up to 12 mm off to nothing.
  const off = 12 * Math.exp((-4 * within) / SETTLES_MS);
  const [length, ball, width] = feet[side];
  const mm = (value, by) => Math.round((value + by + noise()) * 10) / 10;
  return { side, lengthMm: mm(length, off), ballLengthMm: mm(ball, off), ballWidthMm: mm(width, -off / 4) };
}

const server = createServer((socket) => {
  const began = Date.now();
  socket.setNoDelay(true);
  socket.write(`${JSON.stringify({ gauge: 'chiave-gauge', version: 1, unit: 'mm' })}\n`);
  const timer = setInterval(() => {
    if (random() < DROP_OUT) return;
    const t = Date.now() - began;
    socket.write(`${JSON.stringify({ t, ...readAt(t) })}\n`);
    if (loseAfter > 0 && --loseAfter === 0) socket.destroy();
  }, EVERY_MS);
  socket.on('close', () => clearInterval(timer));
  socket.on('error', () => clearInterval(timer));
});
server.on('error', (error) => {
  console.error(error.code === 'EADDRINUSE' ? `Port ${port} is taken: --port 5161 takes another.` : error.message);
  process.exit(1);
});
server.listen(port, '127.0.0.1', () => console.log(`A simulated gauge streams on 127.0.0.1:${port} (Ctrl-C stops it).`));
