import { asIs } from '$lib/server/endpoint';
import { stillIn } from '$lib/server/doors/still-in';
import { listenToGauge } from '$lib/server/gauge';

/** How often it is looked whether whoever listens is still signed in, ms. */
const LOOK_EVERY_MS = 5000;

/** The gauge's readings as server-sent events, for as long as the page listens and whoever listens is signed in. */
export const GET = asIs(
  { needs: 'look', summary: 'Readings of the digital gauge as server-sent events', media: 'text/event-stream' },
  ({ locals }): Response => {
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
        const deaf = listenToGauge((event) => say(`data: ${JSON.stringify(event)}\n\n`));
        const looking = setInterval(async () => {
          // A database that is away ends nobody's listening.
          if (await stillIn(locals.who).catch(() => true)) return;
          stop();
          controller.close();
        }, LOOK_EVERY_MS);
        stop = () => {
          clearInterval(looking);
          deaf();
        };
      },
      cancel() {
        stop();
      }
    });
    return new Response(body, { headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' } });
  }
);
