import type { AnswerOf, EndpointName, Endpoints, ErrorBody } from '../../wire';

/** The workshop of this page, as the server drew it or as the device remembers it. */
export const pageShop = (): string | undefined =>
  typeof document === 'undefined' ? undefined : document.documentElement.dataset.shop || undefined;

/** What names the workshop that a request is meant for: another tab may have taken this browser into another one meanwhile. */
export const forShop = (shopId: string | undefined): Record<string, string> => (shopId ? { 'x-ivrek-shop': shopId } : {});

/** Why nothing came of a request. Status 0: no answer came, because the server cannot be reached or the request was called off. */
export interface Failure extends ErrorBody {
  ok: false;
  status: number;
}
export type CallResult<T> = { ok: true; body: T } | Failure;

/** What an endpoint is asked with, and how. */
export type CallOptions<E extends EndpointName> = Omit<Endpoints[E], 'answer'> & {
  /** Stands in the address for :id. */
  id?: string;
  /** The workshop that is meant, if it is not this page's. */
  shopId?: string;
  headers?: Record<string, string>;
  signal?: AbortSignal;
  /** Whatever asks as fetch does. */
  via?: typeof fetch;
};

/** Asking needs no second argument where an endpoint needs none. */
type Args<E extends EndpointName> = Record<never, never> extends CallOptions<E> ? [asking?: CallOptions<E>] : [asking: CallOptions<E>];

interface Parts {
  query?: Record<string, string | number | boolean | undefined>;
  body?: unknown;
}

/** What is asked in the name of no workshop: it leads into one, out of one, or to none. */
const ofNone: ReadonlySet<EndpointName> = new Set<EndpointName>([
  'POST /api/session',
  'DELETE /api/session',
  'POST /api/pair',
  'POST /api/demo',
]);

const away: Failure = { ok: false, status: 0, message: 'The server cannot be reached just now.' };

function pathOf(endpoint: EndpointName, id: string | undefined, query: Parts['query']): string {
  const path = endpoint.split(' ')[1].replace(':id', encodeURIComponent(id ?? ''));
  const asked = new URLSearchParams();
  for (const [name, value] of Object.entries(query ?? {})) if (value !== undefined) asked.set(name, String(value));
  return asked.size ? `${path}?${asked}` : path;
}

function send<E extends EndpointName>(endpoint: E, asking: CallOptions<E>, accept?: string): Promise<Response> {
  const {
    id,
    shopId = ofNone.has(endpoint) ? undefined : pageShop(),
    headers,
    signal,
    via = fetch,
    query,
    body,
  } = asking as CallOptions<E> & Parts;
  const isFile = body instanceof Blob;
  return via(pathOf(endpoint, id, query), {
    method: endpoint.split(' ')[0],
    headers: {
      ...(body !== undefined && { 'content-type': isFile ? 'application/octet-stream' : 'application/json' }),
      ...(accept && { accept }),
      ...headers,
      ...forShop(shopId),
    },
    ...(body !== undefined && { body: isFile ? body : JSON.stringify(body) }),
    ...(signal && { signal }),
  });
}

/** What a refusal says, whatever it was that answered. */
function failureOf(status: number, body: unknown): Failure {
  const { message, code, problems } = (body ?? {}) as Partial<ErrorBody>;
  return {
    ok: false,
    status,
    message: message ?? 'The server refused this and gave no reason. Try again.',
    ...(code && { code }),
    ...(problems && { problems }),
  };
}

async function wholeAnswer<E extends EndpointName>(response: Response): Promise<CallResult<AnswerOf<E>>> {
  const body: unknown = await response.json();
  return response.ok ? { ok: true, body: body as AnswerOf<E> } : failureOf(response.status, body);
}

/**
 * Asks the server. Never throws: what went wrong is in the answer.
 *
 * @example const found = await call('GET /api/find', { query: { q: 'carburettor' } });
 */
export async function call<E extends EndpointName>(endpoint: E, ...[asking]: Args<E>): Promise<CallResult<AnswerOf<E>>> {
  try {
    return await wholeAnswer<E>(await send(endpoint, asking ?? ({} as CallOptions<E>)));
  } catch {
    return away;
  }
}

/** The same for what takes a while: `onPart` hears how far it has come, 0 to 1. */
export async function callFollowed<E extends EndpointName>(
  endpoint: E,
  asking: CallOptions<E>,
  onPart: (part: number) => void,
): Promise<CallResult<AnswerOf<E>>> {
  try {
    const response = await send(endpoint, asking, 'application/x-ndjson');
    const isFollowed = response.headers.get('content-type')?.startsWith('application/x-ndjson');
    if (!response.body || !isFollowed) return await wholeAnswer<E>(response);
    const reader = response.body.pipeThrough(new TextDecoderStream()).getReader();
    let rest = '';
    for (;;) {
      const { done, value } = await reader.read();
      if (done) return away;
      rest += value;
      const lines = rest.split('\n');
      rest = lines.pop()!;
      for (const line of lines) {
        const { part, status, body } = JSON.parse(line) as { part?: number; status?: number; body?: AnswerOf<E> | ErrorBody };
        if (body) return 'message' in body ? failureOf(status ?? 500, body) : { ok: true, body };
        if (part !== undefined) onPart(part);
      }
    }
  } catch {
    return away;
  }
}

/** True for the answer of a server that knows this browser in another workshop now. */
export const isElsewhere = ({ status, code }: Pick<Failure, 'status' | 'code'>): boolean => status === 409 && code === 'other-workshop';
