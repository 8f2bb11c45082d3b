/** Reads a JSON body up to a size; says what is wrong instead of throwing. */
export async function readJson(
  request: Request,
  mostBytes: number,
): Promise<{ ok: true; value: unknown } | { ok: false; status: 400 | 413 | 415; message: string }> {
  if (!(request.headers.get('content-type') ?? '').startsWith('application/json')) return { ok: false, status: 415, message: 'Send JSON.' };
  const chunks: Uint8Array[] = [];
  let size = 0;
  const reader = request.body?.getReader();
  while (reader) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size > mostBytes) {
      await reader.cancel();
      return { ok: false, status: 413, message: `Too large: at most ${Math.round(mostBytes / 1024)} kB.` };
    }
    chunks.push(value);
  }
  try {
    return { ok: true, value: JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(Buffer.concat(chunks))) };
  } catch {
    return { ok: false, status: 400, message: 'This is not JSON.' };
  }
}

export const json = (value: unknown, status = 200, headers: Record<string, string> = {}) =>
  new Response(JSON.stringify(value), { status, headers: { 'content-type': 'application/json', 'cache-control': 'no-store', ...headers } });
