import type { AnswerOf, EndpointName, ErrorBody } from '../../wire';

type Refused<S extends number> = { ok: false; status: S; message: string };

/** Reads a body up to a size; says what is wrong instead of throwing. */
export async function readBytes(
  request: Request,
  mostBytes: number,
  tooLarge = `Too large: at most ${Math.round(mostBytes / 1024)} kB.`,
): Promise<{ ok: true; value: Buffer } | Refused<400 | 413>> {
  const chunks: Uint8Array[] = [];
  let size = 0;
  const reader = request.body?.getReader();
  try {
    while (reader) {
      const { done, value } = await reader.read();
      if (done) break;
      size += value.byteLength;
      if (size > mostBytes) {
        await reader.cancel();
        return { ok: false, status: 413, message: tooLarge };
      }
      chunks.push(value);
    }
  } catch {
    return { ok: false, status: 400, message: 'The line broke before all of it was here.' };
  }
  return { ok: true, value: Buffer.concat(chunks) };
}

/** Reads a JSON body up to a size; says what is wrong instead of throwing. */
export async function readJson(request: Request, mostBytes: number): Promise<{ ok: true; value: unknown } | Refused<400 | 413 | 415>> {
  if (!(request.headers.get('content-type') ?? '').startsWith('application/json')) return { ok: false, status: 415, message: 'Send JSON.' };
  const body = await readBytes(request, mostBytes);
  if (!body.ok) return body;
  try {
    return { ok: true, value: JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(body.value)) };
  } catch {
    return { ok: false, status: 400, message: 'This is not JSON.' };
  }
}

export const json = (value: unknown, status = 200, headers: Record<string, string> = {}) =>
  new Response(JSON.stringify(value), { status, headers: { 'content-type': 'application/json', 'cache-control': 'no-store', ...headers } });

/** The answer of an endpoint, as src/wire describes it: `answer<'GET /api/jobs'>(board)`. */
export const answer = <E extends EndpointName>(body: AnswerOf<NoInfer<E>>): Response => json(body);

/** Why something is not done, as it goes to whoever asked. */
export const refuse = (status: number, told: ErrorBody) => json(told, status);
