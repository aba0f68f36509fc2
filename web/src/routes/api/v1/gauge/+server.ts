import { asIs } from '$lib/server/endpoint';
import { listenToGauge } from '$lib/server/gauge';

/** The gauge's readings as server-sent events, for as long as the page listens. */
export const GET = asIs({ needs: 'look', summary: 'Readings of the digital gauge as server-sent events', media: 'text/event-stream' }, (): Response => {
  let stop = (): void => {};
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      const encoder = new TextEncoder();
      const say = (text: string): void => {
        try {
          controller.enqueue(encoder.encode(text));
        } catch {
          stop();
        }
      };
      say('retry: 1000\n\n');
      stop = listenToGauge((event) => say(`data: ${JSON.stringify(event)}\n\n`));
    },
    cancel() {
      stop();
    }
  });
  return new Response(body, { headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' } });
});
