/**
 * `npm run scanner`: a stand-in for a foot scanner on loopback. It speaks the protocol of docs/scanner.md: lines of JSON over TCP, then the
 * bytes of a file. It scans the demo's people: solids made from their measures, with what goes wrong in a scan.
 *
 * Options: --port 5170, --person ilva-serrandi, --noise 0.15 (jitter, mm), --step 2 (spacing, mm), --hole (the instep was not seen whole),
 * --skin (nothing was seen between the toes), --unit mm | cm | m, --break 0.5 (the connection is lost once, at that share of the file),
 * --quick (scans at once, for tests), --seed 1.
 */
import { createHash } from 'node:crypto';
import { createServer, type Socket } from 'node:net';
import { parseArgs } from 'node:util';
import { completeFoot, SIDES, type Side } from '../core/src/measure';
import { SCAN_UNITS } from '../core/src/scan';
import { PEOPLE } from '../demo/people';
import { anyWay, holed, jittered } from '../demo/scan/flaws';
import { measuredScan } from '../demo/scan/measured';
import { stlOf } from '../demo/scan/stl';

const { values: options } = parseArgs({
  options: {
    port: { type: 'string', default: '5170' },
    person: { type: 'string', default: 'ilva-serrandi' },
    noise: { type: 'string', default: '0.15' },
    step: { type: 'string', default: '2' },
    unit: { type: 'string', default: 'mm' },
    break: { type: 'string', default: '0' },
    seed: { type: 'string', default: '1' },
    hole: { type: 'boolean', default: false },
    skin: { type: 'boolean', default: false },
    quick: { type: 'boolean', default: false }
  }
});
const stop = (why: string): never => {
  console.error(why);
  process.exit(1);
};
const person = PEOPLE.find((p) => p.id === options.person) ?? stop(`Nobody in the demo is called ${options.person}: ${PEOPLE.map((p) => p.id).join(', ')}.`);
const unit = SCAN_UNITS.find((u) => u.id === options.unit) ?? stop(`The unit is ${SCAN_UNITS.map((u) => u.id).join(', ')}.`);
const LEG_MM = 125;
/** Toes behind the longest by the shape of the foot, mm. */
const TIPS = { egyptian: [0, 3, 10, 19, 30], greek: [3, 0, 8, 18, 30], square: [0, 1, 2, 12, 24] } as const;

const made = new Map<Side, { scan: string; name: string; file: Buffer; sha256: string }>();
/** A foot's scan: the same one every time. */
function scanFor(side: Side) {
  const known = made.get(side);
  if (known) return known;
  const seed = Number(options.seed) * 2 + SIDES.indexOf(side);
  const [length, ball, width, ballGirth, heel, instep] = person[side];
  const given = { lengthMm: length, ballLengthMm: ball, ballWidthMm: width, ballGirthMm: ballGirth, heelWidthMm: heel, instepGirthMm: instep };
  const values = Object.fromEntries(Object.entries(given).flatMap(([id, mm]) => (mm === null ? [] : [[id, { mm }]])));
  const foot = completeFoot({ side, values, toeTipsMm: TIPS[person.toeShape], bunionMm: person.bunion?.[SIDES.indexOf(side)] });
  let corners = measuredScan(foot, { legMm: LEG_MM, stepMm: Number(options.step), skin: options.skin });
  if (options.hole) corners = holed(corners, [0.55 * length!, 0, 0.24 * length!], 17);
  corners = anyWay(jittered(corners, Number(options.noise), seed), seed).map((v) => v / unit.mm);
  const file = Buffer.from(stlOf(corners));
  const scan = { scan: `${side}-${seed}`, name: `${person.id}-${side}.stl`, file, sha256: createHash('sha256').update(file).digest('hex') };
  made.set(side, scan);
  return scan;
}

let breaksAt = Number(options.break);
const say = (socket: Socket, line: object): void => void socket.write(`${JSON.stringify(line)}\n`);
const PIECE = 65_536;

/** Sends a scan from a byte on; loses the connection once where that was asked for. */
async function send(socket: Socket, side: Side, from: number): Promise<void> {
  const { scan, name, file, sha256 } = scanFor(side);
  say(socket, { scan, side, name, bytes: file.length, sha256, from });
  for (let at = from; at < file.length && !socket.destroyed; at += PIECE) {
    if (breaksAt > 0 && at >= breaksAt * file.length) {
      breaksAt = 0;
      console.log('The connection is lost, as was asked for.');
      socket.destroy();
      return;
    }
    if (!socket.write(file.subarray(at, at + PIECE))) await new Promise((resolve) => socket.once('drain', resolve).once('close', resolve));
  }
}
async function take(socket: Socket, side: Side): Promise<void> {
  for (let step = 0; step <= 10 && !socket.destroyed; step++) {
    say(socket, { scanning: side, done: step / 10 });
    if (!options.quick) await new Promise((resolve) => setTimeout(resolve, 250));
  }
  await send(socket, side, 0);
}
function answer(socket: Socket, line: string): void {
  let asked: { take?: unknown; again?: unknown; from?: unknown };
  try {
    asked = JSON.parse(line);
  } catch {
    return say(socket, { fault: 'that was no line of JSON' });
  }
  const side = SIDES.find((s) => s === asked.take);
  if (side) return void take(socket, side);
  const known = [...made].find(([, { scan }]) => scan === asked.again);
  const from = Number(asked.from);
  if (!known) return say(socket, { fault: 'that scan is not kept any more' });
  if (!(Number.isInteger(from) && from >= 0 && from < known[1].file.length)) return say(socket, { fault: 'the file has no such byte' });
  void send(socket, known[0], from);
}

const server = createServer((socket) => {
  socket.setNoDelay(true);
  socket.setEncoding('utf8');
  socket.on('error', () => {});
  say(socket, { scanner: 'chiave-scanner', version: 1 });
  let rest = '';
  socket.on('data', (chunk: string) => {
    const lines = (rest + chunk).split('\n');
    rest = lines.pop()!;
    for (const line of lines) answer(socket, line);
  });
});
server.on('error', (error: NodeJS.ErrnoException) =>
  stop(error.code === 'EADDRINUSE' ? `Port ${options.port} is taken: --port 5171 takes another.` : error.message)
);
for (const side of SIDES) scanFor(side);
server.listen(Number(options.port), '127.0.0.1', () =>
  console.log(`A scanner’s stand-in scans ${person.name} on 127.0.0.1:${options.port} (Ctrl-C stops it).`)
);
