import { createHash } from 'node:crypto';
import { connect, type Socket } from 'node:net';
import type { Side } from '@chiave/core/measure';
import { scannerLineSchema, type ScanEvent, type ScannerLine } from '../api/scanner-line';

/** Where the scanner listens; on loopback unless the shop says otherwise. */
const [HOST, PORT] = (process.env.SCANNER ?? '127.0.0.1:5170').split(':');
const AGAIN_MS = 500;
/** How often it is looked for again before a scan is given up; a scan that goes on counts anew. */
const MOST_TRIES = 20;
const MOST_LINE = 2000;

type Begun = Extract<ScannerLine, { scan: string }>;

/**
 * Lets the scanner take a foot and brings its file piece by piece; where the scanner is lost in the middle it is looked for again, and the
 * file goes on where it ended.
 * @param ask which foot; or a scan that began, and how many bytes of it are there
 * @returns stops
 */
export function takeFromScanner(ask: { side: Side } | { scan: string; from: number }, tell: (event: ScanEvent) => void): () => void {
  let socket: Socket | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let stopped = false;
  let tries = 0;
  let begun: Begun | null = null;
  let at = 'scan' in ask ? ask.from : 0;
  // The whole file is only summed up where it came through here from its first byte.
  const sum = at === 0 ? createHash('sha256') : null;

  const end = (event: ScanEvent): void => {
    stopped = true;
    clearTimeout(timer);
    tell(event);
    socket?.destroy();
  };
  const open = (): void => {
    let head = Buffer.alloc(0);
    let inFile = false;
    const gone = (why: string): void => {
      if (stopped) return;
      if (++tries > MOST_TRIES) return end({ kind: 'failed', why: `${why}. Nothing was kept: look whether it is on, and scan again` });
      tell({ kind: 'lost', why: `${why}; it is looked for again` });
      timer = setTimeout(open, AGAIN_MS);
    };
    const piece = (chunk: Buffer): void => {
      const own = chunk.subarray(0, begun!.bytes - at);
      sum?.update(own);
      tell({ kind: 'piece', at, base64: own.toString('base64') });
      at += own.length;
      tries = 0;
      if (at < begun!.bytes) return;
      if (sum && sum.digest('hex') !== begun!.sha256) end({ kind: 'failed', why: 'what came is not what the scanner sent: scan again' });
      else end({ kind: 'whole' });
    };
    const line = (said: ScannerLine): void => {
      if ('scanner' in said) {
        tell({ kind: 'here' });
        const again = begun ? { again: begun.scan, from: at } : 'scan' in ask ? { again: ask.scan, from: at } : { take: ask.side };
        socket!.write(`${JSON.stringify(again)}\n`);
      } else if ('scanning' in said) tell({ kind: 'scanning', done: said.done });
      else if ('fault' in said) end({ kind: 'failed', why: `the scanner says: ${said.fault}` });
      else if (said.from !== at) end({ kind: 'failed', why: 'the scanner went on in another place than it was asked to: scan again' });
      else {
        if (!begun) tell({ kind: 'begins', scan: said.scan, side: said.side, name: said.name, bytes: said.bytes });
        begun = said;
        inFile = true;
      }
    };
    socket = connect(Number(PORT), HOST);
    socket.on('data', (chunk: Buffer) => {
      let rest = chunk;
      while (!inFile && !stopped) {
        head = Buffer.concat([head, rest]);
        const cut = head.indexOf(10);
        if (cut < 0) {
          if (head.length > MOST_LINE) end({ kind: 'failed', why: 'what answers there is no scanner' });
          return;
        }
        const said = readLine(head.subarray(0, cut).toString('utf8'));
        rest = head.subarray(cut + 1);
        head = Buffer.alloc(0);
        if (said) line(said);
        if (rest.length === 0) return;
      }
      if (inFile && !stopped) piece(rest);
    });
    socket.on('error', () => {});
    socket.on('close', () => gone(begun || at > 0 ? 'the scanner was lost in the middle' : `no scanner answers at ${HOST}:${PORT}`));
  };
  open();
  return () => {
    stopped = true;
    clearTimeout(timer);
    socket?.destroy();
  };
}

/** A line that cannot be read is left out, as one that never came. */
function readLine(text: string): ScannerLine | null {
  try {
    return scannerLineSchema.safeParse(JSON.parse(text)).data ?? null;
  } catch {
    return null;
  }
}
