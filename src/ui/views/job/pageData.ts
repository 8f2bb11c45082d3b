import type { JobAppProps } from './JobApp';

/** What a job's page carries besides its place: it stands in the page as plain JSON, after what is drawn of it. */
export type PageData = Pick<JobAppProps, 'snapshot' | 'ranking' | 'standing'>;

/** Under this id it stands in the page. */
export const pageDataId = 'job-data';

/** What the server draws pages from, by the token of each; it lives as long as its request does. */
const drawing = new Map<string, WeakRef<PageData>>();
const held = new WeakMap<Request, PageData>();
const done = new FinalizationRegistry<string>((token) => drawing.delete(token));
let last = 0;

/**
 * Keeps the data of a page while it is drawn; only on the server. Handed over as a property it would stand in the page twice as long, and
 * before what is drawn of it.
 * @param request the request that the page answers
 * @param data what the page is drawn from
 * @returns the token that `pageData` finds it by
 */
export function keepPageData(request: Request, data: PageData): string {
  const token = String(++last);
  held.set(request, data);
  drawing.set(token, new WeakRef(data));
  done.register(data, token);
  return token;
}

/** As JSON that cannot end the script element that it stands in. */
export const pageJson = (data: PageData): string => JSON.stringify(data).replace(/</g, '\\u003c');

let read: PageData | null = null;

/**
 * The data of a page: on the server what was kept for it, on a device what stands in the page.
 * @param token what `keepPageData` gave
 * @returns what the page is drawn from
 */
export function pageData(token: string): PageData {
  if (import.meta.env.SSR) {
    const data = drawing.get(token)?.deref();
    if (!data) throw new Error('there are no data of this page');
    return data;
  }
  read ??= JSON.parse(document.getElementById(pageDataId)!.textContent) as PageData;
  return read;
}
