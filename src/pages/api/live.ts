import type { APIRoute } from 'astro';
import { pool } from '../../server/db/pool';
import { hub } from '../../server/live/shared';
import { json } from '../../server/http/body';
import { stillWelcome } from '../../server/session';

const beatMs = 15_000;

/** New journal lines as they happen, as server-sent events; a device that comes back says the last number it heard. */
export const GET: APIRoute = ({ request, url, locals }) => {
  const session = locals.session!;
  const after = Number(request.headers.get('last-event-id') ?? url.searchParams.get('after') ?? '0');
  if (!Number.isSafeInteger(after) || after < 0) return json({ message: 'after is a journal number.' }, 400);
  const text = new TextEncoder();
  let stop = () => undefined as void;
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      const send = (words: string) => {
        try {
          controller.enqueue(text.encode(words));
        } catch {
          stop();
        }
      };
      const leave = hub().add({
        shopId: session.shopId,
        seq: after,
        tell: (entries) => send(entries.map((e) => `id: ${e.seq}\nevent: entry\ndata: ${JSON.stringify(e)}\n\n`).join('')),
      });
      // A device that slept cannot tell a quiet shop from a dead line without a beat; one that was sent away hears no more.
      const beat = setInterval(() => {
        stillWelcome(pool(), session).then(
          (welcome) => (welcome ? send('event: beat\ndata: \n\n') : stop()),
          () => undefined,
        );
      }, beatMs);
      stop = () => {
        clearInterval(beat);
        leave();
        try {
          controller.close();
        } catch {
          // it is closed already
        }
      };
      send('retry: 1500\nevent: beat\ndata: \n\n');
    },
    cancel: () => stop(),
  });
  request.signal.addEventListener('abort', () => stop());
  return new Response(body, { headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' } });
};
