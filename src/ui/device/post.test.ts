import { afterEach, describe, expect, it, vi } from 'vitest';
import { makeCommand } from '../../core/command';
import { sendNow, sendOver, serverTransport } from './post';
import type { OutboxItem } from './types';

const item = (n: number): OutboxItem => ({
  id: `00000000-0000-4000-a000-${String(n).padStart(12, '0')}`,
  shopId: 'shop',
  jobId: null,
  command: makeCommand({
    id: `c${n}`,
    type: 'watch.add',
    kind: 'watch',
    entityId: `e${n}`,
    madeAt: '2030-01-01T08:00:00.000Z',
    after: null,
    payload: {},
  }),
  actorId: 'ines',
  photos: [],
  changes: [],
  state: 'waiting',
});
type Asked = { path: string; init: RequestInit };
function wire(...answers: { status: number; body: unknown }[]) {
  const asked: Asked[] = [];
  const send = sendOver(((path: string, init: RequestInit) => {
    asked.push({ path, init });
    const { status, body } = answers.shift()!;
    return Promise.resolve({ status, ok: status === 200, json: () => Promise.resolve(body) });
  }) as unknown as typeof fetch);
  return { send, asked };
}
afterEach(() => vi.unstubAllGlobals());

describe('entries on their way', () => {
  it('go as a list, with who was working and personal data beside the payload', async () => {
    const { send, asked } = wire({ status: 200, body: { answers: [{ status: 200, seq: 4, changes: [] }] } });
    const personal = [{ id: 'p', name: 'Orla Fennimore' }];
    expect(await send([{ ...item(1), personal }], 'ines')).toEqual([{ kind: 'kept', seq: 4, changes: [] }]);
    expect(asked[0].path).toBe('/api/commands');
    expect(asked[0].init.headers).toMatchObject({ 'x-ivrek-person': 'ines', 'x-ivrek-shop': 'shop' });
    expect(JSON.parse(asked[0].init.body as string)).toEqual([{ ...item(1).command, personal }]);
  });

  it.each([
    [
      { status: 200, seq: 7, changes: [] },
      { kind: 'kept', seq: 7, changes: [] },
    ],
    [{ status: 401, message: 'x' }, { kind: 'away' }],
    [{ status: 421, message: 'x' }, { kind: 'away' }],
    [{ status: 429, message: 'x' }, { kind: 'cut' }],
    [{ status: 500, message: 'x' }, { kind: 'cut' }],
    [{ status: 503, message: 'x' }, { kind: 'cut' }],
    [
      { status: 400, message: 'Write a number.' },
      { kind: 'refused', refusal: { code: 'unknown', message: 'Write a number.' } },
    ],
    [{ status: 400 }, { kind: 'refused', refusal: { code: 'unknown', message: 'The server refused this and gave no reason. Try again.' } }],
    [
      { status: 409, refusal: { code: 'closed', message: 'Handed over.' } },
      { kind: 'refused', refusal: { code: 'closed', message: 'Handed over.' } },
    ],
  ])('answered %j are understood', async (answer, want) => {
    expect(await wire({ status: 200, body: { answers: [answer] } }).send([item(1)], null)).toEqual([want]);
    // the same for an answer to the request as a whole
    if (answer.status !== 200 && !('refusal' in answer))
      expect(await wire({ status: answer.status, body: answer }).send([item(1)], null)).toEqual([want]);
  });

  it('stay where something else answers in the place of the server', async () => {
    expect(await wire({ status: 200, body: { lines: [] } }).send([item(1)], null)).toEqual([{ kind: 'cut' }]);
  });

  it('too large for one request go in smaller ones', async () => {
    const { send, asked } = wire(
      { status: 413, body: { message: 'Too large' } },
      { status: 413, body: { message: 'Too large' } },
      { status: 200, body: { answers: [{ status: 200, seq: 1, changes: [] }] } },
    );
    expect(await send([item(1), item(2), item(3), item(4)], null)).toEqual([{ kind: 'kept', seq: 1, changes: [] }]);
    expect(asked.map((a) => (JSON.parse(a.init.body as string) as unknown[]).length)).toEqual([4, 2, 1]);
  });

  it('without a server, or with an answer that is none, count as not sent', async () => {
    expect(await sendOver(() => Promise.reject(new TypeError('cut')))([item(1)], null)).toEqual([{ kind: 'cut' }]);
    const broken = sendOver(() => Promise.resolve(new Response('<html>')));
    expect(await broken([item(1)], null)).toEqual([{ kind: 'cut' }]);
  });

  it('are kept where the server knows this browser in another workshop now', async () => {
    const { send } = wire({ status: 409, body: { code: 'other-workshop', message: 'x' } });
    expect(await send([item(1), item(2)], 'ines')).toEqual([{ kind: 'elsewhere' }]);
  });

  it('tell the server who took this device up while it was away, and go again', async () => {
    const away = { status: 409, body: { code: 'not-taken-up', message: 'x' } };
    const kept = { status: 200, body: { answers: [{ status: 200, seq: 4, changes: [] }] } };
    const { send, asked } = wire(away, { status: 200, body: {} }, kept);
    expect(await send([item(1)], 'ines')).toEqual([{ kind: 'kept', seq: 4, changes: [] }]);
    expect(asked.map((a) => a.path)).toEqual(['/api/commands', '/api/session', '/api/commands']);
    expect(JSON.parse(asked[1].init.body as string)).toEqual({ personId: 'ines', worked: true });
    expect(asked[2].init.headers).toMatchObject({ 'x-ivrek-person': 'ines' });
    // whom the server does not know cannot have made it
    const other = wire(away, { status: 404, body: {} }, kept);
    await other.send([item(1)], 'nobody');
    expect(other.asked[2].init.headers).not.toHaveProperty('x-ivrek-person');
  });

  it('one that cannot wait is sent at once', async () => {
    vi.stubGlobal('fetch', () => Promise.resolve(Response.json({ answers: [{ status: 200, seq: 3, changes: [] }] })));
    expect(await sendNow(item(1).command, 'shop')).toEqual({ kind: 'kept', seq: 3, changes: [] });
  });
});

describe('the bytes of a photo on their way', () => {
  /** A request that the test answers. */
  function upload(status: number, text = '', fail = false) {
    const headers: Record<string, string> = {};
    class FakeRequest {
      upload: { onprogress?: (e: { lengthComputable: boolean; loaded: number; total: number }) => void } = {};
      status = status;
      responseText = text;
      onload?: () => void;
      onerror?: () => void;
      open = vi.fn();
      setRequestHeader(name: string, value: string) {
        headers[name] = value;
      }
      send() {
        this.upload.onprogress?.({ lengthComputable: true, loaded: 1, total: 4 });
        if (fail) this.onerror?.();
        else this.onload?.();
      }
    }
    vi.stubGlobal('XMLHttpRequest', FakeRequest);
    const parts: number[] = [];
    return serverTransport
      .upload('ab'.repeat(32), new Blob(['x']), (p) => parts.push(p), 'a shop')
      .then((answer) => ({ answer, parts, headers }));
  }

  it('tell how far they have come', async () => {
    expect(await upload(200)).toEqual({ answer: { kind: 'kept' }, parts: [0.25], headers: { 'x-ivrek-shop': 'a shop' } });
  });

  it.each([
    [415, '{"message":"This file is not a picture."}', { kind: 'refused', message: 'This file is not a picture.' }],
    [413, 'not json', { kind: 'refused', message: 'The server refused this picture and gave no reason. Try again.' }],
    [401, '', { kind: 'cut' }],
    [429, '', { kind: 'cut' }],
    [503, '', { kind: 'cut' }],
  ])('answered with %i are understood', async (status, text, want) => {
    expect((await upload(status, text)).answer).toEqual(want);
  });

  it('are cut with the line', async () => {
    expect((await upload(0, '', true)).answer).toEqual({ kind: 'cut' });
  });
});
