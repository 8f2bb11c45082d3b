/** What is done to a request before anything else looks at it. */

const unreserved = /%(2D|2E|5F|7E|3[0-9]|[46][1-9A-F]|[57][0-9A])/gi;

/**
 * The address with one way of writing its path: no double or trailing slash, no dots, no escape that is not needed (RFC 3986,
 * section 6.2.2). Null if it cannot be read, or means something else once it is unescaped (a slash, a NUL).
 */
export function cleanPath(url) {
  const at = url.search(/[?#]/);
  const [path, rest] = at < 0 ? [url, ''] : [url.slice(0, at), url.slice(at)];
  if (!path.startsWith('/') || /%(2f|5c|00)/i.test(path) || path.includes('\\')) return null;
  try {
    decodeURIComponent(path);
    decodeURI(rest);
  } catch {
    return null;
  }
  const parts = [];
  for (const part of path.replace(unreserved, (x) => String.fromCharCode(parseInt(x.slice(1), 16))).split('/')) {
    if (part === '' || part === '.') continue;
    if (part === '..') parts.pop();
    else parts.push(part);
  }
  return `/${parts.join('/')}${rest}`;
}

/** Believes what a request says of where it came from only if a proxy that was named passed it on: its last word. */
export function forwardedBy(request, proxies) {
  const from = (request.socket.remoteAddress ?? '').replace(/^::ffff:/, '');
  const said = request.headers['x-forwarded-for'];
  for (const name of Object.keys(request.headers)) if (name.startsWith('x-forwarded') || name === 'forwarded') delete request.headers[name];
  if (said && proxies.includes(from)) request.headers['x-forwarded-for'] = String(said).split(',').at(-1).trim();
}
