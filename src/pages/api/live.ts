import type { APIRoute } from 'astro';
import { pool } from '../../server/db/pool';
import { hub } from '../../server/live/shared';
import { json, refuse } from '../../server/http/body';
import { stillWelcome } from '../../server/session';

const beatMs = 15_000;

const head = { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' };
/** Streams of one device: a tab holds one and shares it, and one that died is noticed late. */
const mostStreams = 12;
const mostUnread = 500;
const streams = new Map<string, number>();

/** Whoever only asks about the stream gets none: nobody would ever end it. */
export const HEAD: APIRoute = () => new Response(null, { headers: head });

/** New journal lines as they happen, as server-sent events; a device that comes back says the last number it heard. */
export const GET: APIRoute = ({ request, url, locals }) => {
  const session = locals.session!;
  const after = Number(request.headers.get('last-event-id') ?? url.searchParams.get('after') ?? '0');
  if (!Number.isSafeInteger(after) || after < 0) return json({ message: 'after is a journal number.' }, 400);
  const open = streams.get(session.id) ?? 0;
  if (open >= mostStreams) return refuse(429, { code: 'busy', message: 'This device listens in too many places at once.' });
  streams.set(session.id, open + 1);
  const text = new TextEncoder();
  let stop = () => undefined as void;
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      const send = (words: string) => {
        try {
          controller.enqueue(text.encode(words));
          // Whoever does not read is not waited for with all of it in memory: it comes back and catches up.
          if ((controller.desiredSize ?? 0) < -mostUnread) stop();
        } catch {
          stop();
        }
      };
      const leave = hub().add({
        shopId: session.shopId,
        sessionId: session.id,
        seq: after,
        end: () => stop(),
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
        stop = () => undefined;
        clearInterval(beat);
        leave();
        const left = streams.get(session.id)! - 1;
        if (left > 0) streams.set(session.id, left);
        else streams.delete(session.id);
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
  return new Response(body, { headers: head });
};
