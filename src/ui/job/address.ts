import { stages, type StageId } from '../../core/stage';

/** Where in a job a screen is: its stage, and in Measure the panel that is open. */
export interface Place {
  stage: StageId;
  panel: string | null;
}

/** The part of a bike's pages that an address stands for; null if it is another page, or another bike's. */
export function placeOf(jobId: string, { pathname, search }: Pick<URL, 'pathname' | 'search'>): Place | null {
  const [, job, id, stage = 'trace', ...rest] = pathname.replace(/\/$/, '').split('/');
  const known = stages.find((s) => s.id === stage);
  if (job !== 'job' || id !== jobId || !known || rest.length > 0) return null;
  return { stage: known.id, panel: new URLSearchParams(search).get('panel') };
}

export const hrefOf = (jobId: string, { stage, panel }: Place): string =>
  `/job/${jobId}/${stage}${panel ? `?panel=${encodeURIComponent(panel)}` : ''}`;

type Within = (to: URL) => boolean;
let within: Within | null = null;

/** Goes to an address: within the job that stands on the screen without loading a page, else as a link would. */
export function visit(href: string): void {
  const to = new URL(href, location.href);
  if (!within?.(to)) location.assign(to);
}

/** Where the link leads that an event is about, if it is a page of Ivrek's in this tab. */
function linkOf({ target }: Event): URL | null {
  const link = target instanceof Element ? target.closest('a') : null;
  if (!link?.href || link.target || link.download) return null;
  const to = new URL(link.href);
  return to.origin === location.origin ? to : null;
}

/** A press that asks for no more than the page of its link, here, and that nothing answered already. */
const plain = (e: MouseEvent) => !e.defaultPrevented && e.button === 0 && !e.metaKey && !e.ctrlKey && !e.shiftKey && !e.altKey;

/**
 * Lets one job's screen answer to its own addresses, to links and to the browser's back and forward. `onMove` is told of each place
 * once the address names it, `onNear` of one that a hand is near. Returns the end of it.
 */
export function moveWithin(jobId: string, onMove: (to: Place) => void, onNear: (to: Place) => void): () => void {
  const here = () => location.pathname + location.search;
  within = (to) => {
    const place = placeOf(jobId, to);
    if (!place) return false;
    if (to.pathname + to.search !== here()) history.pushState(null, '', to);
    onMove(place);
    return true;
  };
  const press = (e: MouseEvent) => {
    const to = plain(e) ? linkOf(e) : null;
    if (to && within?.(to)) e.preventDefault();
  };
  const near = (e: Event) => {
    const to = linkOf(e);
    const place = to && placeOf(jobId, to);
    if (place) onNear(place);
  };
  const back = () => {
    const place = placeOf(jobId, location);
    if (place) onMove(place);
    else location.reload();
  };
  document.addEventListener('click', press);
  document.addEventListener('pointerover', near);
  window.addEventListener('popstate', back);
  return () => {
    within = null;
    document.removeEventListener('click', press);
    document.removeEventListener('pointerover', near);
    window.removeEventListener('popstate', back);
  };
}
