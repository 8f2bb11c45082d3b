import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { gatherStyles, withGatheredStyles } from './gatherStyles';

const page = (body: string) => `<!doctype html><html><head><title>a</title></head><body>${body}</body></html>`;
const sheet = (kind: string, name: string, css: string) => `<style data-emotion="${kind} ${name}">${css}</style>`;

describe('the styles of a page', () => {
  it('stand in its head in the order they were drawn in, what holds everywhere first and by itself', () => {
    const html = page(
      `${sheet('css-global', 'g1', 'body{margin:0}')}<div class="css-a">${sheet('css', 'a', '.css-a{color:red}')}<p class="css-b">x</p></div>` +
        `${sheet('css', 'b', '.css-b{top:0;}')}<i></i>`,
    );
    expect(gatherStyles(html)).toBe(
      '<!doctype html><html><head><title>a</title><style data-emotion="css-global g1">body{margin:0}</style>' +
        '<style data-emotion="css a b">.css-a{color:red}.css-b{top:0;}</style></head>' +
        '<body><div class="css-a"><p class="css-b">x</p></div><i></i></body></html>',
    );
  });

  it('a page without any, or without a head, is left as it is, and so is a style of another kind', () => {
    for (const html of [page('<p>x</p>'), '<p>x</p>', page('<style>p{}</style>')]) expect(gatherStyles(html)).toBe(html);
  });

  it('none is lost, doubled or moved past another, wherever they stand', () => {
    const part = fc.oneof(fc.constantFrom('<p>', '</p>', 'words', '<b class="css-x">'), fc.nat(99));
    fc.assert(
      fc.property(fc.array(part), (parts) => {
        const numbers = parts.filter((p) => typeof p === 'number');
        const words = parts.filter((p) => typeof p === 'string').join('');
        const out = gatherStyles(page(parts.map((p) => (typeof p === 'number' ? sheet('css', `n${p}`, `.n${p}{}`) : p)).join('')));
        const rules = numbers.map((n) => `.n${n}{}`).join('');
        const worn = numbers.length ? `<style data-emotion="css ${numbers.map((n) => `n${n}`).join(' ')}">${rules}</style>` : '';
        expect(out).toBe(page(words).replace('</head>', `${worn}</head>`));
      }),
    );
  });

  it('only a page is read: its status and headers stay, another answer is handed on', async () => {
    const headers = { 'content-type': 'text/html; charset=utf-8', 'content-length': '7', 'x-kept': 'yes' };
    const answer = await withGatheredStyles(new Response(page(sheet('css', 'a', '.a{}')), { status: 201, headers }));
    expect([answer.status, answer.headers.get('x-kept'), answer.headers.get('content-length')]).toEqual([201, 'yes', null]);
    expect(await answer.text()).toContain('.a{}</style></head>');
    const data = new Response('{}', { headers: { 'content-type': 'application/json' } });
    expect(await withGatheredStyles(data)).toBe(data);
  });
});
