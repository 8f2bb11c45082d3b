const style = /<style data-emotion="css ([^"]*)">([^<]*)<\/style>/g;
const global = /<style data-emotion="css-global [^"]*">[^<]*<\/style>/g;

/**
 * The styles of a page's parts in one sheet in its head, where they are looked for when the page wakes. The interface library leaves each
 * before the first part that wears it: the browser works out the page's styles anew at every one, and once more when they are moved.
 * @param html a page as it was drawn
 * @returns the same page with its sheets in their order: what holds everywhere, then what parts wear; as it was where it has no head
 */
export function gatherStyles(html: string): string {
  const end = html.indexOf('</head>');
  if (end < 0) return html;
  const [head, body] = [html.slice(0, end), html.slice(end)];
  const everywhere = body.match(global) ?? [];
  const names: string[] = [];
  const rules: string[] = [];
  const bare = body.replace(global, '').replace(style, (_all, name: string, css: string) => {
    names.push(name);
    rules.push(css);
    return '';
  });
  if (names.length + everywhere.length === 0) return html;
  const worn = names.length ? `<style data-emotion="css ${names.join(' ')}">${rules.join('')}</style>` : '';
  return `${head}${everywhere.join('')}${worn}${bare}`;
}

/** An answer with the styles of its page gathered; any other answer as it is. */
export async function withGatheredStyles(response: Response): Promise<Response> {
  if (!(response.headers.get('content-type') ?? '').startsWith('text/html')) return response;
  const headers = new Headers(response.headers);
  headers.delete('content-length');
  return new Response(gatherStyles(await response.text()), { status: response.status, statusText: response.statusText, headers });
}
