import { connect, type Socket } from 'node:net';
import { gaugeLineSchema, type GaugeEvent } from '../api/gauge-line';

/** Where the gauge listens; on loopback unless the shop says otherwise. */
const [HOST, PORT] = (process.env.GAUGE ?? '127.0.0.1:5160').split(':');
const AGAIN_MS = 1000;
const MOST_LINE = 2000;

/**
 * Listens to the gauge and tells what it says; connects again when it is lost, until stopped.
 * @returns stops listening
 */
export function listenToGauge(tell: (event: GaugeEvent) => void): () => void {
  let socket: Socket | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let stopped = false;
  const open = (): void => {
    let rest = '';
    let greeted = false;
    socket = connect(Number(PORT), HOST);
    socket.setEncoding('utf8');
    socket.on('data', (chunk: string) => {
      rest += chunk;
      const lines = rest.split('\n');
      rest = (lines.pop() ?? '').slice(-MOST_LINE);
      for (const text of lines) {
        const line = readLine(text);
        if (line === 'hello') {
          greeted = true;
          tell({ kind: 'here' });
        } else if (line && greeted) tell({ kind: 'line', line });
      }
    });
    socket.on('error', () => {});
    socket.on('close', () => {
      if (stopped) return;
      tell({ kind: 'away', why: greeted ? 'the gauge was lost; it is looked for again' : `no gauge answers at ${HOST}:${PORT}` });
      timer = setTimeout(open, AGAIN_MS);
    });
  };
  open();
  return () => {
    stopped = true;
    clearTimeout(timer);
    socket?.destroy();
  };
}

/** A line that cannot be read is left out, as one that never came. */
function readLine(text: string) {
  try {
    const value: unknown = JSON.parse(text);
    if (typeof value === 'object' && value !== null && (value as { gauge?: unknown }).gauge === 'chiave-gauge') return 'hello' as const;
    const parsed = gaugeLineSchema.safeParse(value);
    return parsed.success ? parsed.data : null;
  } catch {
    return null;
  }
}
