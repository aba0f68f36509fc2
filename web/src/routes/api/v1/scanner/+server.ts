import { z } from 'zod';
import { SIDES } from '@chiave/core/measure';
import { asIs, queryOf } from '$lib/server/endpoint';
import { invalid } from '$lib/server/problems';
import { takeFromScanner } from '$lib/server/scanner';

const asked = z.object({
  side: z.enum(SIDES).optional().describe('which foot is to be scanned; for a new scan'),
  scan: z
    .string()
    .regex(/^[\w-]{1,40}$/, 'the name the scan began with')
    .optional()
    .describe('a scan that began and broke off'),
  from: z.coerce.number().int().min(0).max(150_000_000).default(0).describe('how many bytes of it are there')
});

/** A scan out of the scanner, as lines of JSON: how far it is, then its file piece by piece. */
export const GET = asIs({ needs: 'fit', summary: 'Take a scan out of the scanner', query: asked, media: 'application/x-ndjson' }, (event): Response => {
  const { side, scan, from } = queryOf(event, asked);
  if (!scan && !side) throw invalid([{ path: 'side', message: 'say which foot is to be scanned, left or right, or which scan goes on' }]);
  let stop = (): void => {};
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      const encoder = new TextEncoder();
      stop = takeFromScanner(scan ? { scan, from } : { side: side! }, (told) => {
        controller.enqueue(encoder.encode(`${JSON.stringify(told)}\n`));
        if (told.kind === 'whole' || told.kind === 'failed') controller.close();
      });
    },
    cancel: () => stop()
  });
  return new Response(body, { headers: { 'content-type': 'application/x-ndjson', 'cache-control': 'no-store', 'x-accel-buffering': 'no' } });
});
