import { describe, expect, it } from 'vitest';
import { call, callFollowed, isElsewhere } from './client';

interface Sent {
  path: string;
  init: RequestInit;
}

/** Answers with one response, and remembers what was asked. */
function answering(body: BodyInit, status = 200, type = 'application/json') {
  const sent: Sent[] = [];
  const via: typeof fetch = async (path, init = {}) => {
    sent.push({ path: path as string, init });
    return new Response(body, { status, headers: { 'content-type': type } });
  };
  return { via, sent };
}

describe('call', () => {
  it('puts the id, the query and the workshop where they belong', async () => {
    const { via, sent } = answering('{}');
    await call('GET /api/jobs/:id', { id: 'a/b', shopId: 's1', via });
    await call('GET /api/journal', { query: { after: 7, job: undefined }, via });
    await call('GET /api/find', { query: { q: 'oil & water' }, via });
    expect(sent.map((s) => s.path)).toEqual(['/api/jobs/a%2Fb', '/api/journal?after=7', '/api/find?q=oil+%26+water']);
    expect(sent[0].init).toMatchObject({ method: 'GET', headers: { 'x-ivrek-shop': 's1' } });
    expect(sent[0].init.body).toBeUndefined();
  });

  it('names the workshop of the page, but not where another is entered or this one is left', async () => {
    document.documentElement.dataset.shop = 's1';
    const { via, sent } = answering('{}');
    await call('GET /api/session', { via });
    await call('POST /api/session', { body: { shopId: 's2' }, via });
    await call('DELETE /api/session', { via });
    delete document.documentElement.dataset.shop;
    expect(sent.map((s) => (s.init.headers as Record<string, string>)['x-ivrek-shop'])).toEqual(['s1', undefined, undefined]);
  });

  it('sends an object as JSON and a file as it is', async () => {
    const { via, sent } = answering('{}');
    const file = new Blob(['faults: []']);
    await call('PUT /api/session', { body: { personId: null }, via });
    await call('POST /api/own', { body: file, headers: { 'content-type': 'application/yaml' }, via });
    expect(sent[0].init).toMatchObject({ body: '{"personId":null}', headers: { 'content-type': 'application/json' } });
    expect(sent[1].init).toMatchObject({ body: file, headers: { 'content-type': 'application/yaml' } });
  });

  it('says what a refusal says, with its code and each problem', async () => {
    const { via } = answering('{"message":"No.","code":"other-workshop","problems":["No.","Nor that."]}', 409);
    const answer = await call('GET /api/session', { via });
    expect(answer).toEqual({ ok: false, status: 409, message: 'No.', code: 'other-workshop', problems: ['No.', 'Nor that.'] });
    expect(!answer.ok && isElsewhere(answer)).toBe(true);
  });

  it('has words for a refusal without any, and for no answer at all', async () => {
    expect(await call('GET /api/jobs', { via: answering('{}', 500).via })).toMatchObject({
      status: 500,
      message: 'The server refused this and gave no reason. Try again.',
    });
    const cut: typeof fetch = () => Promise.reject(new TypeError('offline'));
    expect(await call('GET /api/jobs', { via: cut })).toMatchObject({ ok: false, status: 0 });
    expect(await call('GET /api/jobs', { via: answering('<html>', 502).via })).toMatchObject({ ok: false, status: 0 });
  });
});

describe('callFollowed', () => {
  const bring = async (text: string, status = 200, type = 'application/x-ndjson') => {
    const parts: number[] = [];
    const { via } = answering(text, status, type);
    const answer = await callFollowed('POST /api/import', { query: {}, body: new Blob([]), via }, (part) => parts.push(part));
    return { answer, parts };
  };

  it('hears how far it has come, and the report at the end', async () => {
    const { answer, parts } = await bring('{"part":0.3}\n{"part":0.8}\n{"status":409,"body":{"bike":"Quillon 350"}}\n');
    expect(parts).toEqual([0.3, 0.8]);
    expect(answer).toEqual({ ok: true, body: { bike: 'Quillon 350' } });
  });

  it('does not throw where what answers is not the server', async () => {
    expect((await bring('<html>', 502, 'text/html')).answer).toMatchObject({ ok: false, status: 0 });
    expect((await bring('<html>\n')).answer).toMatchObject({ ok: false, status: 0 });
  });

  it('tells a refusal on the way from one before it, and both from a line that broke', async () => {
    expect((await bring('{"part":0.3}\n{"status":422,"body":{"message":"Not a job."}}\n')).answer).toEqual({
      ok: false,
      status: 422,
      message: 'Not a job.',
    });
    expect((await bring('{"message":"Too large."}', 413, 'application/json')).answer).toMatchObject({ ok: false, status: 413 });
    expect((await bring('{"part":0.3}\n')).answer).toMatchObject({ ok: false, status: 0 });
  });
});
