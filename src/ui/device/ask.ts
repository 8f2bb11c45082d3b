import type { Told } from '../../wire';

/** The workshop of this page, as the server drew it or as the device remembers it. */
export const pageShop = (): string | undefined =>
  typeof document === 'undefined' ? undefined : document.documentElement.dataset.shop || undefined;

/** What names the workshop that a request is meant for: another tab may have taken this browser into another one meanwhile. */
export const forShop = (shopId: string | undefined): Record<string, string> => (shopId ? { 'x-ivrek-shop': shopId } : {});

/** fetch, in the name of this page's workshop or of another that is named. */
export const ask = (path: string, init: RequestInit = {}, shopId = pageShop()): Promise<Response> =>
  fetch(path, { ...init, headers: { ...(init.headers as Record<string, string>), ...forShop(shopId) } });

/** True for the answer of a server that knows this browser in another workshop now. */
export const isElsewhere = (status: number, body: Pick<Told, 'code'>): boolean => status === 409 && body.code === 'other-workshop';
