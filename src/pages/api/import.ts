import type { APIRoute } from 'astro';
import { pool } from '../../server/db/pool';
import { BadPhoto, importJob, type ImportChoices } from '../../server/files/import';
import { json, readBytes } from '../../server/http/body';
import { problemOf } from '../../server/http/problem';
import { log } from '../../server/log';
import { work } from '../../server/work/pool';
import type { ImportReport, ErrorBody } from '../../wire';

const mostBytes = 400 * 1024 * 1024;

function readChoices(text: string | null): ImportChoices | null {
  if (text === null) return {};
  try {
    const parsed = JSON.parse(decodeURIComponent(text)) as Record<string, unknown>;
    if (typeof parsed !== 'object' || parsed === null || Object.values(parsed).some((v) => v !== 'file' && v !== 'here')) return null;
    return parsed as ImportChoices;
  } catch {
    return null;
  }
}

type Done = { status: number; body: ImportReport | ErrorBody };

/**
 * Brings in an exported job, as JSON or as ZIP with its photos. With ?check it only says what would happen. What both sides
 * changed is chosen in the header x-ivrek-choices, as URL-encoded JSON: { key: "file" or "here" }. Who accepts
 * application/x-ndjson hears how far it has come, a line { part } at a time, and at the end { status, body }.
 */
export const POST: APIRoute = async ({ request, url, locals }) => {
  const { shopId } = locals.session!;
  const choices = readChoices(request.headers.get('x-ivrek-choices'));
  if (!choices) return json({ message: 'A choice is "file" or "here".' }, 400);
  const body = await readBytes(request, mostBytes, 'This file is larger than 400 MB.');
  if (!body.ok) return json({ message: body.message }, body.status);
  const check = url.searchParams.has('check');
  const bring = async (signal: AbortSignal, onPart: (part: number) => void): Promise<Done> => {
    try {
      const read = await work(shopId, 'readJob', new Uint8Array(body.value), signal);
      if (!read.ok) return { status: 422, body: { message: read.message } };
      onPart(0.3);
      const report = await importJob(pool(), shopId, read.job, choices, check, { signal, onPart: (part) => onPart(0.3 + 0.7 * part) });
      return { status: check || report.done ? 200 : 409, body: report };
    } catch (error) {
      if (error instanceof BadPhoto) return { status: 422, body: { message: error.message } };
      const problem = problemOf(error);
      if (!signal.aborted) log.error({ err: error, code: problem.code }, 'a job could not be brought in');
      return { status: problem.status, body: problem };
    }
  };
  if (request.headers.get('accept') !== 'application/x-ndjson') {
    const told = await bring(request.signal, () => undefined);
    return json(told.body, told.status);
  }
  const stop = new AbortController();
  request.signal.addEventListener('abort', () => stop.abort());
  const text = new TextEncoder();
  const stream = new ReadableStream<Uint8Array>({
    async start(controller) {
      const say = (line: object) => {
        try {
          controller.enqueue(text.encode(`${JSON.stringify(line)}\n`));
        } catch {
          stop.abort();
        }
      };
      say(await bring(stop.signal, (part) => say({ part })));
      try {
        controller.close();
      } catch {
        // nobody listens any more
      }
    },
    cancel: () => stop.abort(),
  });
  return new Response(stream, { headers: { 'content-type': 'application/x-ndjson', 'cache-control': 'no-store' } });
};
