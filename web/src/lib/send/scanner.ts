import type { Side } from '@chiave/core/measure';
import type { ScanEvent } from '../api/scanner-line';

/** What a scan tells while it comes. */
export type ScanStep = Exclude<ScanEvent, { kind: 'piece' | 'whole' }>;
/** How often a connection to the application itself that broke is tried again, and how long after, ms. */
const MOST_TRIES = 6;
const AGAIN_MS = 800;

const bytesOf = (base64: string): Uint8Array<ArrayBuffer> => Uint8Array.from(atob(base64), (c) => c.charCodeAt(0));

/**
 * Takes a scan out of the scanner: whichever side of the way breaks, it goes on where it ended.
 * @throws Error in words where it fails for good; DOMException when it was stopped
 */
export async function scanFromScanner(side: Side, stop: AbortSignal, tell: (step: ScanStep) => void): Promise<{ file: File; side: Side }> {
  const pieces: Uint8Array<ArrayBuffer>[] = [];
  let at = 0;
  let begun = null as Extract<ScanEvent, { kind: 'begins' }> | null;
  for (let tries = 0; ; tries++) {
    // All there, and not confirmed before the way broke: only whole does it go through the sum again.
    if (begun && at >= begun.bytes) [pieces.length, at] = [0, 0];
    const asked: URLSearchParams = new URLSearchParams(begun ? { scan: begun.scan, from: String(at) } : { side });
    try {
      for await (const event of linesOf(`/api/v1/scanner?${asked}`, stop)) {
        if (event.kind === 'piece') {
          const bytes = bytesOf(event.base64);
          pieces.push(bytes);
          at += bytes.length;
          tries = 0;
          tell({ kind: 'scanning', done: 0.5 + (0.5 * at) / begun!.bytes });
        } else if (event.kind === 'scanning') tell({ kind: 'scanning', done: event.done / 2 });
        else if (event.kind === 'failed') throw new ScanFailed(event.why);
        else if (event.kind === 'whole') return { file: new File(pieces, begun!.name), side: begun!.side };
        else {
          if (event.kind === 'begins') begun ??= event;
          tell(event);
        }
      }
    } catch (error) {
      if (error instanceof ScanFailed || stop.aborted) throw error;
    }
    if (tries >= MOST_TRIES) throw new ScanFailed('the application does not answer: try again when it is back');
    tell({ kind: 'lost', why: 'the application was lost for a moment; it is asked again' });
    await new Promise((resolve) => setTimeout(resolve, AGAIN_MS));
  }
}
class ScanFailed extends Error {}

/** Lines of JSON out of an answer that is still being written. @throws Error where the connection breaks, ScanFailed where it is refused */
async function* linesOf(path: string, signal: AbortSignal): AsyncGenerator<ScanEvent> {
  const answer = await fetch(path, { signal });
  if (!answer.ok) {
    const problem = (await answer.json().catch(() => null)) as { detail?: string } | null;
    throw new ScanFailed(problem?.detail ?? `it was refused (${answer.status})`);
  }
  const reader = answer.body!.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return;
    const lines = (rest + value).split('\n');
    rest = lines.pop()!;
    for (const line of lines) yield JSON.parse(line) as ScanEvent;
  }
}
